import { packDiscs } from '../src/index.js';

/**
 * Radius of n equal circles in a square of side 1 in the best packings known. Packings of equal circles in a square, as
 * collected by E. Specht (packomania.com) and in Szabó et al., New Approaches to Circle Packing in a Square (2007); from
 * memory.
 */
const BEST_RADIUS: Record<number, number> = {
  5: 0.207107,
  6: 0.187681,
  7: 0.174458,
  8: 0.170541,
  9: 0.166667,
  10: 0.148204,
  11: 0.142399,
  12: 0.139959,
  13: 0.133994,
  14: 0.129332,
  15: 0.127167,
  16: 0.125,
  17: 0.117197,
  18: 0.115521,
  19: 0.112265,
  20: 0.111382,
  21: 0.10686,
  22: 0.105665,
  23: 0.102803,
  24: 0.101382,
  25: 0.1,
  26: 0.096362,
  27: 0.09542,
  28: 0.093673,
  29: 0.092463,
  30: 0.091671,
};
/** Density goes with the square of the radius. */
const WANTED_SHARE = 0.9;

describe('circles in a square', () => {
  test.each(Object.entries(BEST_RADIUS))('%s of them: at least 90 %% of the best density known', (n, best) => {
    const sideMm = 1000;
    const radius = best * Math.sqrt(WANTED_SHARE) * sideMm;
    const middles = packDiscs({ kind: 'rectangle', widthMm: sideMm, depthMm: sideMm }, radius, 0, Number(n));
    expect(middles.length / 2).toBe(Number(n));
    for (let i = 0; i < middles.length; i += 2) {
      expect(Math.max(Math.abs(middles[i]), Math.abs(middles[i + 1]))).toBeLessThanOrEqual(sideMm / 2 - radius + 1e-6);
      for (let j = i + 2; j < middles.length; j += 2) {
        const apart = Math.hypot(middles[j] - middles[i], middles[j + 1] - middles[i + 1]);
        expect(apart).toBeGreaterThanOrEqual(2 * radius - 1e-6);
      }
    }
  });
});
