/** A function of one number, read off a table by straight lines; held at its first and last value outside. */
export type Tabulated = (x: number) => number;

/** Tabulates `of` from `from` to `to` in steps of `step`, for the time loop: no exponential is worked out in it. */
export function tabulated(of: (x: number) => number, from: number, to: number, step: number): Tabulated {
  const last = Math.round((to - from) / step);
  const values = Float64Array.from({ length: last + 2 }, (_, i) => of(from + Math.min(i, last) * step));
  const perUnit = 1 / step;
  return (x) => {
    const at = x <= from ? 0 : x >= to ? last : (x - from) * perUnit;
    const i = at | 0;
    return values[i] + (values[i + 1] - values[i]) * (at - i);
  };
}

/** Of what falls by itself a table tells so far: what is left after that is a hundred-thousandth. */
const LAST_FALL = 12;
const FALL_STEP = 1 / 128;
/** What is left, 0–1, of something that falls by itself, after `x` of the times in which it falls to 1/e: exp(−x) for x ≥ 0, within 1e−5. */
export const leftAfter: Tabulated = tabulated((x) => Math.exp(-x), 0, LAST_FALL, FALL_STEP);
