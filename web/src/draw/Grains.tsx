import type { Grain } from '@yellowmist/core';
import { scatter } from './random';
import type { Curve } from './outline';

interface Props {
  seed: string;
  grain: Grain | null;
  from: number;
  to: number;
  /** Inner and outer edge of the layer. */
  inner: Curve;
  outer: Curve;
  fill: string;
  /** +1 draws grains standing out upward, −1 downward. */
  outward: 1 | -1;
  /** Grains may stand out of the last layer. */
  last: boolean;
}

/** Size of the drawn grain, px, and how many per 100 px² of layer. */
const LOOKS: Record<Grain, { size: number; per100: number; points: number }> = {
  powder: { size: 0.9, per100: 2.2, points: 0 },
  starch: { size: 0.7, per100: 2.6, points: 0 },
  meal: { size: 1.5, per100: 1.9, points: 4 },
  fine: { size: 2, per100: 1.7, points: 5 },
  coarse: { size: 4.6, per100: 0.62, points: 5 },
  flake: { size: 6.2, per100: 0.4, points: 4 },
};

function shard(x: number, y: number, size: number, points: number, random: () => number): string {
  const turn = random() * 6.3;
  return Array.from({ length: points }, (_, i) => {
    const angle = turn + (i / points) * 6.283;
    const reach = size * (0.55 + 0.6 * random());
    return `${(x + reach * 1.25 * Math.cos(angle)).toFixed(1)},${(y + reach * 0.8 * Math.sin(angle)).toFixed(1)}`;
  }).join(' ');
}

/** The texture of a dry layer: powder as dots, crumbs as shards, standing out of the last one. Wet layers have none. */
export function Grains({ seed, grain, from, to, inner, outer, fill, outward, last }: Props) {
  if (!grain) return null;
  const { size, per100, points } = LOOKS[grain];
  const random = scatter(seed);
  const middle = (from + to) / 2;
  const thickness = Math.abs(outer(middle) - inner(middle));
  const count = Math.min(420, Math.round(((to - from) * Math.max(thickness, 2) * per100) / 100) + 12);
  const out = last ? size * 0.7 : 0;
  return (
    <g fill={fill} stroke="#2b2013" strokeOpacity={points ? 0.35 : 0} strokeWidth={0.4}>
      {Array.from({ length: count }, (_, i) => {
        const x = from + random() * (to - from);
        const depth = random();
        const y = inner(x) + (outer(x) - inner(x)) * depth - outward * (depth > 0.75 ? out * random() : 0);
        const tint = 0.55 + 0.45 * random();
        return points === 0 ? (
          <circle key={i} cx={x} cy={y} r={size * (0.6 + random() * 0.7)} fillOpacity={tint} />
        ) : (
          <polygon key={i} points={shard(x, y, size, points, random)} fillOpacity={tint} />
        );
      })}
    </g>
  );
}
