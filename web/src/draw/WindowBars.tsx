import type { CookSeries, GoldenWindow } from '@yellowmist/core';
import { scaleLinear } from 'd3';
import { CrustStrip } from './CrustStrip';
import * as texts from './texts';

export interface WindowBar {
  name: string;
  series: CookSeries;
  window: GoldenWindow | null;
  /** When the centre has come to where it must, min; null where it never does, undefined where nobody asks. */
  centreMin?: number | null;
}

interface Props {
  bars: readonly WindowBar[];
  title: string;
}

const WIDTH = 520;
const EDGE = { left: 12, right: 14 };
const NAME = 18;
const STRIP = 30;
const BRACKET = 20;
const GAP = 16;
const AXIS = 22;

/** Crusts over their cooks in their real colours, one below the other; under each the minutes in which it is golden. */
export function WindowBars({ bars, title }: Props) {
  const longestMin = Math.max(...bars.map(({ series }) => series.timeS[series.timeS.length - 1])) / 60;
  const x = scaleLinear([0, longestMin], [EDGE.left, WIDTH - EDGE.right]);
  const each = NAME + STRIP + BRACKET + GAP;
  const height = bars.length * each + AXIS;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={title} className="w-full fill-current" fontSize={14}>
      {bars.map((bar, k) => (
        <g key={bar.name} transform={`translate(0,${k * each})`}>
          <OneBar bar={bar} x={x} />
        </g>
      ))}
      {x.ticks(7).map((t) => (
        <text key={t} x={x(t)} y={height - 5} textAnchor={t === 0 ? 'start' : 'middle'}>
          {t === 0 ? texts.with0Min : t}
        </text>
      ))}
    </svg>
  );
}

function OneBar({ bar, x }: { bar: WindowBar; x: (minutes: number) => number }) {
  const { name, series, window, centreMin } = bar;
  const { timeS, columns } = series;
  const below = NAME + STRIP + 6;
  return (
    <>
      <text x={EDGE.left} y={13} className="font-semibold">
        {name}
      </text>
      <CrustStrip timeS={timeS} colours={columns.colourUp} x={x} y={NAME} height={STRIP / 2} />
      <CrustStrip timeS={timeS} colours={columns.colourDown} x={x} y={NAME + STRIP / 2} height={STRIP / 2} />
      {window ? (
        <>
          <path
            d={`M${x(window.fromMin)} ${below - 4}v5H${x(window.toMin)}${window.open ? '' : 'v-5'}`}
            className="fill-none stroke-current"
            strokeWidth={2}
          />
          <text x={(x(window.fromMin) + x(window.toMin)) / 2} y={below + 14} textAnchor="middle">
            {texts.golden}
          </text>
        </>
      ) : (
        <text x={x(0)} y={below + 12}>
          {texts.neverGoldenOnBoth}
        </text>
      )}
      {typeof centreMin === 'number' && (
        <g transform={`translate(${x(centreMin)},${NAME})`}>
          <line y1={-4} y2={STRIP + 4} className="stroke-base-100" strokeWidth={6} />
          <line y1={-6} y2={STRIP + 6} className="stroke-base-content" strokeWidth={2.5} />
          <text y={-6} textAnchor="middle" className="font-semibold">
            {texts.centreDone}
          </text>
        </g>
      )}
    </>
  );
}
