import type { Composition, Ingredient } from './types.js';

/** An ingredient and how much of it, g; within a layer only the proportion counts. */
export interface Portion {
  ingredientId: string;
  grams: number;
}

/** A portion with the ingredient that its id stands for. */
export interface Part extends Portion {
  ingredient: Ingredient;
}

const KEYS = ['waterG', 'proteinG', 'fatG', 'carbohydrateG', 'fibreG', 'ashG'] as const;

/** Σ of a per-gram value over a mixture, divided by its mass: the mass-weighted mean. 0 for an empty mixture. */
export function massMean(portions: readonly Part[], valueOf: (i: Ingredient) => number): number {
  const total = totalGrams(portions);
  if (total === 0) return 0;
  return portions.reduce((sum, p) => sum + p.grams * valueOf(p.ingredient), 0) / total;
}

/** Mass of a mixture, g. */
export const totalGrams = (portions: readonly Portion[]): number => portions.reduce((sum, p) => sum + p.grams, 0);

/** Composition of a mixture per 100 g. */
export function mixComposition(portions: readonly Part[]): Composition {
  const mixed = Object.fromEntries(KEYS.map((key) => [key, massMean(portions, (i) => i.per100g[key])]));
  return mixed as unknown as Composition;
}

/** True density of a mixture, kg/m³: volumes add. */
export const mixDensity = (portions: readonly Part[]): number => 1 / massMean(portions, (i) => 1 / i.densityKgM3);
