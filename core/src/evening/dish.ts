import { dishAs, PLAIN_OILING, readyPiece, wholeOf, type AirPlan, type Fryer } from '../dish/index.js';
import { foodOf, ingredient, type Pantry } from '../foods/index.js';
import type { Place } from '../heat/index.js';
import { soldAs } from '../cut/index.js';
import { safeMinimum } from '../safety/index.js';
import { minutesUntil } from '../outcome/index.js';
import { evaluateAir, loadFor, type AirResult, type ConvertRequest, type FriedResult } from '../plan/index.js';
import { movedTo } from '../advice/index.js';
import { spoken } from '../units/index.js';
import { wayMinutes, wayOf, wayWords } from '../prep/index.js';
import { supperDish } from '../supper/index.js';
import { CRISP_AGAIN_AFTER, CRISP_AGAIN_MIN, FROM_FROZEN } from './constants/index.js';
import type { Cooked, EveningDish, Otherwise } from './types.js';

/** A converted dish that is to be cooked in an evening. */
export interface ToCook extends ConvertRequest {
  id: string;
  name: string;
  pantry: Pantry;
  plan: AirPlan;
}

/** How crisp all of a dish is when it has waited and is crisped again together, after each of a few waits. */
function crispedAgain(dish: ToCook, plan: AirPlan, fryer: Fryer, fried: FriedResult): Cooked['again'] {
  if (plan.second) return [];
  return CRISP_AGAIN_AFTER.map((afterMin) => {
    const second = {
      sauce: null,
      sauceGm2: 0,
      coolMin: afterMin,
      tempC: plan.settings.tempC,
      minutes: CRISP_AGAIN_MIN,
    };
    const { outcomes, series } = evaluateAir({ ...dish, fryer }, { ...plan, second }, fried, {
      heaped: true,
      longSteps: true,
    });
    const centreC = series.columns.centreC[series.timeS.length - 1];
    return { afterMin, crispness: outcomes.crispness?.value ?? 0, centreC };
  });
}

/** Where it may wait: on the rack, and in the switched-off fryer where the plan says so. */
const placesFor = ({ afterwards }: AirPlan): Place[] => (afterwards === 'held' ? ['rack', 'hold'] : ['rack']);

/** A plan in a fryer with how it waits. */
function cookedAs(dish: ToCook, plan: AirPlan, fryer: Fryer, fried: FriedResult, known?: AirResult): Cooked {
  const air = known ?? evaluateAir({ ...dish, fryer }, plan, fried, { waits: placesFor(plan), longSteps: true });
  const rack = air.waiting.find((w) => w.place === 'rack')!;
  const held = air.waiting.find((w) => w.place === 'hold') ?? rack;
  return {
    fryer,
    plan: air.plan,
    load: air.load,
    unsafe: air.unsafe,
    fresh: air.outcomes.crispness?.value ?? 0,
    onRack: rack.crispness,
    held: held.crispness,
    centreC: rack.centreC,
    again: crispedAgain(dish, air.plan, fryer, fried),
  };
}

/**
 * The plan cooked from frozen: at its own setting or a little warmer, in the fewest minutes in which its centre is safe,
 * or, where nothing has to be safe, as hot as it is in the plan; null where it never is.
 */
function fromFrozen(dish: ToCook, plan: AirPlan, fryer: Fryer, fried: FriedResult): Cooked | null {
  const { food } = readyPiece(dish.pantry, dishAs(dish.dish, plan), plan.layers);
  const level = safeMinimum(food.food.safety)?.tempC ?? food.food.eatAtC;
  const base = { ...plan, making: { ...plan.making, frozen: true } };
  const { settings } = plan;
  let found: { plan: AirPlan; value: number } | null = null;
  for (const warmer of FROM_FROZEN.warmerC) {
    const tempC = Math.min(fryer.maxTempC, settings.tempC + warmer);
    for (const share of FROM_FROZEN.longer) {
      const minutes = Math.round(settings.minutes * share);
      const turnAtMin = settings.turnAtMin === null ? null : Math.round(settings.turnAtMin * share);
      const tried = { ...base, settings: { ...settings, tempC, minutes, turnAtMin } };
      const air = evaluateAir({ ...dish, fryer }, tried, fried);
      const last = air.series.timeS.length - 1;
      const done = minutesUntil(air.series, last, 'centreC', 'centreC', level) !== null;
      if (!done || air.unsafe) continue;
      if (!found || air.likeness > found.value) found = { plan: tried, value: air.likeness };
    }
  }
  return found && cookedAs(dish, found.plan, fryer, fried);
}

/** The settings of another plan, with this dish's own turn or none. */
const withSettings = (plan: AirPlan, other: AirPlan): AirPlan => ({
  ...plan,
  laying: undefined,
  settings: { ...other.settings, under: plan.settings.under },
});

/**
 * A dish as the evening needs it: simulated, with how it waits, and what its work is.
 * @throws Refusal for an unknown food or ingredient
 */
export function eveningDish(asked: ToCook, fried: FriedResult): EveningDish {
  const { id, name, pantry, fryer, plan } = asked;
  const air = evaluateAir(asked, plan, fried, { waits: placesFor(plan) });
  const dish = dishAs(asked.dish, air.plan);
  const food = foodOf(pantry, dish.foodId);
  const way = wayOf(dish.preparation);
  const words = wayWords(dish.preparation, food);
  const cut = dish.bought && soldAs(food).cuts.find((c) => c.id === dish.bought!.cut);
  const ready = readyPiece(pantry, dish, air.plan.layers);
  const { oilId } = air.plan.oiling ?? PLAIN_OILING;
  const asCut = { ...dish, preparation: 'raw' } as const;
  const rawG = wholeOf(pantry, { ...asCut, also: undefined }).massG;
  const alsoG = wholeOf(pantry, asCut).massG - rawG;
  return {
    ...supperDish(id, name, asked, air),
    dish,
    ready: {
      way: dish.preparation,
      ...words,
      handsMin: way.handsMin,
      waitMin: way.waitMin + wayMinutes(food, dish.shape, dish.preparation, dish.prepMin ?? null),
    },
    cutting: dish.readyCoated || cut?.id === 'whole' ? null : (cut?.how ?? ''),
    beside: air.beside,
    cooked: cookedAs(asked, air.plan, fryer, fried, air),
    groundMm2: ready.piece.footprintM2 * 1e6 * dish.count,
    rawG,
    boughtG: rawG / (soldAs(food).trimmed || 1),
    alsoG,
    sprayG: air.oil.filter((o) => o.place !== 'crumbs').reduce((sum, o) => sum + o.usedG, 0),
    oilId,
    oilName: spoken(ingredient(pantry, oilId).name),
  };
}

/**
 * The same dish cooked otherwise, simulated; null where it does not go in, or never gets hot from frozen.
 * @param other the dish whose settings it is cooked with, where that was asked for
 */
export function cookedOtherwise(
  asked: ToCook,
  fried: FriedResult,
  how: Otherwise,
  fryers: readonly Fryer[],
  other: ToCook | null,
): Cooked | null {
  const named = how.fryer === undefined ? asked.fryer : fryers.find((f) => f.name === how.fryer);
  const to = other?.fryer ?? named;
  // A fryer that is not in the kitchen any more.
  if (!to) return null;
  if (how.frozen) return fromFrozen(asked, asked.plan, to, fried);
  if (other) {
    const plan = withSettings(asked.plan, other.plan);
    return loadFor({ ...asked, fryer: to }, readyPiece(asked.pantry, dishAs(asked.dish, plan), plan.layers)).fits
      ? cookedAs(asked, plan, to, fried)
      : null;
  }
  const current = evaluateAir(asked, asked.plan, fried, { longSteps: true });
  const moved = movedTo(asked, to, fried, current);
  return moved.fits ? cookedAs(asked, moved.plan, to, fried) : null;
}
