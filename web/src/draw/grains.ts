import type { Grain } from '@yellowmist/core';
import type { Curve } from './outline';
import { scatter } from './random';

/** Where grains lie. */
export interface GrainBand {
  /** The same seed scatters the same. */
  seed: string;
  from: number;
  to: number;
  /** Inner and outer edge of the layer. */
  inner: Curve;
  outer: Curve;
  /** +1 draws grains standing out downward, −1 upward. */
  outward: 1 | -1;
  /** Grains may stand out of the last layer. */
  last: boolean;
}

/** Grains of one strength as one path. */
export interface GrainPath {
  opacity: number;
  d: string;
}

/** Size of the drawn grain, px, how many per 100 px² of layer, and its corners: none is round. */
export const LOOKS: Record<Grain, { size: number; per100: number; corners: number }> = {
  powder: { size: 0.9, per100: 2.2, corners: 0 },
  starch: { size: 0.7, per100: 2.6, corners: 0 },
  meal: { size: 1.5, per100: 1.9, corners: 4 },
  fine: { size: 2, per100: 1.7, corners: 5 },
  coarse: { size: 4.6, per100: 0.62, corners: 5 },
  flake: { size: 6.2, per100: 0.4, corners: 4 },
};

const MOST = 420;
/** A few strengths are enough for a crumb to look uneven: each is one shape to lay out and to paint, not hundreds. */
const OPACITIES = [0.6, 0.75, 0.95];

const tenth = (px: number): number => Math.round(px * 10) / 10;
const at = (x: number, y: number): string => `${tenth(x)} ${tenth(y)}`;

/** A closed circle, as a path. */
export const roundPath = (x: number, y: number, rx: number, ry = rx): string =>
  `M${at(x - rx, y)}a${at(rx, ry)} 0 1 0 ${at(2 * rx, 0)}a${at(rx, ry)} 0 1 0 ${at(-2 * rx, 0)}`;

function shard(x: number, y: number, size: number, corners: number, random: () => number): string {
  const turn = random() * 6.3;
  const points = Array.from({ length: corners }, (_, i) => {
    const angle = turn + (i / corners) * 6.283;
    const reach = size * (0.55 + 0.6 * random());
    return at(x + reach * 1.25 * Math.cos(angle), y + reach * 0.8 * Math.sin(angle));
  });
  return `M${points.join('L')}Z`;
}

/** The grains of a dry layer: powder as dots, crumbs as shards, standing out of the last one. */
export function grainPaths(
  grain: Grain,
  { seed, from, to, inner, outer, outward, last }: GrainBand,
): readonly GrainPath[] {
  const { size, per100, corners } = LOOKS[grain];
  const random = scatter(seed);
  const middle = (from + to) / 2;
  const thickness = Math.abs(outer(middle) - inner(middle));
  const count = Math.min(MOST, Math.round(((to - from) * Math.max(thickness, 2) * per100) / 100) + 12);
  const out = last ? size * 0.7 : 0;
  const paths = OPACITIES.map(() => '');
  for (let i = 0; i < count; i++) {
    const x = from + random() * (to - from);
    const depth = random();
    const y = inner(x) + (outer(x) - inner(x)) * depth + outward * (depth > 0.75 ? out * random() : 0);
    const strength = Math.floor(random() * OPACITIES.length);
    paths[strength] +=
      corners === 0 ? roundPath(x, y, size * (0.6 + random() * 0.7)) : shard(x, y, size, corners, random);
  }
  return OPACITIES.map((opacity, k) => ({ opacity, d: paths[k] }));
}
