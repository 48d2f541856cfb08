import type { Composition, Food } from '../foods/index.js';

/** What is added to or taken from 100 g of a food, g. */
type Change = Partial<Composition>;

/** A food's composition after a change, again per 100 g. */
function per100gAfter(per100g: Composition, change: Change): Composition {
  const parts = Object.entries(per100g).map(([key, g]) => [key, g + (change[key as keyof Composition] ?? 0)] as const);
  const sum = parts.reduce((total, [, g]) => total + g, 0);
  return Object.fromEntries(parts.map(([key, g]) => [key, (100 * g) / sum])) as unknown as Composition;
}

/** The food with `share` (0–1) of its water gone, or with more of it where the share is negative. */
export const drained = (food: Food, share: number): Food => ({
  ...food,
  per100g: per100gAfter(food.per100g, { waterG: -share * food.per100g.waterG }),
});

/** The food with salt in it, g per 100 g as it was. */
export const salted = (food: Food, saltG: number): Food => ({
  ...food,
  saltG: (food.saltG ?? 0) + saltG,
  per100g: per100gAfter(food.per100g, { ashG: saltG }),
});

/** The food with oil on it, g per 100 g as it was. */
export const oiled = (food: Food, oilG: number): Food => ({
  ...food,
  per100g: per100gAfter(food.per100g, { fatG: oilG }),
});
