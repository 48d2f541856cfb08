import type { Chosen, ConvertAnswer, ReadRecipeRequest, SimulateAnswer, SimulateRequest } from '@yellowmist/contract';
import {
  changesWorth,
  convertDish,
  pantryOf,
  readRecipe as read,
  Refusal,
  type ConvertRequest,
  type Label,
  type Pantry,
  type RecipeReading,
  type RecipeSource,
} from '@yellowmist/core';
import { conversionAnswer } from './answers.js';
import { simulated } from './simulated.js';

/** What a thread is asked, with the kitchen's own ingredients. */
export interface Task<T> {
  request: T;
  own: Label[];
}

/** What it answers. A refusal loses its kind on the way between threads, and so goes by itself. */
export type Worked<T> = { answer: T } | { refused: string };

const work =
  <T, R>(compute: (pantry: Pantry, request: T) => R) =>
  ({ request, own }: Task<T>): Worked<R> => {
    try {
      return { answer: compute(pantryOf(own), request) };
    } catch (error) {
      if (error instanceof Refusal) return { refused: error.message };
      throw error;
    }
  };

/** Runs in a thread of the pool, so that a conversion does not hold up other requests. */
export const convert = work((pantry, request: ConvertRequest): ConvertAnswer => {
  const asked = { ...request, pantry };
  const found = convertDish(asked, 'wide');
  const [best] = found.alternatives;
  return conversionAnswer(found, best ? changesWorth(asked, found.fried, best) : []);
});

export const simulate = work((pantry, request: SimulateRequest): SimulateAnswer => simulated(pantry, request));

/** The best plan of a conversion, for the demo's dishes. */
export const choose = work((pantry, request: ConvertRequest): Chosen => {
  const [best] = convertDish({ ...request, pantry }).alternatives;
  return { family: best.family, by: 'search', plan: best.plan };
});

/** A recipe as it is understood. */
export const readRecipe = work((pantry, request: ReadRecipeRequest): RecipeReading =>
  read(pantry, request as RecipeSource),
);
