import type { LayerSpec } from '../coat/index.js';
import { ingredient, type Ingredient, type Pantry } from '../foods/index.js';
import { fingerprint } from './planId.js';
import { readyPiece } from './ready.js';
import type { AirPlan, Dish } from './types.js';

/** The oil that is put on, where the cook has said which: it is eaten, too. */
function oilOf({ oiling, oilGm2 }: AirPlan): LayerSpec[] {
  if (!oiling || oilGm2 + oiling.rubGm2 + oiling.touchUpGm2 + oiling.basketG <= 0) return [];
  return [{ portions: [{ ingredientId: oiling.oilId, grams: 1 }] }];
}

/** All that goes on the piece: the layers of its coat, the sauce where there is one, and the oil. */
export const allLayersOf = (plan: AirPlan): LayerSpec[] => [
  ...plan.layers,
  ...plan.layers.flatMap(({ divided }) => (divided ? [{ portions: divided.portions }] : [])),
  ...(plan.making?.later?.length ? [{ portions: plan.making.later }] : []),
  ...(plan.second?.sauce ? [plan.second.sauce] : []),
  ...oilOf(plan),
];

/** What stands beside the coat, as layers of what is eaten. */
export const besideLayers = ({ beside = [] }: Pick<Dish, 'beside'>): LayerSpec[] =>
  beside.map(({ portions }) => ({ portions }));

/** Every ingredient that is eaten: the food as it was made ready, coat, sauce and oil, and what stands beside it. */
export const eatenIn = (pantry: Pantry, dish: Dish, plan: AirPlan): Ingredient[] => [
  readyPiece(pantry, dish, []).food,
  ...(dish.also ? [ingredient(pantry, dish.also.foodId)] : []),
  ...[...allLayersOf(plan), ...besideLayers(dish)].flatMap((l) =>
    l.portions.map((p) => ingredient(pantry, p.ingredientId)),
  ),
];

/** Whether a bowl beside the coat is what is brushed on inside the cook: it is told and counted there. */
export function isBrushedInside({ beside = [] }: Dish, { second }: AirPlan, name: string): boolean {
  const bowl = beside.find((b) => b.name === name);
  if (!bowl || !second?.sauce) return false;
  return fingerprint(bowl.portions) === fingerprint(second.sauce.portions);
}
