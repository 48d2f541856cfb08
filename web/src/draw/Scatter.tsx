import { axisBottom, axisLeft, extent, scaleLinear, select } from 'd3';
import { useEffect, useMemo, useRef, type KeyboardEvent } from 'react';
import * as texts from './texts';

export interface Dot {
  /** In the order of the data that it stands for. */
  id: number;
  x: number;
  y: number;
  /** Not beaten in both axes by any other. */
  front: boolean;
  works: boolean;
  /** What a screen reader and the tooltip say. */
  text: string;
}

interface Props {
  dots: readonly Dot[];
  xLabel: string;
  yLabel: string;
  /** Words for the two ends of the upright axis. */
  yEnds: [string, string];
  formatX: (x: number) => string;
  /** Where the plan on the bench lies; null when it is not there. */
  here: { x: number; y: number } | null;
  onPick: (id: number) => void;
}

const SIZE = { width: 460, height: 226 };
const MARGIN = { top: 10, right: 14, bottom: 38, left: 44 };

/** Dots of one cost would lie on top of each other: each is set aside by so much at the most, always the same way, px. */
const MOST_ASIDE = 12;
const aside = (id: number): number => ((id * 37) % (2 * MOST_ASIDE + 1)) - MOST_ASIDE;
const DOT_R = 2.8;
/** None lies on the words of the upright axis. */
const FIRST_X = MARGIN.left + MOST_ASIDE + DOT_R;

/**
 * What was tried, as dots: likeness upward, a cost to the right. The front, which nothing beats in both, is joined by a
 * line and can be walked with the arrow keys; every dot can be clicked.
 */
export function Scatter({ dots, xLabel, yLabel, yEnds, formatX, here, onPick }: Props) {
  const axes = useRef<SVGGElement>(null);
  const { x, y } = useMemo(() => {
    const [low = 0, high = 1] = extent([...dots.map((d) => d.x), ...(here ? [here.x] : [])]) as [number, number];
    const pad = (high - low || 1) * 0.06;
    return {
      x: scaleLinear([Math.max(0, low - pad), high + pad], [FIRST_X, SIZE.width - MARGIN.right]),
      y: scaleLinear([0, 1], [SIZE.height - MARGIN.bottom, MARGIN.top]),
    };
  }, [dots, here]);
  useEffect(() => {
    const g = select(axes.current!);
    g.selectAll('*').remove();
    g.append('g')
      .attr('transform', `translate(0 ${SIZE.height - MARGIN.bottom})`)
      .call(
        axisBottom(x)
          .ticks(6)
          .tickFormat((v) => formatX(Number(v))),
      );
    g.append('g')
      .attr('transform', `translate(${MARGIN.left} 0)`)
      .call(
        axisLeft(y)
          .ticks(4)
          .tickFormat(() => ''),
      );
    g.selectAll('text').attr('font-size', 11).attr('font-family', 'inherit');
  }, [x, y, formatX]);
  const front = dots.filter((d) => d.front).sort((a, b) => a.x - b.x || a.y - b.y);
  const line = front.map((d) => `${x(d.x)},${y(d.y)}`).join(' ');
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      className="w-full max-w-[30rem]"
      role="group"
      aria-label={texts.againstCooksThatNone(yLabel, xLabel, dots.length, front.length)}
    >
      <g ref={axes} aria-hidden />
      <text
        x={(SIZE.width + MARGIN.left) / 2}
        y={SIZE.height - 4}
        textAnchor="middle"
        className="fill-current text-[12px]"
      >
        {xLabel}
      </text>
      <g aria-hidden className="fill-current text-[11px]">
        {/* Outside the axis, where no dot lies. */}
        <text transform={`translate(30 ${MARGIN.top - 4}) rotate(-90)`} textAnchor="end">
          {yEnds[1]}
        </text>
        <text transform={`translate(30 ${SIZE.height - MARGIN.bottom}) rotate(-90)`}>{yEnds[0]}</text>
        <text transform={`translate(13 ${SIZE.height / 2}) rotate(-90)`} textAnchor="middle" className="text-[12px]">
          {yLabel}
        </text>
      </g>
      <g aria-hidden data-dots>
        {dots
          .filter((d) => !d.front)
          .map((d) => (
            <circle
              key={d.id}
              cx={x(d.x) + aside(d.id)}
              cy={y(d.y)}
              r={DOT_R}
              className={d.works ? 'fill-base-content/55' : 'fill-none stroke-base-content/45'}
              onClick={() => onPick(d.id)}
            >
              <title>{d.text}</title>
            </circle>
          ))}
      </g>
      <polyline points={line} fill="none" className="stroke-accent" strokeWidth={1.5} strokeDasharray="4 3" />
      {here && (
        <g transform={`translate(${x(here.x)} ${y(here.y)})`} aria-hidden>
          <circle r={9} fill="none" className="stroke-base-content" strokeWidth={1.5} />
          <path d="M-13 0h8M5 0h8M0 -13v8M0 5v8" className="stroke-base-content" strokeWidth={1.5} />
        </g>
      )}
      {front.map((d, k) => (
        <circle
          key={d.id}
          cx={x(d.x)}
          cy={y(d.y)}
          r={6}
          className="cursor-pointer fill-primary stroke-base-content"
          strokeWidth={1.2}
          role="button"
          aria-label={d.text}
          tabIndex={k === 0 ? 0 : -1}
          onClick={() => onPick(d.id)}
          onKeyDown={walk(() => onPick(d.id))}
        >
          <title>{d.text}</title>
        </circle>
      ))}
    </svg>
  );
}

/** Arrow keys go along the front, Enter and Space pick. */
const walk =
  (pick: () => void) =>
  (event: KeyboardEvent<SVGCircleElement>): void => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      return pick();
    }
    const to =
      event.key === 'ArrowRight'
        ? event.currentTarget.nextElementSibling
        : event.key === 'ArrowLeft'
          ? event.currentTarget.previousElementSibling
          : null;
    if (!(to instanceof SVGCircleElement) || to.getAttribute('role') !== 'button') return;
    event.preventDefault();
    event.currentTarget.tabIndex = -1;
    to.tabIndex = 0;
    to.focus();
  };
