import { convertDish, ingredientFromLabel, stockOwn, type ConvertRequest, type Label } from '@yellowmist/core';
import type { Chosen, SimulateRequest } from '@yellowmist/contract';
import { conversionAnswer } from './answers.js';
import { simulateAnswer } from './simulate.js';

/** What a thread is asked, with the kitchen's own ingredients. */
interface Task<T> {
  request: T;
  own: Label[];
}

function unpack<T>({ request, own }: Task<T>): T {
  stockOwn(own.map(ingredientFromLabel));
  return request;
}

/** Runs in a thread of the pool, so that a conversion does not hold up other requests. */
export const convert = (task: Task<ConvertRequest>): ReturnType<typeof conversionAnswer> =>
  conversionAnswer(convertDish(unpack(task), 'wide'));

export const simulate = (task: Task<SimulateRequest>): ReturnType<typeof simulateAnswer> =>
  simulateAnswer(unpack(task));

/** The best plan of a conversion, for the demo's dishes. */
export function choose(task: Task<ConvertRequest>): Chosen {
  const [best] = convertDish(unpack(task)).alternatives;
  return { family: best.family, by: 'search', plan: best.plan };
}
