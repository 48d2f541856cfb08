/** Takes times: medians, how they grow, and rows of them. */

const sorted = (values) => [...values].sort((a, b) => a - b);

/** The value below which a share of all lies. */
export const quantile = (values, share) =>
  sorted(values)[Math.min(values.length - 1, Math.floor(values.length * share))];
export const median = (values) => quantile(values, 0.5);

/** ms that each of `times` runs takes. */
export function timesOf(times, work) {
  return Array.from({ length: times }, (_, k) => {
    const start = performance.now();
    work(k);
    return performance.now() - start;
  });
}
export const medianOf = (times, work) => median(timesOf(times, work));

/** The same for what is waited for. */
export async function awaited(times, work) {
  const taken = [];
  for (let k = 0; k < times; k++) {
    const start = performance.now();
    await work(k);
    taken.push(performance.now() - start);
  }
  return taken;
}

/** The exponent with which times grow against sizes: the slope through their logarithms (least squares). */
export function exponentOf(points) {
  const logs = points.map(([size, time]) => [Math.log(size), Math.log(time)]);
  const mean = (k) => logs.reduce((sum, p) => sum + p[k], 0) / logs.length;
  const [mx, my] = [mean(0), mean(1)];
  const top = logs.reduce((sum, [x, y]) => sum + (x - mx) * (y - my), 0);
  return top / logs.reduce((sum, [x]) => sum + (x - mx) ** 2, 0);
}

const digits = (ms) => (ms < 1 ? 3 : ms < 10 ? 2 : ms < 100 ? 1 : 0);
export const inMs = (ms) => (ms >= 1000 ? `${(ms / 1000).toFixed(2)} s` : `${ms.toFixed(digits(ms))} ms`);

/** A row of the report. */
export const row = (what, took, bound = '', note = '') => ({ what, took, bound, note });

/** How something grows: each size with its time, and the exponent. */
export const grows = (what, unit, points) =>
  row(
    what,
    points.map(([size, ms]) => `${size} ${unit}: ${inMs(ms)}`).join(', '),
    '',
    `exponent ${exponentOf(points).toFixed(2)}`,
  );

/** Hands the rows of one part to the report, or shows them where nobody asked. */
export function give(title, rows) {
  for (const { what, took, bound, note } of rows)
    process.stdout.write(`${what}: ${took}${bound && ` (bound ${bound})`}${note && `; ${note}`}\n`);
  process.send?.({ title, rows });
}
