import type { Fryer } from '../dish/index.js';
import { EIGHTY_RANGE } from './constants.js';
import { expected, toCheck, type ToCheck } from './foretold.js';
import {
  AS_ITS_PAGE,
  LEARNED,
  NO_FOOD,
  offOf,
  sayTogether,
  thermometerWord,
  type FryerOff,
  type Word,
} from './joint.js';
import { believedBy } from './learned.js';
import type { ObservedCook } from './observed.js';

/** Something that was noted of a cook, beside what was to be expected of it before: by the page, and by the cooks till then. */
export interface Foretold {
  id: string;
  daysAgo: number;
  what: ToCheck['what'];
  /** A colour as a logarithm of B, a centre in °C, minutes until it was as brown as it was, a bald share of 0–1. */
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

/**
 * How right plans have been: each cook as it was to be expected by the fryer's page, and by the cooks before it alone,
 * beside what was noted of it.
 * @param cooks in any order
 */
export function honestyOf(page: Fryer, cooks: readonly ObservedCook[]): Honesty {
  const telling = cooks.filter((c) => c.observed.length > 0);
  const { belief, words } = sayTogether(page, telling);
  const first = thermometer(page, belief.mean);
  // What teaches nothing of the fryer can be foretold all the same.
  const inTime = cooks
    .filter((c) => c.observed.length > 0 || c.checked?.bald)
    .sort((a, b) => b.daysAgo - a.daysAgo || (a.id < b.id ? -1 : 1));
  const foretold = inTime.flatMap((cook) => {
    const before = words.filter((w) => w.daysAgo > cook.daysAgo);
    const { at, covariance } = believedBy([first, ...before], belief.mean, 1);
    return toCheck(cook, page).flatMap((one): Foretold[] => {
      const { is, off } = expected(one, { mean: offOf(at), covariance });
      if (!Number.isFinite(is) || is >= (one.below ?? Infinity)) return [];
      const byPage = one.shows(AS_ITS_PAGE, NO_FOOD);
      const { what, told } = one;
      return [{ id: cook.id, daysAgo: cook.daysAgo, what, told, byPage, byCooks: is, off }];
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
