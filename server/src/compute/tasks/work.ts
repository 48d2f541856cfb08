import { pantryOf, Refusal, type Label, type Pantry } from '@yellowmist/core';

/** What a thread is asked, with the kitchen's own ingredients. */
export interface Task<T> {
  request: T;
  own: Label[];
}

/** What it answers. A refusal loses its kind on the way between threads, and so goes by itself. */
export type Worked<T> = { answer: T } | { refused: string };

/** A task of a thread, by what it computes from the pantry of this kitchen. */
export const work =
  <T, R>(compute: (pantry: Pantry, request: T) => R) =>
  ({ request, own }: Task<T>): Worked<R> => {
    try {
      return { answer: compute(pantryOf(own), request) };
    } catch (error) {
      if (error instanceof Refusal) return { refused: error.message };
      throw error;
    }
  };
