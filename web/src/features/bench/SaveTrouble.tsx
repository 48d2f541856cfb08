import { useState } from 'react';
import { useNavigate } from 'react-router';
import { problemText } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { bringBack, keepMine, saveNow, takeTheirs } from '../dish/autosave';
import { WhatDiffers } from './WhatDiffers';
import { selectDesk, useDish } from '../dish/dishSlice';
import * as texts from './texts';

/** What stands in the way of saving, with the ways out of it. Nothing is lost meanwhile. */
export function SaveTrouble() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { id, save, problem } = useDish(selectDesk);
  const [failed, setFailed] = useState('');
  const attempt = (act: () => Promise<unknown>) => (): void => {
    setFailed('');
    act().catch((error: unknown) => setFailed(problemText(error)));
  };
  const back = async (): Promise<void> => {
    const now = await bringBack();
    if (now !== id) await navigate(`/dish/${now}`, { replace: true });
  };
  if (save === 'saved' || save === 'saving') return null;
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-error bg-error/10 px-4 py-2"
    >
      {save === 'conflict' && (
        <>
          <span>{texts.thisDishWasSaved}</span>
          <Way label={texts.keepMine} onTake={attempt(keepMine)} />
          <Way label={texts.takeOther} onTake={attempt(takeTheirs)} />
          <WhatDiffers />
        </>
      )}
      {save === 'gone' && (
        <>
          <span>{texts.thisDishWasPut}</span>
          <Way label={texts.bringItBack} onTake={attempt(back)} />
          <Way label={texts.toDishes} onTake={() => void navigate('/')} />
        </>
      )}
      {save === 'failed' && (
        <>
          <span className="text-sm">{texts.yourChangesStayHere(problem)}</span>
          <Way label={texts.tryNow} onTake={() => dispatch(saveNow())} />
        </>
      )}
      {failed && <span className="text-sm font-semibold">{texts.tryOnceMoreIn(failed)}</span>}
    </div>
  );
}

const Way = ({ label, onTake }: { label: string; onTake: () => void }) => (
  <button type="button" className="btn btn-sm h-9" onClick={onTake}>
    {label}
  </button>
);
