import { CLIPPED, SPOT, UNEVENLY_LIT } from './constants.js';
import { xyzOf, type Pixel } from './light.js';
import type { Triple } from './matrix.js';

/** What is used of a spot of a photograph. */
export interface Spot {
  /** XYZ of each pixel that counts. */
  xyz: Triple[];
  mean: Triple;
  /** Shares of its pixels that were left out: too bright or dark to be told, in shade or in a glint. */
  clipped: number;
  shaded: number;
  /** Too little of it is left to be told. */
  unusable: boolean;
}

const isClipped = ([r, g, b]: Pixel): boolean =>
  Math.max(r, g, b) >= CLIPPED.bright || Math.max(r, g, b) <= CLIPPED.dark;

const meanOf = (all: readonly Triple[]): Triple =>
  [0, 1, 2].map((k) => all.reduce((sum, v) => sum + v[k], 0) / Math.max(1, all.length)) as unknown as Triple;

const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

/** A spot of a photograph without what is clipped, shaded or glints; its mean is taken in linear light. */
export function spotOf(pixels: readonly Pixel[]): Spot {
  const seen = pixels.filter((p) => !isClipped(p)).map(xyzOf);
  const light = middle(seen.map(([, y]) => y));
  const xyz = seen.filter(([, y]) => y >= light * UNEVENLY_LIT.shade && y <= light * UNEVENLY_LIT.glint);
  const whole = Math.max(1, pixels.length);
  return {
    xyz,
    mean: meanOf(xyz),
    clipped: (pixels.length - seen.length) / whole,
    shaded: (seen.length - xyz.length) / whole,
    unusable: xyz.length < SPOT.least || xyz.length < (1 - SPOT.leftOut) * pixels.length,
  };
}
