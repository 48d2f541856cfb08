import { useCallback, useEffect } from 'react';
import { useBeforeUnload, useBlocker, type Location } from 'react-router';
import { useAppDispatch } from '../../state/hooks';
import { leaveBehind, saveNow } from '../dish/autosave';
import { selectSave, useDish } from '../dish/dishSlice';
import * as texts from './texts';

/** A cook that begins waits for nothing: what is not saved stays on the bench, and is there again. */
const isToCounter = ({ pathname }: Location): boolean => pathname.startsWith('/cook/');

/** Leaving waits until the last change is saved; what cannot be saved is left behind only when the cook says so. */
export function Leaving() {
  const dispatch = useAppDispatch();
  const save = useDish(selectSave);
  const blocker = useBlocker(({ nextLocation }) => save !== 'saved' && save !== 'gone' && !isToCounter(nextLocation));
  const leaving = blocker.state === 'blocked';
  useEffect(() => {
    if (!leaving) return;
    if (save === 'saved') blocker.proceed();
    else if (save === 'waiting') dispatch(saveNow());
  }, [blocker, leaving, save, dispatch]);
  const stay = useCallback(
    (event: BeforeUnloadEvent) => {
      if (save === 'saved' || save === 'gone') return;
      dispatch(saveNow());
      event.preventDefault();
    },
    [save, dispatch],
  );
  useBeforeUnload(stay);
  if (!leaving || (save !== 'failed' && save !== 'conflict')) return null;
  return (
    <div
      role="alertdialog"
      aria-label={texts.leaveWithoutSaving}
      className="border-b border-error bg-error/20 px-4 py-2"
    >
      <span>{texts.lastChangesOfThis}</span>
      <button
        type="button"
        className="btn btn-sm ml-2 h-9"
        onClick={() => void leaveBehind().then(() => blocker.proceed())}
      >
        {texts.leaveWithoutThem}
      </button>
      <button type="button" className="btn btn-sm btn-primary ml-2 h-9" onClick={() => blocker.reset()}>
        {texts.stay}
      </button>
    </div>
  );
}
