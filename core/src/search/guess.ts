import { fingerprint } from '../dish/index.js';
import type { Asked, FriedResult } from '../plan/index.js';
import { FIRST_OIL_GM2, GUESS_C } from './constants.js';
import { completed } from './convert.js';
import { coatsOf } from './families.js';
import { temperaturesFor } from './search.js';
import { bestMinute, planFor, trialOf } from './trial.js';
import type { Alternative, Candidate, Family } from './types.js';

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

/**
 * A version that was found before, judged as those are that are found now: it lies on the bench while its dish is searched
 * anew. One simulation.
 * @throws Refusal for an ingredient that the pantry does not know
 */
export function judgedAgain(
  request: Asked,
  fried: FriedResult,
  { family, plan }: Pick<Candidate, 'family' | 'plan'>,
): Alternative {
  const layers = fingerprint(plan.layers);
  const coat = coatsOf(request, family).find((c) => fingerprint(c.layers) === layers);
  return completed(request, fried, { family, variant: coat?.variant ?? '', plan });
}
