import fc from 'fast-check';
import { ellipsoidArea, geometryOf } from './index.js';

describe('pieces', () => {
  test('a wide thin slab is one-dimensional, a long rod two, a ball three', () => {
    expect(geometryOf({ kind: 'slab', lengthMm: 300, widthMm: 300, thicknessMm: 4 }, 1000).dimension).toBeCloseTo(1, 1);
    expect(geometryOf({ kind: 'rod', diameterMm: 10, lengthMm: 300 }, 1000).dimension).toBeCloseTo(2, 1);
    expect(geometryOf({ kind: 'ball', diameterMm: 30 }, 1000).dimension).toBeCloseTo(3, 9);
  });

  test('mass follows density: a 30 mm ball of water weighs 14.1 g', () => {
    expect(geometryOf({ kind: 'ball', diameterMm: 30 }, 1000).massG).toBeCloseTo(14.137, 2);
  });

  test('an ellipsoid with equal axes is a ball', () => expect(ellipsoidArea(1, 1, 1)).toBeCloseTo(4 * Math.PI, 6));

  test('a ring has its hole: less volume than the disc, more area than its two faces', () => {
    const ring = geometryOf({ kind: 'ring', outerMm: 80, innerMm: 60, thicknessMm: 12 }, 1000);
    const disc = geometryOf({ kind: 'disc', diameterMm: 80, thicknessMm: 12 }, 1000);
    expect(ring.volumeM3).toBeLessThan(disc.volumeM3 / 2);
    expect(ring.halfThicknessM).toBeCloseTo(0.005, 6);
    expect(ring.footprintM2).toBeCloseTo(disc.footprintM2, 9);
  });

  test('A·R/E is the volume, so that the radial cells hold the whole piece, wherever E is not held back', () => {
    const side = fc.double({ min: 5, max: 200, noNaN: true });
    fc.assert(
      fc.property(side, side, side, (lengthMm, widthMm, thicknessMm) => {
        const p = geometryOf({ kind: 'slab', lengthMm, widthMm, thicknessMm }, 1000);
        expect(p.dimension).toBeGreaterThanOrEqual(1);
        expect(p.dimension).toBeLessThanOrEqual(3);
        expect((p.areaM2 * p.halfThicknessM) / p.dimension / p.volumeM3).toBeCloseTo(1, 6);
      }),
    );
  });
});
