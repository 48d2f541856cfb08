import { createHash } from 'node:crypto';
import type { Clock } from '@yellowmist/contract';
import { capitalised, onTheClock, plain, sheetTasks, type Cook, type Evening, type Task } from '@yellowmist/core';
import { createEvents, type DateTime, type EventAttributes } from 'ics';

/** The evening as an open calendar (RFC 5545): every task an event with an alarm, in universal time. */

/** What of an evening its calendar needs. */
export interface ForCalendar {
  id: string;
  name: string;
  cooks: readonly Cook[];
  nowMs: number;
}

/** Minutes before a task at which its alarm rings: what is done ahead is announced. */
const WARN_MIN = { ahead: 30, evening: 1 } as const;
/** An event is no shorter, min: calendars draw none of nothing. */
const LEAST_MIN = 1;

/** The same task of the same evening is the same event, whenever it is written: a calendar that has it moves it. */
const uidOf = (evening: string, task: Task): string =>
  `${createHash('sha256').update(`${evening}/${task.id}`).digest('hex').slice(0, 32)}@yellowmist`;

const utc = (iso: string): DateTime => {
  const d = new Date(iso);
  return [d.getUTCFullYear(), d.getUTCMonth() + 1, d.getUTCDate(), d.getUTCHours(), d.getUTCMinutes()];
};

const KIND_WORDS: Partial<Record<Task['kind'], string>> = {
  look: 'look',
  check: 'check the centre',
  second: 'cook on',
  prepare: 'make ready',
};

function eventOf(task: Task, evening: Evening, { id, name, cooks, nowMs }: ForCalendar, clock: Clock): EventAttributes {
  const dish = evening.dishes.find((d) => d.id === task.dishId)?.name ?? name;
  const who = cooks.length > 1 && task.cook !== null ? ` (${cooks[task.cook]?.name})` : '';
  const warn = task.ahead ? WARN_MIN.ahead : WARN_MIN.evening;
  const title = `${capitalised(KIND_WORDS[task.kind] ?? task.kind)}: ${dish}${task.batch === null ? '' : `, batch ${task.batch}`}${who}`;
  const toMin = Math.max(task.toMin, task.fromMin + LEAST_MIN);
  return {
    uid: uidOf(id, task),
    start: utc(clock.iso(Math.round(task.fromMin))),
    startInputType: 'utc',
    startOutputType: 'utc',
    end: utc(clock.iso(Math.max(Math.round(task.fromMin) + LEAST_MIN, Math.round(toMin)))),
    endInputType: 'utc',
    endOutputType: 'utc',
    title,
    description: `${plain(onTheClock(task.text, clock.time))}\n${plain(onTheClock(task.reason, clock.time))}`,
    categories: [task.kind],
    created: nowMs,
    lastModified: nowMs,
    alarms: [
      {
        action: 'display',
        description: title,
        trigger: { minutes: warn, before: true },
      },
    ],
    productId: 'yellowmist',
    calName: name,
  };
}

/** All tasks that somebody does, ahead and that evening. @throws Error where the calendar cannot be written */
export function calendarOf(evening: Evening, of: ForCalendar, clock: Clock): string {
  const { error, value } = createEvents(
    sheetTasks(evening.plan.tasks).map((task) => eventOf(task, evening, of, clock)),
  );
  if (error || !value) throw error ?? new Error('The calendar is empty.');
  return value;
}
