import { convertDish, type ConvertRequest } from '@yellowmist/core';
import type { Chosen, SimulateRequest } from '@yellowmist/contract';
import { conversionAnswer } from './answers.js';
import { simulateAnswer } from './simulate.js';

/** Runs in a thread of the pool, so that a conversion does not hold up other requests. */
export const convert = (request: ConvertRequest): ReturnType<typeof conversionAnswer> =>
  conversionAnswer(convertDish(request));

export const simulate = (request: SimulateRequest): ReturnType<typeof simulateAnswer> => simulateAnswer(request);

/** The best plan of a conversion, for the demo's dishes. */
export function choose(request: ConvertRequest): Chosen {
  const [best] = convertDish(request).alternatives;
  return { family: best.family, by: 'search', plan: best.plan };
}
