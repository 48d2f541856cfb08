import { BURNS_AT, COLOUR_WORDS, GOLDEN } from '../heat/index.js';

const PALE_TO = COLOUR_WORDS[0][0];

/** A CIELAB colour: L* 0–100, a*, b*. */
export type Lab = readonly [number, number, number];

/** Browning B and the colour of a crumb there: pale, straw, golden, deep, dark, burnt. Read off fried crumbs, common practice, no source. */
const PATH: readonly (readonly [number, Lab])[] = [
  [0, [86, 2, 20]],
  [PALE_TO, [82, 4, 29]],
  [GOLDEN.from, [75, 9, 41]],
  [1, [63, 18, 49]],
  [GOLDEN.to, [46, 22, 37]],
  [BURNS_AT, [30, 15, 20]],
  [5.5, [15, 3, 5]],
];

/** CIELAB of a crust of browning `b` (≥ 0; beyond 5.5 it stays burnt), along the pale → golden → burnt path. */
export function crustColour(b: number): Lab {
  const next = PATH.findIndex(([at]) => b <= at);
  if (next === 0) return PATH[0][1];
  if (next < 0) return PATH[PATH.length - 1][1];
  const [b0, from] = PATH[next - 1];
  const [b1, to] = PATH[next];
  const t = (b - b0) / (b1 - b0);
  return [0, 1, 2].map((k) => from[k] + (to[k] - from[k]) * t) as unknown as Lab;
}

/** "golden", "straw" … for a browning B ≥ 0. */
export const colourWord = (b: number): string => COLOUR_WORDS.find(([limit]) => b < limit)![1];
