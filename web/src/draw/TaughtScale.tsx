import { EIGHTY_RANGE } from '@yellowmist/core';
import { scaleLinear } from 'd3';
import * as texts from './texts';

interface Props {
  /** What it is believed to be off by, and one standard deviation, K. */
  is: number;
  off: number;
  /** What each cook alone would make one believe, K. */
  alone: readonly { id: string; offsetC: number }[];
  /** Reads a difference of temperatures in the cook's unit. */
  say: (kelvin: number) => string;
  title: string;
}

const WIDTH = 360;
const HEIGHT = 64;
const EDGE = 22;
const MOST_K = 20;
const LINE_Y = 34;

/** How far a fryer is off: what each cook alone says, and the range that all of them leave. */
export function TaughtScale({ is, off, alone, say, title }: Props) {
  const widest = Math.max(MOST_K, Math.abs(is) + EIGHTY_RANGE * off, ...alone.map((a) => Math.abs(a.offsetC)));
  const x = scaleLinear([-widest, widest], [EDGE, WIDTH - EDGE]);
  const [from, to] = [x(is - EIGHTY_RANGE * off), x(is + EIGHTY_RANGE * off)];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-md fill-current"
      role="img"
      aria-label={title}
      fontSize={11}
    >
      <rect x={from} y={LINE_Y - 12} width={Math.max(2, to - from)} height={24} rx={4} className="fill-primary" />
      <path d={`M${EDGE} ${LINE_Y} H${WIDTH - EDGE}`} stroke="currentColor" strokeOpacity={0.5} />
      {x.ticks(5).map((t) => (
        <g key={t}>
          <path d={`M${x(t)} ${LINE_Y - 4} v8`} stroke="currentColor" strokeOpacity={0.5} />
          <text x={x(t)} y={HEIGHT - 4} textAnchor="middle">
            {t === 0 ? texts.asSet : `${t > 0 ? '+' : '−'}${say(Math.abs(t))}`}
          </text>
        </g>
      ))}
      {alone.map(({ id, offsetC }) => (
        <circle
          key={id}
          cx={x(Math.max(-widest, Math.min(widest, offsetC)))}
          cy={LINE_Y}
          r={4}
          className="fill-base-100"
          stroke="currentColor"
          strokeWidth={1.6}
        />
      ))}
      <path d={`M${x(is)} ${LINE_Y - 15} V${LINE_Y + 15}`} stroke="currentColor" strokeWidth={2.4} />
    </svg>
  );
}
