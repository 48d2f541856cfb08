import type { Part } from '../foods/index.js';
import { US_CUP_ML, ROUNDING } from '../units/index.js';
import { BOWL_REMAINDER_G, EGG_TOLERANCE, LOST_BY, SAME_RECIPE_G } from './constants/index.js';
import { PLAIN_STATION, type CoatLayer, type Station } from './types.js';

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
  /** The first layer that comes from it. */
  layerAt: number;
  /** All layers that come from it: two of the same recipe share a bowl, which is then visited twice. */
  visits: number[];
  name: string;
  parts: BowlPart[];
  /** g that stays on the pieces. */
  onFoodG: number;
  /** g that hands, fork or box take. */
  lostG: number;
  /** g in the bowl, working surplus included. */
  totalG: number;
  /** g left at the end: the working surplus, and an egg that was not divided. */
  leftG: number;
  /** g of beaten egg that would do, where whole eggs are more; null without eggs. */
  weighedEggG: number | null;
  /** Pieces that the same bowl would reach if it were emptied to its surplus and eggs were used up. */
  reachesPieces: number;
}

function remainderOf(layer: CoatLayer): number {
  if (layer.wet) return layer.batter ? BOWL_REMAINDER_G.batter : BOWL_REMAINDER_G.dip;
  return layer.grain === 'powder' || layer.grain === 'starch' ? BOWL_REMAINDER_G.powder : BOWL_REMAINDER_G.crumb;
}

function partOf(portion: Part, totalG: number): BowlPart {
  const { name, cupG, eachG } = portion.ingredient;
  const needed = portion.grams * totalG;
  const count = eachG ? Math.max(1, Math.ceil(needed / eachG - EGG_TOLERANCE)) : null;
  const grams = count && eachG ? count * eachG : needed;
  return { ingredientId: portion.ingredientId, name, grams, ml: cupG ? (grams / cupG) * US_CUP_ML : null, count };
}

const sameRecipe = (a: CoatLayer, b: CoatLayer): boolean =>
  a.portions.length === b.portions.length &&
  a.portions.every((p) =>
    b.portions.some((q) => q.ingredientId === p.ingredientId && Math.abs(q.grams - p.grams) < SAME_RECIPE_G),
  );

/** Layers of the same recipe, in the order in which each recipe is first used. */
export function recipesOf(layers: readonly CoatLayer[]): number[][] {
  const groups: number[][] = [];
  layers.forEach((layer, at) => {
    const same = groups.find(([first]) => sameRecipe(layers[first], layer));
    if (same) same.push(at);
    else groups.push([at]);
  });
  return groups;
}

/**
 * What goes into every bowl for `areaM2` of food: area × pick-up, what the hands take, and what a bowl needs to be
 * worked in. Eggs are whole. Layers of one recipe share a bowl.
 * @param pieces number of pieces that this area is; only `reachesPieces` depends on it
 */
export function bowlsFor(
  layers: readonly CoatLayer[],
  areaM2: number,
  pieces = 1,
  { handling, surplus }: Station = PLAIN_STATION,
): Bowl[] {
  return recipesOf(layers).map((visits) => {
    const layer = layers[visits[0]];
    const onFoodG = visits.reduce((sum, at) => sum + layers[at].pickUpGm2, 0) * areaM2;
    const lostG = LOST_BY[handling] * onFoodG;
    // All that is in the bowl is tossed onto the pieces: nothing has to be left to dip into.
    const remainderG = handling === 'tossed' ? 0 : remainderOf(layer) * surplus;
    const wantedG = onFoodG + lostG + remainderG;
    const parts = layer.portions.map((p) => partOf(p, wantedG));
    const totalG = parts.reduce((sum, p) => sum + p.grams, 0);
    const eggs = layer.portions.filter((p) => p.ingredient.eachG);
    return {
      layerAt: visits[0],
      visits,
      name: layer.name,
      parts,
      onFoodG,
      lostG,
      totalG,
      leftG: totalG - onFoodG - lostG,
      weighedEggG: eggs.length > 0 ? eggs.reduce((sum, p) => sum + p.grams * wantedG, 0) : null,
      reachesPieces: Math.floor(((totalG - remainderG) / (onFoodG + lostG)) * pieces + ROUNDING),
    };
  });
}
