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

/** Distributions that were reckoned out, by ways and answers: each from the one with an answer less. */
const known = new Map<string, ReadonlyMap<string, number>>();

/** How likely each set of sums of ranks is where every taster ranks `k` ways by chance; which way has which does not matter. */
function byChance(k: number, n: number): ReadonlyMap<string, number> {
  if (n === 0) return new Map([[new Array<number>(k).fill(0).join(), 1]]);
  const key = `${k}/${n}`;
  const found = known.get(key);
  if (found) return found;
  const orders = permutations(k);
  const next = new Map<string, number>();
  for (const [before, chance] of byChance(k, n - 1)) {
    const sums = before.split(',').map(Number);
    for (const order of orders) {
      const then = sums
        .map((s, i) => s + order[i])
        .sort((a, b) => a - b)
        .join();
      next.set(then, (next.get(then) ?? 0) + chance / orders.length);
    }
  }
  known.set(key, next);
  return next;
}

/**
 * Friedman's test: how often pure chance parts the sums of ranks at least as far.
 * @param sums of the ranks of each way, 1 = best, over `n` whole rankings; two to four ways
 * @returns 0–1
 * @source Friedman 1937, reckoned out for every ranking in the place of chi-squared
 */
export function rankTest(sums: readonly number[], n: number): number {
  if (n === 0) return 1;
  const far = apart(sums, n);
  let tail = 0;
  for (const [set, chance] of byChance(sums.length, n)) if (apart(set.split(',').map(Number), n) >= far) tail += chance;
  return Math.min(1, tail);
}
