import { buildCoat, buildSauce, type CoatLayer, type LayerSpec } from '../coat/index.js';
import { foodOf, type Food } from '../foods/index.js';
import { crossedTo, geometryOf, type PieceGeometry } from '../piece/index.js';
import type { Dish, Preparation, SecondPlan } from './types.js';

/** Firmness that is left after each preparation, of a raw vegetable's. Common practice, no source. */
const FIRMNESS_LEFT: Record<Preparation, number> = { raw: 1, blanched: 0.6, frozen: 0.45, 'pre-cooked': 0.35 };

/** One coated piece, ready for the pot or the basket. */
export interface ReadyPiece {
  food: Food;
  piece: PieceGeometry;
  layers: CoatLayer[];
  /** What is brushed on part-way; null without. */
  sauce: CoatLayer | null;
  startFirmness: number;
}

/** Works out the piece's geometry and its coat. @throws RangeError when the food is not in the pantry. */
export function readyPiece(dish: Dish, layers: readonly LayerSpec[], second: SecondPlan | null = null): ReadyPiece {
  const food = foodOf(dish.foodId);
  const solid = geometryOf(dish.shape, food.densityKgM3 * (1 - food.food.porosity));
  const piece = crossedTo(solid, food.food.throughShare);
  return {
    food,
    piece,
    layers: buildCoat(layers, dish.skin, piece.drainLengthM),
    sauce: second?.sauce && second.sauceGm2 > 0 ? buildSauce(second.sauce, second.sauceGm2) : null,
    startFirmness: food.food.firmness * FIRMNESS_LEFT[dish.preparation],
  };
}
