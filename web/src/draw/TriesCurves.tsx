import type { CookSeries } from '@yellowmist/core';
import { curveMonotoneX, line, scaleLinear } from 'd3';
import { CrustStrip } from './CrustStrip';
import { TimeAndHeat } from './TimeAndHeat';

export interface TryCurve {
  /** "A", "B" … as it is called beside the others. */
  letter: string;
  series: CookSeries;
  /** The centre as it was read. */
  centre: readonly { atS: number; tempC: number }[];
}

interface Props {
  tries: readonly TryCurve[];
  say: (value: number, quantity: 'temperature') => string;
  title: string;
}

const WIDTH = 400;
const PLOT = 170;
const STRIP = 14;
const GAP = 4;
const EDGE = { left: 48, right: 26, top: 10, bottom: 22 };
const HOTTEST_C = 130;
const DASHES = ['', '7 3', '2 3', '9 3 2 3'];

/** Centres of several cooks over the same minutes, with what was read of them; below them, each one's crust in its colours. */
export function TriesCurves({ tries, say, title }: Props) {
  const longestMin = Math.max(...tries.map(({ series }) => series.timeS[series.timeS.length - 1])) / 60;
  const height = PLOT + tries.length * (STRIP + GAP) + EDGE.bottom;
  const x = scaleLinear([0, longestMin], [EDGE.left, WIDTH - EDGE.right]);
  const y = scaleLinear([0, HOTTEST_C], [PLOT - GAP, EDGE.top]);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="w-full max-w-lg fill-current"
      role="img"
      aria-label={title}
      fontSize={12}
    >
      <TimeAndHeat x={x} y={y} endX={WIDTH - EDGE.right} minutesY={height - 6} say={say} shown={[0, 50, 100]} />
      {tries.map(({ letter, series, centre }, k) => (
        <One key={letter} letter={letter} series={series} centre={centre} x={x} y={y} k={k} />
      ))}
    </svg>
  );
}

interface OneProps extends TryCurve {
  x: (minutes: number) => number;
  y: (tempC: number) => number;
  k: number;
}

function One({ letter, series, centre, x, y, k }: OneProps) {
  const { timeS, columns } = series;
  const samples = [...timeS.keys()];
  const last = timeS.length - 1;
  const path = line<number>()
    .x((i) => x(timeS[i] / 60))
    .y((i) => y(columns.centreC[i]))
    .curve(curveMonotoneX)(samples);
  const stripY = PLOT + k * (STRIP + GAP);
  return (
    <g>
      <path d={path ?? ''} fill="none" stroke="currentColor" strokeWidth={1.8} strokeDasharray={DASHES[k]} />
      <text
        x={x(timeS[last] / 60) + 5}
        y={y(columns.centreC[last]) + 4}
        fontWeight={700}
        stroke="var(--color-base-100)"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {letter}
      </text>
      {centre.map(({ atS, tempC }) => (
        <circle
          key={atS}
          cx={x(atS / 60)}
          cy={y(tempC)}
          r={3}
          className="fill-accent"
          stroke="currentColor"
          strokeWidth={0.5}
        />
      ))}
      <text x={EDGE.left - 6} y={stripY + STRIP - 3} textAnchor="end" fontWeight={700}>
        {letter}
      </text>
      <CrustStrip timeS={timeS} colours={columns.colourUp} x={x} y={stripY} height={STRIP} />
    </g>
  );
}
