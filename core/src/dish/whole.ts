import { scaledAcross } from '../piece/index.js';
import type { Pantry } from '../foods/index.js';
import { readyPiece } from './ready.js';
import type { Dish } from './types.js';

/** The dish of its smaller pieces alone, all alike; null where all are of one size. */
export const smallerOf = (dish: Dish): Dish | null =>
  dish.smaller && dish.smaller.count > 0
    ? {
        ...dish,
        shape: scaledAcross(dish.shape, dish.smaller.scale),
        count: Math.min(dish.count, dish.smaller.count),
        smaller: undefined,
      }
    : null;

/** The second food of a dish as a dish of its own, in the same coat; null without one. */
export const alsoOf = ({ also, startC, skin }: Dish): Dish | null =>
  also ? { foodId: also.foodId, shape: also.shape, count: also.count, startC, skin, preparation: 'raw' } : null;

/** Skin that takes coat, m², and weight, g, of all pieces as they are coated: the smaller at their size, a second food too. */
export function wholeOf(pantry: Pantry, dish: Dish): { areaM2: number; massG: number } {
  const { areaM2, massG } = wholeOfFirst(pantry, dish);
  const coated = areaM2 * (1 - (dish.bareShare ?? 0));
  const also = alsoOf(dish);
  if (!also) return { areaM2: coated, massG };
  const second = wholeOfFirst(pantry, also);
  return { areaM2: coated + second.areaM2, massG: massG + second.massG };
}

function wholeOfFirst(pantry: Pantry, dish: Dish): { areaM2: number; massG: number } {
  const { areaM2, massG } = readyPiece(pantry, dish, []).piece;
  const small = smallerOf(dish);
  if (!small) return { areaM2: areaM2 * dish.count, massG: massG * dish.count };
  const { piece } = readyPiece(pantry, small, []);
  const large = dish.count - small.count;
  return { areaM2: areaM2 * large + piece.areaM2 * small.count, massG: massG * large + piece.massG * small.count };
}
