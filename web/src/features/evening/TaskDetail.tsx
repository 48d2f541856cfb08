import type { Cook, Task } from '@yellowmist/core';
import { DishMark } from '../../draw/DishPatterns';
import { useUnits } from '../../state/useUnits';
import { MoveTask, Refused, type TaskMoves } from './MoveTask';
import { KIND_WORDS, lasting } from './words';
import * as texts from './texts';

interface Props {
  task: Task | undefined;
  cooks: readonly Cook[];
  dishIds: readonly string[];
  nameOf: (dishId: string | null) => string;
  time: (min: number) => string;
  moves: TaskMoves;
}

/** The task that was touched: what, when, by whom, why; pinned or let go. */
export function TaskDetail({ task, cooks, dishIds, nameOf, time, moves }: Props) {
  const { tell } = useUnits();
  return (
    <section aria-label={texts.theTask} aria-live="polite" className="mt-1 min-h-24 rounded-box bg-base-200 px-3 py-2">
      <Refused why={moves.refused} />
      {!task && !moves.refused && <p className="text-sm">{texts.touchTaskForIts}</p>}
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
              <b>{texts.why}</b> {tell(task.reason)}
            </p>
          </div>
          <MoveTask task={task} moves={moves} />
        </div>
      )}
    </section>
  );
}
