import { airMedium, buildCoat, convertDish, foodOf, geometryOf, simulate } from '@yellowmist/core';
import { exampleConversion } from '@yellowmist/contract';

const part = (ingredientId, grams) => ({ ingredientId, grams });
const food = foodOf('aubergine');
const piece = geometryOf({ kind: 'slab', lengthMm: 100, widthMm: 70, thicknessMm: 12 }, food.densityKgM3 * 0.7);
const layers = buildCoat(
  [{ portions: [part('wheat-flour', 60)] }, { portions: [part('egg', 50)] }, { portions: [part('coarse-crumbs', 60)] }],
  'damp',
  piece.drainLengthM,
);

const cook = (minutes, fine = 1) =>
  simulate(
    {
      piece,
      food,
      layers,
      startC: 12,
      startFirmness: 1,
      restMin: 5,
      oilGm2: 18,
      minutes,
      medium: airMedium({
        fryer: 'drawer',
        tempC: 190,
        preheated: false,
        turnAtMin: 7,
        under: 'basket',
        coverage: 0.5,
        airFactor: 1,
        offsetK: 0,
        roundness: 0,
        waterTray: false,
        opensAtMin: [],
        level: 'only',
        swapEveryMin: null,
        pieces: 8,
      }),
    },
    { fine },
  );

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

for (let i = 0; i < 40; i++) cook(15);
const cells = cook(1).half.layer.length * 2;
const one = median(60, () => cook(15));
for (let i = 0; i < 40; i++) bareSolve(cells, 960);
const bare = median(60, () => bareSolve(cells, 960));
console.log(
  `One cook of 15 min, ${cells} cells: ${one.toFixed(2)} ms (median), ${(one / bare).toFixed(1)} × a bare tridiagonal solve of the same cells and steps (${bare.toFixed(2)} ms)`,
);

const minutes = [5, 10, 20, 40].map((m) => [m, median(20, () => cook(m))]);
console.log(
  'Against minutes (1.0 = as at 5 min, per minute):',
  minutes.map(([m, t]) => `${m} min ${(t / m / (minutes[0][1] / 5)).toFixed(2)}`).join(', '),
);
const sizes = [1, 2, 3].map((f) => [f, median(10, () => cook(10, f))]);
console.log(
  'Against cells (fine multiplies cells and steps; 1.0 = linear in both):',
  sizes.map(([f, t]) => `×${f} ${(t / sizes[0][1] / (f * f)).toFixed(2)}`).join(', '),
);
const request = exampleConversion();
convertDish(request);
const whole = median(3, () => convertDish(request));
console.log(
  `A whole conversion on one thread: ${(whole / 1000).toFixed(2)} s, ${convertDish(request).simulations} cooks`,
);
