import type { Fryer } from '../dish/index.js';
import { inverse, solve } from '../evidence/index.js';
import { CHANGED_AT, FRYER_SPREADS, TOLD_OF_LOWER } from './constants.js';
import {
  LEARNED,
  offOf,
  priorPrecision,
  sayTogether,
  vectorOf,
  type FryerBelief,
  type FryerOff,
  type LearnedOf,
  type Word,
} from './joint.js';
import type { ObservedCook } from './observed.js';

/** What one cook taught. */
export interface Taught {
  id: string;
  daysAgo: number;
  /** What it alone would make one believe. */
  alone: FryerOff;
  /** The farthest of what was told of it from what all of them make of it, in spreads: beyond 3 it was hardly listened to. */
  farthest: number;
}

/** A fryer that is another one than before, or was repaired: what was believed until then, and what is since. */
export interface ChangedFryer {
  daysAgo: number;
  before: FryerOff;
  since: FryerOff;
}

/** What was learned of one fryer. */
export interface LearnedFryer {
  belief: FryerBelief;
  /** One standard deviation of each. */
  spread: FryerOff;
  taught: Taught[];
  changed: ChangedFryer | null;
}

type Matrix = readonly (readonly number[])[];

const times = (a: Matrix, v: readonly number[]): number[] =>
  a.map((row) => row.reduce((sum, x, j) => sum + x * v[j], 0));

/** What some words alone make one believe, where all were linearised at `mean`. */
export function believedBy(
  words: readonly Word[],
  mean: FryerOff,
  share: number,
): { at: number[]; covariance: number[][] } {
  const prior = priorPrecision(share);
  const precision = prior.map((row, i) => row.map((p, j) => p + words.reduce((sum, w) => sum + w.precision[i][j], 0)));
  const here = vectorOf(mean);
  const against = times(prior, here);
  const pull = here.map((_, i) => words.reduce((sum, w) => sum + w.pull[i], 0) - against[i]);
  const by = solve(precision, pull);
  return { at: here.map((v, i) => v + by[i]), covariance: inverse(precision) };
}

/** Where a fryer became another one, if what it taught before and after says so. */
function changeIn(words: readonly Word[], mean: FryerOff): { at: number; changed: ChangedFryer } | null {
  const inTime = [...words].sort((a, b) => b.daysAgo - a.daysAgo || (a.id < b.id ? -1 : 1));
  let best: { at: number; apart: number; changed: ChangedFryer } | null = null;
  for (let at = CHANGED_AT.cooks; at <= inTime.length - CHANGED_AT.cooks; at++) {
    const [a, b] = [
      believedBy(inTime.slice(0, at), mean, CHANGED_AT.weak),
      believedBy(inTime.slice(at), mean, CHANGED_AT.weak),
    ];
    const gap = a.at.map((v, i) => b.at[i] - v);
    const both = a.covariance.map((row, i) => row.map((v, j) => v + b.covariance[i][j]));
    const apart = solve(both, gap).reduce((sum, x, i) => sum + x * gap[i], 0);
    if (apart > (best?.apart ?? CHANGED_AT.apart))
      best = { at, apart, changed: { daysAgo: inTime[at].daysAgo, before: offOf(a.at), since: offOf(b.at) } };
  }
  return best;
}

const spreadOf = ({ covariance }: FryerBelief): FryerOff =>
  Object.fromEntries(LEARNED.map((name, i) => [name, Math.sqrt(covariance[i][i])])) as Record<LearnedOf, number>;

/**
 * What was learned of a fryer from all that was told of the cooks in it. Where they say that it is another fryer since some
 * day, only what came after counts, and it is said.
 * @param page the fryer as its page has it
 * @param cooks in any order; those that were weighed out are not among them
 */
export function learnFryer(page: Fryer, cooks: readonly ObservedCook[]): LearnedFryer {
  const telling = cooks.filter((c) => c.observed.length > 0);
  const all = sayTogether(page, telling);
  const change = changeIn(all.words, all.belief.mean);
  const since = change && telling.filter((c) => c.daysAgo <= change.changed.daysAgo);
  const { belief, words } = since ? sayTogether(page, since) : all;
  return {
    belief,
    spread: spreadOf(belief),
    taught: words.map((word) => ({
      id: word.id,
      daysAgo: word.daysAgo,
      alone: offOf(believedBy([word], belief.mean, 1).at),
      farthest: word.farthest,
    })),
    changed: change?.changed ?? null,
  };
}

/** Whether anything was told of the lower rack. */
export const toldOfLower = ({ spread }: LearnedFryer): boolean =>
  spread.lowerLog < TOLD_OF_LOWER * FRYER_SPREADS.lowerLog;
