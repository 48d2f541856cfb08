import { turningHelps, type Load } from '../basket/index.js';
import { cookInAir, PLAIN_AIR, readyPiece, type AirPlan, type ReadyPiece } from '../dish/index.js';
import { judge, oilPerPieceG } from '../outcome/index.js';
import { recipesOf } from '../coat/index.js';
import { judgedAir, liesIn, loadFor } from './evaluate.js';
import {
  BURNT_BEYOND,
  COST,
  FIRST_OIL_GM2,
  OILS_GM2,
  REACH,
  SEARCHED_C,
  SHORTEST_MIN,
  SWAP_EVERY_MIN,
  WIDE_COATS,
  WIDE_FINENESS,
} from './constants.js';
import type { Coat } from './families.js';
import { coatLikeness, likenessOf, shortfallOf, staysPale, works } from './likeness.js';
import type { Candidate, ConvertRequest, FriedResult } from './types.js';

/** The temperatures that a fryer can be set to between 160 and 205 °C, no finer than 5 °C. */
export function temperaturesFor({ fryer, limits }: ConvertRequest): number[] {
  const step = Math.max(SEARCHED_C.leastStep, fryer.stepC);
  const from = Math.max(SEARCHED_C.from, fryer.minTempC);
  const to = Math.min(SEARCHED_C.to, fryer.maxTempC, limits.maxTempC);
  const first = Math.ceil(from / step) * step;
  const temperatures = [];
  for (let t = first; t <= to + 1e-9; t += step) temperatures.push(t);
  return temperatures.length > 0 ? temperatures : [Math.min(fryer.maxTempC, limits.maxTempC)];
}

/** Cooks of the second round of one coat: two temperatures, three oils, turned or not. */
export const SECOND_ROUND = 12;

/** One coat of a search, made ready once. */
interface Bench {
  request: ConvertRequest;
  fried: FriedResult;
  coat: Coat;
  ready: ReadyPiece;
  load: Load;
  /** Wet last: a spray runs off with it, so little oil is tried. */
  wetLast: boolean;
  /** See `SimulateOptions.fine`. */
  fine: number;
}

function benchFor(request: ConvertRequest, fried: FriedResult, coat: Coat, fine = 1): Bench {
  const ready = readyPiece(request.dish, coat.layers);
  const load = loadFor(ready, request.dish, request.fryer);
  return { request, fried, coat, ready, load, wetLast: ready.layers.at(-1)?.wet === true, fine };
}

const planAt = (
  { request, coat, load }: Bench,
  tempC: number,
  oilGm2: number,
  turnAtMin: number | null,
  mostMin = request.limits.maxMinutes,
): AirPlan => ({
  layers: coat.layers,
  restMin: coat.restMin,
  oilGm2,
  settings: {
    ...PLAIN_AIR,
    tempC,
    minutes: mostMin,
    preheated: request.limits.preheat,
    turnAtMin,
    under: coat.under,
    swapEveryMin: load.racksUsed > 1 ? SWAP_EVERY_MIN : null,
    ...(turningHelps(request.fryer.hotSpots) ? { basketTurned: true } : {}),
  },
  second: null,
});

/** Turning is tried from a minute before the end at the latest; `null` where a plan that turns would not get to it. */
function settingsFor(plan: AirPlan, minutes: number): AirPlan['settings'] | null {
  const { turnAtMin } = plan.settings;
  if (turnAtMin !== null && turnAtMin >= minutes - 1) return null;
  return { ...plan.settings, minutes };
}

/**
 * A plan at its best whole minute, every minute of one simulation being a candidate: like the original, less what is
 * not right yet, less a little for time and oil.
 */
function bestMinute(bench: Bench, plan: AirPlan): Candidate {
  const { request, fried, coat, ready, load, fine } = bench;
  const { dish, fryer } = request;
  const series = cookInAir(ready, dish, plan, fryer, liesIn(load), { untilColour: BURNT_BEYOND, fine });
  const pale = staysPale(ready.layers);
  const bowls = recipesOf(ready.layers).length;
  const coatLike = coatLikeness(ready.layers, fried.layers);
  const { family, variant } = coat;
  const unusual = variant ? COST.unusual : 0;
  const last = Math.min(plan.settings.minutes, Math.floor((series.timeS.at(-1) ?? 0) / 60 + 1e-6));
  let best: Candidate | null = null;
  for (let minutes = Math.min(SHORTEST_MIN, last); minutes <= last; minutes++) {
    const settings = settingsFor(plan, minutes);
    if (!settings) continue;
    const scene = { ready, plan: { ...plan, settings }, fryer, load, friedFootMin: fried.footHotMin };
    const judged = judgedAir(scene, series, Math.round((minutes * 60) / series.sampleS), null);
    const outcomes = judge(judged);
    const likeness = likenessOf(outcomes, fried.outcomes, coatLike);
    const score =
      likeness -
      shortfallOf(outcomes, ready.layers) -
      COST.perMinute * minutes -
      COST.perOilGm2 * plan.oilGm2 -
      unusual;
    if (best && score <= best.score) continue;
    best = {
      family,
      variant,
      plan: scene.plan,
      score,
      likeness,
      crispness: outcomes.crispness?.value ?? 0,
      oilPerPieceG: oilPerPieceG(judged),
      minutes,
      bowls,
      works: works(outcomes, pale) && load.fits,
    };
  }
  // A fryer whose longest cook is too short to turn in is not turned.
  return best ?? bestMinute(bench, unturned(plan));
}

const unturned = (plan: AirPlan): AirPlan => ({ ...plan, settings: { ...plan.settings, turnAtMin: null } });

const byScore = (a: Candidate, b: Candidate): number => b.score - a.score;

/**
 * A plan with its minutes searched anew, in full fineness: what a change of habit costs in time. Its turning stays at
 * the minute where it is.
 */
export function retimed(request: ConvertRequest, fried: FriedResult, plan: AirPlan): AirPlan {
  return retimedAt(request, fried, plan, [plan.settings.tempC]);
}

/** The same with the best of several temperatures, °C: what works goes before what does not. */
export function retimedAt(
  request: ConvertRequest,
  fried: FriedResult,
  plan: AirPlan,
  temperatures: readonly number[],
): AirPlan {
  const { under } = plan.settings;
  const coat: Coat = { family: 'as-it-is', layers: plan.layers, under, restMin: plan.restMin, idea: '', variant: '' };
  const bench = benchFor(request, fried, coat);
  const minutes = request.limits.maxMinutes;
  const tried = temperatures.map((tempC) =>
    bestMinute(bench, { ...plan, settings: { ...plan.settings, tempC, minutes } }),
  );
  return tried.reduce((a, b) => (betterOf(a, b) ? b : a)).plan;
}

/** Whether b is to be preferred to a. */
const betterOf = (a: Candidate, b: Candidate): boolean => (a.works === b.works ? b.score > a.score : b.works);

/** A cook that is done by `minutes` with one oil is not looked for beyond half as long again with another. */
const withinReach = ({ limits }: ConvertRequest, minutes: number): number =>
  Math.min(limits.maxMinutes, Math.ceil(minutes * REACH.factor) + REACH.plusMin);

type Search = Generator<number, Candidate[], undefined>;

/** Every oil, turned at half time or not, at each of the `plans`' temperatures. */
function* everyWay(bench: Bench, plans: readonly Candidate[]): Search {
  const found: Candidate[] = [];
  for (const { plan } of plans) {
    const { tempC, minutes } = plan.settings;
    const mostMin = withinReach(bench.request, minutes);
    for (const oilGm2 of bench.wetLast ? [0, OILS_GM2[0]] : OILS_GM2) {
      for (const turnAtMin of [null, Math.max(3, Math.round(minutes * 0.55))]) {
        found.push(bestMinute(bench, planAt(bench, tempC, oilGm2, turnAtMin, mostMin)));
        yield 1;
      }
    }
  }
  return found;
}

/** One coat at several temperatures, unturned, with a fine spray. */
function* atTemperatures(bench: Bench, temperatures: readonly number[], mostMin?: number): Search {
  const found: Candidate[] = [];
  for (const tempC of temperatures) {
    found.push(bestMinute(bench, planAt(bench, tempC, bench.wetLast ? 0 : FIRST_OIL_GM2, null, mostMin)));
    yield 1;
  }
  return found;
}

/**
 * One coat: first all temperatures unturned with a fine spray, then the two best with every oil and turning at half
 * time. Yields after each simulation, so that a caller can show progress or stop.
 */
export function* searchCoat(request: ConvertRequest, fried: FriedResult, coat: Coat): Search {
  const bench = benchFor(request, fried, coat);
  const first = yield* atTemperatures(bench, temperaturesFor(request));
  first.sort(byScore);
  if (coat.family === 'as-it-is') return first;
  return [...first, ...(yield* everyWay(bench, first.slice(0, 2)))].sort(byScore);
}

/**
 * The other coats of a family, around the temperatures that were best for its first: each there with a fine spray, then
 * the best of them with every oil and turning. Half as fine as elsewhere: what is shown of them is simulated again.
 * @param minutes how long the family's first coat took
 */
export function* searchVariants(
  request: ConvertRequest,
  fried: FriedResult,
  coats: readonly Coat[],
  temperatures: readonly number[],
  minutes: number,
): Search {
  const looks: { bench: Bench; found: Candidate[] }[] = [];
  for (const coat of coats) {
    const bench = benchFor(request, fried, coat, WIDE_FINENESS);
    const found = yield* atTemperatures(bench, temperatures, withinReach(request, minutes));
    looks.push({ bench, found: found.sort(byScore) });
  }
  looks.sort((a, b) => byScore(a.found[0], b.found[0]));
  const all = looks.flatMap((l) => l.found);
  for (const { bench, found } of looks.slice(0, WIDE_COATS)) all.push(...(yield* everyWay(bench, found.slice(0, 2))));
  return all.sort(byScore);
}

/** Cooks that `searchVariants` simulates for so many coats. */
export const simulationsOfVariants = (coats: number, temperatures: number): number =>
  coats * temperatures + Math.min(coats, WIDE_COATS) * SECOND_ROUND;
