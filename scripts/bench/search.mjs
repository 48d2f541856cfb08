import { Worker } from 'node:worker_threads';
import { exampleConversion } from '@yellowmist/contract';
import { convertDish, familiesFor, KNOWN } from '@yellowmist/core';
import { awaited, give, inMs, medianOf, median, row } from './measure.mjs';

/** A whole search, on one thread and on two. */

const request = { ...exampleConversion(), pantry: KNOWN };
const families = familiesFor(request);
const first = convertDish(request);
const wide = convertDish(request, 'wide');

const threads = [0, 1].map(() => new Worker(new URL('./search-worker.mjs', import.meta.url)));
const heard = (thread) => new Promise((resolve) => thread.once('message', resolve));
await Promise.all(threads.map(heard));

/** Hands the tasks out, one to each free worker. */
async function share(tasks, done) {
  const waiting = [...tasks];
  await Promise.all(
    threads.map(async (thread) => {
      for (let task = waiting.shift(); task; task = waiting.shift()) {
        thread.postMessage(task);
        done(await heard(thread));
      }
    }),
  );
}

const firsts = [];
const allFirsts = [];
const whole = await awaited(5, async () => {
  const start = performance.now();
  const found = [];
  await share(
    families.map((family) => ({ family })),
    (one) => {
      if (found.length === 0) firsts.push(performance.now() - start);
      found.push(one);
    },
  );
  allFirsts.push(performance.now() - start);
  await share(
    found.map((one) => ({ first: { family: one.family, candidates: one.candidates } })),
    () => undefined,
  );
});
await Promise.all(threads.map((thread) => thread.terminate()));

give('A search', [
  row('the first family on two workers', inMs(median(firsts)), '0.4 s'),
  row('the first coats of all families on two workers', inMs(median(allFirsts)), '', `${first.simulations} cooks`),
  row(
    'the whole search on two workers',
    inMs(median(whole)),
    '1.5 s',
    `${wide.simulations} cooks, each for all its minutes; ${wide.candidates.length} cooks compared`,
  ),
  row('the first coats on one thread', inMs(medianOf(3, () => convertDish(request)))),
  row('the whole search on one thread', inMs(medianOf(3, () => convertDish(request, 'wide')))),
]);
