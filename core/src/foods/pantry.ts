import { ANIMALS } from './data/animals.js';
import { CRUMBS } from './data/crumbs.js';
import { FLOURS } from './data/flours.js';
import { OILS } from './data/oils.js';
import { PINCHES } from './data/pinches.js';
import { SAUCES } from './data/sauces.js';
import { VEGETABLES } from './data/vegetables.js';
import { WETS } from './data/wets.js';
import type { FoodTraits, Ingredient, Role } from './types.js';

/** Everything the pantry knows by itself, foods first, in the order a cook meets it. */
export const PANTRY: readonly Ingredient[] = [
  ...VEGETABLES,
  ...ANIMALS,
  ...FLOURS,
  ...CRUMBS,
  ...WETS,
  ...OILS,
  ...SAUCES,
  ...PINCHES,
];

const KNOWN = new Map(PANTRY.map((i) => [i.id, i]));
let own = new Map<string, Ingredient>();

/**
 * Puts the cook's own ingredients on the shelf beside the known ones, in place of those that stood there before. The
 * one thing in the core that is remembered between calls: whoever computes stocks first.
 * @throws RangeError when an own ingredient has the id of a known one
 */
export function stockOwn(ingredients: readonly Ingredient[]): void {
  const clash = ingredients.find((i) => KNOWN.has(i.id));
  if (clash) throw new RangeError(`"${clash.id}" is the id of an ingredient that the pantry knows already.`);
  own = new Map(ingredients.map((i) => [i.id, i]));
}

/** All that stands on the shelf: the known ingredients, then the cook's own. */
export const shelf = (): readonly Ingredient[] => [...PANTRY, ...own.values()];

const find = (id: string): Ingredient | undefined => KNOWN.get(id) ?? own.get(id);

/** Whether the pantry has an ingredient of this id. */
export const inPantry = (id: string): boolean => find(id) !== undefined;

/** The ingredient of this id. @throws RangeError when the pantry has none. */
export function ingredient(id: string): Ingredient {
  const found = find(id);
  if (!found) throw new RangeError(`The pantry has no ingredient "${id}".`);
  return found;
}

export type Food = Ingredient & { food: FoodTraits };

/** The food of this id, with what only foods have. @throws RangeError when it is no food. */
export function foodOf(id: string): Food {
  const found = ingredient(id);
  if (!found.food) throw new RangeError(`"${id}" is not a food that takes a coat.`);
  return found as Food;
}

/** All that can play a role, in pantry order. */
export const withRole = (role: Role): Ingredient[] => shelf().filter((i) => i.roles.includes(role));
