import { createApi, fakeBaseQuery } from '@reduxjs/toolkit/query/react';
import { tell } from './toast';
import type { AnswerOf, Asked, QuestionOf } from '../worker/core';
import * as texts from './texts';

/** How long an answer that nobody looks at is kept, s: a board that is opened again asks nothing again. */
const KEPT_S = 300;

export interface Failure {
  message: string;
}

const failed = (error: unknown): { error: Failure } => ({
  error: { message: error instanceof Error ? error.message : String(error) },
});

const tellOfCrash = (): void => void tell(texts.computationBrokeOffAnd);

/**
 * Questions to the core in its workers, through one cache: the same question is answered once. One that nobody asks any
 * more is called off (see useAnswer).
 */
export const questions = createApi({
  reducerPath: 'questions',
  baseQuery: fakeBaseQuery<Failure>(),
  keepUnusedDataFor: KEPT_S,
  endpoints: (build) => {
    const asked = <K extends Asked>(name: K) =>
      build.query<AnswerOf<K>, QuestionOf<K>>({
        // Answers hold long series: none is compared with the one before it.
        structuralSharing: false,
        queryFn: async (question, { signal }) => {
          try {
            const { ask, onCrash } = await import('../worker/core');
            onCrash(tellOfCrash);
            return { data: await ask(name, question, signal) };
          } catch (error) {
            return failed(error);
          }
        },
      });
    return {
      evaluate: asked('evaluate'),
      substitutes: asked('substitutes'),
      layout: asked('layout'),
      school: asked('school'),
      water: asked('water'),
      move: asked('move'),
      packet: asked('packet'),
      meantThen: asked('meantThen'),
      comparisons: asked('comparisons'),
      guess: asked('guess'),
      changes: asked('changes'),
      enter: asked('enter'),
      bowl: asked('bowl'),
      recipe: asked('recipe'),
      reheating: asked('reheating'),
      counter: asked('counter'),
      tried: asked('tried'),
      lesson: asked('lesson'),
    };
  },
});
