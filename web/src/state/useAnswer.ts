import { useEffect, useMemo } from 'react';
import type { AnswerOf, Asked, QuestionOf } from '../worker/core';
import { useAppDispatch, useAppSelector } from './hooks';
import { questions } from './questions';

/** An answer that is computed elsewhere; null until it is there. */
export interface Answer<T> {
  answer: T | null;
  error: string;
}

interface Running {
  queryCacheKey: string;
  abort: () => void;
  unsubscribe: () => void;
}

/** Who looks at each question: how many, and the one that asked first, by whom it can be called off. */
const watching = new Map<string, { many: number; first: Running }>();

/** Watches a question that was asked; returns how to leave it. The last one to leave calls it off. */
export function watch(running: Running): () => void {
  const key = running.queryCacheKey;
  const watched = watching.get(key) ?? { many: 0, first: running };
  watching.set(key, watched);
  watched.many += 1;
  return () => {
    watched.many -= 1;
    running.unsubscribe();
    // One that is asked again in the same breath goes on.
    setTimeout(() => {
      if (watched.many > 0 || watching.get(key) !== watched) return;
      watching.delete(key);
      watched.first.abort();
    });
  };
}

interface CacheEntry<T> {
  data?: T;
  error?: { message?: string };
}

/** The core's answer to a question, from the cache where it was asked before; null asks nothing. */
export function useAnswer<K extends Asked>(name: K, question: QuestionOf<K> | null): Answer<AnswerOf<K>> {
  const dispatch = useAppDispatch();
  const key = question && JSON.stringify(question);
  // One object for one question, however often it is written anew.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const stable = useMemo(() => question, [key]);
  const endpoint = questions.endpoints[name] as typeof questions.endpoints.evaluate;
  useEffect(
    () => (stable ? watch(dispatch(endpoint.initiate(stable as never)) as Running) : undefined),
    [dispatch, endpoint, stable],
  );
  const entry = useAppSelector((state) =>
    stable ? (endpoint.select(stable as never)(state) as CacheEntry<AnswerOf<K>>) : null,
  );
  return { answer: entry?.data ?? null, error: entry?.data ? '' : (entry?.error?.message ?? '') };
}
