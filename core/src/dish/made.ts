import type { SkinWater } from '../coat/index.js';
import { foodOf, type Pantry, type Preparation } from '../foods/index.js';
import { prepare } from '../prep/index.js';
import type { Dish } from './types.js';

/** A skin after it was patted with a cloth: what was wet is damp. */
export const patted = (skin: SkinWater): SkinWater => (skin === 'wet' ? 'damp' : skin);

/**
 * The dish with its water dealt with in another way: its skin follows, and its temperature, unless the way stays the
 * same; `pat` dries a wet skin.
 */
export function madeReady(pantry: Pantry, dish: Dish, preparation: Preparation, pat = true, prepMin?: number): Dish {
  const { startC, skin } = prepare(foodOf(pantry, dish.foodId), dish.shape, preparation, prepMin ?? null);
  return {
    ...dish,
    preparation,
    startC: preparation === dish.preparation ? dish.startC : Math.round(startC),
    skin: pat ? patted(skin) : skin,
    prepMin,
  };
}
