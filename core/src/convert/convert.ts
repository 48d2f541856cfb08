import { evaluateFried } from './evaluate.js';
import { againstOriginal, awardBadges } from './explain.js';
import { coatsFor } from './families.js';
import { searchCoat, SECOND_ROUND, temperaturesFor } from './search.js';
import type { Alternative, Conversion, ConvertRequest, Family, FriedResult } from './types.js';

/** What works first; then the more like the original. */
const byRank = (a: Alternative, b: Alternative): number => Number(b.works) - Number(a.works) || b.likeness - a.likeness;

/** The families of coats that the cook's limits leave something of: each can be searched by itself. */
export const familiesFor = (request: ConvertRequest): Family[] => coatsFor(request).map((c) => c.family);

/** How many cooks a whole conversion will simulate. */
export function simulationsFor(request: ConvertRequest): number {
  const families = familiesFor(request).length;
  return 1 + families * temperaturesFor(request).length + (families - 1) * SECOND_ROUND;
}

/**
 * Searches one family of coats. A generator: yields after every simulation, so that a worker can report and a caller
 * can stop between two of them.
 * @throws RangeError for an unknown food or ingredient, or a family that the limits leave nothing of
 */
export function* searchFamily(
  request: ConvertRequest,
  family: Family,
  fried: FriedResult = evaluateFried(request.dish, request.fried),
): Generator<number, Alternative, undefined> {
  const coat = coatsFor(request).find((c) => c.family === family);
  if (!coat) throw new RangeError(`Nothing is left of "${family}" within these limits.`);
  const result = yield* searchCoat(request, fried, coat);
  const alternative: Alternative = { ...result, family, idea: coat.idea, badges: [], against: [] };
  alternative.against.push(...againstOriginal(alternative, fried));
  return alternative;
}

/** Ranks what the families found so far, and gives out the distinctions. `found` must hold the original as it is. */
export function rankFound(fried: FriedResult, found: readonly Alternative[], simulations: number): Conversion {
  const bare = found.map((a): Alternative => ({ ...a, badges: [] }));
  const original = bare.find((a) => a.family === 'as-it-is')!;
  const alternatives = bare.filter((a) => a !== original).sort(byRank);
  awardBadges(alternatives);
  return { fried, alternatives, original, simulations };
}

/** The whole conversion at once. @throws RangeError for an unknown food or ingredient */
export function convertDish(request: ConvertRequest): Conversion {
  const fried = evaluateFried(request.dish, request.fried);
  let simulations = 1;
  const found = familiesFor(request).map((family) => {
    const search = searchFamily(request, family, fried);
    let next = search.next();
    for (; !next.done; next = search.next()) simulations += 1;
    return next.value;
  });
  return rankFound(fried, found, simulations);
}
