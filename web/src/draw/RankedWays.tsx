import { scaleLinear } from 'd3';
import * as texts from './texts';

interface Props {
  ways: readonly { mark: string; name: string; first: number; rank: number }[];
  /** Answers that told the ways apart. */
  told: number;
  title: string;
}

const WIDTH = 520;
const ROW = 30;
const NAME = 176;
const END = 96;

/** How often each way came first, as a bar, and its mean place. */
export function RankedWays({ ways, told, title }: Props) {
  const x = scaleLinear([0, told], [NAME, WIDTH - END]);
  const height = ROW * ways.length + 4;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="my-1 w-full max-w-xl fill-current"
      role="img"
      aria-label={`${title}: ${ways.map((w) => texts.ofMeanPlace(w.name, w.first, told, w.rank.toFixed(1))).join('; ')}`}
      fontSize={13}
    >
      {ways.map((way, at) => (
        <g key={way.mark} transform={`translate(0 ${at * ROW + 2})`}>
          <text y={ROW / 2} dominantBaseline="central">
            <tspan fontWeight={700}>{way.mark}</tspan> {way.name.length > 22 ? `${way.name.slice(0, 21)}…` : way.name}
          </text>
          <path d={`M${x(0)} 2 V${ROW - 2}`} stroke="currentColor" strokeOpacity={0.6} />
          {Array.from({ length: told }, (_, k) => (
            <rect
              key={k}
              x={x(k) + 2}
              y={6}
              width={Math.max(2, x(1) - x(0) - 4)}
              height={ROW - 12}
              rx={3}
              className={k < way.first ? 'fill-primary' : 'fill-none'}
              stroke="currentColor"
              strokeOpacity={k < way.first ? 0.9 : 0.35}
            />
          ))}
          <text x={WIDTH - END + 8} y={ROW / 2} dominantBaseline="central">
            {ways.length > 2 ? texts.place(way.rank.toFixed(1)) : texts.ofFirst(way.first, told)}
          </text>
        </g>
      ))}
    </svg>
  );
}
