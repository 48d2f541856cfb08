import type { Load } from '../basket/index.js';
import {
  asPlanned,
  cookInAir,
  dishAs,
  readyPiece,
  type AirPlan,
  type Dish,
  type Fryer,
  type Happened,
  type ReadyPiece,
} from '../dish/index.js';
import type { Pantry } from '../foods/index.js';
import { colourAtSpeed, type CookSeries, type Level, type SimulateOptions } from '../heat/index.js';
import { liesIn } from '../plan/index.js';
import { safeMinimum } from '../safety/index.js';
import type { Unknowns } from './unknowns.js';

/** A batch that lies in a fryer: what it is, and how it is meant to be cooked. */
export interface Lying {
  pantry: Pantry;
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
  load: Load;
}

/** Food that is said to be frozen stays so, and other food does not freeze for being colder than said. */
const startOf = (saidC: number, startK: number): number =>
  saidC < 0 ? Math.min(-1, saidC + startK) : Math.max(0, saidC + startK);

/** The plan over so many minutes: beyond its first cook the second one is shorter or longer. */
function over({ plan }: Lying, minutes: number): AirPlan {
  const { second, settings } = plan;
  if (!second) return plan;
  const rest = minutes - settings.minutes - second.coolMin;
  return rest > 0 ? { ...plan, second: { ...second, minutes: rest } } : { ...plan, second: null };
}

/** Minutes of a plan's first and second cook, with what it cools between. */
export const wholeMinutes = ({ settings, second }: AirPlan): number =>
  settings.minutes + (second ? second.coolMin + second.minutes : 0);

/** What happens to a batch when it is cooked as its plan says, its second cook among its minutes. */
export const meant = ({ plan }: Lying): Happened => ({ ...asPlanned(plan), minutes: wholeMinutes(plan) });

/** What of a batch is otherwise than its load says, and how closely it is looked at. */
export interface LyingOtherwise {
  /** The rack that it lies on, where that is known. */
  level?: Level;
  options?: SimulateOptions;
}

/** A batch as it was simulated: its coated piece and what became of it. */
export interface SimulatedBatch {
  ready: ReadyPiece;
  /** The plan over the minutes that it had. */
  plan: AirPlan;
  fryer: Fryer;
  series: CookSeries;
}

/**
 * Simulates a batch as it `happened`, in a fryer and of a food that are otherwise than said by `unknowns`. How fast it
 * browns is not in the series: see `colourUnder`.
 */
export function simulatedUnder(
  lying: Lying,
  unknowns: Unknowns,
  happened: Happened,
  { level, options = {} }: LyingOtherwise = {},
): SimulatedBatch {
  const { pantry, load } = lying;
  const plan = over(lying, happened.minutes);
  const dish = dishAs(lying.dish, plan);
  const thin = readyPiece(pantry, dish, plan.layers, plan.second);
  const thicker = Math.exp(unknowns.sizeLog);
  const ready = { ...thin, piece: { ...thin.piece, halfThicknessM: thin.piece.halfThicknessM * thicker } };
  const first = plan.second ? Math.min(happened.minutes, plan.settings.minutes) : happened.minutes;
  const fryer = {
    ...lying.fryer,
    offsetC: lying.fryer.offsetC + unknowns.offsetK,
    airFactor: lying.fryer.airFactor * Math.exp(unknowns.airLog),
  };
  const lies = level === undefined ? liesIn(load) : { ...liesIn(load), level };
  const started = { ...dish, startC: startOf(dish.startC, unknowns.startK) };
  const series = cookInAir(ready, started, plan, fryer, lies, options, { ...happened, minutes: first });
  return { ready, plan, fryer, series };
}

/** The series alone; see `simulatedUnder`. */
export const seriesUnder = (lying: Lying, unknowns: Unknowns, happened: Happened): CookSeries =>
  simulatedUnder(lying, unknowns, happened).series;

/** Index of the first sample at or after `timeS`; the last one beyond the end. */
function sampleAt({ timeS }: CookSeries, atS: number): number {
  let [from, to] = [0, timeS.length - 1];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (timeS[middle] >= atS) to = middle;
    else from = middle + 1;
  }
  return from;
}

/** Value of a column at `atS`, between its samples. */
export function valueAt(series: CookSeries, column: ArrayLike<number>, atS: number): number {
  const k = sampleAt(series, atS);
  if (k === 0) return column[0];
  const [t0, t1] = [series.timeS[k - 1], series.timeS[k]];
  const share = Math.min(1, Math.max(0, (atS - t0) / (t1 - t0)));
  return column[k - 1] + (column[k] - column[k - 1]) * share;
}

export type Face = 'up' | 'down';

/** Browning B of a face at `atS`, of a coat that browns e^browningLog times as fast. */
export function colourUnder(series: CookSeries, face: Face, atS: number, browningLog: number): number {
  const { colourUp, charUp, colourDown, charDown } = series.columns;
  const whole = valueAt(series, face === 'up' ? colourUp : colourDown, atS);
  const char = valueAt(series, face === 'up' ? charUp : charDown, atS);
  return colourAtSpeed(whole - char, char, Math.exp(browningLog));
}

/** °C that the centre is wanted at: the safe minimum where there is one, what tastes right without, and no more than the plan comes to. */
export function wantedCentre(lying: Lying, asMeant: CookSeries): number {
  const { food } = readyPiece(lying.pantry, dishAs(lying.dish, lying.plan), lying.plan.layers).food;
  const safe = safeMinimum(food.safety)?.tempC;
  return safe ?? Math.min(food.eatAtC, asMeant.columns.centreC[asMeant.timeS.length - 1]);
}

/** Seconds until the centre is at `wantedC`; null where it does not come to it. */
export function centreAtS(series: CookSeries, wantedC: number): number | null {
  const { centreC } = series.columns;
  const k = centreC.findIndex((c) => c >= wantedC);
  if (k < 0) return null;
  if (k === 0) return 0;
  const share = (wantedC - centreC[k - 1]) / Math.max(Number.EPSILON, centreC[k] - centreC[k - 1]);
  return series.timeS[k - 1] + share * (series.timeS[k] - series.timeS[k - 1]);
}
