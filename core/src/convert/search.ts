import type { Load } from '../basket/index.js';
import { cookInAir, PLAIN_AIR, readyPiece, type AirPlan, type ReadyPiece } from '../dish/index.js';
import { judge } from '../outcome/index.js';
import { evaluateAir, judgedAir, liesIn, loadFor, staysPale } from './evaluate.js';
import { COST, FIRST_OIL_GM2, OILS_GM2, SEARCHED_C, SHORTEST_MIN, SWAP_EVERY_MIN } from './constants.js';
import type { Coat } from './families.js';
import { likenessOf, shortfall } from './likeness.js';
import type { AirResult, ConvertRequest, FriedResult } from './types.js';

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

/** Temperatures and turns of the second round: two temperatures, three oils, turned or not. */
export const SECOND_ROUND = 12;

interface Candidate {
  plan: AirPlan;
  score: number;
}

/** Score of a plan at its best whole minute: like the original, less what is not right yet, less a little for time and oil. */
function bestMinute(
  { dish, fryer }: ConvertRequest,
  fried: FriedResult,
  ready: ReadyPiece,
  load: Load,
  plan: AirPlan,
): Candidate {
  const series = cookInAir(ready, dish, plan, fryer, liesIn(load));
  const pale = staysPale(ready);
  let best: Candidate = { plan, score: -Infinity };
  for (let minutes = SHORTEST_MIN; minutes <= plan.settings.minutes; minutes++) {
    const at = Math.round((minutes * 60) / series.sampleS);
    const { turnAtMin } = plan.settings;
    const turned = turnAtMin !== null && turnAtMin < minutes - 1;
    const settings = { ...plan.settings, minutes, turnAtMin: turned ? turnAtMin : null };
    if (turnAtMin !== null && !turned) continue;
    const scene = { ready, plan: { ...plan, settings }, fryer, load, friedFootMin: fried.footHotMin };
    const judged = judgedAir(scene, series, at, null);
    const outcomes = judge(judged);
    const missing = pale
      ? shortfall({ ...outcomes, colourTop: undefined, colourUnder: undefined })
      : shortfall(outcomes);
    const score =
      likenessOf(outcomes, ready.layers, fried.outcomes, fried.layers) -
      missing -
      COST.perMinute * minutes -
      COST.perOilGm2 * plan.oilGm2;
    if (score > best.score) best = { plan: { ...plan, settings }, score };
  }
  return best;
}

const better = (a: Candidate, b: Candidate): Candidate => (b.score > a.score ? b : a);

/**
 * The best plan of one coat: first all temperatures unturned with a fine spray, then the two best with every oil and
 * turning at half time. Yields after each simulation, so that a caller can show progress or stop.
 */
export function* searchCoat(
  request: ConvertRequest,
  fried: FriedResult,
  coat: Coat,
): Generator<number, AirResult, undefined> {
  const { dish, fryer, limits } = request;
  const ready = readyPiece(dish, coat.layers);
  const load = loadFor(ready, dish, fryer);
  const planAt = (tempC: number, oilGm2: number, turnAtMin: number | null): AirPlan => ({
    layers: coat.layers,
    restMin: coat.restMin,
    oilGm2,
    settings: {
      ...PLAIN_AIR,
      tempC,
      minutes: limits.maxMinutes,
      preheated: limits.preheat,
      turnAtMin,
      under: coat.under,
      swapEveryMin: load.racksUsed > 1 ? SWAP_EVERY_MIN : null,
    },
    second: null,
  });
  const wetLast = ready.layers.at(-1)?.wet === true;
  const firstOil = wetLast ? 0 : FIRST_OIL_GM2;
  let count = 0;
  const first: Candidate[] = [];
  for (const tempC of temperaturesFor(request)) {
    first.push(bestMinute(request, fried, ready, load, planAt(tempC, firstOil, null)));
    yield ++count;
  }
  first.sort((a, b) => b.score - a.score);
  let best = first[0];
  if (coat.family !== 'as-it-is') {
    for (const { plan } of first.slice(0, 2)) {
      const { tempC, minutes } = plan.settings;
      for (const oilGm2 of wetLast ? [0, OILS_GM2[0]] : OILS_GM2) {
        for (const turnAtMin of [null, Math.max(3, Math.round(minutes * 0.55))]) {
          best = better(best, bestMinute(request, fried, ready, load, planAt(tempC, oilGm2, turnAtMin)));
          yield ++count;
        }
      }
    }
  }
  return evaluateAir(dish, best.plan, fryer, fried);
}
