import type { AirPlan } from '../dish/index.js';
import type { Asked, FriedResult } from '../plan/index.js';
import { CHANGES, COST, HOTTER_K, TWO_TEMPERATURES } from './constants.js';
import { fixedCoat, type Coat } from './families.js';
import { MOVES, type CoatMove } from './moves.js';
import { everyWay } from './search.js';
import { bestMinute, bestSecond, planFor, trialOf, type Trial } from './trial.js';
import type { Candidate } from './types.js';

/** A coat with the best cook that was found for it. */
export interface Improved {
  coat: Coat;
  best: Candidate;
}

const cookOf = (trial: Trial, { plan }: Candidate, { hotter }: CoatMove, tempC: number): AirPlan =>
  // What goes in frozen sets late: it is not turned at the old minute.
  planFor(trial, tempC, plan.oilGm2, hotter ? null : plan.settings.turnAtMin);

/** A coat with one move made, tried in the cook that was best so far, and hotter where that helps. */
function* moved(
  request: Asked,
  fried: FriedResult,
  { coat, best }: Improved,
  move: CoatMove,
): Generator<number, Improved | null, undefined> {
  const { tempC } = best.plan.settings;
  const next = move.make(request, coat, tempC);
  if (!next) return null;
  const trial = trialOf(request, fried, next);
  const { fryer, limits } = request;
  const most = Math.min(fryer.maxTempC, limits.maxTempC);
  let found: Candidate | null = null;
  for (const atC of move.hotter ? HOTTER_K.map((k) => Math.min(most, tempC + k)) : [tempC]) {
    const tried = bestMinute(trial, cookOf(trial, best, move, atC));
    yield 1;
    if (!found || tried.score > found.score) found = tried;
  }
  return found && { coat: next, best: { ...found, score: found.score - COST.perChange } };
}

/**
 * A coat bettered by the moves that cooks know, one at a time: each round makes the move that buys most, and ends when
 * none buys enough. A move that bought nothing in a round is not tried again. Yields after each simulation.
 */
export function* improved(
  request: Asked,
  fried: FriedResult,
  coat: Coat,
  best: Candidate,
): Generator<number, Improved, undefined> {
  let now: Improved = { coat, best };
  // What was bought with its coat on, or is wrapped, is not coated anew.
  let moves: readonly CoatMove[] = fixedCoat(request) ? [] : MOVES;
  for (let changes = 0; changes < CHANGES.most; changes++) {
    const tried: { move: CoatMove; found: Improved }[] = [];
    for (const move of moves) {
      const found = yield* moved(request, fried, now, move);
      if (found && found.best.score > now.best.score) tried.push({ move, found });
    }
    tried.sort((a, b) => b.found.best.score - a.found.best.score);
    if (tried.length === 0 || tried[0].found.best.score < now.best.score + CHANGES.leastGain) break;
    now = tried[0].found;
    moves = tried.map((t) => t.move);
  }
  if (now.coat !== coat) {
    const [again] = (yield* everyWay(trialOf(request, fried, now.coat), [now.best])).sort((a, b) => b.score - a.score);
    if (again.score > now.best.score) now = { ...now, best: again };
  }
  const two = yield* atTwoTemperatures(request, fried, now);
  return two && two.score > now.best.score + CHANGES.leastGain ? { ...now, best: two } : now;
}

/** The cook split in two, without opening it: hot first and then cooler, or the other way about. */
function* atTwoTemperatures(
  request: Asked,
  fried: FriedResult,
  { coat, best }: Improved,
): Generator<number, Candidate | null, undefined> {
  const { fryer, limits } = request;
  const { settings } = best.plan;
  const trial = trialOf(request, fried, coat);
  const within = (tempC: number): number => Math.max(fryer.minTempC, Math.min(fryer.maxTempC, limits.maxTempC, tempC));
  let found: Candidate | null = null;
  for (const sign of [1, -1]) {
    const [first, then] = [sign, -sign].map((s) => within(settings.tempC + s * TWO_TEMPERATURES.byK));
    if (first === then) continue;
    // Whoever turns it sets it cooler or hotter soon after.
    const minutes = 1 + (settings.turnAtMin ?? Math.round(settings.minutes * TWO_TEMPERATURES.firstShare));
    const plan: AirPlan = {
      ...best.plan,
      settings: { ...settings, tempC: first, minutes },
      second: { sauce: null, sauceGm2: 0, coolMin: 0, tempC: then, minutes: Math.max(1, limits.maxMinutes - minutes) },
    };
    const tried = bestSecond(trial, plan);
    yield 1;
    if (tried && (!found || tried.score > found.score)) found = tried;
  }
  return found;
}
