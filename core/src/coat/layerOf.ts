import type { LayerSpec } from './types.js';

/** A layer of so many grams of each ingredient, by its pantry id. */
export const layerOf = (...parts: readonly (readonly [ingredientId: string, grams: number])[]): LayerSpec => ({
  portions: parts.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});
