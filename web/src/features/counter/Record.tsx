import { recordOf } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import type { CookNow } from './useCook';
import * as texts from './texts';

/** Every event as a line, the last first; and what a tap could not do. */
export function Record({ cook }: { cook: CookNow }) {
  const { tell } = useUnits();
  const { document, pace, events, state } = cook;
  const lines = recordOf(document.programme, pace, events).reverse();
  const noteOf = new Map(state.notes.map((n) => [n.eventId, n.text]));
  return (
    <details className="mt-2">
      <summary className="min-h-14 cursor-pointer content-center text-lg font-semibold">
        {texts.whatHasHappened(lines.length)}
      </summary>
      <ol className="max-h-96 overflow-y-auto">
        {lines.map((line) => {
          const note = noteOf.get(line.eventId);
          return (
            <li key={line.eventId} className="flex gap-3 border-t border-base-300 py-1">
              <time className="shrink-0 font-semibold">{cook.time(line.atS)}</time>
              <span className="min-w-0 break-words">
                {tell(line.text)} {note && <b>{tell(note)}</b>}
              </span>
            </li>
          );
        })}
      </ol>
    </details>
  );
}
