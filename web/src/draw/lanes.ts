import type { Cook, EveningPlan, Task } from '@yellowmist/core';
import * as texts from './texts';

/** Where the tasks of an evening lie on its lanes: pure, so that it is tested without a screen. */

/** What a lane is of. */
export interface Lane {
  id: string;
  name: string;
  kind: 'hands' | 'fryer' | 'by itself' | 'rack';
  /** px from the top, and how tall. */
  top: number;
  tall: number;
}

const TALL = { hands: 40, fryer: 40, 'by itself': 0, rack: 0 } as const;
/** A thin bar of what waits, and the room around a lane's bars, px. */
export const BAR = 7;
const EDGE = 6;
const GAP = 10;

/** Kinds that are drawn on a fryer's lane as blocks; looks are marks over them. */
const IN_FRYER: readonly Task['kind'][] = ['preheat', 'load', 'cook', 'second', 'unload', 'check', 'warm'];

export const isInFryer = (task: Task): boolean => task.fryer !== null && IN_FRYER.includes(task.kind);

/** Coats that rest on their trays, and what lies in a marinade or a salt. */
export const waitsByItself = (task: Task): boolean => task.cook === null && task.fryer === null && !task.ahead;

/**
 * The lanes of an evening from the top: pairs of hands, fryers, what waits on trays, and the cooked pieces on the rack.
 * @param dishIds order of the dishes: each has a bar of its own where things wait
 */
export function lanesOf(plan: EveningPlan, cooks: readonly Cook[], dishIds: readonly string[]): Lane[] {
  const fryers = [...new Set(plan.tasks.flatMap((t) => t.fryer ?? []))].sort();
  const waiting = plan.tasks.some(waitsByItself);
  const wanted: Omit<Lane, 'top'>[] = [
    ...cooks.map((cook, k) => ({ id: `hands:${k}`, name: cook.name, kind: 'hands' as const, tall: TALL.hands })),
    ...fryers.map((name) => ({ id: `fryer:${name}`, name, kind: 'fryer' as const, tall: TALL.fryer })),
    ...(waiting
      ? [{ id: 'tray', name: texts.onTray, kind: 'by itself' as const, tall: dishIds.length * BAR + EDGE }]
      : []),
    { id: 'rack', name: texts.onRack, kind: 'rack' as const, tall: dishIds.length * BAR + EDGE },
  ];
  let top = 0;
  return wanted.map((lane) => {
    const placed = { ...lane, top };
    top += lane.tall + GAP;
    return placed;
  });
}

export const heightOf = (lanes: readonly Lane[]): number => {
  const last = lanes.at(-1);
  return last ? last.top + last.tall + GAP : 0;
};

/** Letters that a label may have in `px`, so that no name runs over a mark. */
export const lettersIn = (px: number): number => Math.max(0, Math.floor((px - 6) / 6.6));

/** A label as far as there is room: whole, cut with an ellipsis, or none. */
export function fitted(label: string, px: number): string {
  const room = lettersIn(px);
  if (label.length <= room) return label;
  return room >= 4 ? `${label.slice(0, room - 1)}…` : '';
}

/** "A", "B" …: how a dish is told on the lanes. */
export const letterOf = (dishIds: readonly string[], id: string | null): string =>
  id === null ? '' : String.fromCharCode(65 + Math.max(0, dishIds.indexOf(id)));

/** Quarters of an hour by the clock, or halves where the evening is long; minutes from the table. */
export function ticksOf(first: number, time: (min: number) => string): number[] {
  const minuteAtTable = Number(time(0).slice(3));
  const step = first < -200 ? 30 : 15;
  const offset = minuteAtTable % step;
  const last = -offset;
  const ticks: number[] = [];
  for (let t = last; t >= first; t -= step) if (t < -6) ticks.push(t);
  return ticks;
}

/** When what rests goes into the fryer: it waits on its tray until then. */
export function untilFryer(rest: Task, tasks: readonly Task[]): number {
  const load = tasks.find((t) => t.kind === 'load' && t.dishId === rest.dishId && t.batch === rest.batch);
  return rest.kind === 'rest' && load ? load.fromMin : rest.toMin;
}

/** A task where it is drawn as a block and can be reached: on the lane of the hands that do it, or of its fryer. */
export interface Stop {
  key: string;
  task: Task;
  lane: Lane;
}

/** The blocks of an evening in the order of time, and from the top down where they begin together. */
export function stopsOf(tasks: readonly Task[], lanes: readonly Lane[]): Stop[] {
  // A task that goes to other hands is the same block on another lane.
  const on = (task: Task, id: string): Stop[] =>
    lanes.filter((lane) => lane.id === id).map((lane) => ({ key: `${lane.kind} ${task.id}`, task, lane }));
  return tasks
    .flatMap((task) => [
      ...(task.cook === null ? [] : on(task, `hands:${task.cook}`)),
      ...(isInFryer(task) ? on(task, `fryer:${task.fryer}`) : []),
    ])
    .sort((a, b) => a.task.fromMin - b.task.fromMin || a.lane.top - b.lane.top);
}
