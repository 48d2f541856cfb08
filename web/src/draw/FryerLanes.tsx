import { scaleLinear } from 'd3';
import type { FryerQueue } from '@yellowmist/core';

const WIDE = 760;
const LANE = 46;
const LEFT = 92;
const RIGHT = 12;
const AXIS = 22;

/** Every fryer a lane along the evening's minutes, every batch a block in it. */
export function FryerLanes({ queues, say }: { queues: readonly FryerQueue[]; say: (minutes: number) => string }) {
  const longest = Math.max(1, ...queues.map((q) => q.totalMin));
  const x = scaleLinear()
    .domain([0, longest])
    .range([LEFT, WIDE - RIGHT]);
  const tall = queues.length * LANE + AXIS;
  const title = queues.map((q) => `${q.fryer} is busy for ${say(q.totalMin)}`).join(', ');
  return (
    <svg viewBox={`0 0 ${WIDE} ${tall}`} className="w-full" role="img" aria-label={title} fontSize={12}>
      {x.ticks(8).map((t) => (
        <g key={t}>
          <path d={`M${x(t)} 0 V${tall - AXIS + 4}`} className="stroke-base-content" strokeOpacity={0.18} />
          <text x={x(t)} y={tall - 6} textAnchor="middle" className="fill-current" fontSize={11}>
            {say(t)}
          </text>
        </g>
      ))}
      {queues.map((queue, lane) => (
        <g key={queue.fryer} transform={`translate(0 ${lane * LANE})`}>
          <text x={0} y={LANE / 2 + 4} className="fill-current" fontWeight={700}>
            {queue.fryer.length > 12 ? `${queue.fryer.slice(0, 11)}…` : queue.fryer}
          </text>
          {queue.turns.map((turn, k) => {
            const each = (turn.toMin - turn.fromMin) / turn.batches;
            const [from, to] = [x(turn.fromMin), x(turn.toMin)];
            const letters = Math.max(0, Math.floor((to - from - 10) / 6.4));
            return (
              <g key={turn.dishId}>
                {Array.from({ length: turn.batches }, (_, b) => (
                  <rect
                    key={b}
                    x={x(turn.fromMin + b * each) + 0.5}
                    y={6}
                    width={Math.max(2, x(each) - x(0) - 2)}
                    height={LANE - 14}
                    rx={3}
                    className={k % 2 ? 'fill-secondary' : 'fill-primary'}
                    stroke="currentColor"
                    strokeOpacity={0.5}
                  />
                ))}
                {letters > 3 && (
                  <text
                    x={from + 6}
                    y={LANE / 2 + 3}
                    className={k % 2 ? 'fill-secondary-content' : 'fill-primary-content'}
                    fontWeight={650}
                  >
                    {turn.name.length > letters ? `${turn.name.slice(0, letters - 1)}…` : turn.name}
                  </text>
                )}
              </g>
            );
          })}
        </g>
      ))}
    </svg>
  );
}
