import { curveMonotoneX, line, scaleLinear } from 'd3';
import * as texts from './texts';

export interface LifeLine {
  name: string;
  /** Crispness, 0–1, every minute from the end of the cook. */
  crispness: readonly number[];
}

interface Props {
  lines: readonly LifeLine[];
  /** What is still called crisp, 0–1. */
  still: number;
  title: string;
}

const WIDTH = 520;
const HEIGHT = 260;
const EDGE = { left: 64, right: 150, top: 12, bottom: 30 };
const DASHES = ['', '8 4', '2 4'];
const LINE_PX = 17;

/** Positions as near as possible to `ys`, each at least a line above the one below, none lower than `lowest`. */
function apart(ys: readonly number[], lowest: number): number[] {
  const order = [...ys.keys()].sort((a, b) => ys[b] - ys[a]);
  const out = [...ys];
  order.forEach((i, k) => {
    out[i] = Math.min(out[i], k > 0 ? out[order[k - 1]] - LINE_PX : lowest);
  });
  return out;
}

/** How crisp a crust is minute by minute after its cook, where it stands. */
export function LifeLines({ lines, still, title }: Props) {
  const minutes = Math.max(...lines.map((l) => l.crispness.length)) - 1;
  const x = scaleLinear([0, minutes], [EDGE.left, WIDTH - EDGE.right]);
  const y = scaleLinear([0, 1], [HEIGHT - EDGE.bottom, EDGE.top]);
  const path = line<number>()
    .x((_, k) => x(k))
    .y((v) => y(v))
    .curve(curveMonotoneX);
  const labels = apart(
    lines.map((l) => y(l.crispness.at(-1) ?? 0)),
    y(0) - 4,
  );
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={title} className="w-full fill-current" fontSize={14}>
      <rect
        x={EDGE.left}
        width={x(minutes) - EDGE.left}
        y={y(1)}
        height={y(still) - y(1)}
        className="fill-primary opacity-25"
      />
      <text x={EDGE.left - 6} y={y(1) + 12} textAnchor="end">
        {texts.crisp}
      </text>
      <text x={EDGE.left - 6} y={y(0)} textAnchor="end">
        {texts.soft}
      </text>
      <path d={`M${EDGE.left} ${y(0)}H${x(minutes)}`} className="stroke-current opacity-40" />
      {lines.map(({ name, crispness }, k) => (
        <g key={name}>
          <path
            d={path([...crispness]) ?? ''}
            className="fill-none stroke-current"
            strokeWidth={2.4}
            strokeDasharray={DASHES[k]}
          />
          <path
            d={`M${x(minutes) + 4} ${labels[k]}h18`}
            className="stroke-current"
            strokeWidth={2.4}
            strokeDasharray={DASHES[k]}
          />
          <text x={x(minutes) + 27} y={labels[k] + 5}>
            {name}
          </text>
        </g>
      ))}
      {x.ticks(6).map((t) => (
        <text key={t} x={x(t)} y={HEIGHT - 8} textAnchor="middle">
          {t === 0 ? texts.with0Min : t}
        </text>
      ))}
    </svg>
  );
}
