import type { Task } from '../evening/index.js';
import { lowered } from '../units/index.js';
import type { CounterBatch } from './types.js';

/** A step in a few words, to be read from a metre away. */

const HEAD_WORDS: Record<Task['kind'], (what: string, batch: string, fryer: string) => string> = {
  cut: (what) => `Cut ${what}`,
  prepare: (what) => `Make ready ${what}`,
  mix: (what) => (what.endsWith(' in a row') ? `Set ${what}` : `Mix ${what}`),
  sauce: (what) => `Make ${what}`,
  coat: (what, batch) => `Coat ${what}${batch}`,
  rest: (what, batch) => `${what}${batch} rests`,
  oil: (what, batch) => `Oil ${what}${batch}`,
  preheat: (_, __, fryer) => `Heat ${fryer}, empty`,
  load: (what, batch, fryer) => `${what}${batch} into ${fryer}`,
  cook: (what, batch) => `${what}${batch} cooks`,
  look: (what, batch, fryer) => `Open ${fryer}: ${what}${batch}`,
  unload: (what, batch, fryer) => `${what}${batch} out of ${fryer}`,
  check: (what, batch) => `Centre of ${what}${batch}`,
  second: (what, batch) => `${what}${batch} cooks on`,
  finish: (what) => `Finish ${what}`,
  warm: (_, __, fryer) => `Buns into ${fryer}`,
  wash: () => `Wash up`,
  serve: (what) => `Serve ${what}`,
};

const begins = (said: string): string => said.charAt(0).toUpperCase() + said.slice(1);

/**
 * The head of a task: what, which batch of several, where.
 * @param what the dish by name, or the bowl that is mixed
 */
export function headOf(task: Task, what: string, batch: CounterBatch | undefined): string {
  const which = batch && batch.of > 1 ? `, batch ${batch.number}` : '';
  return begins(HEAD_WORDS[task.kind](what === '' ? 'it' : lowered(what), which, task.fryer ?? 'the fryer'));
}
