import type { BasketShape, Footprint, MarkedPiece } from '@yellowmist/core';
import { useId } from 'react';
import { boxOf, Ground, Piece } from './BasketParts';

interface Props {
  basket: BasketShape;
  /** By the piece's number. */
  footprints: readonly Footprint[];
  torn: boolean;
  laid: readonly MarkedPiece[];
  /** Letters of the ways, by their places. */
  marks: readonly string[];
  /** Browning of a top that lies at a place. */
  colourAt: (xMm: number, yMm: number) => number;
  title: string;
}

/** Share of a piece's width that its letter takes, and the least of it, mm. */
const LETTER = { share: 0.95, leastMm: 11, mostMm: 24 };

/** One rack from above, to scale, with the letter of its way on every piece. */
export function MarkedBasket({ basket, footprints, torn, laid, marks, colourAt, title }: Props) {
  const holes = useId();
  return (
    <svg viewBox={boxOf(basket)} className="max-h-[24rem] w-full" role="img" aria-label={title}>
      <Ground basket={basket} holes={holes} />
      {laid.map(({ piece, xMm, yMm, turn, way }) => {
        const footprint = footprints[piece] ?? footprints[0];
        const narrow = 2 * (Math.min(footprint.halfLengthMm, footprint.halfWidthMm) + footprint.radiusMm);
        const size = Math.min(LETTER.mostMm, Math.max(LETTER.leastMm, LETTER.share * narrow));
        return (
          <g key={piece} transform={`translate(${xMm} ${yMm})`}>
            <g transform={`rotate(${(turn * 180) / Math.PI})`}>
              <Piece footprint={footprint} torn={torn} piece={piece} colour={colourAt(xMm, yMm)} />
            </g>
            <circle
              r={size * 0.56}
              className={WAY_MARKS[way ?? -1]?.ground ?? 'fill-base-300'}
              stroke="#1c140a"
              strokeWidth={1.2}
              strokeDasharray={WAY_MARKS[way ?? -1]?.dash}
            />
            <text
              textAnchor="middle"
              dominantBaseline="central"
              fontSize={size * 0.8}
              fontWeight={700}
              className={WAY_MARKS[way ?? -1]?.letter ?? 'fill-base-content'}
            >
              {way === null ? '–' : marks[way]}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** Grounds and letters of four ways: told apart by letter, light and dark, and edge, as well as by colour. */
const WAY_MARKS: Record<number, { ground: string; letter: string; dash?: string }> = {
  0: { ground: 'fill-[#fffdf6]', letter: 'fill-[#1c140a]' },
  1: { ground: 'fill-[#2a1d0d]', letter: 'fill-[#fffdf6]' },
  2: { ground: 'fill-[#ffd84d]', letter: 'fill-[#1c140a]', dash: '3 2' },
  3: { ground: 'fill-[#6b4a1f]', letter: 'fill-[#ffe9a8]', dash: '3 2' },
};
