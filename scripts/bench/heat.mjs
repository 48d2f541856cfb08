import { Worker } from 'node:worker_threads';
import { benchCook } from './cook.mjs';
import { give, grows, inMs, median, medianOf, row, timesOf } from './measure.mjs';

/** One cook against a bare tridiagonal solve, and how it grows. */

/** A tridiagonal solve (Thomas) of `n` unknowns and nothing else, `steps` times. */
function bareSolve(n, steps) {
  const [c, d, x] = [new Float64Array(n), new Float64Array(n), new Float64Array(n).fill(20)];
  for (let s = 0; s < steps; s++) {
    let before = 0;
    for (let i = 0; i < n; i++) {
      const left = i > 0 ? 0.3 : 0;
      const right = i < n - 1 ? 0.3 : 0;
      const pivot = 1 / (1 + left + right - left * before);
      before = right * pivot;
      c[i] = before;
      d[i] = (x[i] + (i > 0 ? left * d[i - 1] : 0)) * pivot;
    }
    x[n - 1] = d[n - 1];
    for (let i = n - 2; i >= 0; i--) x[i] = d[i] + c[i] * x[i + 1];
  }
  return x[0];
}

/** A step a second in the air, and one in five seconds of the rest before it. */
const STEPS = 15 * 60 + (5 * 60) / 5;
const cells = benchCook(1).half.layer.filter((layer) => layer > -2).length * 2;
const inTurn = [() => benchCook(15), () => bareSolve(cells, STEPS), () => benchCook(15, 1, false)];
for (let i = 0; i < 150; i++) inTurn.forEach((run) => run());
const times = timesOf(450, (k) => inTurn[k % 3]());
const [cook, bare, shown] = [0, 1, 2].map((rest) => median(times.filter((_, k) => k % 3 === rest)));

/** ms that `workers` warm threads take for `count` cooks between them. */
async function spread(workers, count) {
  const threads = Array.from({ length: workers }, () => new Worker(new URL('./cook-worker.mjs', import.meta.url)));
  const heard = (thread) => new Promise((resolve) => thread.once('message', resolve));
  await Promise.all(threads.map(heard));
  const start = performance.now();
  await Promise.all(
    threads.map((thread) => {
      thread.postMessage(count / workers);
      return heard(thread);
    }),
  );
  const taken = performance.now() - start;
  await Promise.all(threads.map((thread) => thread.terminate()));
  return taken;
}
const COOKS = 1000;
const [alone, two] = [await spread(1, COOKS), await spread(2, COOKS)];

give('One cook', [
  row(
    `a breaded slab, 15 min in the air after 5 min of rest, ${cells} cells, in the steps of a search`,
    `${inMs(cook)}, ${(cook / bare).toFixed(1)} × the bare solve`,
    '3 ×',
    `a bare tridiagonal solve of the same cells, ${STEPS} steps: ${inMs(bare)}, in turn with it`,
  ),
  row(
    'the same as it is shown',
    `${inMs(shown)}, ${(shown / bare).toFixed(1)} × the bare solve`,
    '3 ×',
    'steps two thirds as long',
  ),
  row(
    `${COOKS} cooks`,
    `${inMs(alone)} on one worker, ${inMs(two)} on two`,
    '',
    `${(alone / two).toFixed(2)} × as fast`,
  ),
  grows(
    'against minutes',
    'min',
    [5, 10, 20, 40].map((m) => [m, medianOf(40, () => benchCook(m))]),
  ),
  grows(
    'against cells (and as many steps more)',
    '× the cells',
    [1, 2, 3].map((f) => {
      // Another number of cells is compiled anew: it is run warm first.
      timesOf(40, () => benchCook(10, f));
      return [f, medianOf(20, () => benchCook(10, f))];
    }),
  ),
]);
