import { STILL_CRISP } from '../outcome/index.js';
import { LUKEWARM } from './constants/index.js';
import type { Cooked } from './types.js';

/** The value of a curve with one point a minute; beyond its end it goes on falling as in its last minutes. */
export function afterMinutes(curve: readonly number[], minutes: number): number {
  const last = curve.length - 1;
  if (minutes <= 0 || last === 0) return curve[0];
  if (minutes >= last) {
    const fall = Math.max(0, (curve[Math.max(0, last - 5)] - curve[last]) / Math.min(5, last));
    return Math.max(0, curve[last] - fall * (minutes - last));
  }
  const k = Math.floor(minutes);
  return curve[k] + (curve[k + 1] - curve[k]) * (minutes - k);
}

/** Crispness and °C of the centre after a wait and two minutes together in the hot fryer. */
export function againAfter({ again }: Cooked, waitMin: number): { crispness: number; centreC: number } {
  const at = again.findIndex(({ afterMin }) => afterMin >= waitMin);
  if (at === 0) return again[0];
  if (at < 0) return again[again.length - 1];
  const [a, b] = [again[at - 1], again[at]];
  const share = (waitMin - a.afterMin) / (b.afterMin - a.afterMin);
  const between = (x: number, y: number): number => x + (y - x) * share;
  return { crispness: between(a.crispness, b.crispness), centreC: between(a.centreC, b.centreC) };
}

/** How much of its warmth a piece has lost for the table, 0 hot – 1 cold. */
export const coolness = (centreC: number): number =>
  Math.min(1, Math.max(0, (LUKEWARM.fromC - centreC) / (LUKEWARM.fromC - LUKEWARM.coldC)));

/** How long what waits as a curve says is crisp: looked for once, as a curve does not change. */
const crispMinutes = new WeakMap<readonly number[], number>();

/** Minutes for which a waiting piece is still crisp; as long as it was followed where it always is. */
export function crispFor(curve: readonly number[]): number {
  const known = crispMinutes.get(curve);
  if (known !== undefined) return known;
  const bound = STILL_CRISP * curve[0];
  const at = curve.findIndex((value) => value < bound);
  const minutes = at < 0 ? curve.length - 1 : at;
  crispMinutes.set(curve, minutes);
  return minutes;
}

/** Whether it is no longer crisp, against how it came out of the fryer. */
export const isSoft = (crispness: number, ifFresh: number): boolean => crispness < STILL_CRISP * ifFresh;
