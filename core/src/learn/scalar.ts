import { studentWeight } from '../evidence/index.js';
import { FADES_DAYS, TOLD_TAILS, WEIGHED_ROUNDS } from './constants.js';

/** One thing that was told of a value, as a logarithm against what is usual, and how far it may be off. */
export interface ToldLog {
  log: number;
  spread: number;
  daysAgo: number;
}

/** What is believed of a value: the likeliest logarithm against what is usual, and one standard deviation. */
export interface BelievedLog {
  log: number;
  off: number;
}

/** How much something told counts by its age. */
export const fadedBy = (daysAgo: number): number => 0.5 ** (daysAgo / FADES_DAYS);

/**
 * What is believed of one value by all that was told of it: what is usual as prior, heavy tails, older evidence fading. The
 * order does not matter.
 * @param usual one standard deviation of what is usual, as a logarithm
 */
export function believedLog(usual: number, told: readonly ToldLog[]): BelievedLog {
  let log = 0;
  let precision = usual ** -2;
  for (let round = 0; round < WEIGHED_ROUNDS; round++) {
    const weights = told.map(
      (t) => (studentWeight((t.log - log) / t.spread, TOLD_TAILS) * fadedBy(t.daysAgo)) / t.spread ** 2,
    );
    precision = usual ** -2 + weights.reduce((sum, w) => sum + w, 0);
    log = weights.reduce((sum, w, k) => sum + w * told[k].log, 0) / precision;
  }
  return { log, off: precision ** -0.5 };
}
