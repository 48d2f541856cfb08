import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { ConversionBody } from '@yellowmist/contract';
import type { Label } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { questions } from '../../state/questions';
import { usePantryDocument } from '../../state/pantryDocument';
import type { EvaluateQuestion, Evaluation } from '../../worker/questions';

/** What the question was, and what came out of it. */
export interface Evaluated extends Evaluation {
  question: EvaluateQuestion;
}

/** What of a dish its simulation asks. */
type Question = Pick<ConversionBody, 'dish' | 'fried' | 'fryer' | 'chosen'>;

const questionOf = ({ dish, fried, fryer, chosen }: Question, own: Label[]): EvaluateQuestion => ({
  dish,
  fried,
  fryer,
  plan: chosen?.plan ?? null,
  profiles: true,
  waits: false,
  own,
});

/** Pause after which the cooked piece is followed through its waiting as well, ms: nobody is dragging any more. */
const SETTLED_MS = 350;

/** A quick look goes by the cache of questions: nobody will ask the same again, and the page has better to do. */
const hurriedLook = async (question: EvaluateQuestion, signal: AbortSignal): Promise<Evaluation> => {
  const { ask } = await import('../../worker/core');
  return ask('evaluate', { ...question, hurried: true }, signal);
};

/**
 * Simulates what is on the bench after every change: the newest question is asked as soon as the one before it is
 * answered, and the last answer stays until then, so that a picture follows a hand that drags. Of changes that come one
 * upon the other each gets a quick look, and the last of them, when the hand rests, the whole one.
 * @param waits follow the cooked piece through its waiting, too, once nothing changes any more
 */
export function useEvaluation(body: Question | null, waits = false): { evaluated: Evaluated | null; error: string } {
  const dispatch = useAppDispatch();
  const { own } = usePantryDocument();
  const [evaluated, setEvaluated] = useState<Evaluated | null>(null);
  const [error, setError] = useState('');
  const waiting = useRef<EvaluateQuestion | null>(null);
  const running = useRef<{ abort: () => void } | null>(null);
  const hurries = useRef(false);
  const gone = useRef(false);
  const key = body ? JSON.stringify(questionOf(body, own)) : '';
  const question = useMemo(() => (key ? (JSON.parse(key) as EvaluateQuestion) : null), [key]);

  const ask = useCallback(async (): Promise<void> => {
    if (running.current) return;
    while (waiting.current && !gone.current) {
      const next = waiting.current;
      waiting.current = null;
      const off = new AbortController();
      const asked = hurries.current && !next.waits ? null : dispatch(questions.endpoints.evaluate.initiate(next));
      running.current = asked ?? off;
      try {
        const answer = await (asked ? asked.unwrap() : hurriedLook(next, off.signal));
        if (!gone.current) setEvaluated({ ...answer, question: next });
        setError('');
      } catch (failure) {
        if (!gone.current) setError((failure as { message?: string }).message ?? String(failure));
      }
      asked?.unsubscribe();
    }
    running.current = null;
  }, [dispatch]);

  // What nobody looks at any more is not simulated.
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
      running.current?.abort();
    };
  }, []);

  useEffect(() => {
    if (!question) return;
    waiting.current = question;
    void ask();
    if (!waits) return;
    hurries.current = true;
    const settled = setTimeout(() => {
      hurries.current = false;
      waiting.current = { ...question, waits: true };
      void ask();
    }, SETTLED_MS);
    return () => clearTimeout(settled);
  }, [question, waits, ask]);

  return { evaluated, error };
}
