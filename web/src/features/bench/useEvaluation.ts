import { useEffect, useRef, useState } from 'react';
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
});

/** Simulates what is on the bench after every change; the newest question wins, the last answer stays until then. */
export function useEvaluation(body: ConversionBody | null): { evaluated: Evaluated | null; error: string } {
  const [evaluated, setEvaluated] = useState<Evaluated | null>(null);
  const [error, setError] = useState('');
  const waiting = useRef<Question | null>(null);
  const running = useRef(false);
  const key = body ? JSON.stringify(questionOf(body)) : '';

  useEffect(() => {
    if (!key) return;
    waiting.current = JSON.parse(key) as Question;
    if (running.current) return;
    running.current = true;
    void (async () => {
      while (waiting.current) {
        const question = waiting.current;
        waiting.current = null;
        try {
          setEvaluated({ ...(await evaluate(question)), question });
          setError('');
        } catch (failure) {
          setError(failure instanceof Error ? failure.message : String(failure));
        }
      }
      running.current = false;
    })();
  }, [key]);

  return { evaluated, error };
}
