import { ROUNDING } from '../units/index.js';
import { turningHelps, type Load } from '../basket/index.js';
import { recipesOf } from '../coat/index.js';
import {
  cookInAir,
  dishAs,
  lengthMatters,
  PLAIN_AIR,
  planId,
  readyPiece,
  type AirPlan,
  type ReadyPiece,
} from '../dish/index.js';
import type { CookSeries } from '../heat/index.js';
import { judge, oilPerPieceG } from '../outcome/index.js';
import {
  coatLikeness,
  judgedAir,
  liesIn,
  likenessOf,
  loadFor,
  staysPale,
  SWAP_EVERY_MIN,
  works,
  type Asked,
  type FriedResult,
} from '../plan/index.js';
import { BURNT_BEYOND, MINUTES_AT_FIRST, SHORTEST_MIN } from './constants.js';
import type { Coat } from './families.js';
import type { Candidate } from './types.js';
import { strangenessOf, worthOfCook } from './worth.js';

/** One coat of a search, made ready once, to be tried in many cooks. */
export interface Trial {
  request: Asked;
  fried: FriedResult;
  coat: Coat;
  ready: ReadyPiece;
  load: Load;
  /** Wet last: a spray runs off with it, so little oil is tried. */
  wetLast: boolean;
  /** See `SimulateOptions.fine`. */
  fine: number;
  /** Every length is simulated by itself where that matters; a search is content with one cook for all. */
  exact: boolean;
}

/** A coat ready to be tried; with the sauce of `second` on it where there is one. */
export function trialOf(
  request: Asked,
  fried: FriedResult,
  coat: Coat,
  {
    fine = 1,
    exact = false,
    second = null,
    laying,
  }: { fine?: number; exact?: boolean; second?: AirPlan['second']; laying?: AirPlan['laying'] } = {},
): Trial {
  const dish = dishAs(request.dish, coat);
  const ready = readyPiece(request.pantry, dish, coat.layers, second);
  const load = loadFor({ ...request, dish }, ready, laying);
  return {
    request: { ...request, dish },
    fried,
    coat,
    ready,
    load,
    wetLast: ready.layers.at(-1)?.wet === true && !ready.layers.at(-1)?.sheet,
    fine,
    exact,
  };
}

/** A plan for the coat on trial. */
export const planFor = (
  { request, coat, load }: Trial,
  tempC: number,
  oilGm2: number,
  turnAtMin: number | null,
  mostMin = request.limits.maxMinutes,
): AirPlan => ({
  ...(coat.making ? { making: coat.making } : {}),
  layers: coat.layers,
  restMin: coat.restMin,
  oilGm2,
  settings: {
    ...PLAIN_AIR,
    tempC,
    minutes: mostMin,
    preheated: request.limits.preheat,
    ...(coat.preheatC !== undefined && request.limits.preheat ? { preheatC: coat.preheatC } : {}),
    turnAtMin,
    under: coat.under,
    swapEveryMin: load.racksUsed > 1 ? SWAP_EVERY_MIN : null,
    ...(turningHelps(request.fryer.hotSpots) ? { basketTurned: true } : {}),
  },
  second: null,
});

/** Turning is tried from a minute before the end at the latest; `null` where a plan that turns would not get to it. */
function atLength(plan: AirPlan, minutes: number): AirPlan | null {
  const { turnAtMin } = plan.settings;
  if (turnAtMin !== null && turnAtMin >= minutes - 1) return null;
  return { ...plan, settings: { ...plan.settings, minutes } };
}

const simulated = (
  { ready, request, load, fine, exact }: Trial,
  plan: AirPlan,
  otherOilsGm2: readonly number[] = [],
): CookSeries =>
  cookInAir(ready, request.dish, plan, request.fryer, liesIn(load), {
    untilColour: BURNT_BEYOND,
    fine,
    longSteps: !exact,
    otherOilsGm2,
  });

/** A candidate that has no name yet: only what is kept of many is given one. */
type Tried = Omit<Candidate, 'id'>;

const named = (tried: Tried): Candidate => ({ id: planId(tried.plan), ...tried });

const betterOf = (a: Tried | null, b: Tried | null): Tried | null => (b && (!a || b.score > a.score) ? b : a);

/** A plan judged at sample `at` of a series of it. */
function judgedAs(trial: Trial, plan: AirPlan, series: CookSeries, at: number): Tried {
  const { request, fried, coat, ready, load } = trial;
  const judged = judgedAir({ ready, plan, fryer: request.fryer, load, pot: fried.pot }, series, at, null);
  const outcomes = judge(judged);
  const pale = staysPale(ready.layers, fried.outcomes);
  const likeness = likenessOf(outcomes, fried.outcomes, coatLikeness(ready.layers, fried.layers), pale);
  const { minutes } = plan.settings;
  return {
    family: coat.family,
    variant: coat.variant,
    plan,
    score: worthOfCook(likeness, outcomes, pale, plan, fried.layers.length, request.fryer) - strangenessOf(coat, fried),
    likeness,
    crispness: outcomes.crispness?.value ?? 0,
    oilPerPieceG: oilPerPieceG(judged),
    minutes,
    bowls: recipesOf(ready.layers).length,
    works: works(outcomes, pale) && load.fits,
  };
}

/**
 * The best whole minute out of one simulation of the longest, as long as nothing in the plan hangs on its length: every
 * other minute is judged, and then those beside the best.
 */
const bestOfOne = (trial: Trial, plan: AirPlan): Tried | null => bestWithin(trial, plan, simulated(trial, plan));

function bestWithin(trial: Trial, plan: AirPlan, series: CookSeries): Tried | null {
  const last = Math.min(plan.settings.minutes, Math.floor((series.timeS.at(-1) ?? 0) / 60 + ROUNDING));
  const first = Math.min(SHORTEST_MIN, last);
  const at = (minutes: number): Tried | null => {
    const cut = minutes >= first && minutes <= last ? atLength(plan, minutes) : null;
    return cut && judgedAs(trial, cut, series, Math.round((minutes * 60) / series.sampleS));
  };
  let best: Tried | null = at(last);
  for (let minutes = first; minutes < last; minutes += MINUTES_AT_FIRST) best = betterOf(best, at(minutes));
  const around = best?.minutes ?? first;
  for (let by = 1; by < MINUTES_AT_FIRST; by++) for (const side of [-by, by]) best = betterOf(best, at(around + side));
  return best;
}

/** Every whole minute in a simulation of its own: a look, a touch-up or a second cook comes at another time in each. */
function* minutesOneByOne(trial: Trial, plan: AirPlan): Generator<Tried> {
  for (let minutes = Math.min(SHORTEST_MIN, plan.settings.minutes); minutes <= plan.settings.minutes; minutes++) {
    const cut = atLength(plan, minutes);
    if (!cut) continue;
    const series = simulated(trial, cut);
    const at = series.timeS.length - 1;
    yield judgedAs(trial, cut, series, at);
    // Burnt before its end: longer ones are, too.
    const endS = (minutes + (cut.second ? cut.second.coolMin + cut.second.minutes : 0)) * 60;
    if (series.timeS[at] < endS - series.sampleS) return;
  }
}

const unturned = (plan: AirPlan): AirPlan => ({ ...plan, settings: { ...plan.settings, turnAtMin: null } });

/**
 * A plan at its best whole minute, up to the minutes that it has: like the original, less what is not right yet, less a
 * little for time and oil.
 */
export function bestMinute(trial: Trial, plan: AirPlan): Candidate {
  let best: Tried | null = null;
  if (trial.exact && lengthMatters(plan))
    for (const tried of minutesOneByOne(trial, plan)) best = betterOf(best, tried);
  else best = bestOfOne(trial, plan);
  // A fryer whose longest cook is too short to turn in is not turned.
  return best ? named(best) : bestMinute(trial, unturned(plan));
}

/**
 * Whether every oil that is tried has the same heat: it lies on a coat whose surface is set, from which none runs off with
 * the coat, and no skin gives off its own fat.
 */
export const oilsShareHeat = ({ exact, ready }: Trial): boolean =>
  !exact && ready.layers.at(-1)?.wet !== true && !ready.food.food.skinFatGm2;

/** A plan with each of these oils at its best whole minute, all of them out of one simulation with the first. */
export function bestWithOils(trial: Trial, plan: AirPlan, oilsGm2: readonly number[]): Candidate[] {
  const [oilGm2, ...others] = oilsGm2;
  const withFirst = { ...plan, oilGm2 };
  const series = simulated(trial, withFirst, others);
  const found = [
    bestWithin(trial, withFirst, series),
    ...series.otherOils.map((oil) =>
      bestWithin(trial, { ...plan, oilGm2: oil.oilGm2 }, { ...series, columns: oil.columns }),
    ),
  ];
  // A fryer whose longest cook is too short to turn in is not turned.
  return found.every((tried) => tried !== null) ? found.map(named) : bestWithOils(trial, unturned(plan), oilsGm2);
}

/**
 * A plan with a second temperature and no sauce, at the best whole minute of the second, up to those that it has; null
 * where it is burnt before that.
 */
export function bestSecond(trial: Trial, plan: AirPlan): Candidate | null {
  const { second } = plan;
  if (!second) return null;
  const series = simulated(trial, plan);
  const firstMin = plan.settings.minutes + second.coolMin;
  const last = Math.min(second.minutes, Math.floor((series.timeS.at(-1) ?? 0) / 60 - firstMin + ROUNDING));
  let best: Tried | null = null;
  for (let minutes = 1; minutes <= last; minutes++) {
    const cut = { ...plan, second: { ...second, minutes } };
    best = betterOf(best, judgedAs(trial, cut, series, Math.round(((firstMin + minutes) * 60) / series.sampleS)));
  }
  return best && named(best);
}
