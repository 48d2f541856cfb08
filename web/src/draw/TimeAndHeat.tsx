import type { ScaleLinear } from 'd3';
import * as texts from './texts';

interface Props {
  /** Minutes to px, and °C to px. */
  x: ScaleLinear<number, number>;
  y: ScaleLinear<number, number>;
  /** Where the lines end, and where the minutes stand, px. */
  endX: number;
  minutesY: number;
  say: (value: number, quantity: 'temperature') => string;
  /** Temperatures that are drawn, °C. */
  shown?: readonly number[];
}

const SHOWN_C = [0, 100, 200];

/** More minutes than this do not stand beside each other under a curve. */
const MOST_MINUTES = 6;

/** Round minutes along the axis, as many as there is room for. */
function minuteTicks(x: ScaleLinear<number, number>): number[] {
  for (let n = MOST_MINUTES - 1; n > 1; n--) {
    const ticks = x.ticks(n);
    if (ticks.length <= MOST_MINUTES) return ticks;
  }
  return x.ticks(1);
}

/** The ground of a curve of a cook: temperatures as lines, minutes below them. */
export function TimeAndHeat({ x, y, endX, minutesY, say, shown = SHOWN_C }: Props) {
  const [startX] = x.range();
  return (
    <>
      {shown.map((t) => (
        <g key={t}>
          <path d={`M${startX} ${y(t)} H${endX}`} stroke="currentColor" strokeOpacity={0.18} />
          <text x={startX - 4} y={y(t) + 3} textAnchor="end">
            {say(t, 'temperature')}
          </text>
        </g>
      ))}
      {minuteTicks(x).map((t) => (
        <text key={t} x={x(t)} y={minutesY} textAnchor="middle">
          {texts.min(t)}
        </text>
      ))}
    </>
  );
}
