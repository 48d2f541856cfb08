import type { CoatLayer } from '@yellowmist/core';
import { Grains } from './Grains';
import { rawLayerCss } from './palette';

const flat = (y: number) => () => y;

/** A layer's raw look: its texture in its colour. */
export function Swatch({ layer, className = 'w-10' }: { layer: CoatLayer | undefined; className?: string }) {
  const fill = layer ? rawLayerCss(layer, layer.wet ? 1 : 0) : '#eee';
  return (
    <svg
      viewBox="0 0 40 44"
      preserveAspectRatio="xMidYMid slice"
      className={`shrink-0 self-stretch ${className}`}
      aria-hidden
    >
      <rect width="40" height="44" fill={fill} />
      {layer?.wet && (
        <path d="M5 12 q 8 -5 15 0 t 15 0 M5 27 q 8 -5 15 0 t 15 0" stroke="#fffdf2" strokeWidth="2" fill="none" />
      )}
      {layer && (
        <Grains
          seed={layer.name}
          grain={layer.grain}
          from={0}
          to={40}
          inner={flat(44)}
          outer={flat(0)}
          fill="#c2a468"
          outward={-1}
          last={false}
        />
      )}
    </svg>
  );
}
