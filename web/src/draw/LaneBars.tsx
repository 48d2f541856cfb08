import { useId } from 'react';
import type { AtTable } from '@yellowmist/core';
import { lineOf } from './DishPatterns';
import { BAR, type Lane } from './lanes';

/** What waits by itself until its fryer. */
export function Wait({ x, wide, y, fill, told }: { x: number; wide: number; y: number; fill: string; told: string }) {
  return (
    <g>
      <title>{told}</title>
      <rect x={x} y={y} width={Math.max(1, wide)} height={BAR - 2} rx={2} fill={fill} fillOpacity={0.75} />
    </g>
  );
}

/** A batch from the fryer to the table: it fades as it softens, and ends full where it is crisp when it is eaten. */
export function CrispLife({
  batch,
  x,
  lane,
  ids,
}: {
  batch: AtTable;
  x: (min: number) => number;
  lane: Lane;
  ids: readonly string[];
}) {
  const id = useId();
  const y = lane.top + 3 + ids.indexOf(batch.dishId) * BAR;
  const [from, to] = [x(batch.readyMin), x(batch.eatenMin)];
  const left = batch.crispness / Math.max(1e-6, batch.ifFresh);
  const fill = lineOf(ids, batch.dishId);
  const end = Math.min(1, Math.max(0.08, left));
  return (
    <g pointerEvents="none">
      <linearGradient id={id}>
        <stop offset="0" stopColor={fill} stopOpacity={1} />
        <stop offset="1" stopColor={fill} stopOpacity={batch.how === 'crisped again' ? 0.35 : end} />
      </linearGradient>
      <rect x={from} y={y} width={Math.max(1, to - from)} height={BAR - 2} fill={`url(#${id})`} />
      <circle
        cx={to}
        cy={y + (BAR - 2) / 2}
        r={3}
        fill={left < 0.6 ? 'var(--color-base-100)' : fill}
        stroke="currentColor"
      />
    </g>
  );
}
