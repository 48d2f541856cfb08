import { Worker } from 'node:worker_threads';
import { convertDish, eveningOf, footprintOf, KNOWN, packLayer, readRecipe } from '@yellowmist/core';
import { readdirSync, readFileSync } from 'node:fs';
import { exampleConversion } from '@yellowmist/contract';
import { fileURLToPath } from 'node:url';
import { benchCook } from './bench-cook.mjs';
import { FIRST_PAGE_BUDGET_B, firstPageBytes } from './first-page.mjs';

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

function median(times, work) {
  const taken = [];
  for (let i = 0; i < times; i++) {
    const start = performance.now();
    work();
    taken.push(performance.now() - start);
  }
  return taken.sort((a, b) => a - b)[times >> 1];
}

/** Seconds that `workers` warm threads take for `count` cooks between them. */
async function spread(workers, count) {
  const threads = Array.from({ length: workers }, () => new Worker(new URL('./bench-worker.mjs', import.meta.url)));
  const heard = (thread) => new Promise((resolve) => thread.once('message', resolve));
  await Promise.all(threads.map(heard));
  const start = performance.now();
  await Promise.all(
    threads.map((thread) => {
      thread.postMessage(count / workers);
      return heard(thread);
    }),
  );
  const seconds = (performance.now() - start) / 1000;
  await Promise.all(threads.map((thread) => thread.terminate()));
  return seconds;
}

for (let i = 0; i < 60; i++) benchCook(15);
const { half } = benchCook(1);
const cells = half.layer.filter((layer) => layer > -2).length * 2;
const one = median(60, () => benchCook(15));
for (let i = 0; i < 60; i++) bareSolve(cells, 960);
const bare = median(60, () => bareSolve(cells, 960));
console.log(
  `One cook of 15 min, ${cells} cells: ${one.toFixed(2)} ms (median), ${(one / bare).toFixed(1)} × a bare tridiagonal solve of the same cells and steps (${bare.toFixed(2)} ms)`,
);

const minutes = [5, 10, 20, 40].map((m) => [m, median(20, () => benchCook(m))]);
console.log(
  'Against minutes (1.0 = as at 5 min, per minute):',
  minutes.map(([m, t]) => `${m} min ${(t / m / (minutes[0][1] / 5)).toFixed(2)}`).join(', '),
);
const sizes = [1, 2, 3].map((f) => [f, median(12, () => benchCook(10, f))]);
console.log(
  'Against cells (fine multiplies cells and steps; 1.0 = linear in both):',
  sizes.map(([f, t]) => `×${f} ${(t / sizes[0][1] / (f * f)).toFixed(2)}`).join(', '),
);

const COOKS = 1000;
const [alone, two] = [await spread(1, COOKS), await spread(2, COOKS)];
console.log(
  `${COOKS} cooks: ${alone.toFixed(2)} s on one worker, ${two.toFixed(2)} s on two (${(alone / two).toFixed(2)} × as fast)`,
);

const request = { ...exampleConversion(), pantry: KNOWN };
convertDish(request);
const whole = median(3, () => convertDish(request));
console.log(
  `A whole conversion on one thread: ${(whole / 1000).toFixed(2)} s, ${convertDish(request).simulations} cooks`,
);

const rod = footprintOf({ kind: 'rod', diameterMm: 9, lengthMm: 30 }, 0, 0.5);
const basket = { kind: 'rectangle', widthMm: 400, depthMm: 340 };
const packing = (count) => median(5, () => packLayer(basket, Array(count).fill(rod), 4));
const ball = footprintOf({ kind: 'ball', diameterMm: 18 }, 0, 0.5);
const mixed = Array.from({ length: 200 }, (_, i) => (i % 3 ? rod : ball));
const [few, many] = [packing(50), packing(200)];
const ofTwo = median(5, () => packLayer(basket, mixed, 4));
console.log(
  `200 pieces packed: ${(many / 1000).toFixed(2)} s of one size, ${(ofTwo / 1000).toFixed(2)} s of two (aim 2 s); ${(many / few).toFixed(1)} × as long as 50`,
);

const recipes = new URL('../core/truth/recipes/fitted/', import.meta.url);
const written = readdirSync(recipes)
  .map((file) => readFileSync(new URL(file, recipes), 'utf8').replace(/^%%.*$|(?<=.) #[A-Z?]+$/gm, ''))
  .join('\n');
// Each time another text: no line of it was read before.
let copies = 0;
const reading = (letters) =>
  median(3, () => readRecipe(KNOWN, { text: written.slice(0, letters).replaceAll(' g ', ` ${(copies += 1)} g `) }));
reading(5000);
const [five, twenty] = [reading(5000), reading(20_000)];
console.log(
  `A text of 20 kB with hundreds of lines read: ${(twenty / 1000).toFixed(2)} s (aim 0.2 s); ${(twenty / five).toFixed(1)} × as long as 5 kB`,
);

const first = firstPageBytes(fileURLToPath(new URL('../web/dist', import.meta.url)));
console.log(
  `First page: ${(first / 1000).toFixed(0)} kB of script (gzip), ${(first / FIRST_PAGE_BUDGET_B).toFixed(2)} of its budget of ${FIRST_PAGE_BUDGET_B / 1000} kB`,
);

/** Six dishes of which one has three batches, in two fryers, for one pair of hands and for two. */
{
  const { dish, fried, fryer, limits } = exampleConversion();
  const settings = {
    tempC: 190,
    minutes: 12,
    preheated: true,
    turnAtMin: 6,
    under: 'basket',
    waterTray: false,
    looks: 0,
    swapEveryMin: null,
  };
  const plan = { layers: fried.layers, restMin: 7, oilGm2: 18, second: null, settings };
  const other = { ...fryer, name: 'Other' };
  const six = Array.from({ length: 6 }, (_, k) => ({
    id: `d${k}`,
    name: `Dish ${k}`,
    dish: { ...dish, count: k === 0 ? 3 * dish.count : dish.count - k },
    fried,
    fryer: k % 2 ? other : fryer,
    limits,
    plan: { ...plan, settings: { ...settings, minutes: 10 + k } },
  }));
  const asked = (cooks, tableInMin) => ({
    dishes: six,
    guests: [],
    cooks: Array.from({ length: cooks }, (_, k) => ({ name: `Cook ${k}` })),
    kitchen: { fryers: [fryer, other], bowls: [], trays: [] },
    have: [],
    options: {},
    togetherMin: 5,
    roomC: 21,
    pins: [],
    tableInMin,
  });
  const timed = (request) => {
    const start = performance.now();
    const { plan: found } = eveningOf(KNOWN, request);
    return [performance.now() - start, found.tried];
  };
  const [first, tried] = timed(asked(1, 600));
  const again = median(3, () => eveningOf(KNOWN, asked(1, 600)));
  const two = median(3, () => eveningOf(KNOWN, asked(2, 600)));
  console.log(
    `An evening of six dishes: ${(first / 1000).toFixed(2)} s with its simulations, ${(again / 1000).toFixed(2)} s when they are known (${tried} schedules), ${(two / again).toFixed(2)} × with two pairs of hands (bound 2 s)`,
  );
  const sizes = [1, 2, 4, 6].map((n) => [
    n,
    median(3, () => eveningOf(KNOWN, { ...asked(1, 600), dishes: six.slice(0, n) })),
  ]);
  console.log('Against dishes:', sizes.map(([n, t]) => `${n}: ${(t / sizes[0][1]).toFixed(1)} ×`).join(', '));
}
