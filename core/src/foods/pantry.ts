import { ANIMALS } from './data/animals.js';
import { CRUMBS } from './data/crumbs.js';
import { FLOURS } from './data/flours.js';
import { PINCHES } from './data/pinches.js';
import { SAUCES } from './data/sauces.js';
import { VEGETABLES } from './data/vegetables.js';
import { WETS } from './data/wets.js';
import type { FoodTraits, Ingredient, Role } from './types.js';

/** Everything the pantry knows, foods first, in the order a cook meets it. */
export const PANTRY: readonly Ingredient[] = [
  ...VEGETABLES,
  ...ANIMALS,
  ...FLOURS,
  ...CRUMBS,
  ...WETS,
  ...SAUCES,
  ...PINCHES,
];

const BY_ID = new Map(PANTRY.map((i) => [i.id, i]));

/** Whether the pantry has an ingredient of this id. */
export const inPantry = (id: string): boolean => BY_ID.has(id);

/** The ingredient of this id. @throws RangeError when the pantry has none. */
export function ingredient(id: string): Ingredient {
  const found = BY_ID.get(id);
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
export const withRole = (role: Role): Ingredient[] => PANTRY.filter((i) => i.roles.includes(role));
