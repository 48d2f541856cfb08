import { useId, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { BasketShape, Footprint, LaidPiece, Trouble } from '@yellowmist/core';
import { tornPath } from './outline';
import { crustCss } from './palette';
import { scatter } from './random';

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
const MARGIN_MM = 8;

/** One rack from above, to scale: the perforated ground, and every piece where it lies, its coat's colour on it. */
export function BasketPicture(props: Props) {
  const { basket, laid, trouble, selected, onSelect, onPlace, onRemove } = props;
  const holes = useId();
  const svg = useRef<SVGSVGElement>(null);
  const grip = useRef<{ piece: LaidPiece; dx: number; dy: number } | null>(null);
  const [w, h] = basket.kind === 'round' ? [basket.diameterMm, basket.diameterMm] : [basket.widthMm, basket.depthMm];
  const box = `${-w / 2 - MARGIN_MM} ${-h / 2 - MARGIN_MM} ${w + 2 * MARGIN_MM} ${h + 2 * MARGIN_MM}`;

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
      aria-label="The rack from above"
    >
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
      {laid.map((piece, k) => (
        <g
          key={piece.piece}
          role="button"
          tabIndex={0}
          aria-label={`${props.food} ${k + 1} of ${laid.length}${wordFor(piece.piece, trouble)}`}
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
          <Piece {...props} piece={piece.piece} colour={props.colourAt(piece.xMm, piece.yMm)} />
        </g>
      ))}
    </svg>
  );
}

const round = (mm: number): number => Math.round(mm * 10) / 10;

function wordFor(piece: number, { overlaps, tooNear, outside }: Trouble): string {
  if (overlaps.includes(piece)) return ', lies over another';
  if (outside.includes(piece)) return ', over the wall';
  return tooNear.includes(piece) ? ', too near to another' : '';
}

/** One coated piece from above, with the crumbs on it; red where it lies over another or the wall. */
function Piece({ footprints, torn, colour, trouble, selected, piece }: Props & { piece: number; colour: number }) {
  const { halfLengthMm: a, halfWidthMm: b, radiusMm: r, holeMm } = footprints[piece];
  const [x, y] = [a + r, b + r];
  const next = scatter(`piece ${piece}`);
  const bad = trouble.overlaps.includes(piece) || trouble.outside.includes(piece);
  const stroke = bad ? 'stroke-error' : trouble.tooNear.includes(piece) ? 'stroke-warning' : 'stroke-[#5b3a12]';
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
      {selected === piece && (
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
