import type { CoatLayer } from '@yellowmist/core';
import { Grains } from './Grains';
import { rawLayerCss } from './palette';

const RIM = 9;
const surface = () => RIM + 4;
/** The inside of the bowl, seen from the side. */
const wall = (x: number): number => RIM + 4 + 34 * Math.sqrt(Math.max(0, 1 - ((x - 100) / 92) ** 2));

/** A bowl with what stands in it, cut open. */
export function BowlPicture({ layer }: { layer: CoatLayer }) {
  const fill = rawLayerCss(layer, layer.wet ? 1 : 0);
  return (
    <svg viewBox="0 0 200 56" className="w-full" aria-hidden>
      <path d="M8 13 A92 36 0 0 0 192 13 Z" fill={fill} />
      <Grains
        seed={layer.name}
        grain={layer.grain}
        from={14}
        to={186}
        inner={wall}
        outer={surface}
        fill="#c2a468"
        outward={-1}
        last
      />
      {layer.wet && <path d="M30 20 q 18 -6 36 0 t 36 0 t 36 0 t 30 0" stroke="#fffdf2" strokeWidth="2" fill="none" />}
      <path
        d="M4 9 L8 13 A92 36 0 0 0 192 13 L196 9"
        fill="none"
        stroke="currentColor"
        strokeWidth="3"
        strokeLinecap="round"
      />
    </svg>
  );
}
