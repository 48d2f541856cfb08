import { NEXT_TO_NOTHING } from '../units/index.js';
import type { AirPlan } from '../dish/index.js';
import { TURN_AT_SHARE, type Asked, type FriedResult } from '../plan/index.js';
import { FIRST_OIL_GM2, LEAST_TURN_MIN, OILS_GM2, REACH, SEARCHED_C, WIDE_COATS, WIDE_FINENESS } from './constants.js';
import type { Coat } from './families.js';
import { bestMinute, bestWithOils, oilsShareHeat, planFor, trialOf, type Trial } from './trial.js';
import type { Candidate } from './types.js';

/** The temperatures that a fryer can be set to from 160 °C on, as high as it and the cook go, no finer than 5 °C. */
export function temperaturesFor({ fryer, limits }: Pick<Asked, 'fryer' | 'limits'>): number[] {
  const step = Math.max(SEARCHED_C.leastStep, fryer.stepC);
  const from = Math.max(SEARCHED_C.from, fryer.minTempC);
  const to = Math.min(fryer.maxTempC, limits.maxTempC);
  const first = Math.ceil(from / step) * step;
  const temperatures = [];
  for (let t = first; t <= to + NEXT_TO_NOTHING; t += step) temperatures.push(t);
  return temperatures.length > 0 ? temperatures : [Math.min(fryer.maxTempC, limits.maxTempC)];
}

/** Cooks of the second round of one coat, about: at two temperatures turned with every oil, and the other oils unturned where that was better. */
export const SECOND_ROUND = 3;

/** A spray runs off with a coat that is still wet: hardly any is tried, and none. */
const WET_OILS_GM2 = [0, OILS_GM2[0]];

const byScore = (a: Candidate, b: Candidate): number => b.score - a.score;

/** A cook that is done by `minutes` with one oil is not looked for beyond half as long again with another. */
const withinReach = ({ limits }: Asked, minutes: number): number =>
  Math.min(limits.maxMinutes, Math.ceil(minutes * REACH.factor) + REACH.plusMin);

type Search = Generator<number, Candidate[], undefined>;

/** A plan with each of these oils: out of one simulation where they share their heat, and out of one each where they do not. */
function* inOils(trial: Trial, plan: AirPlan, oilsGm2: readonly number[]): Search {
  if (oilsShareHeat(trial)) {
    const found = bestWithOils(trial, plan, oilsGm2);
    yield 1;
    return found;
  }
  const found: Candidate[] = [];
  for (const oilGm2 of oilsGm2) {
    found.push(bestMinute(trial, { ...plan, oilGm2 }));
    yield 1;
  }
  return found;
}

/**
 * Turning and oil, one after the other, at each of the `found` cooks: the same turned at half time, or not turned where
 * it was, and then the better of the two with every other oil. What each does hangs little on the other.
 */
export function* everyWay(trial: Trial, found: readonly Candidate[]): Search {
  const more: Candidate[] = [];
  for (const before of found) {
    const { plan, minutes } = before;
    const { tempC, turnAtMin } = plan.settings;
    const mostMin = withinReach(trial.request, minutes);
    const half = Math.max(LEAST_TURN_MIN, Math.round(minutes * TURN_AT_SHARE));
    const others = (trial.wetLast ? WET_OILS_GM2 : OILS_GM2).filter((oilGm2) => oilGm2 !== plan.oilGm2);
    const inOne = oilsShareHeat(trial);
    const turned = planFor(trial, tempC, plan.oilGm2, turnAtMin === null ? half : null, mostMin);
    const otherwise = yield* inOils(trial, turned, inOne ? [plan.oilGm2, ...others] : [plan.oilGm2]);
    more.push(...otherwise);
    const [{ plan: better }] = [before, otherwise[0]].sort(byScore);
    // Every oil was tried in the heat that turned out better, where one simulation tells of all of them.
    if (inOne && better === otherwise[0].plan) continue;
    const again = planFor(trial, tempC, plan.oilGm2, better.settings.turnAtMin, mostMin);
    more.push(...(yield* inOils(trial, again, others)));
  }
  return more;
}

/** One coat at several temperatures, unturned, with a fine spray. */
function* atTemperatures(trial: Trial, temperatures: readonly number[], mostMin?: number): Search {
  const found: Candidate[] = [];
  for (const tempC of temperatures) {
    found.push(bestMinute(trial, planFor(trial, tempC, trial.wetLast ? 0 : FIRST_OIL_GM2, null, mostMin)));
    yield 1;
  }
  return found;
}

/**
 * One coat: first all temperatures unturned with a fine spray, then the two best turned at half time and with the other
 * oils. Yields after each simulation, so that a caller can show progress or stop.
 */
export function* searchCoat(request: Asked, fried: FriedResult, coat: Coat): Search {
  const trial = trialOf(request, fried, coat);
  const first = yield* atTemperatures(trial, temperaturesFor(request));
  first.sort(byScore);
  if (coat.family === 'as-it-is') return first;
  return [...first, ...(yield* everyWay(trial, first.slice(0, 2)))].sort(byScore);
}

/**
 * The other coats of a family, around the temperatures that were best for its first: each there with a fine spray, then
 * the best of them with every oil and turning. Half as fine as elsewhere: what is shown of them is simulated again.
 * @param minutes how long the family's first coat took
 */
export function* searchVariants(
  request: Asked,
  fried: FriedResult,
  coats: readonly Coat[],
  temperatures: readonly number[],
  minutes: number,
): Search {
  const looks: { trial: Trial; found: Candidate[] }[] = [];
  for (const coat of coats) {
    const trial = trialOf(request, fried, coat, { fine: WIDE_FINENESS });
    const found = yield* atTemperatures(trial, temperatures, withinReach(request, minutes));
    looks.push({ trial, found: found.sort(byScore) });
  }
  looks.sort((a, b) => byScore(a.found[0], b.found[0]));
  const all = looks.flatMap((l) => l.found);
  for (const { trial, found } of looks.slice(0, WIDE_COATS)) all.push(...(yield* everyWay(trial, found.slice(0, 2))));
  return all.sort(byScore);
}

/** Cooks that `searchVariants` simulates for so many coats. */
export const simulationsOfVariants = (coats: number, temperatures: number): number =>
  coats * temperatures + Math.min(coats, WIDE_COATS) * SECOND_ROUND;
