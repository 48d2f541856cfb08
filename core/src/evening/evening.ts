import { fingerprint } from '../dish/index.js';
import type { Pantry } from '../foods/index.js';
import { evaluateFried, type FriedResult } from '../plan/index.js';
import { sharedBowls, orderOf } from '../supper/index.js';
import { Remembered, text } from '../units/index.js';
import { measuringList, shoppingList } from './lists/index.js';
import { cookedOtherwise, eveningDish, type ToCook } from './dish.js';
import { withSharedBowls } from './sharing.js';
import { paceOf } from './pace.js';
import { planEvening } from './plan.js';
import type { Evening, EveningRequest, TellEvening } from './request.js';
import type { Cooked, EveningDish, Otherwise, Warning } from './types.js';

const FRIED = new Remembered<FriedResult>(40);
const DISHES = new Remembered<EveningDish>(40);
const COOKED_OTHERWISE = new Remembered<{ cooked: Cooked | null }>(120);

/** A dish whose own fryer is not in the kitchen any more, where the kitchen has said what it has. */
function missingFryers({ dishes, kitchen }: EveningRequest): Warning[] {
  if (kitchen.fryers.length === 0) return [];
  return dishes
    .filter((d) => !kitchen.fryers.some((f) => f.name === d.fryer.name))
    .map((d) => ({
      about: 'fryer' as const,
      dishId: d.id,
      text: text`${d.fryer.name}, in which ${d.name} is cooked, is not on the kitchen page any more. Choose ${kitchen.fryers[0].name} for it, or put it back.`,
    }));
}

/**
 * Simulates the dishes of an evening and plans it.
 * @throws Refusal without a dish or a pair of hands, or for an unknown food or ingredient
 */
export function eveningOf(pantry: Pantry, request: EveningRequest, tell?: TellEvening): Evening {
  const { kitchen, guests } = request;
  const toCook = request.dishes.map((d): ToCook => ({ ...d, pantry }));
  // The same dish under another name is simulated once.
  const keyOf = ({ pantry: _p, id: _i, name: _n, ...d }: ToCook): string => fingerprint(d);
  const friedOf = (d: ToCook): FriedResult => FRIED.get(fingerprint([d.dish, d.fried]), () => evaluateFried(d));
  const simulated = toCook.map((d, k) => {
    tell?.(k, toCook.length, 'dishes');
    return { ...DISHES.get(keyOf(d), () => eveningDish(d, friedOf(d))), id: d.id, name: d.name };
  });
  const otherwise = (dishId: string, how: Otherwise): Cooked | null => {
    const d = toCook.find(({ id }) => id === dishId)!;
    const other = toCook.find(({ id }) => id === how.with) ?? null;
    const fryer = kitchen.fryers.find((f) => f.name === how.fryer);
    const key = fingerprint([keyOf(d), how.frozen ?? false, fryer ?? null, other && keyOf(other)]);
    return COOKED_OTHERWISE.get(key, () => ({ cooked: cookedOtherwise(d, friedOf(d), how, kitchen.fryers, other) }))
      .cooked;
  };
  const order = orderOf(simulated, guests);
  const bowls = sharedBowls(
    order.map((t) => t.dish),
    guests,
  );
  const frozen = simulated
    .filter((d) => request.options[d.id]?.ahead?.includes('frozen') || d.cooked.plan.making?.frozen)
    .map((d) => d.id);
  const dishes = withSharedBowls(simulated, bowls, new Set(frozen));
  const plan = planEvening(
    {
      dishes,
      guests,
      cooks: request.cooks,
      fryers: kitchen.fryers,
      bowls: kitchen.bowls.length,
      trays: kitchen.trays,
      pace: paceOf(kitchen.paces),
      options: request.options,
      togetherMin: request.togetherMin,
      roomC: request.roomC,
      pins: request.pins,
      tableInMin: request.tableInMin,
      otherwise,
    },
    pantry,
    (done, of) => tell?.(done, of, 'schedules'),
  );
  return {
    plan: { ...plan, warnings: [...plan.warnings, ...missingFryers(request)] },
    dishes,
    order,
    bowls,
    shopping: shoppingList(pantry, dishes, request.have),
    measuring: measuringList(dishes),
  };
}
