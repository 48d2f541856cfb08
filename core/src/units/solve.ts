/** How often an interval is halved: enough for any number that is shown. */
const HALVINGS = 40;

/**
 * Where a rising condition turns true between `low` and `high`, by halving: the smallest value for which `reached` holds,
 * within a 10⁻¹² part of the interval. `reached` must be false below it and true above.
 */
export function bisect(low: number, high: number, reached: (value: number) => boolean): number {
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (reached(middle)) high = middle;
    else low = middle;
  }
  return high;
}
