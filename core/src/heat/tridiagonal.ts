/**
 * One implicit step along a chain of cells `from` … `to`−1: finds x with
 *
 *     diagonal[i]·x[i] + link[i−1]·(x[i] − x[i−1]) + link[i]·(x[i] − x[i+1]) = known[i]
 *
 * where link[i] joins cells i and i+1. Thomas' algorithm from both ends at once toward the middle, and back: the two
 * chains of divisions do not wait for each other. Allocates nothing. `sweep` is overwritten; `x` may be `known`.
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
  const middle = (from + to) >> 1;
  // Links that lead back to the end, and what the cells behind them have come to.
  let low = 0;
  let lowShare = 0;
  let lowValue = 0;
  let high = 0;
  let highShare = 0;
  let highValue = 0;
  let i = from;
  for (let j = last; j > middle; i++, j--) {
    const up = link[i];
    const down = link[j - 1];
    const lowPivot = 1 / (diagonal[i] + low + up - low * lowShare);
    const highPivot = 1 / (diagonal[j] + high + down - high * highShare);
    lowShare = up * lowPivot;
    highShare = down * highPivot;
    lowValue = (known[i] + low * lowValue) * lowPivot;
    highValue = (known[j] + high * highValue) * highPivot;
    sweep[i] = lowShare;
    sweep[j] = highShare;
    x[i] = lowValue;
    x[j] = highValue;
    low = up;
    high = down;
  }
  // Of an even number of cells the lower side has one more.
  if (i < middle) {
    const up = link[i];
    const pivot = 1 / (diagonal[i] + low + up - low * lowShare);
    lowShare = up * pivot;
    lowValue = (known[i] + low * lowValue) * pivot;
    sweep[i] = lowShare;
    x[i] = lowValue;
    low = up;
  }
  const met =
    (known[middle] + low * lowValue + high * highValue) /
    (diagonal[middle] + low + high - low * lowShare - high * highShare);
  x[middle] = met;
  let below = met;
  let above = met;
  let j = middle + 1;
  for (i = middle - 1; j <= last; i--, j++) {
    below = x[i] + sweep[i] * below;
    above = x[j] + sweep[j] * above;
    x[i] = below;
    x[j] = above;
  }
  if (i >= from) x[i] += sweep[i] * below;
}
