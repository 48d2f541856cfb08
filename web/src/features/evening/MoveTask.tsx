import { Pin, PinOff } from 'lucide-react';
import type { Task } from '@yellowmist/core';
import * as texts from './texts';

/** What a hand may do to a task: sooner, later, pinned where it is, or let go. */
export interface TaskMoves {
  move: (task: Task, fromMin: number) => void;
  pin: (task: Task, pinned: boolean) => void;
  /** Why the last move was refused; empty when it was not. */
  refused: string;
}

const STEPS = [
  { byMin: -5, label: texts.with5MinSooner },
  { byMin: 5, label: texts.with5MinLater },
] as const;

/** Moves a task that hands do on the evening itself; what runs by itself, or was done ahead, stands where it must. */
export function MoveTask({ task, moves: { move, pin } }: { task: Task; moves: TaskMoves }) {
  if (task.ahead || task.cook === null) return null;
  return (
    <div className="flex flex-wrap gap-1" role="group" aria-label={texts.moveTask}>
      {STEPS.map(({ byMin, label }) => (
        <button
          key={label}
          type="button"
          className="btn btn-sm h-11"
          onClick={() => move(task, Math.round(task.fromMin) + byMin)}
        >
          {label}
        </button>
      ))}
      <button
        type="button"
        className="btn btn-sm h-11"
        aria-pressed={task.pinned}
        onClick={() => pin(task, !task.pinned)}
      >
        {task.pinned ? <PinOff aria-hidden className="size-4" /> : <Pin aria-hidden className="size-4" />}
        {task.pinned ? texts.letItGo : texts.pinItHere}
      </button>
    </div>
  );
}

export function Refused({ why }: { why: string }) {
  if (!why) return null;
  return (
    <p role="alert" className="my-1 border-l-4 border-error pl-2 font-semibold">
      {why}
    </p>
  );
}
