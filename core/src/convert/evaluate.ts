import { footprintOf, loadOf, spotsApart, type Footprint, type Load, type Lot } from '../basket/index.js';
import { bowlsFor, buildSauce, seasoningOf, type CoatLayer } from '../coat/index.js';
import {
  allLayersOf,
  cookInAir,
  fryInOil,
  readyPiece,
  smallerOf,
  wholeOf,
  type AirPlan,
  type BasketLaying,
  type Dish,
  type FriedCook,
  type Fryer,
  type InBasket,
  type ReadyPiece,
} from '../dish/index.js';
import { PLACES, type CookSeries, type Level, type SimulateOptions, type Waiting } from '../heat/index.js';
import {
  crispMinutes,
  energyOf,
  footHotMin,
  judge,
  oilPerPieceG,
  reasonsOf,
  type Energy,
  type InAir,
  type Judged,
  type Outcomes,
} from '../outcome/index.js';
import { allOilGm2, oilAmounts, surfaceOilGm2 } from '../oil/index.js';
import { cautionsFor, dishAllergens } from '../safety/index.js';
import { coatLikeness, likenessOf, staysPale, works } from './likeness.js';
import { planNotes } from './planNotes.js';
import { stepsFor } from './steps.js';
import type { AirResult, FriedResult, WaitingResult } from './types.js';

/** How closely to look. */
export interface EvaluateOptions extends Omit<SimulateOptions, 'waiting'> {
  /** Follow the cooked piece for half an hour: crisp life. Default false. */
  waits?: boolean;
}

/** A sauce that waits at the table, 150 g/m²: common practice, no source. */
const TYPICAL_SAUCE: CoatLayer = buildSauce({ portions: [{ ingredientId: 'tomato-sauce', grams: 100 }] }, 150);

/** The places as it is, and under a sauce at the table when it has none yet. */
const waitingsOf = (sauce: CoatLayer | null): Waiting[] => [
  ...PLACES.map((place): Waiting => ({ place, sauce: null })),
  ...(sauce ? [] : [{ place: 'rack', sauce: TYPICAL_SAUCE } as const]),
];

const simulation = (ready: ReadyPiece, { waits, ...rest }: EvaluateOptions = {}): SimulateOptions => ({
  ...rest,
  waiting: waits ? waitingsOf(ready.sauce) : [],
});

/** Simulates and judges the dish as it is fried today. @throws RangeError for an unknown food or ingredient */
export function evaluateFried(dish: Dish, fried: FriedCook, options?: EvaluateOptions): FriedResult {
  const ready = readyPiece(dish, fried.layers);
  const series = fryInOil(ready, dish, fried, simulation(ready, options));
  const at = series.timeS.length - 1;
  const judged: Judged = {
    ready,
    series,
    at,
    tempC: fried.tempC,
    turnAtMin: fried.medium === 'pan-oil' ? fried.minutes / 2 : null,
    restMin: 0,
    oilGm2: 0,
    friedFootMin: null,
    air: null,
  };
  return { ...judgedResult(judged), footHotMin: footHotMin(series, at), tempC: fried.tempC, minutes: fried.minutes };
}

const waitingResults = (judged: Judged): WaitingResult[] =>
  judged.series.waiting.map((w) => {
    const minutes = crispMinutes(judged, w);
    return { place: w.place, sauced: w.sauced, crispMin: Number.isFinite(minutes) ? minutes : null };
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
export interface AirScene {
  ready: ReadyPiece;
  plan: AirPlan;
  fryer: Fryer;
  load: Load;
  friedFootMin: number | null;
}

const spotsOf = ({ hotSpots }: Fryer, { basketTurned = false }: AirPlan['settings']): InAir['spots'] =>
  hotSpots ? { ...spotsApart(hotSpots, basketTurned), turned: basketTurned } : null;

/** The view of an air cook at sample `at`. */
export const judgedAir = (
  { ready, plan, fryer, load, friedFootMin }: AirScene,
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
  friedFootMin,
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

/** What one coated piece covers from above. */
export const coveredBy = (ready: ReadyPiece): Footprint =>
  footprintOf(
    ready.shape,
    ready.piece.footprintM2 * 1e6,
    ready.layers.reduce((sum, l) => sum + l.thicknessM, 0) * 1000,
  );

/** How the dish lies in the fryer's basket with this coat. */
export const loadFor = (ready: ReadyPiece, dish: Dish, fryer: Fryer, laying?: BasketLaying): Load =>
  loadOf(lotOf(ready, dish), fryer, laying);

/** The pieces of a dish as they are packed with this coat. */
export function lotOf(ready: ReadyPiece, dish: Dish): Lot {
  const lot: Lot = { footprint: coveredBy(ready), count: dish.count };
  const small = smallerOf(dish);
  if (!small) return lot;
  const { shape, piece } = readyPiece(small, []);
  return { ...lot, smaller: { footprint: coveredBy({ ...ready, shape, piece }), count: small.count } };
}

/** How a piece lies in a full batch: on the upper rack, which browns first, when there are two. */
export const liesIn = ({ coverage, piecesPerBatch, racksUsed }: Load, level: Level = 'upper'): InBasket => ({
  coverage,
  pieces: piecesPerBatch,
  level: racksUsed > 1 ? level : 'only',
});

function energyFor(dish: Dish, scene: AirScene, judged: Judged, fried: FriedResult): Energy {
  const { plan, fryer, load, ready } = scene;
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
      massKgPerBatch: (ready.piece.massG * load.piecesPerBatch) / 1000,
      heatJPerPiece: fried.heatJ,
      oilGPerPiece: fried.oilPerPieceG,
    },
  );
}

function describe(dish: Dish, scene: AirScene, fried: FriedResult, judged: Judged, outcomes: Outcomes): AirResult {
  const { ready, plan, fryer, load } = scene;
  const { areaM2, massG } = wholeOf(dish);
  const oil = oilAmounts(plan, ready, areaM2, load.batches);
  const bowls = bowlsFor(ready.layers, areaM2, dish.count, plan.station);
  return {
    ...judgedResult(judged, outcomes),
    plan,
    grammar: planNotes(plan, ready.layers),
    bowls,
    seasoning: seasoningOf(ready.layers, areaM2, ready.food, massG),
    allergens: dishAllergens(ready.food, allLayersOf(plan)),
    load,
    footprint: coveredBy(ready),
    oil,
    sprayOilG: oil.find((o) => o.place === 'spray')?.usedG ?? 0,
    energy: energyFor(dish, scene, judged, fried),
    steps: stepsFor({ dish, plan, fryer, ready, load, bowls, oil }),
    cautions: cautionsFor(ready.food, allLayersOf(plan), {
      parchment: plan.settings.under === 'parchment',
      deepOil: false,
      waterTray: plan.settings.waterTray,
    }),
    likeness: likenessOf(outcomes, fried.outcomes, coatLikeness(ready.layers, fried.layers)),
    works: works(outcomes, staysPale(ready.layers)) && load.fits,
  };
}

/**
 * Simulates and judges one air plan for a dish in a fryer: outcomes with reasons, bowls, batches, steps, cautions.
 * Where a batch takes two racks, the upper is simulated in full and the lower beside it.
 * @throws RangeError for an unknown food or ingredient
 */
export function evaluateAir(
  dish: Dish,
  plan: AirPlan,
  fryer: Fryer,
  fried: FriedResult,
  options?: EvaluateOptions,
): AirResult {
  const ready = readyPiece(dish, plan.layers, plan.second);
  const load = loadFor(ready, dish, fryer, plan.laying);
  const series = cookInAir(ready, dish, plan, fryer, liesIn(load), simulation(ready, options));
  const lower = load.racksUsed > 1 ? cookInAir(ready, dish, plan, fryer, liesIn(load, 'lower')) : null;
  const small = smallerOf(dish);
  const smaller = small && cookInAir(readyPiece(small, plan.layers, plan.second), small, plan, fryer, liesIn(load));
  const scene: AirScene = { ready, plan, fryer, load, friedFootMin: fried.footHotMin };
  const judged = judgedAir(scene, series, series.timeS.length - 1, lower, smaller);
  return describe(dish, scene, fried, judged, judge(judged));
}
