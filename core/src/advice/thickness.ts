import type { Dish, FriedCook } from '../dish/index.js';
import { foodOf, type Pantry } from '../foods/index.js';
import { minutesUntil } from '../outcome/index.js';
import { throughMm, withThroughMm } from '../piece/index.js';
import { evaluateFried } from '../plan/index.js';
import { safeMinimum } from '../safety/index.js';
import { THICKNESSES_TOLD, THICKNESS_WATCHED_MIN } from './constants.js';

/** A piece of so many mm, and when its centre is done. */
export interface DoneAt {
  mm: number;
  minutes: number;
}

/**
 * What thickness does to the minutes: when the centre is safe, or as hot as it is eaten, in the pot, thinner, as it is and
 * thicker; each simulated. Empty without a coat; a thickness that takes too long is left out.
 */
export function thicknessMinutes(pantry: Pantry, dish: Dish, fried: FriedCook | null): DoneAt[] {
  if (!fried) return [];
  const { food } = foodOf(pantry, dish.foodId);
  const level = safeMinimum(food.safety)?.tempC ?? food.eatAtC;
  return THICKNESSES_TOLD.flatMap((share) => {
    const mm = Math.round(throughMm(dish.shape) * share);
    const shape = withThroughMm(dish.shape, mm);
    const { series } = evaluateFried({
      pantry,
      dish: { ...dish, shape },
      fried: { ...fried, minutes: THICKNESS_WATCHED_MIN },
    });
    const minutes = minutesUntil(series, series.timeS.length - 1, 'centreC', 'centreC', level);
    return minutes === null ? [] : [{ mm, minutes: Math.round(minutes * 2) / 2 }];
  });
}
