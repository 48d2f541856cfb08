import type { KeyboardEvent, PointerEvent } from 'react';
import { fitted, type Stop } from './lanes';

interface Props {
  stop: Stop;
  /** px from the left, and how wide. */
  left: number;
  width: number;
  fill: string;
  label: string;
  told: string;
  selected: boolean;
  /** Whether the keyboard comes to this one of all blocks. */
  reached: boolean;
  onFocus: () => void;
  onKeyDown: (event: KeyboardEvent) => void;
  carry: Record<'onPointerDown' | 'onPointerMove' | 'onPointerUp' | 'onPointerCancel', (event: PointerEvent) => void>;
}

/** Kinds that a fryer's lane shows fainter than its cooks. */
const QUIET = ['preheat', 'load', 'unload', 'check'];

/** A task as a block on its lane. */
export function LaneBlock({ stop, left, width, fill, label, told, selected, reached, carry, ...heard }: Props) {
  const { key, task, lane } = stop;
  const text = fitted(label, width);
  const quiet = lane.kind === 'fryer' && QUIET.includes(task.kind);
  return (
    <g
      data-stop={key}
      role="button"
      tabIndex={reached ? 0 : -1}
      aria-label={text === '' ? told : `${text}: ${told}`}
      aria-pressed={selected}
      className="cursor-grab touch-none focus-visible:outline-2"
      transform={`translate(${left} ${lane.top + 4})`}
      {...carry}
      {...heard}
    >
      <title>{told}</title>
      <rect
        width={width}
        height={lane.tall - 8}
        rx={3}
        fill={fill}
        fillOpacity={quiet ? 0.45 : 1}
        stroke="currentColor"
        strokeWidth={selected ? 2.5 : 0.75}
        strokeDasharray={task.kind === 'preheat' ? '3 2' : undefined}
      />
      {text !== '' && (
        <text
          x={4}
          y={(lane.tall - 8) / 2 + 4}
          fontSize={11.5}
          fill="#23272b"
          fontWeight={lane.kind === 'fryer' ? 650 : 500}
        >
          {text}
        </text>
      )}
      {task.pinned && <circle cx={Math.min(width - 3, 5)} cy={4} r={3} className="fill-error" />}
    </g>
  );
}
