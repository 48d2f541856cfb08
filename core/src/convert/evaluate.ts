import { loadOf, type Load } from '../basket/index.js';
import { bowlsFor, grammarNotes } from '../coat/index.js';
import {
  cookInAir,
  fryInOil,
  readyPiece,
  type AirPlan,
  type Dish,
  type FriedCook,
  type Fryer,
  type ReadyPiece,
} from '../dish/index.js';
import type { CookSeries, SimulateOptions } from '../heat/index.js';
import { footHotMin, judge, oilPerPieceG, reasonsOf, type Judged, type Outcomes } from '../outcome/index.js';
import { cautionsFor } from '../safety/index.js';
import { likenessOf, works } from './likeness.js';
import { stepsFor } from './steps.js';
import type { AirResult, FriedResult } from './types.js';

/** Simulates and judges the dish as it is fried today. @throws RangeError for an unknown food or ingredient */
export function evaluateFried(dish: Dish, fried: FriedCook, options?: SimulateOptions): FriedResult {
  const ready = readyPiece(dish, fried.layers);
  const series = fryInOil(ready, dish, fried, options);
  const at = series.timeS.length - 1;
  const judged: Judged = {
    ready,
    series,
    at,
    medium: 'oil',
    tempC: fried.tempC,
    turnAtMin: fried.medium === 'pan-oil' ? fried.minutes / 2 : null,
    onParchment: false,
    restMin: 0,
    oilGm2: 0,
    friedFootMin: null,
  };
  const outcomes = judge(judged);
  return {
    layers: ready.layers,
    series,
    outcomes,
    reasons: reasonsOf(outcomes),
    oilPerPieceG: oilPerPieceG(judged),
    heatJ: series.heatJ,
    footHotMin: footHotMin(series, at),
  };
}

/** The view of an air cook at sample `at`. */
export const judgedAir = (
  ready: ReadyPiece,
  plan: AirPlan,
  series: CookSeries,
  at: number,
  friedFootMin: number | null,
): Judged => ({
  ready,
  series,
  at,
  medium: 'air',
  tempC: plan.settings.tempC,
  turnAtMin: plan.settings.turnAtMin,
  onParchment: plan.settings.under === 'parchment',
  restMin: plan.restMin,
  oilGm2: plan.oilGm2,
  friedFootMin,
});

/** How the dish lies in the fryer's basket with this coat. */
export const loadFor = (ready: ReadyPiece, dish: Dish, fryer: Fryer): Load =>
  loadOf(
    ready.piece,
    ready.layers.reduce((sum, l) => sum + l.thicknessM, 0),
    dish.count,
    fryer,
  );

/** Starch has nothing that browns: its paleness is no failure. */
export const staysPale = (ready: ReadyPiece): boolean => ready.layers.at(-1)?.grain === 'starch';

function describe(
  dish: Dish,
  plan: AirPlan,
  fryer: Fryer,
  fried: FriedResult,
  ready: ReadyPiece,
  load: Load,
  judged: Judged,
  outcomes: Outcomes,
): AirResult {
  const areaM2 = ready.piece.areaM2 * dish.count;
  const sprayOilG = plan.oilGm2 * areaM2;
  const bowls = bowlsFor(ready.layers, areaM2);
  return {
    plan,
    layers: ready.layers,
    series: judged.series,
    outcomes,
    reasons: reasonsOf(outcomes),
    oilPerPieceG: oilPerPieceG(judged),
    heatJ: judged.series.heatJ,
    grammar: grammarNotes(ready.layers),
    bowls,
    load,
    sprayOilG,
    steps: stepsFor({ dish, plan, fryer, ready, load, bowls, sprayOilG }),
    cautions: cautionsFor(ready.food, plan.layers, { parchment: judged.onParchment, deepOil: false }),
    likeness: likenessOf(outcomes, fried.outcomes),
    works: works(outcomes, staysPale(ready)) && load.fits,
  };
}

/**
 * Simulates and judges one air plan for a dish in a fryer: outcomes with reasons, bowls, batches, steps, cautions.
 * @throws RangeError for an unknown food or ingredient
 */
export function evaluateAir(
  dish: Dish,
  plan: AirPlan,
  fryer: Fryer,
  fried: FriedResult,
  options?: SimulateOptions,
): AirResult {
  const ready = readyPiece(dish, plan.layers);
  const load = loadFor(ready, dish, fryer);
  const series = cookInAir(ready, dish, plan, fryer, load.coverage, options);
  const judged = judgedAir(ready, plan, series, series.timeS.length - 1, fried.footHotMin);
  return describe(dish, plan, fryer, fried, ready, load, judged, judge(judged));
}
