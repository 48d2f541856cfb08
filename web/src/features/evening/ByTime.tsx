import { useEffect, useRef } from 'react';
import { sheetTasks, type Cook, type Task } from '@yellowmist/core';
import type { Clock } from '@yellowmist/contract';
import { DishMark } from '../../draw/DishPatterns';
import { useUnits } from '../../state/useUnits';
import { MoveTask, Refused, type TaskMoves } from './MoveTask';
import * as texts from './texts';

interface Props {
  tasks: readonly Task[];
  cooks: readonly Cook[];
  dishIds: readonly string[];
  nameOf: (dishId: string | null) => string;
  clock: Clock;
  selected: string | null;
  onSelect: (id: string | null) => void;
  moves: TaskMoves;
}

/** One list by time: what is done when, day by day. On a phone it stands for the lanes: tasks are moved here. */
export function ByTime({ tasks, cooks, dishIds, nameOf, clock, selected, onSelect, moves }: Props) {
  const { tell } = useUnits();
  const shown = sheetTasks(tasks);
  // A task that was moved here goes elsewhere in the list: it stays in sight.
  const touched = useRef<HTMLLIElement>(null);
  const moved = useRef(false);
  useEffect(() => {
    if (moved.current) touched.current?.scrollIntoView({ block: 'nearest' });
    moved.current = false;
  }, [tasks]);
  const noted =
    <A extends unknown[]>(act: (...args: A) => void) =>
    (...args: A): void => {
      moved.current = true;
      act(...args);
    };
  const here: TaskMoves = { refused: moves.refused, move: noted(moves.move), pin: noted(moves.pin) };
  const days = [...new Set(shown.map((t) => clock.date(t.fromMin)))];
  return (
    <div>
      {days.map((day) => {
        const mine = shown.filter((t) => clock.date(t.fromMin) === day);
        return (
          <section key={day} aria-label={clock.day(mine[0].fromMin)}>
            {days.length > 1 && <h3 className="mt-2 text-base">{clock.day(mine[0].fromMin)}</h3>}
            <ol>
              {mine.map((task) => (
                <li key={task.id} ref={selected === task.id ? touched : undefined} className="border-b border-base-300">
                  <button
                    type="button"
                    className="flex min-h-11 w-full items-baseline gap-2 py-1 text-left"
                    aria-expanded={selected === task.id}
                    onClick={() => onSelect(selected === task.id ? null : task.id)}
                  >
                    <span className="w-12 shrink-0 font-semibold tabular-nums">{clock.time(task.fromMin)}</span>
                    <DishMark dishIds={dishIds} id={task.dishId} />
                    <span className="min-w-0 leading-snug">
                      <span className="sr-only">{nameOf(task.dishId)}: </span>
                      {tell(task.text)}
                      {cooks.length > 1 && task.cook !== null && (
                        <span className="text-xs"> ({cooks[task.cook]?.name})</span>
                      )}
                      {selected === task.id && (
                        <span className="block text-sm">
                          <b>{texts.why}</b> {tell(task.reason)}
                        </span>
                      )}
                    </span>
                  </button>
                  {selected === task.id && (
                    <div className="pb-2 sm:hidden">
                      <Refused why={moves.refused} />
                      <MoveTask task={task} moves={here} />
                    </div>
                  )}
                </li>
              ))}
            </ol>
          </section>
        );
      })}
    </div>
  );
}
