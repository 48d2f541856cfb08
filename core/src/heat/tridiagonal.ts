/**
 * One implicit step along a chain of cells `from` … `to`−1: finds x with
 *
 *     diagonal[i]·x[i] + link[i−1]·(x[i] − x[i−1]) + link[i]·(x[i] − x[i+1]) = known[i]
 *
 * where link[i] joins cells i and i+1. Thomas' algorithm; allocates nothing. `sweep` is overwritten; `x` may be `known`.
 */
export function solveChain(
  from: number,
  to: number,
  link: Float64Array,
  diagonal: Float64Array,
  known: Float64Array,
  sweep: Float64Array,
  x: Float64Array,
): void {
  const last = to - 1;
  let left = 0;
  let before = 0;
  let value = 0;
  for (let i = from; i < last; i++) {
    const right = link[i];
    const pivot = 1 / (diagonal[i] + left + right - left * before);
    before = right * pivot;
    sweep[i] = before;
    value = (known[i] + left * value) * pivot;
    x[i] = value;
    left = right;
  }
  value = (known[last] + left * value) / (diagonal[last] + left - left * before);
  x[last] = value;
  for (let i = last - 1; i >= from; i--) {
    value = x[i] + sweep[i] * value;
    x[i] = value;
  }
}
