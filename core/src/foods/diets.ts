import type { Allergen } from './allergens.js';
import type { Ingredient } from './types.js';

const lacks =
  (...bad: Allergen[]) =>
  (i: Ingredient): boolean =>
    !i.allergens.some((a) => bad.includes(a));

/** Whether an ingredient fits a diet, by its nature alone; the packet's label decides. */
const FITS = {
  vegan: (i: Ingredient) => i.origin === 'none',
  vegetarian: (i: Ingredient) => i.origin !== 'meat' && i.origin !== 'fish',
  'gluten-free': lacks('wheat', 'gluten'),
  'egg-free': (i: Ingredient) => i.origin !== 'egg' && lacks('egg')(i),
  'dairy-free': (i: Ingredient) => i.origin !== 'milk' && lacks('milk')(i),
  'nut-free': lacks('nuts', 'peanut'),
} as const;

export type Diet = keyof typeof FITS;
export const DIETS = Object.keys(FITS) as Diet[];

/** True when `ingredient` breaks none of the `diets`, by its ingredients; never a promise about a packet. */
export const fitsDiets = (ingredient: Ingredient, diets: readonly Diet[]): boolean =>
  diets.every((diet) => FITS[diet](ingredient));
