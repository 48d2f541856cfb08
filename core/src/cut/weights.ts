import type { OwnWeights } from './cutUp.js';

/** What one of a market's unit weighs in a kitchen, where that is not the usual. */
interface KitchenWeight {
  foodId: string;
  unit: string;
  grams: number;
}

/** What one of each unit of a food weighs in this kitchen, g by unit id, where that was changed. */
export const weightsFor = (weights: readonly KitchenWeight[] | undefined, foodId: string): OwnWeights =>
  Object.fromEntries((weights ?? []).filter((w) => w.foodId === foodId).map((w) => [w.unit, w.grams]));
