import { useCallback, useEffect, useRef, useState } from 'react';
import type { ConversionBody } from '@yellowmist/contract';
import type { Label } from '@yellowmist/core';
import { useAppDispatch, useAppStore } from '../../state/hooks';
import { questions } from '../../state/questions';
import { usePantryDocument } from '../../state/pantryDocument';
import type { RootState } from '../../state/store';
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

/** The workers, once they are fetched: a hand that drags waits for no promise. */
let workers: typeof import('../../worker/core') | null = null;

/** A quick look goes by the cache of questions: nobody will ask the same again, and the page has better to do. */
async function hurriedLook(question: EvaluateQuestion, signal: AbortSignal): Promise<Evaluation> {
  workers ??= await import('../../worker/core');
  return workers.ask('evaluate', { ...question, hurried: true }, signal);
}

const NOTHING_YET = { evaluated: null, of: null };

/** Where the dish of a hand that drags is kept, and whether it drags. */
interface Lying<Body> {
  body: (state: RootState) => Body | null;
  isHeld: (state: RootState) => boolean;
}

/** A dish with what is asked of it. */
interface Wish<Body> {
  of: Body;
  question: EvaluateQuestion;
}

/**
 * Simulates what is on the bench after every change: the newest question is asked as soon as the one before it is
 * answered, and the last answer stays until then, so that a picture follows a hand that drags. Of changes that come one
 * upon the other, or under a hand that drags, each gets a quick look, and the last of them, when the hand rests, the whole
 * one, through its waiting.
 * @param lies what changed there is asked before the page is drawn anew, so that simulation and drawing go side by side.
 *   Without it nobody drags, and nothing is followed through its waiting
 * @returns the last answer, and the dish that it is of
 */
export function useEvaluation<Body extends Question>(
  body: Body | null,
  lies: Lying<Body> | null = null,
): { evaluated: Evaluated | null; of: Body | null; error: string } {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const { own } = usePantryDocument();
  const [{ evaluated, of }, setAnswered] = useState<{ evaluated: Evaluated | null; of: Body | null }>(NOTHING_YET);
  const [error, setError] = useState('');
  const waiting = useRef<Wish<Body> | null>(null);
  const running = useRef<{ abort: () => void } | null>(null);
  const hurries = useRef(false);
  const gone = useRef(false);
  const wished = useRef('');
  const key = body ? JSON.stringify(questionOf(body, own)) : '';

  const ask = useCallback(async (): Promise<void> => {
    if (running.current) return;
    while (waiting.current && !gone.current) {
      const { of, question: next } = waiting.current;
      waiting.current = null;
      const off = new AbortController();
      const hurried = hurries.current || (lies?.isHeld(store.getState()) ?? false);
      const asked = hurried && !next.waits ? null : dispatch(questions.endpoints.evaluate.initiate(next));
      running.current = asked ?? off;
      try {
        const answer = await (asked ? asked.unwrap() : hurriedLook(next, off.signal));
        if (!gone.current) setAnswered({ evaluated: { ...answer, question: next }, of });
        setError('');
      } catch (failure) {
        if (!gone.current) setError((failure as { message?: string }).message ?? String(failure));
      }
      asked?.unsubscribe();
    }
    running.current = null;
  }, [dispatch, lies, store]);

  const wish = useCallback(
    (of: Body, wanted: string): void => {
      if (wanted === wished.current) return;
      wished.current = wanted;
      waiting.current = { of, question: JSON.parse(wanted) as EvaluateQuestion };
      void ask();
    },
    [ask],
  );

  // What nobody looks at any more is not simulated.
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
      wished.current = '';
      running.current?.abort();
    };
  }, []);

  useEffect(() => {
    if (!lies) return;
    let last: Body | null = null;
    return store.subscribe(() => {
      const now = lies.body(store.getState());
      if (now === last) return;
      last = now;
      if (now) wish(now, JSON.stringify(questionOf(now, own)));
    });
  }, [store, lies, own, wish]);

  const newest = useRef(body);
  useEffect(() => {
    newest.current = body;
  }, [body]);

  useEffect(() => {
    const lying = newest.current;
    if (!key || !lying) return;
    wish(lying, key);
    if (!lies) return;
    hurries.current = true;
    const settled = setTimeout(() => {
      hurries.current = false;
      waiting.current = { of: lying, question: { ...(JSON.parse(key) as EvaluateQuestion), waits: true } };
      void ask();
    }, SETTLED_MS);
    return () => clearTimeout(settled);
  }, [key, lies, ask, wish]);

  return { evaluated, of, error };
}
