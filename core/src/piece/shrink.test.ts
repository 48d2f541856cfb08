import fc from 'fast-check';
import { geometryOf, longestMm, scaledAcross, shrunk, type PieceShape } from './index.js';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const shapes: fc.Arbitrary<PieceShape> = fc.oneof(
  fc.record({ kind: fc.constant('slab' as const), lengthMm: mm(30, 150), widthMm: mm(20, 90), thicknessMm: mm(5, 30) }),
  fc.record({ kind: fc.constant('disc' as const), diameterMm: mm(20, 110), thicknessMm: mm(5, 20) }),
  fc.record({ kind: fc.constant('rod' as const), diameterMm: mm(8, 30), lengthMm: mm(30, 120) }),
  fc.record({ kind: fc.constant('ring' as const), outerMm: mm(60, 110), innerMm: mm(10, 40), thicknessMm: mm(6, 15) }),
  fc.record({ kind: fc.constant('ball' as const), diameterMm: mm(12, 60) }),
  fc.record({
    kind: fc.constant('irregular' as const),
    longestMm: mm(50, 90),
    thicknessMm: mm(8, 20),
    massG: mm(10, 40),
  }),
);
const volume = (shape: PieceShape): number => geometryOf(shape, 1000).volumeM3;

describe('a piece that has lost water', () => {
  test('has the share of its volume that is left, whatever its shape, and keeps its proportions', () => {
    fc.assert(
      fc.property(shapes, mm(0.4, 1), (shape, share) => {
        const small = shrunk(shape, share);
        expect(volume(small) / volume(shape)).toBeCloseTo(share, 6);
        expect(longestMm(small) / longestMm(shape)).toBeCloseTo(Math.cbrt(share), 6);
        expect(small.kind).toBe(shape.kind);
      }),
    );
  });

  test('that is pressed between boards gives way in its thickness alone, where it lies flat', () => {
    const slab: PieceShape = { kind: 'slab', lengthMm: 80, widthMm: 50, thicknessMm: 20 };
    expect(shrunk(slab, 0.75, true)).toEqual({ ...slab, thicknessMm: 15 });
    const ring: PieceShape = { kind: 'ring', outerMm: 80, innerMm: 60, thicknessMm: 10 };
    expect(shrunk(ring, 0.9, true)).toEqual({ ...ring, thicknessMm: 9 });
    // A ball has no flat side: it gives way all over.
    expect(longestMm(shrunk({ kind: 'ball', diameterMm: 30 }, 0.729, true))).toBeCloseTo(27, 9);
  });
});

describe('smaller pieces of the same food', () => {
  test.each<[PieceShape, PieceShape]>([
    [
      { kind: 'disc', diameterMm: 70, thicknessMm: 9 },
      { kind: 'disc', diameterMm: 35, thicknessMm: 9 },
    ],
    [
      { kind: 'ring', outerMm: 80, innerMm: 60, thicknessMm: 10 },
      { kind: 'ring', outerMm: 40, innerMm: 30, thicknessMm: 10 },
    ],
    [
      { kind: 'slab', lengthMm: 100, widthMm: 60, thicknessMm: 12 },
      { kind: 'slab', lengthMm: 50, widthMm: 30, thicknessMm: 12 },
    ],
    [
      { kind: 'rod', diameterMm: 12, lengthMm: 80 },
      { kind: 'rod', diameterMm: 12, lengthMm: 40 },
    ],
    [
      { kind: 'ball', diameterMm: 30 },
      { kind: 'ball', diameterMm: 15 },
    ],
  ])('%j at half is %j: what is sliced keeps its thickness', (shape, half) => {
    const scaled = scaledAcross(shape, 0.5) as Record<string, unknown>;
    for (const [key, value] of Object.entries(half)) {
      if (typeof value === 'number') expect(scaled[key]).toBeCloseTo(value, 9);
      else expect(scaled[key]).toBe(value);
    }
  });

  test('a torn one weighs the cube of it', () => {
    const torn: PieceShape = { kind: 'irregular', longestMm: 60, thicknessMm: 14, massG: 16 };
    expect(scaledAcross(torn, 0.5)).toMatchObject({ massG: 2 });
  });

  test('are longer across in nothing', () => {
    fc.assert(
      fc.property(shapes, mm(0.3, 0.95), (shape, scale) => {
        expect(longestMm(scaledAcross(shape, scale))).toBeLessThanOrEqual(longestMm(shape) + 1e-9);
      }),
    );
  });
});
