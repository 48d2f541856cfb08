import { useMemo } from 'react';
import type { Grain } from '@yellowmist/core';
import { grainPaths, LOOKS, type GrainBand } from './grains';
import { through } from './outline';

interface Props extends GrainBand {
  grain: Grain | null;
  fill: string;
}

/** The texture of a dry layer. Wet layers have none. */
export function Grains({ grain, fill, ...band }: Props) {
  const { seed, from, to, inner, outer, outward, last } = band;
  // Curves that go through the same points are the same: then nothing is scattered anew.
  const edges = through(from, to, inner, outer);
  const paths = useMemo(
    () => grain && grainPaths(grain, band),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [grain, seed, from, to, edges, outward, last],
  );
  if (!grain || !paths) return null;
  return (
    <g fill={fill} stroke="#2b2013" strokeOpacity={LOOKS[grain].corners ? 0.35 : 0} strokeWidth={0.4}>
      {paths.map(({ opacity, d }) => (
        <path key={opacity} d={d} fillOpacity={opacity} />
      ))}
    </g>
  );
}
