import type { SkinWater } from '../coat/index.js';
import { foodOf, type Pantry, type Preparation } from '../foods/index.js';
import { COLD, prepare } from '../prep/index.js';
import type { AirPlan, Dish, MadeOtherwise } from './types.js';

/** A slice is no thinner than this after it was halved, mm. Common practice, no source: 8–10 mm. */
const LEAST_HALF_MM = 9;

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

/** Whether a piece can be cut flat through the middle: a slab that is then no thinner than a coat wants under it. */
export const canBeHalved = ({ shape, smaller }: Dish): boolean =>
  shape.kind === 'slab' && !smaller && shape.thicknessMm >= 2 * LEAST_HALF_MM && shape.thicknessMm < shape.widthMm;

function halved(dish: Dish): Dish {
  if (dish.shape.kind !== 'slab') return dish;
  return { ...dish, count: 2 * dish.count, shape: { ...dish.shape, thicknessMm: dish.shape.thicknessMm / 2 } };
}

/** The dish as a plan has it made: cut flatter, patted dry or frozen hard where today it is not. */
export function dishAs(dish: Dish, { making }: Pick<AirPlan, 'making'>): Dish {
  if (!making) return dish;
  const cut = making.halved && canBeHalved(dish) ? halved(dish) : dish;
  return {
    ...cut,
    skin: making.patted ? patted(dish.skin) : dish.skin,
    startC: making.frozen ? COLD.freezerC : dish.startC,
  };
}

/** The plan without one thing that it does to the food and today's cook does not. */
export const unmade = (plan: AirPlan, what: keyof MadeOtherwise): AirPlan => ({
  ...plan,
  making: { ...plan.making, [what]: undefined },
});
