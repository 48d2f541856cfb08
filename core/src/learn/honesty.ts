import type { Fryer } from '../dish/index.js';
import type { CookSeries } from '../heat/index.js';
import { EIGHTY_RANGE, FOOD_SPREADS, FRYER_SPREADS, LEARNED_BY } from './constants.js';
import {
  AS_ITS_PAGE,
  LEARNED,
  NO_FOOD,
  offOf,
  sayTogether,
  ShownCook,
  thermometerWord,
  type FoodOff,
  type FryerOff,
  type Word,
} from './joint.js';
import { believedBy } from './learned.js';
import type { Noted, ObservedCook } from './observed.js';

/** Something that was noted of a cook, beside what was to be expected of it before: by the page, and by the cooks till then. */
export interface Foretold {
  id: string;
  daysAgo: number;
  what: 'colour' | 'centre';
  /** A colour as a logarithm of B, a centre in °C. */
  told: number;
  byPage: number;
  byCooks: number;
  /** One standard deviation of what was to be told: by what was not known of the fryer, the food and the word. */
  off: number;
}

/** How right plans have been for one fryer, each cook foretold by those before it alone. */
export interface Honesty {
  foretold: Foretold[];
  /** Of the 80 % ranges, how many held. */
  held: number;
}

/** An oven thermometer as the first that said something. */
function thermometer(page: Fryer, mean: FryerOff): Word {
  const { precision, pull } = thermometerWord(page, mean.offsetK);
  return {
    id: '',
    daysAgo: Infinity,
    precision: LEARNED.map((_, i) => LEARNED.map((_b, j) => (i === 0 && j === 0 ? precision : 0))),
    pull: LEARNED.map((_, i) => (i === 0 ? pull : 0)),
    farthest: 0,
  };
}

/** Values that are off a little in the place of one of these. */
const nudged = <T extends object>(from: T, name: keyof T, by: number): T => ({
  ...from,
  [name]: (from[name] as number) + by,
});

/** What a noted value would be, and how far it may be off, in a fryer of which so much is believed. */
function expected(
  shown: ShownCook,
  noted: Noted,
  { mean, covariance }: { mean: FryerOff; covariance: readonly (readonly number[])[] },
): { is: number; off: number } {
  const at = (fryer: FryerOff, food: FoodOff): number =>
    noted.shown(shown.series(fryer, food) as CookSeries, fryer.browningLog + food.coatLog);
  const is = at(mean, NO_FOOD);
  const slope = (moved: number, by: number): number => (moved - is) / by;
  const ofFryer = LEARNED.map((name) => {
    const by = LEARNED_BY.nudge * FRYER_SPREADS[name];
    return slope(at(nudged(mean, name, by), NO_FOOD), by);
  });
  const ofFood = (Object.keys(FOOD_SPREADS) as (keyof FoodOff)[]).map((name) => {
    const by = LEARNED_BY.nudge * FOOD_SPREADS[name];
    return slope(at(mean, nudged(NO_FOOD, name, by)), by) * FOOD_SPREADS[name];
  });
  const byFryer = ofFryer.reduce((sum, a, i) => sum + ofFryer.reduce((s, b, j) => s + a * b * covariance[i][j], 0), 0);
  const byFood = ofFood.reduce((sum, s) => sum + s * s, 0);
  return { is, off: Math.sqrt(Math.max(0, byFryer) + byFood + noted.spread ** 2) };
}

/**
 * How right plans have been: each cook as it was to be expected by the fryer's page, and by the cooks before it alone,
 * beside what was noted of it.
 * @param cooks in any order
 */
export function honestyOf(page: Fryer, cooks: readonly ObservedCook[]): Honesty {
  const telling = cooks.filter((c) => c.observed.length > 0);
  const { belief, words } = sayTogether(page, telling);
  const first = thermometer(page, belief.mean);
  const inTime = [...telling].sort((a, b) => b.daysAgo - a.daysAgo || (a.id < b.id ? -1 : 1));
  const foretold = inTime.flatMap((cook) => {
    const before = words.filter((w) => w.daysAgo > cook.daysAgo);
    const { at, covariance } = believedBy([first, ...before], belief.mean, 1);
    const shown = new ShownCook(cook, page);
    return cook.observed.flatMap(({ what, noted }): Foretold[] => {
      if (!noted || what === 'reading') return [];
      const { is, off } = expected(shown, noted, { mean: offOf(at), covariance });
      const byPage = noted.shown(shown.series(AS_ITS_PAGE, NO_FOOD), 0);
      return [{ id: cook.id, daysAgo: cook.daysAgo, what, told: noted.told, byPage, byCooks: is, off }];
    });
  });
  const held = foretold.filter(({ told, byCooks, off }) => Math.abs(told - byCooks) <= EIGHTY_RANGE * off).length;
  return { foretold, held };
}

/** Mean of how far what was noted lay off, by the page and by the cooks before; null where nothing of the kind was noted. */
export function meanOff(
  { foretold }: Honesty,
  what: Foretold['what'],
): { byPage: number; byCooks: number; noted: number } | null {
  const own = foretold.filter((f) => f.what === what);
  if (own.length === 0) return null;
  const mean = (of: (f: Foretold) => number): number => own.reduce((sum, f) => sum + Math.abs(of(f)), 0) / own.length;
  return { byPage: mean((f) => f.told - f.byPage), byCooks: mean((f) => f.told - f.byCooks), noted: own.length };
}
