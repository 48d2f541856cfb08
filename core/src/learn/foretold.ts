import { cameOut } from '../diagnose/index.js';
import { colourUnder, NOTHING_KNOWN, type Face, type Unknowns } from '../evidence/index.js';
import type { Fryer } from '../dish/index.js';
import type { CookSeries } from '../heat/index.js';
import { evaluateFried } from '../plan/index.js';
import { NEXT_TO_NOTHING } from '../units/index.js';
import { FOOD_SPREADS, FORETOLD, FRYER_SPREADS, LEARNED_BY } from './constants.js';
import {
  asBase,
  AS_ITS_PAGE,
  LEARNED,
  NO_FOOD,
  ShownCook,
  type FoodOff,
  type FryerBelief,
  type FryerOff,
} from './joint.js';
import type { Noted, ObservedCook } from './observed.js';

/** A value that a cook shows in a fryer and of a food that are so much off. */
type Shows = (fryer: FryerOff, food: FoodOff) => number;

/** What is checked of a cook: what was noted, what a simulated cook shows of it, and what the note may be off by there. */
export interface ToCheck {
  what: 'colour' | 'centre' | 'minutes' | 'bald';
  told: number;
  shows: Shows;
  spread: (fryer: FryerOff) => number;
  /** What is as much as this was not seen to the end: of that nothing can be said. No bound without. */
  below?: number;
}

/** Values that are off a little in the place of one of these. */
const nudged = <T extends object>(from: T, name: keyof T, by: number): T => ({
  ...from,
  [name]: (from[name] as number) + by,
});

/** What a value would be in a fryer of which so much is believed, and one standard deviation of what is told of it then. */
export function expected(
  { shows, spread }: Pick<ToCheck, 'shows' | 'spread'>,
  { mean, covariance }: Pick<FryerBelief, 'mean'> & { covariance: readonly (readonly number[])[] },
): { is: number; off: number } {
  const is = shows(mean, NO_FOOD);
  const slope = (moved: number, by: number): number => (moved - is) / by;
  const ofFryer = LEARNED.map((name) => {
    const by = LEARNED_BY.nudge * FRYER_SPREADS[name];
    return slope(shows(nudged(mean, name, by), NO_FOOD), by);
  });
  const ofFood = (Object.keys(FOOD_SPREADS) as (keyof FoodOff)[]).map((name) => {
    const by = LEARNED_BY.nudge * FOOD_SPREADS[name];
    return slope(shows(mean, nudged(NO_FOOD, name, by)), by) * FOOD_SPREADS[name];
  });
  const byFryer = ofFryer.reduce((sum, a, i) => sum + ofFryer.reduce((s, b, j) => s + a * b * covariance[i][j], 0), 0);
  const byFood = ofFood.reduce((sum, s) => sum + s * s, 0);
  return { is, off: Math.sqrt(Math.max(0, byFryer) + byFood + spread(mean) ** 2) };
}

/** A colour or a centre that was noted, as it is checked. */
const notedOf = (what: 'colour' | 'centre', noted: Noted, shown: ShownCook): ToCheck => ({
  what,
  told: noted.told,
  shows: (fryer, food) => noted.shown(shown.series(fryer, food) as CookSeries, shown.browning(fryer, food)),
  spread: () => noted.spread,
});

/** Seconds after which a face is so brown, by a logarithm of B; the end where it never is. */
function secondsUntil(series: CookSeries, face: Face, logB: number, browningLog: number): number {
  let [from, to] = [0, series.timeS.at(-1)!];
  for (let k = 0; k < FORETOLD.halvings; k++) {
    const middle = (from + to) / 2;
    if (Math.log(colourUnder(series, face, middle, browningLog)) >= logB) to = middle;
    else from = middle;
  }
  return to;
}

/** After how many minutes it was as brown as it was told; null where that is too soon to say, or nothing was told. */
function minutesOf(cook: ObservedCook, page: Fryer): ToCheck | null {
  const brown = cook.checked?.brown;
  if (!brown || cook.lying.plan.second || brown.told < Math.log(FORETOLD.leastB)) return null;
  const { face, told } = brown;
  const { minutes } = cook.happened;
  const shown = new ShownCook({ ...cook, happened: { ...cook.happened, minutes: minutes * FORETOLD.longer } }, page);
  const when: Shows = (fryer, food) =>
    secondsUntil(shown.series(fryer, food), face, told, shown.browning(fryer, food)) / 60;
  const seenToMin = shown.series(AS_ITS_PAGE, NO_FOOD).timeS.at(-1)! / 60;
  return {
    what: 'minutes',
    told: minutes,
    below: seenToMin * (1 - NEXT_TO_NOTHING),
    shows: when,
    spread(fryer) {
      const series = shown.series(fryer, NO_FOOD);
      const at = when(fryer, NO_FOOD) * 60;
      const log = (s: number): number =>
        Math.log(colourUnder(series, face, Math.max(0, s), shown.browning(fryer, NO_FOOD)));
      const perMin = (log(at + FORETOLD.aboutS) - log(at - FORETOLD.aboutS)) / ((2 * FORETOLD.aboutS) / 60);
      return Math.min(minutes, brown.spread / Math.max(perMin, Number.EPSILON));
    },
  };
}

/** How much of its coat it was to lose; null where nothing was told of it. */
function baldOf({ lying, happened, level, checked }: ObservedCook, page: Fryer): ToCheck | null {
  if (!checked?.bald) return null;
  const { told, spread, fried } = checked.bald;
  const { pot } = evaluateFried({ pantry: lying.pantry, dish: lying.dish, fried });
  const lay = { ...lying, fryer: asBase(lying.fryer, page) };
  const shares = new Map<string, number>();
  const shareOf = (unknowns: Unknowns): number => {
    const key = Object.values(unknowns).join(' ');
    const known = shares.get(key);
    if (known !== undefined) return known;
    // Where nothing can come off, nothing is foretold.
    const { bald = NaN } = cameOut({ lying: lay, pot, unknowns, happened, level, waits: 'rack' }, LOOK).values;
    shares.set(key, bald);
    return bald;
  };
  return {
    what: 'bald',
    told,
    shows: ({ offsetK, airLog }, { startK, sizeLog }) =>
      shareOf({ ...NOTHING_KNOWN, offsetK, airLog, startK, sizeLog }),
    spread: () => spread,
  };
}

const LOOK = { fine: LEARNED_BY.fine, waits: false };

/** Everything that was noted of a cook and can be checked. */
export function toCheck(cook: ObservedCook, page: Fryer): ToCheck[] {
  const shown = new ShownCook(cook, page);
  const noted = cook.observed.flatMap(({ what, noted: one }) =>
    one && what !== 'reading' ? [notedOf(what, one, shown)] : [],
  );
  return [...noted, ...[minutesOf(cook, page), baldOf(cook, page)].flatMap((one) => one ?? [])];
}
