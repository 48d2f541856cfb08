import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { BREAD_B, HOT_SPOTS, spotName, type BasketShape } from '@yellowmist/core';
import { crustCss } from './palette';
import * as texts from './texts';

interface Props {
  basket: BasketShape;
  racks: number;
  hotSpots: readonly number[] | undefined;
  range: { min: number; max: number };
  /** Reads a length in the cook's units. */
  say: (mm: number) => string;
  title: string;
  /** A size that was changed on the drawing; `done` when the hand lets go. */
  onSize: (basket: BasketShape, done: boolean) => void;
}

/** Largest basket that is drawn at scale, mm, and the margin round it. */
const MOST_MM = 300;
const MARGIN_MM = 60;
const STEP_MM = 5;
const RACK_MM = 16;

type Side = 'wide' | 'deep';

const sizeOf = (basket: BasketShape): [number, number] =>
  basket.kind === 'round' ? [basket.diameterMm, basket.diameterMm] : [basket.widthMm, basket.depthMm];

function resized(basket: BasketShape, side: Side, mm: number): BasketShape {
  if (basket.kind === 'round') return { ...basket, diameterMm: mm };
  return side === 'wide' ? { ...basket, widthMm: mm } : { ...basket, depthMm: mm };
}

/** A fryer's basket from above, to one scale for all fryers: its racks behind it, its hot places, and grips for its size. */
export function FryerDrawing({ basket, racks, hotSpots, range, say, title, onSize }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const grip = useRef<Side | null>(null);
  const [w, h] = sizeOf(basket);
  const span = Math.max(MOST_MM, w, h) + 2 * MARGIN_MM;
  const bounded = (mm: number): number => Math.min(range.max, Math.max(range.min, Math.round(mm / STEP_MM) * STEP_MM));

  const at = (event: PointerEvent): { x: number; y: number } => {
    const matrix = svg.current!.getScreenCTM()!.inverse();
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
  };
  const drag = (event: PointerEvent, done: boolean): void => {
    const side = grip.current;
    if (!side) return;
    const { x, y } = at(event);
    if (done) grip.current = null;
    onSize(resized(basket, side, bounded(2 * Math.abs(side === 'wide' ? x : y))), done);
  };
  const key = (event: KeyboardEvent, side: Side): void => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onSize(resized(basket, side, bounded((side === 'wide' ? w : h) + by * STEP_MM)), true);
  };
  const sides: { side: Side; x: number; y: number; mm: number; label: string }[] =
    basket.kind === 'round'
      ? [{ side: 'wide', x: w / 2, y: 0, mm: w, label: texts.acrossOnDrawing }]
      : [
          { side: 'wide', x: w / 2, y: 0, mm: w, label: texts.wideOnDrawing },
          { side: 'deep', x: 0, y: h / 2, mm: h, label: texts.deepOnDrawing },
        ];

  const ground = (dx: number, key_: string, front: boolean) =>
    basket.kind === 'round' ? (
      <circle
        key={key_}
        cx={dx}
        cy={-dx}
        r={w / 2}
        className={`stroke-base-content ${front ? 'fill-base-300' : 'fill-base-100'}`}
        strokeWidth="4"
      />
    ) : (
      <rect
        key={key_}
        x={-w / 2 + dx}
        y={-h / 2 - dx}
        width={w}
        height={h}
        rx="14"
        className={`stroke-base-content ${front ? 'fill-base-300' : 'fill-base-100'}`}
        strokeWidth="4"
      />
    );

  return (
    <svg
      ref={svg}
      viewBox={`${-span / 2} ${-h / 2 - MARGIN_MM} ${span} ${h + 2 * MARGIN_MM}`}
      className="w-full touch-none"
      role="group"
      aria-label={title}
      onPointerMove={(e) => drag(e, false)}
      onPointerUp={(e) => drag(e, true)}
      onPointerCancel={() => {
        grip.current = null;
      }}
    >
      {Array.from({ length: racks - 1 }, (_, k) => ground((racks - 1 - k) * RACK_MM, `behind${k}`, false))}
      {ground(0, 'front', true)}
      {hotSpots &&
        Array.from({ length: HOT_SPOTS }, (_, k) => {
          const [x, y] = [((k % 3) - 1) * w * 0.26, (Math.floor(k / 3) - 1) * h * 0.26];
          return (
            <ellipse key={k} cx={x} cy={y} rx={w * 0.11} ry={h * 0.11} fill={crustCss(BREAD_B[hotSpots[k]])}>
              <title>{spotName(k)}</title>
            </ellipse>
          );
        })}
      {sides.map(({ side, x, y, mm, label }) => (
        <g key={side}>
          <circle
            cx={x}
            cy={y}
            r={19}
            className="cursor-grab fill-primary stroke-base-content focus-visible:stroke-[10]"
            strokeWidth="5"
            tabIndex={0}
            role="slider"
            aria-label={label}
            aria-valuemin={range.min}
            aria-valuemax={range.max}
            aria-valuenow={Math.round(mm)}
            aria-valuetext={say(mm)}
            onPointerDown={(e) => {
              grip.current = side;
              svg.current?.setPointerCapture(e.pointerId);
            }}
            onKeyDown={(e) => key(e, side)}
          />
          <text
            x={0}
            y={side === 'wide' ? -h / 2 - 16 - (racks - 1) * RACK_MM : h / 2 + 46}
            textAnchor="middle"
            fontSize="27"
            className="fill-base-content"
          >
            {say(mm)}
          </text>
        </g>
      ))}
    </svg>
  );
}
