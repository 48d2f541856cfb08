import type { FryerKind } from '../heat/index.js';
import type { Fryer, TakenAs } from './types.js';

/** A fryer as its page has it: what was learned of it is left out. */
export const asItsPage = ({ learned, browning: _b, lower: _l, ...fryer }: Fryer): Fryer =>
  learned ? { ...fryer, ...learned.page } : fryer;

/** What a fryer is taken to be when something is planned for it. */
export const takenAs = ({ offsetC, airFactor, browning = 1 }: Fryer): TakenAs => ({ offsetC, airFactor, browning });

/** The same fryer as it was taken then. */
export const asTaken = (fryer: Fryer, taken: TakenAs): Fryer => ({ ...fryer, ...taken });

/**
 * What a plan does not notice: a thermostat that is otherwise by so much, air and browning as logarithms.
 * @unit K; log
 * @range 2–5; 0.05–0.1
 * @source our choice: less than a word of colour
 */
const OTHERWISE_FROM = { offsetK: 3, log: 0.08 } as const;

/** Whether a fryer is by now taken for another one than when something was planned for it. */
export function takenOtherwise(then: TakenAs, now: TakenAs): boolean {
  const log = (key: 'airFactor' | 'browning'): number => Math.abs(Math.log(now[key] / then[key]));
  return (
    Math.abs(now.offsetC - then.offsetC) >= OTHERWISE_FROM.offsetK ||
    log('airFactor') >= OTHERWISE_FROM.log ||
    log('browning') >= OTHERWISE_FROM.log
  );
}

const OVEN_KINDS: readonly FryerKind[] = ['fan-oven', 'still-oven'];

/**
 * Longest that a cook is looked for unless somebody says otherwise: an oven's slow air takes half as long again.
 * @unit min
 * @range 20–30; 35–50
 * @source common practice, no source: drumsticks 20–25 min in a basket, 35–45 in an oven
 */
const LOOKED_FOR_MIN = { basket: 24, oven: 40 } as const;

const isOven = ({ kind }: Pick<Fryer, 'kind'>): boolean => OVEN_KINDS.includes(kind);

/** Longest that a dish is looked for in it to begin with, min. */
export const usualMostMinutes = (fryer: Pick<Fryer, 'kind'>): number =>
  isOven(fryer) ? LOOKED_FOR_MIN.oven : LOOKED_FOR_MIN.basket;

/**
 * Whether food goes into it hot, by its owner's habit; undefined where nothing is known of one. An oven takes a quarter of an
 * hour to warm up, and is hot when food goes in unless its owner says otherwise. Common practice, no source.
 */
export const preheatsByHabit = (fryer: Pick<Fryer, 'kind' | 'preheats'>): boolean | undefined =>
  fryer.preheats ?? (isOven(fryer) ? true : undefined);
