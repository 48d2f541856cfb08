import { totalGrams, type Part, type Portion } from './mixture.js';
import { ingredient, type Pantry } from './pantry.js';

/** The portions with their ingredients. @throws Refusal for an unknown id */
export const partsOf = (pantry: Pantry, portions: readonly Portion[]): Part[] =>
  portions.map(({ ingredientId, grams }) => ({ ingredientId, grams, ingredient: ingredient(pantry, ingredientId) }));

/** A share of a bowl below this is none: nobody weighs it, and nothing comes of it. */
const NO_SHARE = 1e-3;

/** The portions that are more than nothing beside the others. Allergens are never told from these: a trace is one. */
export function weighty(portions: readonly Part[]): Part[] {
  const total = totalGrams(portions);
  return portions.filter((p) => p.grams > NO_SHARE * total);
}
