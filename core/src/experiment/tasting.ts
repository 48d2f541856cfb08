import { seeded } from '../units/index.js';

/** Digits of a code: three, so that no code looks like a mark. Common practice of tastings, no source. */
const CODES = { least: 112, most: 988 };

/** Codes for so many ways: three digits, no two alike, none with a digit twice. */
export function codesFor(ways: number, seed: number): string[] {
  const random = seeded(seed);
  const codes = new Set<string>();
  while (codes.size < ways) {
    const code = String(CODES.least + Math.floor(random() * (CODES.most - CODES.least)));
    if (new Set(code).size === code.length && !code.includes('0')) codes.add(code);
  }
  return [...codes];
}

/**
 * Orders in which `ways` are tasted: over each full set every way stands in each place as often, and each comes after each
 * other as often, so that neither the first bite nor the one before decides.
 * @returns two, six or four orders for two, three or four ways, by the places of the ways
 * @source Williams 1949, designs balanced for the effect of the treatment before, from memory
 */
export function tastingOrders(ways: number): number[][] {
  // 0, 1, n−1, 2, n−2, …: differences between neighbours are all different.
  const first = Array.from({ length: ways }, (_, k) => (k % 2 === 1 ? (k + 1) / 2 : (ways - k / 2) % ways));
  const square = Array.from({ length: ways }, (_, row) => first.map((way) => (way + row) % ways));
  return ways % 2 === 0 ? square : [...square, ...square.map((order) => [...order].reverse())];
}

/** The order of the `nth` tasting, 0 the first: sets one after the other, each set in an order of its own. */
export function tastingOrder(nth: number, ways: number, seed: number): number[] {
  const orders = tastingOrders(ways);
  const random = seeded(seed + Math.floor(nth / orders.length));
  const left = orders.map((_, k) => k);
  let at = 0;
  for (let k = 0; k <= nth % orders.length; k++) at = left.splice(Math.floor(random() * left.length), 1)[0];
  return orders[at];
}
