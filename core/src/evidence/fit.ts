import type { Happened } from '../dish/index.js';
import type { CookSeries } from '../heat/index.js';
import {
  AIR_READING_SPREAD_K,
  BARELY_BROWN,
  BY_HAND_SPREAD_K,
  CENTRE_SPREAD_K,
  MOST_FIT_STEPS,
  NUDGE,
  SETTLED,
  TAILS,
  TOGETHER_S,
  WORD,
} from './constants.js';
import { colourUnder, seriesUnder, valueAt, type Face, type Lying } from './lying.js';
import { shownBy } from './sensor.js';
import { inverse, solve } from './symmetric.js';
import { SPREADS, UNKNOWNS, type Belief, type Unknown, type Unknowns } from './unknowns.js';

/** How the colour was, against the one that was shown beside it. */
export const AGAINST = ['paler', 'as-expected', 'darker'] as const;
export type Against = (typeof AGAINST)[number];

/** What was read or seen of a batch, `atS` after it went in. */
export type Evidence =
  | { what: 'centre'; atS: number; tempC: number; by: 'probe' | 'hand' }
  | { what: 'air'; atS: number; tempC: number }
  | { what: 'colour'; atS: number; against: Against; face: Face; /** B of the swatch beside it. */ shown: number };

const STEP: Record<Against, number> = { paler: -WORD.step, 'as-expected': 0, darker: WORD.step };

/** One reading in the place of several that tell the same: their mean, at their mean time. */
export function thinned(evidence: readonly Evidence[]): Evidence[] {
  const kept: Evidence[] = [];
  const groups = new Map<string, { atS: number; tempC: number; n: number; first: Evidence }>();
  for (const e of evidence) {
    if (e.what === 'colour' || (e.what === 'centre' && e.by === 'hand')) {
      kept.push(e);
      continue;
    }
    const key = `${e.what} ${Math.floor(e.atS / TOGETHER_S)}`;
    const known = groups.get(key) ?? { atS: 0, tempC: 0, n: 0, first: e };
    groups.set(key, { ...known, atS: known.atS + e.atS, tempC: known.tempC + e.tempC, n: known.n + 1 });
  }
  const means = [...groups.values()].map(
    ({ atS, tempC, n, first }): Evidence => ({ ...first, atS: atS / n, tempC: tempC / n }) as Evidence,
  );
  return [...kept, ...means].sort((a, b) => a.atS - b.atS);
}

const spreadOfReading = (e: Evidence): number => {
  if (e.what === 'colour') return WORD.spread;
  if (e.what === 'air') return AIR_READING_SPREAD_K;
  return e.by === 'hand' ? BY_HAND_SPREAD_K : CENTRE_SPREAD_K;
};

/** What each piece of evidence would be in a cook of these unknowns. */
function predicted(evidence: readonly Evidence[], series: CookSeries, browningLog: number): number[] {
  const shown = shownBy(series);
  return evidence.map((e) => {
    if (e.what === 'centre') return valueAt(series, shown.centreC, e.atS);
    if (e.what === 'air') return valueAt(series, shown.airC, e.atS);
    const colour = colourUnder(series, e.face, e.atS, browningLog);
    return Math.log(Math.max(BARELY_BROWN, colour) / Math.max(BARELY_BROWN, e.shown));
  });
}

const readOf = (e: Evidence): number => (e.what === 'colour' ? STEP[e.against] : e.tempC);

/** How far each reading is off what a cook would have shown, in what such a reading may be off by. */
export function offBy(evidence: readonly Evidence[], series: CookSeries, browningLog: number): number[] {
  const shown = predicted(evidence, series, browningLog);
  return evidence.map((e, k) => (readOf(e) - shown[k]) / spreadOfReading(e));
}

const moved = (from: Unknowns, unknown: Unknown, by: number): Unknowns => ({ ...from, [unknown]: from[unknown] + by });

const asVector = (u: Unknowns): number[] => UNKNOWNS.map((name) => u[name]);
const asUnknowns = (v: readonly number[]): Unknowns =>
  Object.fromEntries(UNKNOWNS.map((name, i) => [name, v[i]])) as Record<Unknown, number>;

/**
 * How much a reading counts that is `off` of its spreads away: less, the further, by Student's tails.
 * @param tails degrees of freedom of its errors
 */
export const studentWeight = (off: number, tails: number): number => (tails + 1) / (tails + off * off);

/**
 * What is believed of a fryer and a batch by what was read of it: the likeliest values by Gauss–Newton over the
 * simulation, with what was believed before as prior and heavy tails for readings; the covariance by the curvature there.
 * @param before what was believed when the batch went in
 */
export function believed(
  lying: Lying,
  before: Belief,
  given: readonly Evidence[],
  happened: (untilS: number) => Happened,
): Belief {
  const evidence = thinned(given);
  if (evidence.length === 0) return before;
  const untilS = evidence[evidence.length - 1].atS + TOGETHER_S;
  const went = happened(untilS);
  const spreads = evidence.map(spreadOfReading);
  const read = evidence.map(readOf);
  const at = (u: Unknowns): number[] => predicted(evidence, seriesUnder(lying, u, went), u.browningLog);
  const priorPrecision = inverse(before.covariance);
  const priorMean = asVector(before.mean);

  let here = before.mean;
  let shown = at(here);
  let slopes: number[][] = [];
  let precision = priorPrecision;
  for (let step = 0; step < MOST_FIT_STEPS; step++) {
    // Slopes change little: they are taken twice, and the values every time.
    if (step < 2) {
      slopes = UNKNOWNS.map((name) => {
        const by = NUDGE * SPREADS[name];
        return at(moved(here, name, by)).map((value, k) => (value - shown[k]) / by);
      });
    }
    const off = read.map((value, k) => (value - shown[k]) / spreads[k]);
    const weights = off.map((o, k) => studentWeight(o, TAILS) / spreads[k] ** 2);
    precision = priorPrecision.map((row, i) =>
      row.map((p, j) => p + weights.reduce((sum, w, k) => sum + w * slopes[i][k] * slopes[j][k], 0)),
    );
    const now = asVector(here);
    const pull = UNKNOWNS.map(
      (_, i) =>
        weights.reduce((sum, w, k) => sum + w * slopes[i][k] * (read[k] - shown[k]), 0) +
        priorPrecision[i].reduce((sum, p, j) => sum + p * (priorMean[j] - now[j]), 0),
    );
    const by = solve(precision, pull);
    here = asUnknowns(now.map((value, i) => value + by[i]));
    if (UNKNOWNS.every((name, i) => Math.abs(by[i]) < SETTLED * SPREADS[name])) break;
    shown = at(here);
  }
  return { mean: here, covariance: inverse(precision) };
}
