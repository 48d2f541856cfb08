import { scaleLog } from 'd3';
import * as texts from './texts';

const HEIGHT = 74;
/** As wide as it is drawn: beside a desk, and in a hand. */
const WIDTHS = { wide: 720, narrow: 358 } as const;
const LINE_Y = 38;
const EDGE = 16;
const HOUR_MS = 3_600_000;
/** The line runs from an hour to two years ago, so that days and months both have room. */
const [YOUNGEST_H, OLDEST_H] = [1, 2 * 365 * 24];

/** Names of ages, h, and whether there is room for them in a hand. */
const MARKS: readonly [string, number, boolean][] = [
  [texts.anHour, 1, true],
  [texts.aDay, 24, true],
  [texts.aWeek, 7 * 24, false],
  [texts.aMonth, 30 * 24, true],
  [texts.aYear, 365 * 24, false],
];

export interface Aged {
  id: string;
  at: string;
  /** What a reader is told of it. */
  label: string;
  /** It came by itself, and goes by itself. */
  byItself: boolean;
}

interface AgeLineProps {
  items: readonly Aged[];
  now: number;
}

/** How old things are, on one line from now backwards: near days apart, far months together. Each leads to its place. */
export function AgeLine(props: AgeLineProps) {
  return (
    <>
      <Line {...props} size="wide" />
      <Line {...props} size="narrow" />
    </>
  );
}

function Line({ items, now, size }: AgeLineProps & { size: keyof typeof WIDTHS }) {
  const width = WIDTHS[size];
  const x = scaleLog()
    .domain([YOUNGEST_H, OLDEST_H])
    .range([EDGE, width - EDGE])
    .clamp(true);
  const hoursOf = (at: string): number => Math.max(YOUNGEST_H, (now - Date.parse(at)) / HOUR_MS);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      className={size === 'wide' ? 'w-full max-w-3xl max-sm:hidden' : 'w-full sm:hidden'}
      role="group"
      aria-label={texts.backupsByTheirAge}
    >
      <line x1={EDGE} x2={width - EDGE} y1={LINE_Y} y2={LINE_Y} className="stroke-base-content" strokeWidth={2} />
      {MARKS.filter(([, , always]) => always || size === 'wide').map(([name, hours]) => (
        <g key={name} transform={`translate(${x(hours)},${LINE_Y})`} aria-hidden>
          <line y1={0} y2={9} className="stroke-base-content" />
          <text
            y={26}
            textAnchor={hours === YOUNGEST_H ? 'start' : 'middle'}
            dx={hours === YOUNGEST_H ? -EDGE / 2 : 0}
            className="fill-base-content text-[13px]"
          >
            {texts.ago(name)}
          </text>
        </g>
      ))}
      {items.map(({ id, at, label, byItself }) => (
        <a key={id} href={`#${id}`} aria-label={label}>
          <title>{label}</title>
          <g transform={`translate(${x(hoursOf(at))},${LINE_Y})`}>
            <rect x={-12} y={-26} width={24} height={26} fill="transparent" />
            <path
              d="M-5 -3 V-15 Q-5 -18 -3 -19 V-23 H3 V-19 Q5 -18 5 -15 V-3 Z"
              className={byItself ? 'fill-base-100 stroke-base-content' : 'fill-primary stroke-base-content'}
              strokeWidth={1.5}
            />
          </g>
        </a>
      ))}
    </svg>
  );
}
