import { paretoSet } from './pareto.js';

interface Cook {
  like: number;
  oil: number;
}
const cook = (like: number, oil: number): Cook => ({ like, oil });
const front = (cooks: Cook[]): Cook[] => paretoSet(cooks, [(c) => c.like, (c) => -c.oil]);

describe('the Pareto set', () => {
  test('holds what no other beats in both', () => {
    const [best, lean, beaten] = [cook(0.9, 3), cook(0.7, 1), cook(0.6, 2)];
    expect(front([best, beaten, lean])).toEqual([best, lean]);
  });

  test('holds all of several that are equal, in the order given', () => {
    const [a, b] = [cook(0.8, 2), cook(0.8, 2)];
    expect(front([a, b])).toEqual([a, b]);
  });

  test('is never empty while there is something, and everything in it stands against everything', () => {
    const cooks = Array.from({ length: 60 }, (_, k) => cook((k * 37) % 11, (k * 53) % 13));
    const found = front(cooks);
    expect(found.length).toBeGreaterThan(0);
    for (const a of cooks) {
      const beaten = cooks.some((b) => b.like >= a.like && b.oil <= a.oil && (b.like > a.like || b.oil < a.oil));
      expect(found.includes(a)).toBe(!beaten);
    }
    expect(front([])).toEqual([]);
  });
});
