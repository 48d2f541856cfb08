import { useCallback, useEffect, useRef, useState } from 'react';
import type { ConversionBody } from '@yellowmist/contract';
import { evaluate, type Answer, type Question } from '../../worker/core';

/** What the question was, and what came out of it. */
export interface Evaluated extends Answer {
  question: Question;
}

export const questionOf = ({ dish, fried, fryer, chosen }: ConversionBody): Question => ({
  dish,
  fried,
  fryer,
  plan: chosen?.plan ?? null,
  profiles: true,
  waits: false,
});

/** Pause after which the cooked piece is followed through its waiting as well, ms: nobody is dragging any more. */
const SETTLED_MS = 350;

/**
 * Simulates what is on the bench after every change; the newest question wins, the last answer stays until then.
 * @param waits follow the cooked piece through its waiting, too, once nothing changes any more
 */
export function useEvaluation(
  body: ConversionBody | null,
  waits = false,
): { evaluated: Evaluated | null; error: string } {
  const [evaluated, setEvaluated] = useState<Evaluated | null>(null);
  const [error, setError] = useState('');
  const waiting = useRef<Question | null>(null);
  const running = useRef(false);
  const closing = useRef<AbortSignal>(undefined);
  const key = body ? JSON.stringify(questionOf(body)) : '';

  const ask = useCallback(async (): Promise<void> => {
    if (running.current) return;
    running.current = true;
    while (waiting.current) {
      const question = waiting.current;
      waiting.current = null;
      try {
        setEvaluated({ ...(await evaluate(question, closing.current)), question });
        setError('');
      } catch (failure) {
        if (closing.current?.aborted) return;
        setError(failure instanceof Error ? failure.message : String(failure));
      }
    }
    running.current = false;
  }, []);

  // What nobody looks at any more is not simulated.
  useEffect(() => {
    const leaving = new AbortController();
    closing.current = leaving.signal;
    return () => leaving.abort(new Error('left'));
  }, []);

  useEffect(() => {
    if (!key) return;
    const question = JSON.parse(key) as Question;
    waiting.current = question;
    void ask();
    if (!waits) return;
    const settled = setTimeout(() => {
      waiting.current = { ...question, waits: true };
      void ask();
    }, SETTLED_MS);
    return () => clearTimeout(settled);
  }, [key, waits, ask]);

  return { evaluated, error };
}
