import type { BasketShape, Footprint, LaidPiece } from '@yellowmist/core';
import { useId } from 'react';
import { boxOf, Ground, Piece } from './BasketParts';

interface Props {
  basket: BasketShape;
  /** By the piece's number. */
  footprints: readonly Footprint[];
  torn: boolean;
  laid: readonly LaidPiece[];
  /** Browning of the tops. */
  colour: number;
  title: string;
}

/** One rack from above, to scale, to look at. */
export function StillBasket({ basket, footprints, torn, laid, colour, title }: Props) {
  const holes = useId();
  return (
    <svg viewBox={boxOf(basket)} className="max-h-[15rem] w-full" role="img" aria-label={title}>
      <Ground basket={basket} holes={holes} />
      {laid.map(({ piece, xMm, yMm, turn }) => (
        <g key={piece} transform={`translate(${xMm} ${yMm}) rotate(${(turn * 180) / Math.PI})`}>
          <Piece footprint={footprints[piece] ?? footprints[0]} torn={torn} piece={piece} colour={colour} />
        </g>
      ))}
    </svg>
  );
}
