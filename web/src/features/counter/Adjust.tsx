import { RANGES } from '@yellowmist/contract';
import { halfMinutes } from '@yellowmist/core';
import { AddByName } from '../../ui/AddByName';
import type { CookNow } from './useCook';

const LATE_MIN = [2, 5, 10, 20] as const;

/** What changes the whole cook: late, one pair of hands more, paused, ended. */
export function Adjust({ cook }: { cook: CookNow }) {
  const { state, tell, document } = cook;
  if (state.ended) return null;
  return (
    <details className="mt-4">
      <summary className="min-h-14 cursor-pointer content-center text-lg font-semibold">
        I am late, more hands, the end
      </summary>
      <div role="group" aria-label="I am late by" className="mt-1">
        <span className="text-lg">I am late by</span>
        <div className="mt-1 flex flex-wrap gap-2">
          {LATE_MIN.map((min) => (
            <button
              key={min}
              type="button"
              className="btn h-14 text-lg"
              onClick={() => tell({ what: 'late', byS: min * 60 })}
            >
              {min} min
            </button>
          ))}
          {state.lateS > 0 && (
            <button
              type="button"
              className="btn h-14 text-lg"
              onClick={() => tell({ what: 'late', byS: -state.lateS })}
            >
              Not late after all ({halfMinutes(state.lateS)})
            </button>
          )}
        </div>
      </div>
      <div className="mt-3 max-w-md [&_button]:h-14 [&_input]:h-14">
        <AddByName
          label="One pair of hands more"
          taken={state.hands}
          most={RANGES.cooks.max}
          onAdd={(name) => tell({ what: 'hands', name })}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn h-14 text-lg" onClick={() => tell({ what: 'ended', how: 'served' })}>
          Everything is served
        </button>
        <button type="button" className="btn h-14 text-lg" onClick={() => tell({ what: 'ended', how: 'stopped' })}>
          End {document.rehearsal ? 'the rehearsal' : 'this cook'}
        </button>
      </div>
    </details>
  );
}
