import { ChevronLeft, SkipForward } from 'lucide-react';
import { mayBeDone } from '@yellowmist/core';
import { useHotkeys } from 'react-hotkeys-hook';
import { openSound } from './alarms';
import type { CookNow } from './useCook';
import { pressWords } from './words';
import * as texts from './texts';

/** The last step that was done or passed over, which going back takes up again. */
function lastOver({ state, document }: CookNow): string | null {
  const last = [...state.over]
    .filter(([id]) => document.programme.steps.some((s) => s.id === id))
    .sort(([, a], [, b]) => b.atS - a.atS)[0];
  return last?.[0] ?? null;
}

/** One press area that a knuckle can hit: done; beside it back and pass over. Space, arrows and a pedal's page-down do the same. */
export function Press({ cook }: { cook: CookNow }) {
  const { now, tell, state } = cook;
  const ahead = mayBeDone(now);
  // Whoever does not want to wait may go on.
  const step = now.step?.step ?? ahead?.step ?? now.next[0]?.step ?? null;
  const back = lastOver(cook);
  const ended = state.ended !== null;
  const done = (): void => {
    openSound();
    if (step && !ended) tell({ what: 'done', step: step.id });
  };
  const skip = (): void => {
    if (step && !ended) tell({ what: 'skipped', step: step.id });
  };
  const undo = (): void => {
    if (back && !ended) tell({ what: 'undone', step: back });
  };
  const keys = { preventDefault: true, ignoreEventWhen: onControl };
  useHotkeys('space, pagedown', done, keys, [step?.id, ended]);
  useHotkeys('right', skip, keys, [step?.id, ended]);
  useHotkeys('left, pageup', undo, keys, [back, ended]);
  if (ended) return null;
  return (
    <div className="sticky bottom-0 z-10 grid grid-cols-[4.5rem_1fr_4.5rem] gap-2 border-t-2 border-base-300 bg-base-100 p-2">
      <button type="button" className="btn h-20" disabled={!back} onClick={undo} aria-label={texts.backTakeLastStep}>
        <ChevronLeft aria-hidden className="size-8" />
      </button>
      <button
        type="button"
        className={`btn h-20 px-2 leading-tight ${now.step ? 'btn-primary text-2xl' : 'btn-outline text-base sm:text-xl'}`}
        disabled={!step}
        onClick={done}
      >
        <span className="line-clamp-3">
          {step
            ? now.step
              ? pressWords(step.kind)
              : `${ahead ? texts.alreadyDone : texts.doneWithoutWaiting}: ${step.head}`
            : texts.wait}
        </span>
      </button>
      <button type="button" className="btn h-20" disabled={!step} onClick={skip} aria-label={texts.passOverThisStep}>
        <SkipForward aria-hidden className="size-8" />
      </button>
    </div>
  );
}

/** A key that means something where the focus is: a field, a button that Space presses, tabs that arrows go along. */
const onControl = (event: KeyboardEvent): boolean => {
  const at = event.target as HTMLElement;
  const presses = event.code === 'Space' && at.closest('button, a, summary, [role="tab"], label') !== null;
  return presses || at.closest('input, select, textarea, dialog, [role="tablist"]') !== null;
};
