import { useEffect, useRef, useState } from 'react';
import type { CookDocument } from '@yellowmist/contract';
import type { BatchCorrection, CookEvent, CookPace, CookState, Corrections } from '@yellowmist/core';
import { usePantryDocument } from '../../state/pantryDocument';
import type { CounterAnswer, PlannedBatchLook } from '../../worker/questions';

export interface Corrected {
  corrections: Corrections;
  planned: ReadonlyMap<string, PlannedBatchLook>;
}

const NOTHING: Corrected = { corrections: new Map<string, BatchCorrection>(), planned: new Map() };

/** What of a cook its corrections depend on. */
const keyOf = ({ batches }: CookState): string =>
  [...batches]
    .map(([key, b]) => `${key} ${b.inS} ${b.outS} ${b.addedS} ${b.openedS.length} ${b.turnedS} ${b.evidence.length}`)
    .join('|');

/** Puts what was read and seen into the simulation, one time after the other; the last answer stays until the next. */
export function useCorrections(
  { programme }: CookDocument,
  pace: CookPace,
  events: CookEvent[],
  state: CookState,
): Corrected {
  const { own } = usePantryDocument();
  const [found, setFound] = useState<Corrected>(NOTHING);
  const latest = useRef<{ key: string; events: CookEvent[] } | null>(null);
  const asking = useRef(false);
  const gone = useRef(false);
  const key = keyOf(state);
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
    };
  }, []);
  useEffect(() => {
    latest.current = { key, events };
    if (asking.current) return;
    asking.current = true;
    void (async () => {
      const { ask } = await import('../../worker/core');
      let answered = '';
      while (latest.current && latest.current.key !== answered && !gone.current) {
        const asked = latest.current;
        try {
          const answer: CounterAnswer = await ask('counter', { programme, pace, events: asked.events, own });
          if (gone.current) break;
          setFound({
            corrections: new Map(answer.corrections.map((c) => [c.batch, c])),
            planned: new Map(answer.planned.map((p) => [p.key, p])),
          });
        } catch {
          // The plan's own minutes hold; the next reading asks again.
        }
        answered = asked.key;
      }
      asking.current = false;
    })();
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, own]);
  return found;
}
