import { useId, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { BasketShape, Footprint, LaidPiece, Trouble } from '@yellowmist/core';
import { boxOf, Ground, Piece } from './BasketParts';
import * as texts from './texts';

interface Props {
  basket: BasketShape;
  /** By the piece's number. */
  footprints: readonly Footprint[];
  /** Torn pieces, no two alike. */
  torn: boolean;
  laid: readonly LaidPiece[];
  trouble: Trouble;
  /** Browning of a top that lies at a place, for its colour. */
  colourAt: (xMm: number, yMm: number) => number;
  /** Name of the food, for a screen reader. */
  food: string;
  selected: number | null;
  onSelect: (piece: number | null) => void;
  /** A piece moved or turned; `done` when the hand lets go. */
  onPlace: (placed: LaidPiece, done: boolean) => void;
  onRemove: (piece: number) => void;
}

const STEP_MM = 2;
const LEAP_MM = 10;
const TURN = Math.PI / 12;

/** One rack from above, to scale: the perforated ground, and every piece where it lies, its coat's colour on it. */
export function BasketPicture(props: Props) {
  const { basket, laid, trouble, selected, onSelect, onPlace, onRemove } = props;
  const holes = useId();
  const svg = useRef<SVGSVGElement>(null);
  const grip = useRef<{ piece: LaidPiece; dx: number; dy: number } | null>(null);
  const box = boxOf(basket);

  /** Where a pointer is, mm from the rack's middle. */
  const at = (event: PointerEvent): { x: number; y: number } => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x, y };
  };
  const pick = (event: PointerEvent<SVGGElement>, piece: LaidPiece): void => {
    const { x, y } = at(event);
    grip.current = { piece, dx: piece.xMm - x, dy: piece.yMm - y };
    event.currentTarget.setPointerCapture(event.pointerId);
    onSelect(piece.piece);
  };
  const carry = (event: PointerEvent, done: boolean): void => {
    if (!grip.current) return;
    const { x, y } = at(event);
    const { piece, dx, dy } = grip.current;
    if (done) grip.current = null;
    onPlace({ ...piece, xMm: round(x + dx), yMm: round(y + dy) }, done);
  };
  const key = (event: KeyboardEvent, piece: LaidPiece): void => {
    const step = event.shiftKey ? LEAP_MM : STEP_MM;
    const moves: Record<string, Partial<LaidPiece>> = {
      ArrowLeft: { xMm: piece.xMm - step },
      ArrowRight: { xMm: piece.xMm + step },
      ArrowUp: { yMm: piece.yMm - step },
      ArrowDown: { yMm: piece.yMm + step },
      r: { turn: (piece.turn + TURN) % (2 * Math.PI) },
    };
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      return onRemove(piece.piece);
    }
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    onPlace({ ...piece, ...move }, true);
  };

  return (
    <svg
      ref={svg}
      viewBox={box}
      className="max-h-[19rem] w-full touch-none"
      role="group"
      aria-label={texts.rackFromAbove}
    >
      <Ground basket={basket} holes={holes} />
      {laid.map((piece, k) => (
        <g
          key={piece.piece}
          role="button"
          tabIndex={0}
          aria-label={texts.ofIt(props.food, k + 1, laid.length, wordFor(piece.piece, trouble))}
          aria-pressed={selected === piece.piece}
          transform={`translate(${piece.xMm} ${piece.yMm}) rotate(${(piece.turn * 180) / Math.PI})`}
          className="cursor-grab outline-none"
          onFocus={() => onSelect(piece.piece)}
          onPointerDown={(e) => pick(e, piece)}
          onPointerMove={(e) => carry(e, false)}
          onPointerUp={(e) => carry(e, true)}
          onPointerCancel={() => (grip.current = null)}
          onKeyDown={(e) => key(e, piece)}
        >
          <Piece
            footprint={props.footprints[piece.piece]}
            torn={props.torn}
            piece={piece.piece}
            colour={props.colourAt(piece.xMm, piece.yMm)}
            bad={isBad(piece.piece, trouble)}
            near={trouble.tooNear.includes(piece.piece)}
            selected={selected === piece.piece}
          />
        </g>
      ))}
    </svg>
  );
}

const isBad = (piece: number, { overlaps, outside }: Trouble): boolean =>
  overlaps.includes(piece) || outside.includes(piece);

const round = (mm: number): number => Math.round(mm * 10) / 10;

function wordFor(piece: number, { overlaps, tooNear, outside }: Trouble): string {
  if (overlaps.includes(piece)) return texts.liesOverAnother;
  if (outside.includes(piece)) return texts.overWall;
  return tooNear.includes(piece) ? texts.tooNearToAnother : '';
}
