import { ingredient, type Pantry } from '../foods/index.js';
import type { LayerSpec } from './types.js';

/** A layer of powder and liquid with `times` as much of its liquid; any other layer as it is. */
export function withLiquidTimes(pantry: Pantry, layer: LayerSpec, times: number): LayerSpec {
  const isPowder = ({ ingredientId }: LayerSpec['portions'][number]): boolean => !ingredient(pantry, ingredientId).wet;
  const powders = layer.portions.filter(isPowder);
  const liquids = layer.portions.filter((p) => !isPowder(p));
  if (powders.length === 0 || liquids.length === 0) return layer;
  return {
    ...layer,
    spreadMm: undefined,
    portions: [...powders, ...liquids.map((p) => ({ ...p, grams: p.grams * times }))],
  };
}
