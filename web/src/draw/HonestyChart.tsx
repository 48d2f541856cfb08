import { EIGHTY_RANGE } from '@yellowmist/core';
import type { ForetoldAnswer } from '@yellowmist/contract';
import { scaleLinear, scalePoint } from 'd3';
import * as texts from './texts';

interface Props {
  /** Of one kind, the earliest first. */
  foretold: readonly ForetoldAnswer[];
  /** What stands above and below the middle: "darker than foretold". */
  more: string;
  less: string;
  /** Reads how far something lay off, either way, without its sign. */
  say: (off: number) => string;
  title: string;
}

const WIDTH = 420;
const HEIGHT = 170;
const EDGE = { left: 64, right: 14, top: 18, bottom: 30 };
const BAR = 14;

const day = (at: string): string => new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });

/**
 * How far each cook lay off what was foretold of it: the range that was given, a dot by the cooks before it, a ring by the
 * fryer's page alone. A dot on its range was within it.
 */
export function HonestyChart({ foretold, more, less, say, title }: Props) {
  const offOf = (f: ForetoldAnswer): number[] => [
    Math.abs(f.told - f.byPage),
    Math.abs(f.told - f.byCooks),
    EIGHTY_RANGE * f.off,
  ];
  const widest = 1.1 * Math.max(...foretold.flatMap(offOf));
  const key = (f: ForetoldAnswer, k: number): string => `${k} ${f.id}`;
  const x = scalePoint(foretold.map(key), [EDGE.left + BAR, WIDTH - EDGE.right - BAR]).padding(0.3);
  const y = scaleLinear([-widest, widest], [HEIGHT - EDGE.bottom, EDGE.top]);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-lg fill-current"
      role="img"
      aria-label={title}
      fontSize={11}
    >
      <text x={EDGE.left} y={EDGE.top - 6}>
        {more}
      </text>
      <text x={EDGE.left} y={HEIGHT - EDGE.bottom + 12}>
        {less}
      </text>
      {y.ticks(4).map((t) => (
        <g key={t}>
          <path
            d={`M${EDGE.left} ${y(t)} H${WIDTH - EDGE.right}`}
            stroke="currentColor"
            strokeOpacity={t === 0 ? 0.6 : 0.15}
          />
          <text x={EDGE.left - 6} y={y(t)} textAnchor="end" dominantBaseline="central">
            {t === 0 ? texts.asForetold : `${t > 0 ? '+' : '−'}${say(t)}`}
          </text>
        </g>
      ))}
      {foretold.map((f, k) => {
        const at = x(key(f, k))!;
        const within = Math.abs(f.told - f.byCooks) <= EIGHTY_RANGE * f.off;
        return (
          <g key={key(f, k)}>
            <rect
              x={at - BAR / 2}
              y={y(EIGHTY_RANGE * f.off)}
              width={BAR}
              height={y(-EIGHTY_RANGE * f.off) - y(EIGHTY_RANGE * f.off)}
              rx={3}
              className="fill-primary"
              fillOpacity={0.65}
            />
            <circle cx={at} cy={y(f.told - f.byPage)} r={4} fill="none" stroke="currentColor" strokeWidth={1.4} />
            <circle cx={at} cy={y(f.told - f.byCooks)} r={4} className={within ? '' : 'fill-error'} />
            {(k === 0 || k === foretold.length - 1) && (
              <text x={at} y={HEIGHT - 4} textAnchor={k === 0 ? 'start' : 'end'}>
                {day(f.at)}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
