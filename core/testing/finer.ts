import type { Medium } from '../src/index.js';

/** The same medium in so many times the steps and updates: how far a cook is from that tells what its steps cost. */
export const finer = (medium: Medium, by: number): Medium => ({
  ...medium,
  stepS: (timeS, fine) => medium.stepS(timeS, fine * by),
  slowS: medium.slowS / by,
});
