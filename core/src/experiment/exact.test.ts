import { seeded } from '../units/index.js';
import { rankTest, signTest } from './exact.js';

describe('sign test', () => {
  // Two-sided chances of the binomial distribution at one half; tables of the sign test, from memory.
  test.each([
    [5, 5, 0.0625],
    [6, 6, 0.03125],
    [7, 8, 0.0703],
    [8, 8, 0.0078],
    [9, 10, 0.0215],
    [15, 20, 0.0414],
  ])('%i of %i: %f', (ahead, n, chance) => {
    expect(signTest(ahead, n)).toBeCloseTo(chance, 4);
    expect(signTest(n - ahead, n)).toBeCloseTo(chance, 4);
  });

  test('even answers, and none, say nothing', () => {
    expect([signTest(4, 8), signTest(0, 0)]).toEqual([1, 1]);
  });
});

describe('rank test', () => {
  /** Friedman's chi-squared of these sums. */
  const chi = (sums: number[], n: number): number => {
    const k = sums.length;
    return (12 / (n * k * (k + 1))) * sums.reduce((s, r) => s + r * r, 0) - 3 * n * (k + 1);
  };

  // Exact chances at critical values: Hollander and Wolfe, Nonparametric Statistical Methods, table A.15, from memory.
  test.each([
    [[3, 6, 9], 3, 6, 0.028],
    [[4, 8, 12], 4, 8, 0.0046],
    [[5, 7, 12], 4, 6.5, 0.042],
    [[2, 4, 6, 8], 2, 6, 0.042],
    [[3, 6, 9, 12], 3, 9, 0.0017],
  ])('sums %j of %i rankings: chi-squared %f, chance %f', (sums, n, squared, chance) => {
    expect(chi(sums, n)).toBeCloseTo(squared, 6);
    expect(Math.abs(rankTest(sums, n) - chance)).toBeLessThan(0.0006);
  });

  test('of two ways it is the sign test', () => {
    for (let n = 1; n <= 9; n++)
      for (let ahead = 0; ahead <= n; ahead++)
        expect(rankTest([2 * n - ahead, n + ahead], n)).toBeCloseTo(signTest(ahead, n), 10);
  });

  test.each([3, 4])('of %i ways beyond 24 rankings goes on where the exact one ends, and is there at once', (ways) => {
    // The same difference by one taster more: a little likelier, and no jump where one way of reckoning ends.
    const partedBy = (n: number, by: number): number =>
      rankTest(
        Array.from({ length: ways }, (_, w) => (n * (ways + 1)) / 2 + (w === 0 ? -by : w === 1 ? by : 0)),
        n,
      );
    for (const by of [4, 6, 8]) {
      const jump = partedBy(25, by) / partedBy(24, by);
      expect(jump).toBeGreaterThan(0.9);
      expect(jump).toBeLessThan(1.4);
      expect(partedBy(44, by)).toBeGreaterThan(partedBy(30, by));
    }
    expect(
      rankTest(
        Array.from({ length: ways }, () => (60 * (ways + 1)) / 2),
        60,
      ),
    ).toBeCloseTo(1, 6);
    // Critical values of chi-squared at 5 %: 5.99 and 7.81. Abramowitz and Stegun, table 26.8, from memory.
    const squared = ways === 3 ? 5.99 : 7.81;
    const n = 100;
    const off = Math.sqrt((squared * n * ways * (ways + 1)) / 12 / 2);
    const sums = Array.from({ length: ways }, (_, w) => (n * (ways + 1)) / 2 + (w === 0 ? -off : w === 1 ? off : 0));
    expect(rankTest(sums, n)).toBeCloseTo(0.05, 3);
  });

  test('agrees with rankings drawn by lot', () => {
    const random = seeded(11);
    const [n, draws] = [6, 20_000];
    const sums = [9, 14, 15, 22];
    const far = sums.reduce((s, r) => s + (r - 15) ** 2, 0);
    let beyond = 0;
    for (let d = 0; d < draws; d++) {
      const drawn = [0, 0, 0, 0];
      for (let t = 0; t < n; t++) {
        const left = [1, 2, 3, 4];
        for (let w = 0; w < 4; w++) drawn[w] += left.splice(Math.floor(random() * left.length), 1)[0];
      }
      if (drawn.reduce((s, r) => s + (r - 15) ** 2, 0) >= far) beyond++;
    }
    // Three standard errors of so many draws.
    const exact = rankTest(sums, n);
    expect(Math.abs(beyond / draws - exact)).toBeLessThan(3 * Math.sqrt((exact * (1 - exact)) / draws));
  });
});
