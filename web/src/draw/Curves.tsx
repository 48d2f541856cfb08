import { area, curveMonotoneX, line, max, scaleLinear } from 'd3';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { goldenWindow, type CookSeries } from '@yellowmist/core';
import { sampleAt } from './moment';
import { CrustStrip } from './CrustStrip';
import { TimeAndHeat } from './TimeAndHeat';
import * as texts from './texts';

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
  /** Set coat, safe centre, turn: what happened when. */
  marks: readonly Mark[];
  /** Reads a temperature in the cook's unit. */
  say: (value: number, quantity: 'temperature') => string;
  title: string;
  /** What the curves read at a sample, in words. */
  read: (at: number) => string;
}

const WIDTH = 320;
const HEIGHT = 178;
const EDGE = { left: 38, right: 52, top: 14, bottom: 32 };
const HOTTEST_C = 220;
const STRIP = 8;
const LETTER_PX = 5.2;
/** A curve goes through so many of its samples at most, in tenths of a pixel: no eye tells it from one through all. */
const POINTS = 60;
const DIGITS = 1;

const LINES = [
  { key: 'surfaceUpC', label: 'surface', width: 1.2, dash: '' },
  { key: 'footUpC', label: texts.coatFoot, width: 1.7, dash: '5 3' },
  { key: 'centreC', label: 'centre', width: 2.6, dash: '' },
] as const;

/** Positions as near as possible to `ys`, each at least `gap` below the one above. */
function spread(ys: readonly number[], gap: number): number[] {
  const order = [...ys.keys()].sort((a, b) => ys[a] - ys[b]);
  const out = [...ys];
  order.forEach((i, k) => {
    if (k > 0) out[i] = Math.max(out[i], out[order[k - 1]] + gap);
  });
  return out;
}

/**
 * Temperatures and the coat's water through one cook, its colour as a strip of real colours, and what happened when. A
 * slider: pointer and arrow keys move the time; hovering reads a moment without moving it.
 */
export function Curves({ series, longestMin, minutes, onScrub, marks, say, title, read }: CurvesProps) {
  const [hover, setHover] = useState<number | null>(null);
  const { timeS, columns } = series;
  const x = scaleLinear([0, longestMin], [EDGE.left, WIDTH - EDGE.right]);
  const y = scaleLinear([0, HOTTEST_C], [HEIGHT - EDGE.bottom, EDGE.top]);
  const water = scaleLinear([0, (max(columns.coatWaterGm2) ?? 1) * 2.4], [HEIGHT - EDGE.bottom, EDGE.top]);
  const every = Math.ceil(timeS.length / POINTS);
  const samples = [...timeS.keys()].filter((i) => i % every === 0 || i === timeS.length - 1);
  const endMin = timeS[timeS.length - 1] / 60;
  const path = (values: Float32Array): string =>
    line<number>()
      .digits(DIGITS)
      .x((i) => x(timeS[i] / 60))
      .y((i) => y(values[i]))
      .curve(curveMonotoneX)(samples) ?? '';
  const waterPath =
    area<number>()
      .digits(DIGITS)
      .x((i) => x(timeS[i] / 60))
      .y0(water(0))
      .y1((i) => water(columns.coatWaterGm2[i]))(samples) ?? '';
  const last = timeS.length - 1;
  const labels = [...LINES.map(({ label }) => label), texts.coatWater];
  const ends = spread([...LINES.map(({ key }) => y(columns[key][last])), water(columns.coatWaterGm2[last])], 11);
  const golden = goldenWindow(timeS, columns.colourUp);
  const minutesAt = (event: PointerEvent<SVGSVGElement>): number => {
    const box = event.currentTarget.getBoundingClientRect();
    const at = x.invert(((event.clientX - box.left) / box.width) * WIDTH);
    return Math.min(longestMin, Math.max(0, at));
  };
  const step = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageDown: -6, PageUp: 6 }[event.key];
    const to = event.key === 'Home' ? 0 : event.key === 'End' ? longestMin : null;
    if (by === undefined && to === null) return;
    event.preventDefault();
    onScrub(to ?? Math.min(longestMin, Math.max(0, minutes + ((by ?? 0) * series.sampleS) / 60)));
  };
  const stripY = HEIGHT - EDGE.bottom + 3;
  const shown = hover ?? minutes;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full cursor-ew-resize touch-none fill-current"
      role="slider"
      tabIndex={0}
      aria-label={title}
      aria-valuemin={0}
      aria-valuemax={Number(longestMin.toFixed(1))}
      aria-valuenow={Number(minutes.toFixed(1))}
      aria-valuetext={read(sampleAt(series, minutes))}
      fontSize={9.5}
      onKeyDown={step}
      onPointerDown={(e) => onScrub(minutesAt(e))}
      onPointerMove={(e) => {
        const at = minutesAt(e);
        setHover(at);
        if (e.buttons > 0) onScrub(at);
      }}
      onPointerLeave={() => setHover(null)}
    >
      <path d={waterPath} className="fill-info" fillOpacity={0.25} />
      <TimeAndHeat x={x} y={y} endX={x(longestMin)} minutesY={HEIGHT - 6} say={say} />
      <Marks marks={marks} x={x} foot={y(0)} />
      {LINES.map(({ key, width, dash }) => (
        <g key={key}>
          <path d={path(columns[key])} fill="none" stroke="currentColor" strokeWidth={width} strokeDasharray={dash} />
        </g>
      ))}
      {labels.map((label, i) => (
        <text
          key={label}
          x={x(endMin) + 4}
          y={ends[i] + 3}
          stroke="var(--color-base-100)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {label}
        </text>
      ))}
      <g>
        <CrustStrip timeS={timeS} colours={columns.colourUp} x={x} y={stripY} height={STRIP} />
        {golden && (
          <path
            d={`M${x(golden.fromMin)} ${stripY + STRIP + 4} v-3.5 M${x(golden.fromMin)} ${stripY + STRIP + 2.5} H${x(golden.toMin)} m0 1.5 v-3.5`}
            stroke="currentColor"
            strokeWidth={1.4}
            fill="none"
          />
        )}
        <text x={x(endMin) + 4} y={stripY + STRIP - 0.5}>
          {golden ? texts.golden : texts.top}
        </text>
      </g>
      <path
        d={`M${x(shown)} ${EDGE.top - 6} V${stripY + STRIP + 4}`}
        stroke="currentColor"
        strokeWidth={hover === null ? 1.4 : 0.8}
      />
      {hover !== null && (
        <Readings series={series} at={sampleAt(series, hover)} x={x(Math.min(endMin, hover))} y={y} say={say} />
      )}
      <circle cx={x(minutes)} cy={EDGE.top - 7} r={4} className="fill-primary" stroke="currentColor" />
    </svg>
  );
}

/** What happened when, each label on a row of its own, on the side where it has room, and over the lines of the others. */
function Marks({ marks, x, foot }: { marks: readonly Mark[]; x: (minutes: number) => number; foot: number }) {
  const roomy = (minutes: number, label: string): boolean =>
    x(minutes) + 3 + label.length * LETTER_PX < WIDTH - EDGE.right;
  return (
    <>
      {marks.map(({ minutes, label }) => (
        <path key={label} d={`M${x(minutes)} ${EDGE.top} V${foot}`} stroke="currentColor" strokeDasharray="2 3" />
      ))}
      {marks.map(({ minutes, label }, i) => (
        <text
          key={label}
          x={x(minutes) + (roomy(minutes, label) ? 3 : -3)}
          y={EDGE.top + 6 + i * 11}
          textAnchor={roomy(minutes, label) ? 'start' : 'end'}
          fontWeight={650}
          stroke="var(--color-base-100)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {label}
        </text>
      ))}
    </>
  );
}

/** A dot on every curve under the pointer, with its value. */
function Readings({
  series,
  at,
  x,
  y,
  say,
}: {
  series: CookSeries;
  at: number;
  x: number;
  y: (tempC: number) => number;
  say: CurvesProps['say'];
}) {
  const values = LINES.map(({ key }) => series.columns[key][at]);
  const ys = spread(values.map(y), 11);
  const right = x < WIDTH - 90;
  return values.map((value, i) => (
    <g key={LINES[i].key}>
      <circle cx={x} cy={y(value)} r={2.6} />
      <text
        x={x + (right ? 6 : -6)}
        y={ys[i] + 3}
        textAnchor={right ? 'start' : 'end'}
        fontWeight={700}
        stroke="var(--color-base-100)"
        strokeWidth={3.5}
        paintOrder="stroke"
      >
        {say(value, 'temperature')}
      </text>
    </g>
  ));
}
