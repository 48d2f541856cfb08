import { curveMonotoneX, line, scaleLinear } from 'd3';
import { TimeAndHeat } from './TimeAndHeat';
import * as texts from './texts';

export interface Reading {
  atS: number;
  tempC: number;
}

interface Props {
  /** What the plan has at the centre and in the air, one value a sample. */
  timeS: ArrayLike<number>;
  plannedCentre: ArrayLike<number>;
  /** The same as it is known by now; null before anything was read. */
  expected: { timeS: ArrayLike<number>; centre: ArrayLike<number> } | null;
  centre: readonly Reading[];
  air: readonly Reading[];
  wantedC: number;
  /** When the centre is there, s, and ± one spread; null where nobody knows. */
  done: { atS: number; offS: number } | null;
  nowS: number;
  say: (value: number, quantity: 'temperature') => string;
  title: string;
}

const WIDTH = 340;
const HEIGHT = 170;
const EDGE = { left: 40, right: 12, top: 14, bottom: 24 };
const HOTTEST_C = 230;

/** What the probe reads against what was expected, and when it will be done. */
export function ProbeCurve({ timeS, plannedCentre, expected, centre, air, wantedC, done, nowS, say, title }: Props) {
  const endS = Math.max(timeS[timeS.length - 1], nowS, done ? done.atS + 2 * done.offS : 0);
  const x = scaleLinear([0, endS / 60], [EDGE.left, WIDTH - EDGE.right]);
  const y = scaleLinear([0, HOTTEST_C], [HEIGHT - EDGE.bottom, EDGE.top]);
  const drawn = (times: ArrayLike<number>, values: ArrayLike<number>): string =>
    line<number>()
      .x((k) => x(times[k] / 60))
      .y((k) => y(values[k]))
      .curve(curveMonotoneX)(Array.from({ length: times.length }, (_, k) => k).filter((k) => times[k] <= endS)) ?? '';
  const dots = (readings: readonly Reading[], className: string, r: number) =>
    readings.map((p) => <circle key={p.atS} cx={x(p.atS / 60)} cy={y(p.tempC)} r={r} className={className} />);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full fill-current" role="img" aria-label={title} fontSize={11}>
      <TimeAndHeat x={x} y={y} endX={WIDTH - EDGE.right} minutesY={HEIGHT - 6} say={say} />
      {done && (
        <rect
          x={x(Math.max(0, done.atS - done.offS) / 60)}
          y={EDGE.top}
          width={Math.max(2, x((done.atS + done.offS) / 60) - x(Math.max(0, done.atS - done.offS) / 60))}
          height={HEIGHT - EDGE.bottom - EDGE.top}
          className="fill-primary"
          fillOpacity={0.45}
        />
      )}
      <path d={`M${EDGE.left} ${y(wantedC)} H${WIDTH - EDGE.right}`} className="stroke-error" strokeDasharray="6 3" />
      <text
        x={WIDTH - EDGE.right}
        y={y(wantedC) + 12}
        textAnchor="end"
        stroke="var(--color-base-100)"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {texts.wanted(say(wantedC, 'temperature'))}
      </text>
      <path
        d={drawn(timeS, plannedCentre)}
        fill="none"
        stroke="currentColor"
        strokeOpacity={0.6}
        strokeDasharray="4 4"
        strokeWidth={1.6}
      />
      {expected && (
        <path d={drawn(expected.timeS, expected.centre)} fill="none" stroke="currentColor" strokeWidth={1.6} />
      )}
      {dots(air, 'fill-info', 1.6)}
      {dots(centre, 'fill-accent', 2.4)}
      <path d={`M${x(nowS / 60)} ${EDGE.top} V${HEIGHT - EDGE.bottom}`} stroke="currentColor" strokeWidth={1} />
    </svg>
  );
}
