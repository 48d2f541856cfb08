import type { Task, TaskKind } from '@yellowmist/core';

/** How kinds of tasks are called on the lanes and in lists. */
export const KIND_WORDS: Record<TaskKind, string> = {
  cut: 'cut',
  prepare: 'make ready',
  mix: 'mix',
  sauce: 'sauce',
  coat: 'coat',
  rest: 'rest',
  oil: 'oil',
  preheat: 'preheat',
  load: 'load',
  cook: 'cook',
  look: 'look',
  unload: 'out',
  check: 'check centre',
  second: 'cook on',
  finish: 'finish',
  warm: 'warm',
  wash: 'wash',
  serve: 'serve',
};

/** Two words for a block: "coat 2" is the coat for the second batch. */
export const labelOf = (task: Task, letter: string): string => {
  if (task.kind === 'cook') return `${letter}${task.batch === null ? '' : task.batch}`;
  return `${letter} ${KIND_WORDS[task.kind]}${task.batch === null ? '' : ` ${task.batch}`}`;
};

/** A time from the clock of the table, for people: minutes, or hours and minutes. */
export function lasting(min: number): string {
  const whole = Math.max(1, Math.round(min));
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return `${Math.floor(whole / 60)} h${rest ? ` ${rest} min` : ''}`;
}
