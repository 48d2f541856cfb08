import type { BasketShape, Footprint, MarkedPiece } from '@yellowmist/core';
import { useId } from 'react';
import { boxOf, Ground, Piece } from './BasketParts';
import { WAY_LOOKS, type WayLook } from './wayMarks';

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
            <Mark look={way === null ? null : WAY_LOOKS[way]} letter={way === null ? '–' : marks[way]} size={size} />
          </g>
        );
      })}
    </svg>
  );
}

/** The letter of a way on its piece; of none, where it is not compared. */
function Mark({ look, letter, size }: { look: WayLook | null; letter: string; size: number }) {
  return (
    <>
      <circle
        r={size * 0.56}
        className={look ? undefined : 'fill-base-300'}
        fill={look?.ground}
        stroke="#1c140a"
        strokeWidth={1.2}
        strokeDasharray={look?.dashed ? '3 2' : undefined}
      />
      <text
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={size * 0.8}
        fontWeight={700}
        className={look ? undefined : 'fill-base-content'}
        fill={look?.letter}
      >
        {letter}
      </text>
    </>
  );
}
