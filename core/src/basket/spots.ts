import type { Fryer } from '../dish/index.js';
import { COLOUR_WORDS, GOLDEN } from '../heat/index.js';
import { halvesOf } from './ground.js';

/** Slices of bread in the hot-spot test: three rows of three, from the back left. */
export const HOT_SPOTS = 9;
const ACROSS = 3;

/** Colours of toasted bread, and the browning B that each stands for. Common practice, no source. */
export const BREAD_WORDS = ['pale', 'straw', 'golden', 'deep', 'dark'] as const;
export const BREAD_B = [COLOUR_WORDS[0][0], GOLDEN.from, 1, 1.6, 2.4] as const;

const mean = (values: readonly number[]): number => values.reduce((sum, v) => sum + v, 0) / values.length;

/** Browning at each slice against the mean of all, 1 = as the mean. */
const factors = (hotSpots: readonly number[]): number[] => {
  const brown = hotSpots.map((r) => BREAD_B[r]);
  return brown.map((b) => b / mean(brown));
};

/**
 * How much faster the coat browns at a place than in the middle of all, from the bread test, between the slices in
 * proportion. 1 everywhere without a test.
 */
export function spotFactor({ basket, hotSpots }: Pick<Fryer, 'basket' | 'hotSpots'>, xMm: number, yMm: number): number {
  if (!hotSpots) return 1;
  const [hx, hy] = halvesOf(basket);
  const f = factors(hotSpots);
  // Slices lie in the middle of each ninth: −⅔, 0 and ⅔ of the half width.
  const along = (v: number, half: number): number => Math.min(2, Math.max(0, (v / half) * 1.5 + 1));
  const [cx, cy] = [along(xMm, hx), along(yMm, hy)];
  const [c, r] = [Math.min(1, Math.floor(cx)), Math.min(1, Math.floor(cy))];
  const at = (row: number, column: number): number => f[row * ACROSS + column];
  const upper = at(r, c) * (c + 1 - cx) + at(r, c + 1) * (cx - c);
  const lower = at(r + 1, c) * (c + 1 - cx) + at(r + 1, c + 1) * (cx - c);
  return upper * (r + 1 - cy) + lower * (cy - r);
}

/** The same where the basket is turned round at half time: each place has been its opposite for as long. */
export const spotFactorTurned = (fryer: Pick<Fryer, 'basket' | 'hotSpots'>, xMm: number, yMm: number): number =>
  (spotFactor(fryer, xMm, yMm) + spotFactor(fryer, -xMm, -yMm)) / 2;

/** A place of the basket, and how much faster than the mean it browns there. */
export interface Spot {
  name: string;
  factor: number;
}

/** Where the coat browns fastest and slowest, by the bread test, with or without the basket turned round at half time. */
export function spotsApart(hotSpots: readonly number[], turned: boolean): { hottest: Spot; coolest: Spot } {
  const f = factors(hotSpots);
  const spots = f.map((own, i): Spot => ({
    name: spotName(i),
    factor: turned ? (own + f[HOT_SPOTS - 1 - i]) / 2 : own,
  }));
  return {
    hottest: spots.reduce((a, b) => (b.factor > a.factor ? b : a)),
    coolest: spots.reduce((a, b) => (b.factor < a.factor ? b : a)),
  };
}

/** Whether turning the basket round at half time evens out what the bread test found. */
export function turningHelps(hotSpots: readonly number[] | undefined): boolean {
  if (!hotSpots) return false;
  const apart = (turned: boolean): number => {
    const { hottest, coolest } = spotsApart(hotSpots, turned);
    return hottest.factor / coolest.factor;
  };
  return apart(false) > ALIKE && apart(true) < apart(false) / ALIKE;
}

/** Sides that differ by less brown alike, as a ratio of browning. */
const ALIKE = 1.15;

/** What the bread test advises for turning; empty when the basket browns evenly. */
export function spotAdvice(hotSpots: readonly number[] | undefined): string {
  if (!hotSpots) return '';
  const f = factors(hotSpots);
  const row = (r: number): number => mean(f.slice(ACROSS * r, ACROSS * r + ACROSS));
  const column = (c: number): number => mean([f[c], f[c + ACROSS], f[c + 2 * ACROSS]]);
  const sides: [string, string, number][] = [
    ['back', 'front', row(0) / row(2)],
    ['left', 'right', column(0) / column(2)],
  ];
  const [name, other, ratio] = sides
    .map(([a, b, q]): [string, string, number] => (q >= 1 ? [a, b, q] : [b, a, 1 / q]))
    .reduce((a, b) => (b[2] > a[2] ? b : a));
  if (ratio < ALIKE) {
    const middle = f[4] / mean(f.filter((_, i) => i !== 4));
    if (middle > ALIKE)
      return 'The middle browns fastest: leave it free, or change inner and outer pieces at half time.';
    return middle < 1 / ALIKE ? 'The rim browns fastest: change inner and outer pieces at half time.' : '';
  }
  return `The ${name} browns fastest, the ${other} slowest: turn the basket round at half time.`;
}

/** Mean of what a thermometer read less what was set, °C, rounded to whole degrees; 0 without readings. */
export const offsetOf = (readings: readonly { setC: number; readC: number }[]): number =>
  readings.length === 0 ? 0 : Math.round(mean(readings.map((r) => r.readC - r.setC)));

/** The side of a basket that a place belongs to, for a table of the test: "back left". */
export const spotName = (at: number): string => {
  const [row, column] = [Math.floor(at / ACROSS), at % ACROSS];
  if (at === 4) return 'middle';
  return [['back', '', 'front'][row], ['left', '', 'right'][column]].filter(Boolean).join(' ');
};
