import { below } from '../diagnose/index.js';
import { EXACT_UP_TO } from './constants.js';

/** Exact tests for a table of tasters: what pure chance would do, reckoned out and not approached by a curve. */

const lnFactorial = (n: number): number => {
  let sum = 0;
  for (let k = 2; k <= n; k++) sum += Math.log(k);
  return sum;
};

/** Chance that exactly `k` of `n` fall to one of two sides by the toss of a coin. */
const tossed = (k: number, n: number): number =>
  Math.exp(lnFactorial(n) - lnFactorial(k) - lnFactorial(n - k) - n * Math.LN2);

/**
 * Sign test, both sides: how often pure chance parts two ways at least as far.
 * @param ahead answers for the one that is ahead, of `n` that told them apart
 * @returns 0–1; 1 where nothing was told apart
 * @source Dixon and Mood 1946, from memory
 */
export function signTest(ahead: number, n: number): number {
  const far = Math.max(ahead, n - ahead);
  let tail = 0;
  for (let k = far; k <= n; k++) tail += tossed(k, n);
  return Math.min(1, 2 * tail);
}

const permutations = (k: number): number[][] =>
  k === 0
    ? [[]]
    : permutations(k - 1).flatMap((p) => Array.from({ length: k }, (_, at) => [...p.slice(0, at), k, ...p.slice(at)]));

/** Sum of the squares of how far the sums of ranks lie from where they would all lie alike. */
const apart = (sums: readonly number[], n: number): number => {
  const alike = (n * (sums.length + 1)) / 2;
  return sums.reduce((s, r) => s + (r - alike) ** 2, 0);
};

/** Sums of ranks, the smallest first, as one number: none of them comes to this base. */
const SUMS_BASE = 128;
const packed = (sums: readonly number[]): number => sums.reduce((key, s) => key * SUMS_BASE + s, 0);

/** Distributions that were reckoned out, by ways and answers: each from the one with an answer less. */
const known = new Map<string, ReadonlyMap<number, number>>();

/** How likely each set of sums of ranks is where every taster ranks `k` ways by chance; which way has which does not matter. */
function byChance(k: number, n: number): ReadonlyMap<number, number> {
  if (n === 0) return new Map([[0, 1]]);
  const key = `${k}/${n}`;
  const found = known.get(key);
  if (found) return found;
  const orders = permutations(k);
  const next = new Map<number, number>();
  for (const [before, chance] of byChance(k, n - 1)) {
    const sums = unpacked(before, k);
    for (const order of orders) {
      const then = packed(sums.map((s, i) => s + order[i]).sort((a, b) => a - b));
      next.set(then, (next.get(then) ?? 0) + chance / orders.length);
    }
  }
  known.set(key, next);
  return next;
}

function unpacked(key: number, k: number): number[] {
  const sums = new Array<number>(k);
  let left = key;
  for (let i = k - 1; i >= 0; i--) {
    sums[i] = left % SUMS_BASE;
    left = Math.floor(left / SUMS_BASE);
  }
  return sums;
}

/**
 * How often chi-squared comes to `x` or more, of one, two or three degrees of freedom.
 * @source Abramowitz and Stegun, 26.4.4 and 26.4.5, from memory
 */
function chiSquaredTail(x: number, freedom: number): number {
  if (freedom === 2) return Math.exp(-x / 2);
  const beyond = 2 * below(-Math.sqrt(x));
  return freedom === 1 ? beyond : beyond + Math.sqrt((2 * x) / Math.PI) * Math.exp(-x / 2);
}

/**
 * Friedman's test: how often pure chance parts the sums of ranks at least as far.
 * @param sums of the ranks of each way, 1 = best, over `n` whole rankings; two to four ways
 * @returns 0–1
 * @source Friedman 1937; reckoned out for every ranking up to `EXACT_UP_TO`, by chi-squared beyond, where the two agree
 */
export function rankTest(sums: readonly number[], n: number): number {
  if (n === 0) return 1;
  const k = sums.length;
  const far = apart(sums, n);
  if (n > EXACT_UP_TO) return Math.min(1, chiSquaredTail((12 * far) / (n * k * (k + 1)), k - 1));
  let tail = 0;
  for (const [set, chance] of byChance(k, n)) if (apart(unpacked(set, k), n) >= far) tail += chance;
  return Math.min(1, tail);
}
