import { area, curveMonotoneX, line, max, scaleLinear } from 'd3';
import type { PointerEvent } from 'react';
import type { CookSeries } from '@yellowmist/core';
import { crustCss } from './palette';

export interface Mark {
  minutes: number;
  label: string;
}

export interface CurvesProps {
  series: CookSeries;
  /** End of the time axis, min: the same for two that stand side by side. */
  longestMin: number;
  /** Where the scrubber stands, min. */
  minutes: number;
  onScrub: (minutes: number) => void;
  /** Set coat, safe centre: what happened when. */
  marks: readonly Mark[];
  /** Reads a temperature in the cook's unit. */
  say: (value: number, quantity: 'temperature') => string;
  title: string;
}

const WIDTH = 600;
const HEIGHT = 214;
const EDGE = { left: 50, right: 92, top: 16, bottom: 40 };
const HOTTEST_C = 220;
const STRIP = 9;
const GOLDEN = { from: 0.55, to: 2 } as const;

const LINES = [
  { key: 'surfaceUpC', label: 'surface', width: 1.4, dash: '' },
  { key: 'footUpC', label: 'coat foot', width: 2, dash: '6 4' },
  { key: 'centreC', label: 'centre', width: 3, dash: '' },
] as const;

/** End labels that do not overlap, top first. */
function spread(ys: readonly number[]): number[] {
  const order = [...ys.keys()].sort((a, b) => ys[a] - ys[b]);
  const out = [...ys];
  order.forEach((i, k) => {
    if (k > 0) out[i] = Math.max(out[i], out[order[k - 1]] + 14);
  });
  return out;
}

/** Minutes from which, and until which, a browning column is golden. */
function goldenWindow(timeS: Float64Array, b: Float32Array): [number, number] | null {
  const from = b.findIndex((v) => v >= GOLDEN.from);
  if (from < 0) return null;
  const past = b.findIndex((v) => v > GOLDEN.to);
  return [timeS[from] / 60, timeS[past < 0 ? b.length - 1 : past] / 60];
}

/** Temperatures and the coat's water through one cook, its colour as a strip of real colours, and what happened when. */
export function Curves({ series, longestMin, minutes, onScrub, marks, say, title }: CurvesProps) {
  const { timeS, columns } = series;
  const x = scaleLinear([0, longestMin], [EDGE.left, WIDTH - EDGE.right]);
  const y = scaleLinear([0, HOTTEST_C], [HEIGHT - EDGE.bottom, EDGE.top]);
  const water = scaleLinear([0, (max(columns.coatWaterGm2) ?? 1) * 2.4], [HEIGHT - EDGE.bottom, EDGE.top]);
  const samples = [...timeS.keys()];
  const endMin = timeS[timeS.length - 1] / 60;
  const path = (values: Float32Array): string =>
    line<number>()
      .x((i) => x(timeS[i] / 60))
      .y((i) => y(values[i]))
      .curve(curveMonotoneX)(samples) ?? '';
  const waterPath = area<number>()
    .x((i) => x(timeS[i] / 60))
    .y0(water(0))
    .y1((i) => water(columns.coatWaterGm2[i]))(samples);
  const ends = spread(LINES.map(({ key }) => y(columns[key][timeS.length - 1])));
  const golden = goldenWindow(timeS, columns.colourUp);
  const scrub = (event: PointerEvent<SVGSVGElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    const at = x.invert(((event.clientX - box.left) / box.width) * WIDTH);
    onScrub(Math.min(longestMin, Math.max(0, at)));
  };
  const stripY = HEIGHT - EDGE.bottom + 4;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full cursor-ew-resize touch-none fill-current"
      role="img"
      aria-label={title}
      fontSize={11.5}
      onPointerDown={scrub}
      onPointerMove={(e) => e.buttons > 0 && scrub(e)}
    >
      {waterPath && (
        <>
          <path d={waterPath} className="fill-info" fillOpacity={0.25} />
          <text x={EDGE.left + 6} y={water(0) - 6}>
            water in the coat
          </text>
        </>
      )}
      {[0, 50, 100, 150, 200].map((t) => (
        <g key={t}>
          <path d={`M${EDGE.left} ${y(t)} H${x(longestMin)}`} stroke="currentColor" strokeOpacity={0.18} />
          <text x={EDGE.left - 6} y={y(t) + 4} textAnchor="end">
            {say(t, 'temperature')}
          </text>
        </g>
      ))}
      {x.ticks(6).map((t) => (
        <text key={t} x={x(t)} y={HEIGHT - 10} textAnchor="middle">
          {t} min
        </text>
      ))}
      {marks.map(({ minutes: at, label }, i) => (
        <g key={label}>
          <path d={`M${x(at)} ${EDGE.top - 2} V${y(0)}`} stroke="currentColor" strokeDasharray="2 3" />
          <text
            x={x(at) + 4}
            y={EDGE.top + 8 + i * 14}
            fontWeight={650}
            className="fill-current"
            stroke="var(--color-base-200)"
            strokeWidth={3}
            paintOrder="stroke"
          >
            {label}
          </text>
        </g>
      ))}
      {LINES.map(({ key, label, width, dash }, i) => (
        <g key={key}>
          <path d={path(columns[key])} fill="none" stroke="currentColor" strokeWidth={width} strokeDasharray={dash} />
          <text x={x(endMin) + 6} y={ends[i] + 4} stroke="var(--color-base-200)" strokeWidth={3} paintOrder="stroke">
            {label}
          </text>
        </g>
      ))}
      <g>
        {samples.slice(0, -1).map((i) => (
          <rect
            key={i}
            x={x(timeS[i] / 60)}
            y={stripY}
            width={x(timeS[i + 1] / 60) - x(timeS[i] / 60) + 0.6}
            height={STRIP}
            fill={crustCss(columns.colourUp[i])}
          />
        ))}
        {golden && (
          <path
            d={`M${x(golden[0])} ${stripY + STRIP + 5} v-4 M${x(golden[0])} ${stripY + STRIP + 3} H${x(golden[1])} m0 2 v-4`}
            stroke="currentColor"
            strokeWidth={1.6}
            fill="none"
          />
        )}
        <text x={x(endMin) + 6} y={stripY + STRIP}>
          {golden ? 'top, golden' : 'top'}
        </text>
      </g>
      <path d={`M${x(minutes)} ${EDGE.top - 6} V${stripY + STRIP + 5}`} stroke="currentColor" strokeWidth={1.6} />
      <circle cx={x(minutes)} cy={EDGE.top - 6} r={4} className="fill-primary" stroke="currentColor" />
    </svg>
  );
}
