import { evaluateFried } from './evaluate.js';
import { againstOriginal, awardBadges } from './explain.js';
import { coatsFor, type Coat } from './families.js';
import { searchCoat, temperaturesFor } from './search.js';
import type { Alternative, Conversion, ConvertRequest } from './types.js';

export interface ConvertProgress {
  done: number;
  of: number;
  /** Plans that are finished so far, unranked. */
  found: Alternative[];
}

const SECOND_ROUND = 12;

/** What works first; then the more like the original. */
const byRank = (a: Alternative, b: Alternative): number => Number(b.works) - Number(a.works) || b.likeness - a.likeness;

/**
 * The whole conversion as a generator: yields progress after every simulation and returns the ranked result, so that a
 * worker can report and a caller can stop between two simulations.
 * @throws RangeError for an unknown food or ingredient
 */
export function* convertInSteps(request: ConvertRequest): Generator<ConvertProgress, Conversion, undefined> {
  const fried = evaluateFried(request.dish, request.fried);
  const coats = coatsFor(request);
  const perCoat = temperaturesFor(request).length;
  const of = 1 + coats.length * perCoat + (coats.length - 1) * SECOND_ROUND;
  const found: Alternative[] = [];
  let done = 1;
  for (const coat of coats) {
    const search = searchCoat(request, fried, coat);
    let next = search.next();
    while (!next.done) {
      done += 1;
      yield { done: Math.min(done, of), of, found };
      next = search.next();
    }
    const alternative = asAlternative(coat, next.value);
    alternative.against.push(...againstOriginal(alternative, fried));
    found.push(alternative);
  }
  const original = found.find((a) => a.family === 'as-it-is')!;
  const alternatives = found.filter((a) => a !== original).sort(byRank);
  awardBadges(alternatives);
  return { fried, alternatives, original, simulations: done };
}

const asAlternative = (
  coat: Coat,
  result: Omit<Alternative, 'family' | 'badges' | 'idea' | 'against'>,
): Alternative => ({
  ...result,
  family: coat.family,
  idea: coat.idea,
  badges: [],
  against: [],
});

/** The whole conversion at once. @throws RangeError for an unknown food or ingredient */
export function convertDish(request: ConvertRequest): Conversion {
  const steps = convertInSteps(request);
  let next = steps.next();
  while (!next.done) next = steps.next();
  return next.value;
}
