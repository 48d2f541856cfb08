import { RANGES } from '@yellowmist/contract';
import { halfMinutes } from '@yellowmist/core';
import { AddByName } from '../../ui/AddByName';
import type { CookNow } from './useCook';
import * as texts from './texts';

const LATE_MIN = [2, 5, 10, 20] as const;

/** What changes the whole cook: late, one pair of hands more, paused, ended. */
export function Adjust({ cook }: { cook: CookNow }) {
  const { state, tell, document } = cook;
  if (state.ended) return null;
  return (
    <details className="mt-4">
      <summary className="min-h-14 cursor-pointer content-center text-lg font-semibold">{texts.iAmLateMore}</summary>
      <div role="group" aria-label={texts.iAmLateBy} className="mt-1">
        <span className="text-lg">{texts.iAmLateBy}</span>
        <div className="mt-1 flex flex-wrap gap-2">
          {LATE_MIN.map((min) => (
            <button
              key={min}
              type="button"
              className="btn h-14 text-lg"
              onClick={() => tell({ what: 'late', byS: min * 60 })}
            >
              {texts.min(min)}
            </button>
          ))}
          {state.lateS > 0 && (
            <button
              type="button"
              className="btn h-14 text-lg"
              onClick={() => tell({ what: 'late', byS: -state.lateS })}
            >
              {texts.notLateAfterAll(halfMinutes(state.lateS))}
            </button>
          )}
        </div>
      </div>
      <div className="mt-3 max-w-md [&_button]:h-14 [&_input]:h-14">
        <AddByName
          label={texts.onePairOfHands}
          taken={state.hands}
          most={RANGES.cooks.max}
          onAdd={(name) => tell({ what: 'hands', name })}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn h-14 text-lg" onClick={() => tell({ what: 'ended', how: 'served' })}>
          {texts.everythingIsServed}
        </button>
        <button type="button" className="btn h-14 text-lg" onClick={() => tell({ what: 'ended', how: 'stopped' })}>
          {texts.end(document.rehearsal ? texts.theRehearsal : texts.thisCook)}
        </button>
      </div>
    </details>
  );
}
