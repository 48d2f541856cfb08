import type { Part, Portion } from './mixture.js';
import { ingredient, type Pantry } from './pantry.js';

/** The portions with their ingredients. @throws Refusal for an unknown id */
export const partsOf = (pantry: Pantry, portions: readonly Portion[]): Part[] =>
  portions.map(({ ingredientId, grams }) => ({ ingredientId, grams, ingredient: ingredient(pantry, ingredientId) }));
