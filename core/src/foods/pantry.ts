import { BINDERS } from './data/binders.js';
import { BLENDS } from './data/blends.js';
import { CRUMBS } from './data/crumbs.js';
import { CURDS } from './data/curds.js';
import { DIPS } from './data/dips.js';
import { FILLINGS } from './data/fillings.js';
import { FISH_FOODS } from './data/fish.js';
import { FLOURS } from './data/flours.js';
import { FRUIT_FOODS } from './data/fruit.js';
import { LIQUIDS } from './data/liquids.js';
import { MEAT_FOODS } from './data/meat.js';
import { OILS } from './data/oils.js';
import { PINCHES } from './data/pinches.js';
import { SAUCES } from './data/sauces.js';
import { SEEDS } from './data/seeds.js';
import { SHARP } from './data/sharp.js';
import { SPICES } from './data/spices.js';
import { STARCHES } from './data/starches.js';
import { VEGETABLES } from './data/vegetables.js';
import { Refusal } from '../units/index.js';
import type { FoodTraits, Ingredient, Role } from './types.js';

/** Everything that is known by itself, foods first, in the order a cook meets it. */
export const KNOWN_INGREDIENTS: readonly Ingredient[] = [
  ...VEGETABLES,
  ...FRUIT_FOODS,
  ...MEAT_FOODS,
  ...FISH_FOODS,
  ...CURDS,
  ...FILLINGS,
  ...FLOURS,
  ...STARCHES,
  ...CRUMBS,
  ...SEEDS,
  ...BINDERS,
  ...LIQUIDS,
  ...SHARP,
  ...OILS,
  ...SAUCES,
  ...DIPS,
  ...PINCHES,
  ...SPICES,
  ...BLENDS,
];

/** What stands on a kitchen's shelf: the known ingredients, then its own. Made once at the door, and passed along. */
export interface Pantry {
  readonly shelf: readonly Ingredient[];
  readonly byId: ReadonlyMap<string, Ingredient>;
}

const shelved = (shelf: readonly Ingredient[]): Pantry => ({ shelf, byId: new Map(shelf.map((i) => [i.id, i])) });

/** The known ingredients alone. */
export const KNOWN: Pantry = shelved(KNOWN_INGREDIENTS);

/**
 * The known ingredients, and a kitchen's own beside them.
 * @throws Refusal when an own ingredient has the id of a known one
 */
export function pantryWith(own: readonly Ingredient[]): Pantry {
  if (own.length === 0) return KNOWN;
  const clash = own.find((i) => KNOWN.byId.has(i.id));
  if (clash) throw new Refusal(`"${clash.id}" is the id of an ingredient that the pantry knows already.`);
  return shelved([...KNOWN.shelf, ...own]);
}

/** Whether a pantry has an ingredient of this id. */
export const inPantry = (pantry: Pantry, id: string): boolean => pantry.byId.has(id);

/** The ingredient of this id. @throws Refusal when the pantry has none. */
export function ingredient(pantry: Pantry, id: string): Ingredient {
  const found = pantry.byId.get(id);
  if (!found) throw new Refusal(`The pantry has no ingredient "${id}".`);
  return found;
}

export type Food = Ingredient & { food: FoodTraits };

/** The food of this id, with what only foods have. @throws Refusal when it is no food. */
export function foodOf(pantry: Pantry, id: string): Food {
  const found = ingredient(pantry, id);
  if (!found.food) throw new Refusal(`"${id}" is not a food that takes a coat.`);
  return found as Food;
}

/** Meat, poultry, fish or shellfish: what it touched raw is thrown away. */
export const isFlesh = ({ origin }: Pick<Ingredient, 'origin'>): boolean => origin === 'meat' || origin === 'fish';

/** All that can play a role, in pantry order. */
export const withRole = (pantry: Pantry, role: Role): Ingredient[] =>
  pantry.shelf.filter((i) => i.roles.includes(role));
