import { besideAmounts, servingsOf } from '../beside/index.js';
import { spotsApart, type Load } from '../basket/index.js';
import { bowlsFor, buildSauce, seasoningOf, type CoatLayer } from '../coat/index.js';
import {
  allLayersOf,
  besideLayers,
  coatedKg,
  cookInAir,
  dishAs,
  fryInOil,
  readyPiece,
  smallerOf,
  wholeOf,
  type AirPlan,
  type Dish,
  type Fryer,
  type ReadyPiece,
} from '../dish/index.js';
import { foodOf, type Pantry } from '../foods/index.js';
import { PLACES, type CookSeries, type Place, type SimulateOptions, type Waiting } from '../heat/index.js';
import { allOilGm2, oilAmounts, surfaceOilGm2 } from '../oil/index.js';
import {
  crispMinutes,
  energyOf,
  footHotMin,
  judge,
  oilPerPieceG,
  reasonsOf,
  waitingByMinute,
  type Energy,
  type InAir,
  type Judged,
  type Outcomes,
  type PotLeft,
} from '../outcome/index.js';
import { cautionsFor, dishAllergens, safeMinimum } from '../safety/index.js';
import { TABLE_SAUCE } from './constants.js';
import { coatLikeness, likenessOf, fairlyWeighed, staysPale, works } from './likeness.js';
import { planNotes } from './planNotes.js';
import { alsoDone, coveredBy, heapedIn, liesIn, loadFor } from './lying.js';
import { coatedG, potFacts, servingFacts } from './serving.js';
import { stepsFor } from './steps.js';
import type { AirResult, Asked, FriedResult, Occasion, WaitingResult } from './types.js';

/** How closely to look. */
export interface EvaluateOptions extends Omit<SimulateOptions, 'waiting'> {
  /** Follow the cooked piece for half an hour: crisp life; everywhere and under a sauce, or in some places. Default not. */
  waits?: boolean | readonly Place[];
  /** In the second cook all batches lie in the basket together, heaped as they come. Default false. */
  heaped?: boolean;
}

/** A sauce that waits at the table. */
const tableSauce = (pantry: Pantry): CoatLayer =>
  buildSauce(pantry, { portions: [{ ingredientId: TABLE_SAUCE.id, grams: 100 }] }, TABLE_SAUCE.gm2);

const plainly = (places: readonly Place[]): Waiting[] => places.map((place) => ({ place, sauce: null }));

/** The places as it is, and, where all are asked for, under a sauce at the table when it has none yet. */
const waitingsOf = (pantry: Pantry, sauce: CoatLayer | null, waits: true | readonly Place[]): Waiting[] =>
  waits === true
    ? [...plainly(PLACES), ...(sauce ? [] : [{ place: 'rack', sauce: tableSauce(pantry) } as const])]
    : plainly(waits);

const simulation = (
  pantry: Pantry,
  { sauce }: ReadyPiece,
  { waits, heaped: _, ...rest }: EvaluateOptions = {},
): SimulateOptions => ({
  ...rest,
  waiting: waits ? waitingsOf(pantry, sauce, waits) : [],
});

/** Simulates and judges the dish as it is fried today. @throws Refusal for an unknown food or ingredient */
export function evaluateFried(
  { pantry, dish, fried }: Pick<Asked, 'pantry' | 'dish' | 'fried'>,
  options?: EvaluateOptions,
): FriedResult {
  const ready = readyPiece(pantry, dish, fried.layers);
  const series = fryInOil(ready, dish, fried, simulation(pantry, ready, options));
  const at = series.timeS.length - 1;
  const judged: Judged = {
    ready,
    series,
    at,
    tempC: fried.tempC,
    turnAtMin: fried.medium === 'pan-oil' ? fried.minutes / 2 : null,
    restMin: 0,
    oilGm2: 0,
    pot: null,
    air: null,
  };
  return { ...judgedResult(judged), pot: potLeft(series, at), tempC: fried.tempC, minutes: fried.minutes };
}

const potLeft = (series: CookSeries, at: number): PotLeft => ({
  footHotMin: footHotMin(series, at),
  firmness: series.columns.firmness[at],
  centreC: series.columns.centreC[at],
  colour: Math.min(series.columns.colourUp[at], series.columns.colourDown[at]),
});

const waitingResults = (judged: Judged): WaitingResult[] =>
  judged.series.waiting.map((w) => {
    const minutes = crispMinutes(judged, w);
    const crispMin = Number.isFinite(minutes) ? minutes : null;
    return { place: w.place, sauced: w.sauced, crispMin, ...waitingByMinute(judged, w) };
  });

function judgedResult(judged: Judged, outcomes: Outcomes = judge(judged)) {
  return {
    layers: judged.ready.layers,
    sauce: judged.ready.sauce,
    series: judged.series,
    outcomes,
    reasons: reasonsOf(outcomes),
    oilPerPieceG: oilPerPieceG(judged),
    heatJ: judged.series.heatJ,
    waiting: waitingResults(judged),
  };
}

/** One cook in the air of one fryer, as it lies there. */
export interface InFryer {
  ready: ReadyPiece;
  plan: AirPlan;
  fryer: Fryer;
  load: Load;
  pot: PotLeft;
}

const spotsOf = ({ hotSpots }: Fryer, { basketTurned = false }: AirPlan['settings']): InAir['spots'] =>
  hotSpots ? { ...spotsApart(hotSpots, basketTurned), turned: basketTurned } : null;

/** The view of an air cook at sample `at`. */
export const judgedAir = (
  { ready, plan, fryer, load, pot }: InFryer,
  series: CookSeries,
  at: number,
  lower: CookSeries | null,
  smaller: CookSeries | null = null,
): Judged => ({
  ready,
  series,
  at,
  tempC: plan.second ? Math.max(plan.settings.tempC, plan.second.tempC) : plan.settings.tempC,
  turnAtMin: plan.settings.turnAtMin,
  restMin: plan.restMin,
  oilGm2: surfaceOilGm2(plan),
  pot,
  air: {
    fryer: fryer.kind,
    under: plan.settings.under,
    coverage: load.coverage,
    second: plan.second,
    oilInAllGm2: allOilGm2(plan, ready),
    basketOiled: (plan.oiling?.basketG ?? 0) > 0,
    swapEveryMin: plan.settings.swapEveryMin,
    lower,
    smaller,
    spots: spotsOf(fryer, plan.settings),
  },
});

function energyFor(dish: Dish, { plan, fryer, load, ready }: InFryer, judged: Judged, fried: FriedResult): Energy {
  return energyOf(
    dish.count,
    {
      fryer: fryer.kind,
      tempC: plan.settings.tempC,
      minutes: plan.settings.minutes + (plan.second?.minutes ?? 0),
      batches: load.batches,
      preheated: plan.settings.preheated,
      heatJPerPiece: judged.series.heatJ,
      oilGPerPiece: oilPerPieceG(judged),
    },
    {
      tempC: fried.tempC,
      minutes: fried.minutes,
      batches: load.batches,
      massKgPerBatch: coatedKg(ready) * load.piecesPerBatch,
      heatJPerPiece: fried.heatJ,
      oilGPerPiece: fried.oilPerPieceG,
    },
  );
}

/** What the centre misses of its safe minimum; null where it is safe, or has none. */
function unsafeOf({ centre }: Outcomes, { food }: ReadyPiece): AirResult['unsafe'] {
  const minimum = safeMinimum(food.food.safety);
  if (!minimum || !centre || centre.value >= minimum.tempC) return null;
  return { centreC: centre.value, minimumC: minimum.tempC };
}

function describe(occasion: Occasion, cooked: InFryer, fried: FriedResult, judged: Judged): AirResult {
  const { pantry, dish } = occasion;
  const { ready, plan, fryer, load } = cooked;
  const outcomes = judge(judged);
  const { areaM2, massG } = wholeOf(pantry, dish);
  const oil = oilAmounts(plan, ready, areaM2, load.batches);
  const bowls = dish.readyCoated ? [] : bowlsFor(ready.layers, areaM2, dish.count, plan.station);
  const eaten = [...allLayersOf(plan), ...besideLayers(dish)];
  const also = alsoDone(occasion, cooked);
  const alsoFood = dish.also ? [foodOf(pantry, dish.also.foodId)] : [];
  const result = judgedResult(judged, outcomes);
  const eatenG = coatedG(pantry, dish, ready.layers);
  const people = servingsOf(dish, eatenG);
  const beside = besideAmounts(pantry, dish, eatenG, people, load.batches);
  const pale = staysPale(ready.layers, fried.outcomes);
  return {
    ...result,
    reasons: fairlyWeighed(result.reasons, pale).sort((a, b) => b.weight - a.weight),
    plan,
    stepC: fryer.stepC,
    grammar: planNotes(plan, ready.layers, fryer.stepC),
    bowls,
    seasoning: seasoningOf(ready.layers, areaM2, ready.food, massG),
    allergens: dishAllergens(pantry, ready.food, eaten, alsoFood),
    also,
    load,
    footprint: coveredBy(ready),
    oil,
    beside,
    perServing: {
      air: servingFacts(pantry, dish, cooked, { people, beside }),
      pot: potFacts(pantry, dish, fried, { people, beside }),
    },
    sprayOilG: oil.find((o) => o.place === 'spray')?.usedG ?? 0,
    energy: energyFor(dish, cooked, judged, fried),
    steps: stepsFor({
      pantry,
      dish,
      plan,
      fryer,
      ready,
      load,
      oil,
      bowls,
      beside,
      also,
      unsafe: unsafeOf(outcomes, ready),
    }),
    cautions: cautionsFor(pantry, ready.food, eaten, {
      also: alsoFood,
      parchment: plan.settings.under === 'parchment',
      deepOil: false,
      waterTray: plan.settings.waterTray,
    }),
    unsafe: unsafeOf(outcomes, ready),
    likeness: likenessOf(outcomes, fried.outcomes, coatLikeness(ready.layers, fried.layers), pale),
    works: works(outcomes, pale) && load.fits,
  };
}

/**
 * Simulates and judges one air plan for a dish in a fryer: outcomes with reasons, bowls, batches, steps, cautions.
 * Where a batch takes two racks, the upper is simulated in full and the lower beside it.
 * @throws Refusal for an unknown food or ingredient
 */
export function evaluateAir(
  occasion: Occasion,
  plan: AirPlan,
  fried: FriedResult,
  options?: EvaluateOptions,
): AirResult {
  const { pantry, fryer } = occasion;
  const dish = dishAs(occasion.dish, plan);
  const made = { ...occasion, dish };
  const ready = readyPiece(pantry, dish, plan.layers, plan.second);
  const load = loadFor(made, ready, plan.laying);
  const lies = options?.heaped ? heapedIn(load) : liesIn(load);
  const series = cookInAir(ready, dish, plan, fryer, lies, simulation(pantry, ready, options));
  const steps = { fine: options?.fine, longSteps: options?.longSteps };
  const lower = load.racksUsed > 1 ? cookInAir(ready, dish, plan, fryer, liesIn(load, 'lower'), steps) : null;
  const small = smallerOf(dish);
  const smaller =
    small && cookInAir(readyPiece(pantry, small, plan.layers, plan.second), small, plan, fryer, liesIn(load), steps);
  const cooked: InFryer = { ready, plan, fryer, load, pot: fried.pot };
  return describe(made, cooked, fried, judgedAir(cooked, series, series.timeS.length - 1, lower, smaller));
}
