import type { BasketShape, Footprint } from '@yellowmist/core';
import { tornPath } from './outline';
import { crustCss } from './palette';
import { scatter } from './random';

const MARGIN_MM = 8;

/** Width and depth of a rack, mm. */
const sizeOf = (basket: BasketShape): [number, number] =>
  basket.kind === 'round' ? [basket.diameterMm, basket.diameterMm] : [basket.widthMm, basket.depthMm];

/** The view box of a rack about its middle, mm. */
export function boxOf(basket: BasketShape): string {
  const [w, h] = sizeOf(basket);
  return `${-w / 2 - MARGIN_MM} ${-h / 2 - MARGIN_MM} ${w + 2 * MARGIN_MM} ${h + 2 * MARGIN_MM}`;
}

/** The perforated ground of a basket or rack. @param holes an id of its own for the pattern */
export function Ground({ basket, holes }: { basket: BasketShape; holes: string }) {
  const [w, h] = sizeOf(basket);
  return (
    <>
      <defs>
        <pattern id={holes} width="9" height="9" patternUnits="userSpaceOnUse">
          <circle cx="4.5" cy="4.5" r="1.7" className="fill-base-content/25" />
        </pattern>
      </defs>
      {basket.kind === 'round' ? (
        <>
          <circle r={w / 2} className="fill-base-300 stroke-base-content" strokeWidth="3" />
          <circle r={w / 2} fill={`url(#${holes})`} />
        </>
      ) : (
        [`fill-base-300`, ''].map((className, k) => (
          <rect
            key={className}
            x={-w / 2}
            y={-h / 2}
            width={w}
            height={h}
            rx="8"
            className={k === 0 ? `${className} stroke-base-content` : ''}
            fill={k === 0 ? undefined : `url(#${holes})`}
            strokeWidth={k === 0 ? 3 : 0}
          />
        ))
      )}
    </>
  );
}

interface PieceProps {
  footprint: Footprint;
  /** Torn pieces, no two alike. */
  torn: boolean;
  /** Its number: draws its crumbs and its ragged edge. */
  piece: number;
  /** Browning of its top, B. */
  colour: number;
  /** Lies over another, or over the wall. */
  bad?: boolean;
  /** Nearer to another than it should. */
  near?: boolean;
  selected?: boolean;
}

/** One coated piece from above, with the crumbs on it; red where it lies over another or the wall. */
export function Piece({ footprint, torn, piece, colour, bad, near, selected }: PieceProps) {
  const { halfLengthMm: a, halfWidthMm: b, radiusMm: r, holeMm } = footprint;
  const [x, y] = [a + r, b + r];
  const next = scatter(`piece ${piece}`);
  const stroke = bad ? 'stroke-error' : near ? 'stroke-warning' : 'stroke-[#5b3a12]';
  const crust = {
    fill: crustCss(colour),
    className: stroke,
    strokeWidth: bad ? 3.5 : 1.4,
    strokeDasharray: bad ? '6 3' : undefined,
  };
  // Crumbs of a torn piece stay off its ragged edge.
  const inner = torn ? 0.6 : 0.82;
  return (
    <>
      {torn ? (
        <path d={tornPath(x, y, scatter(`outline ${piece}`))} {...crust} />
      ) : (
        <rect x={-x} y={-y} width={2 * x} height={2 * y} rx={r} {...crust} />
      )}
      {Array.from({ length: Math.round((x * y) / 45) }, (_, k) => {
        const [px, py] = [(2 * next() - 1) * x * inner, (2 * next() - 1) * y * inner];
        return (
          <circle key={k} cx={px} cy={py} r={0.8 + next() * 1.2} fill={next() > 0.5 ? '#00000022' : '#ffffff44'} />
        );
      })}
      {holeMm > 0 && <circle r={holeMm} className="fill-base-300 stroke-[#5b3a12]" strokeWidth="1.4" />}
      {selected && (
        <rect
          x={-x - 3}
          y={-y - 3}
          width={2 * x + 6}
          height={2 * y + 6}
          rx={r + 3}
          fill="none"
          className="stroke-base-content"
          strokeWidth="2"
        />
      )}
    </>
  );
}
