import { Pin, PinOff } from 'lucide-react';
import type { Cook, Task } from '@yellowmist/core';
import { DishMark } from '../../draw/DishPatterns';
import { useUnits } from '../../state/useUnits';
import { KIND_WORDS, lasting } from './words';

interface Props {
  task: Task | undefined;
  cooks: readonly Cook[];
  dishIds: readonly string[];
  nameOf: (dishId: string | null) => string;
  time: (min: number) => string;
  /** Why the last move was refused; empty when it was not. */
  refused: string;
  onPin: (task: Task, pinned: boolean) => void;
  onMove: (task: Task, fromMin: number) => void;
}

/** The task that was touched: what, when, by whom, why; pinned or let go. */
export function TaskDetail({ task, cooks, dishIds, nameOf, time, refused, onPin, onMove }: Props) {
  const { tell } = useUnits();
  return (
    <section aria-label="The task" aria-live="polite" className="mt-1 min-h-24 rounded-box bg-base-200 px-3 py-2">
      {refused && (
        <p role="alert" className="mb-1 border-l-4 border-error pl-2 font-semibold">
          {refused}
        </p>
      )}
      {!task && !refused && (
        <p className="text-sm">
          Touch a task for its reason; carry it sideways, or move it with ← and →, and the rest gives way. Letters are
          the dishes; a black mark on a fryer is a look that needs a hand; bars on the rack fade as the crust softens.
        </p>
      )}
      {task && (
        <div className="flex flex-wrap items-start gap-x-4 gap-y-1">
          <p className="shrink-0 font-display text-xl font-semibold tabular-nums">
            {time(task.fromMin)}–{time(task.toMin)}
          </p>
          <div className="min-w-0 grow basis-72">
            <h3 className="flex items-center gap-1 text-base leading-tight">
              <DishMark dishIds={dishIds} id={task.dishId} /> {nameOf(task.dishId)}: {KIND_WORDS[task.kind]},{' '}
              {lasting(task.toMin - task.fromMin)}
              {task.cook !== null && `, ${cooks[task.cook]?.name ?? ''}`}
              {task.fryer && `, ${task.fryer}`}
            </h3>
            <p className="leading-snug">{tell(task.text)}</p>
            <p className="text-sm leading-snug">
              <b>Why:</b> {tell(task.reason)}
            </p>
          </div>
          {!task.ahead && task.cook !== null && (
            <div className="flex shrink-0 gap-1" role="group" aria-label="Move the task">
              <button
                type="button"
                className="btn btn-sm h-11"
                onClick={() => onMove(task, Math.round(task.fromMin) - 5)}
              >
                5 min sooner
              </button>
              <button
                type="button"
                className="btn btn-sm h-11"
                onClick={() => onMove(task, Math.round(task.fromMin) + 5)}
              >
                5 min later
              </button>
              <button
                type="button"
                className="btn btn-sm h-11"
                aria-pressed={task.pinned}
                onClick={() => onPin(task, !task.pinned)}
              >
                {task.pinned ? <PinOff aria-hidden className="size-4" /> : <Pin aria-hidden className="size-4" />}
                {task.pinned ? 'Let it go' : 'Pin it here'}
              </button>
            </div>
          )}
        </div>
      )}
    </section>
  );
}
