import type { Observation } from './seen.js';

/** What is asked of a cook that was simulated. */
export type Asked = Pick<Observation, 'field'> & { atMin?: number | null };

/** Value of a field, of a coat that browns e^browningLog times as fast; undefined where it does not apply to the cook. */
export type ValueOf = (asked: Asked, browningLog?: number) => number | undefined;

/** Values of a cook between two others, `share` of the way. */
export const between =
  (a: ValueOf, b: ValueOf, share: number): ValueOf =>
  (asked, browningLog) => {
    const [from, to] = [a(asked, browningLog), b(asked, browningLog)];
    return from === undefined || to === undefined ? undefined : from + (to - from) * share;
  };
