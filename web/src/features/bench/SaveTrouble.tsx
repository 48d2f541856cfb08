import { useState } from 'react';
import { useNavigate } from 'react-router';
import { problemText } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { bringBack, keepMine, saveNow, takeTheirs } from '../dish/autosave';
import { WhatDiffers } from './WhatDiffers';
import { selectDesk, useDish } from '../dish/dishSlice';

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
          <span>This dish was saved from another window. Nothing is lost yet: which one stays?</span>
          <Way label="Keep mine" onTake={attempt(keepMine)} />
          <Way label="Take the other" onTake={attempt(takeTheirs)} />
          <WhatDiffers />
        </>
      )}
      {save === 'gone' && (
        <>
          <span>This dish was put aside in another window. What you see is still here.</span>
          <Way label="Bring it back" onTake={attempt(back)} />
          <Way label="To the dishes" onTake={() => void navigate('/')} />
        </>
      )}
      {save === 'failed' && (
        <>
          <span className="text-sm">{problem} Your changes stay here; it is tried again.</span>
          <Way label="Try now" onTake={() => dispatch(saveNow())} />
        </>
      )}
      {failed && <span className="text-sm font-semibold">{failed} Try once more in a moment.</span>}
    </div>
  );
}

const Way = ({ label, onTake }: { label: string; onTake: () => void }) => (
  <button type="button" className="btn btn-sm h-9" onClick={onTake}>
    {label}
  </button>
);
