import type { Asked, FriedResult } from '../plan/index.js';
import { FIRST_OIL_GM2, GUESS_C } from './constants.js';
import { completed } from './convert.js';
import { coatsOf } from './families.js';
import { temperaturesFor } from './search.js';
import { bestMinute, planFor, trialOf } from './trial.js';
import type { Alternative, Family } from './types.js';

/** Coats that are guessed at first: the cook's own where it can stay, or its batter under crumbs. */
const GUESSED: readonly Family[] = ['kept-finish', 'batter-under-crumbs', 'dust-egg-crumbs', 'starch-shell'];

/**
 * Something to look at while the search goes on: the cook's own coat in the heat that is used most, at its best minute.
 * One simulation and the answer's own; null when the cook's limits leave no coat.
 */
export function firstGuess(request: Asked, fried: FriedResult): Alternative | null {
  const coat = GUESSED.flatMap((family) => coatsOf(request, family).slice(0, 1))[0];
  if (!coat) return null;
  const temperatures = temperaturesFor(request);
  const usual = temperatures.findLast((t) => t <= GUESS_C) ?? temperatures[0];
  const trial = trialOf(request, fried, coat);
  const found = bestMinute(trial, planFor(trial, usual, trial.wetLast ? 0 : FIRST_OIL_GM2, null));
  return completed(request, fried, found);
}
