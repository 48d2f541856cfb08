import { ingredient, type Portion } from '../foods/index.js';
import { BOWL_REMAINDER_G, EGG_TOLERANCE, LOST_ON_HANDS } from './constants.js';
import type { CoatLayer } from './types.js';

export interface BowlPart {
  ingredientId: string;
  name: string;
  grams: number;
  /** ml in a level measure, where the ingredient is measured by cup. */
  ml: number | null;
  /** Whole pieces, where it is counted (eggs). */
  count: number | null;
}

/** One bowl of the dipping station, in the order of use. */
export interface Bowl {
  layerAt: number;
  name: string;
  parts: BowlPart[];
  /** g that stays on the pieces. */
  onFoodG: number;
  /** g in the bowl, working surplus included. */
  totalG: number;
}

const US_CUP_ML = 236.588;

function remainderOf(layer: CoatLayer): number {
  if (layer.wet) return layer.batter ? BOWL_REMAINDER_G.batter : BOWL_REMAINDER_G.dip;
  return layer.grain === 'powder' || layer.grain === 'starch' ? BOWL_REMAINDER_G.powder : BOWL_REMAINDER_G.crumb;
}

function partOf(portion: Portion, totalG: number): BowlPart {
  const { name, cupG, eachG } = ingredient(portion.ingredientId);
  const needed = portion.grams * totalG;
  const count = eachG ? Math.max(1, Math.ceil(needed / eachG - EGG_TOLERANCE)) : null;
  const grams = count && eachG ? count * eachG : needed;
  return { ingredientId: portion.ingredientId, name, grams, ml: cupG ? (grams / cupG) * US_CUP_ML : null, count };
}

/**
 * What goes into every bowl for `areaM2` of food: area × pick-up, a tenth for the hands, and what a bowl needs to be
 * worked in. Eggs are whole.
 */
export function bowlsFor(layers: readonly CoatLayer[], areaM2: number): Bowl[] {
  return layers.map((layer, layerAt) => {
    const onFoodG = layer.pickUpGm2 * areaM2;
    const wantedG = onFoodG * (1 + LOST_ON_HANDS) + remainderOf(layer);
    const parts = layer.portions.map((p) => partOf(p, wantedG));
    return { layerAt, name: layer.name, parts, onFoodG, totalG: parts.reduce((sum, p) => sum + p.grams, 0) };
  });
}
