import fc from 'fast-check';
import { PLAIN_FRYER } from '../../testing/plain.js';
import type { BasketShape, Fryer } from '../dish/index.js';
import type { PieceShape } from '../piece/index.js';
import {
  footprintOf,
  gapBetween,
  gapToWall,
  groundMm2,
  groundOf,
  layoutOf,
  loadOf,
  nestsOf,
  packList,
  packLayer,
  spreadLayer,
  troubleIn,
  type Footprint,
} from './index.js';

const mm = (min: number, max: number) => fc.integer({ min, max });
const shapes: fc.Arbitrary<PieceShape> = fc.oneof(
  fc.record({ kind: fc.constant('slab' as const), lengthMm: mm(20, 140), widthMm: mm(15, 90), thicknessMm: mm(6, 30) }),
  fc.record({ kind: fc.constant('disc' as const), diameterMm: mm(15, 110), thicknessMm: mm(5, 20) }),
  fc.record({ kind: fc.constant('rod' as const), diameterMm: mm(8, 30), lengthMm: mm(20, 120) }),
  fc.record({ kind: fc.constant('ball' as const), diameterMm: mm(12, 60) }),
  fc.record({ kind: fc.constant('ring' as const), outerMm: mm(50, 110), innerMm: mm(10, 45), thicknessMm: mm(6, 15) }),
  fc.record({
    kind: fc.constant('irregular' as const),
    longestMm: mm(30, 90),
    thicknessMm: mm(8, 30),
    massG: mm(8, 60),
  }),
);
const baskets: fc.Arbitrary<BasketShape> = fc.oneof(
  fc.record({ kind: fc.constant('round' as const), diameterMm: mm(120, 320) }),
  fc.record({ kind: fc.constant('rectangle' as const), widthMm: mm(120, 380), depthMm: mm(120, 320) }),
);
const coated = (shape: PieceShape): Footprint => footprintOf(shape, 1400, 1);
const many = (f: Footprint, n: number): Footprint[] => Array<Footprint>(n).fill(f);
const NONE = { overlaps: [], tooNear: [], outside: [] };

describe('packing one layer', () => {
  test('nothing ever overlaps, is nearer than the gap or over the wall, whatever the shape, the basket and the gap', () => {
    fc.assert(
      fc.property(shapes, baskets, mm(0, 12), mm(1, 24), (shape, basket, gap, count) => {
        const pieces = many(coated(shape), count);
        const laid = packLayer(basket, pieces, gap);
        expect(laid.length).toBeLessThanOrEqual(count);
        expect(troubleIn(basket, pieces, laid, gap)).toEqual(NONE);
      }),
      { numRuns: 60 },
    );
  });

  test('mixed sizes go side by side as well, and large ones find their place first', () => {
    fc.assert(
      fc.property(fc.array(shapes, { minLength: 2, maxLength: 8 }), baskets, (mixed, basket) => {
        const pieces = mixed.map(coated);
        const laid = packLayer(basket, pieces, 5);
        expect(new Set(laid.map((l) => l.piece)).size).toBe(laid.length);
        expect(troubleIn(basket, pieces, laid, 5)).toEqual(NONE);
      }),
      { numRuns: 12 },
    );
  });

  test('the same input gives the same plan', () => {
    const pieces = many(coated({ kind: 'ball', diameterMm: 31 }), 40);
    const basket: BasketShape = { kind: 'round', diameterMm: 200 };
    expect(packLayer(basket, pieces, 6)).toEqual(packLayer(basket, pieces, 6));
  });

  test('what is larger than the basket is not laid, and no piece is no layer', () => {
    const basket: BasketShape = { kind: 'round', diameterMm: 100 };
    const large = coated({ kind: 'slab', lengthMm: 140, widthMm: 90, thicknessMm: 9 });
    expect(packLayer(basket, [large], 6)).toEqual([]);
    expect(packLayer(basket, [], 6)).toEqual([]);
  });

  // What a hand lays: 260 × 230 mm take 3 × 2 rows of 70 mm slices easily, and no more than the ground allows.
  test('slices of 70 mm on a rack of 260 × 230 mm: nine, three rows of three', () => {
    const basket: BasketShape = { kind: 'rectangle', widthMm: 260, depthMm: 230 };
    const pieces = many(coated({ kind: 'disc', diameterMm: 70, thicknessMm: 9 }), 30);
    expect(packLayer(basket, pieces, 6)).toHaveLength(9);
  });

  // Six torn mushrooms in a small round basket: five along the wall and one in the middle, as a hand lays them. Rows take five.
  test('on a round ground a wreath along the wall holds more than rows, and has one in its middle', () => {
    const basket: BasketShape = { kind: 'round', diameterMm: 200 };
    const mushroom: PieceShape = { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 };
    const pieces = many(footprintOf(mushroom, 2600, 1.5), 12);
    const laid = packLayer(basket, pieces, 6);
    expect(laid).toHaveLength(6);
    const fromMiddle = laid.map((p) => Math.hypot(p.xMm, p.yMm)).sort((a, b) => a - b);
    expect(fromMiddle[0]).toBeLessThan(10);
    expect(fromMiddle[5] - fromMiddle[1]).toBeLessThan(1);
    expect(troubleIn(basket, pieces, laid, 6)).toEqual(NONE);
  });

  test('with less air between them more go in', () => {
    const basket: BasketShape = { kind: 'round', diameterMm: 200 };
    const pieces = many(coated({ kind: 'ball', diameterMm: 30 }), 60);
    expect(packLayer(basket, pieces, 0).length).toBeGreaterThan(packLayer(basket, pieces, 8).length);
  });

  test('a batch that is not full is spread out', () => {
    const basket: BasketShape = { kind: 'rectangle', widthMm: 260, depthMm: 230 };
    const pieces = many(coated({ kind: 'disc', diameterMm: 40, thicknessMm: 9 }), 6);
    const laid = spreadLayer(basket, pieces, 6)!;
    expect(laid).toHaveLength(6);
    expect(troubleIn(basket, pieces, laid, 14)).toEqual(NONE);
    expect(spreadLayer(basket, many(pieces[0], 60), 6)).toBeNull();
  });
});

describe('air between two pieces', () => {
  const at = (xMm: number, yMm: number, turn = 0) => ({ xMm, yMm, turn });
  const disc = coated({ kind: 'disc', diameterMm: 38, thicknessMm: 9 });
  const slab = footprintOf({ kind: 'slab', lengthMm: 80, widthMm: 20, thicknessMm: 10 }, 0, 0);

  test('two discs: between their middles less both radii', () =>
    expect(gapBetween(disc, at(0, 0), disc, at(50, 0))).toBeCloseTo(10, 9));
  test('two slabs side by side, end to end, crossed', () => {
    expect(gapBetween(slab, at(0, 0), slab, at(0, 30))).toBeCloseTo(10, 6);
    expect(gapBetween(slab, at(0, 0), slab, at(95, 0))).toBeCloseTo(15, 6);
    expect(gapBetween(slab, at(0, 0), slab, at(0, 0, Math.PI / 2))).toBeLessThan(0);
  });
  test('is the same from both sides, for any two turns', () => {
    fc.assert(
      fc.property(mm(-90, 90), mm(-90, 90), mm(0, 180), mm(0, 180), (x, y, a, b) => {
        const [p, q] = [at(0, 0, (a * Math.PI) / 180), at(x, y, (b * Math.PI) / 180)];
        expect(gapBetween(slab, p, slab, q)).toBeCloseTo(gapBetween(slab, q, slab, p), 6);
      }),
    );
  });
  test('a small piece in the hole of a ring has the air to its rim', () => {
    const ring = footprintOf({ kind: 'ring', outerMm: 100, innerMm: 70, thicknessMm: 10 }, 0, 0);
    const ball = footprintOf({ kind: 'ball', diameterMm: 30 }, 0, 0);
    expect(gapBetween(ring, at(0, 0), ball, at(5, 0))).toBeCloseTo(15, 9);
    expect(gapBetween(ring, at(0, 0), ball, at(40, 0))).toBeLessThan(0);
  });
  test('a round wall is as far as the farthest corner', () => {
    const round: BasketShape = { kind: 'round', diameterMm: 200 };
    expect(gapToWall(round, disc, at(50, 0))).toBeCloseTo(30, 9);
    expect(gapToWall(round, slab, at(0, 0))).toBeCloseTo(100 - Math.hypot(36, 6) - 4, 6);
  });
});

describe('batches', () => {
  const fryer = (racks: number): Fryer => ({
    ...PLAIN_FRYER,
    kind: 'oven-type',
    basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
    racks,
  });
  const slice = coated({ kind: 'disc', diameterMm: 70, thicknessMm: 9 });

  test('are evened out, over as many racks as they need', () => {
    const load = loadOf({ footprint: slice, count: 20 }, fryer(2));
    expect(load).toMatchObject({ batches: 2, piecesPerBatch: 10, racksUsed: 2, fits: true });
    expect(load.perBatch).toEqual([10, 10]);
    expect(load.coverage).toBeCloseTo(
      (10 * groundOf({ ...slice, radiusMm: 36 })) / (2 * groundMm2(fryer(2).basket)),
      2,
    );
  });

  test('the racks of a batch are evenly filled', () => {
    const load = loadOf({ footprint: slice, count: 15 }, fryer(2));
    expect(layoutOf({ footprint: slice, count: 15 }, load, fryer(2)).racks.map((rack) => rack.length)).toEqual([8, 7]);
  });

  test('what a hand has laid counts as it lies', () => {
    const laid = [[0, 1, 2].map((piece) => ({ piece, xMm: 80 * piece - 80, yMm: 0, turn: 0 }))];
    const load = loadOf({ footprint: slice, count: 10 }, fryer(1), { gapMm: 6, laid });
    expect(load).toMatchObject({ piecesPerBatch: 3, batches: 4, racksUsed: 1 });
    expect(layoutOf({ footprint: slice, count: 10 }, load, fryer(1), { gapMm: 6, laid }).racks).toBe(laid);
  });

  test('crowding saves batches and covers more of the ground', () => {
    const [usual, crowded] = [
      loadOf({ footprint: slice, count: 40 }, fryer(1)),
      loadOf({ footprint: slice, count: 40 }, fryer(1), { gapMm: 0, laid: null }),
    ];
    expect(crowded.batches).toBeLessThanOrEqual(usual.batches);
    expect(crowded.coverage).toBeGreaterThanOrEqual(usual.coverage);
  });

  test('a piece larger than the basket does not fit, and is said to', () => {
    const cutlet = coated({ kind: 'slab', lengthMm: 290, widthMm: 200, thicknessMm: 9 });
    expect(loadOf({ footprint: cutlet, count: 4 }, fryer(1))).toMatchObject({
      fits: false,
      piecesPerBatch: 1,
      batches: 4,
    });
  });
});

describe('pieces of two sizes', () => {
  const ring = (outerMm: number, innerMm: number): Footprint =>
    coated({ kind: 'ring', outerMm, innerMm, thicknessMm: 10 });
  const fryer = PLAIN_FRYER;
  const lot = { footprint: ring(90, 70), count: 12, smaller: { footprint: ring(46, 28), count: 6 } };

  test('are dealt evenly over the batches, and a batch holds both', () => {
    const load = loadOf(lot, fryer);
    const { racks, footprints } = layoutOf(lot, load, fryer);
    expect(racks[0]).toHaveLength(load.piecesPerBatch);
    expect(new Set(footprints[0].map((f) => f.radiusMm)).size).toBe(2);
    expect(load.perBatch.reduce((sum, n) => sum + n, 0)).toBe(12);
    expect(load.perBatch).toEqual([...load.perBatch].sort((a, b) => b - a));
    expect(troubleIn(fryer.basket, footprints[0], racks[0], 6)).toEqual(NONE);
  });

  test('small rings in the holes of large ones save ground, and keep the air to the rim', () => {
    const nested = { gapMm: 5, laid: null, nest: true };
    const [apart, within] = [loadOf(lot, fryer, { ...nested, nest: false }), loadOf(lot, fryer, nested)];
    expect(within.batches).toBeLessThan(apart.batches);
    const { racks, footprints } = layoutOf(lot, within, fryer, nested);
    expect(racks[0]).toHaveLength(within.piecesPerBatch);
    expect(troubleIn(fryer.basket, footprints[0], racks[0], 5)).toEqual(NONE);
  });

  test('whatever nests in what, nothing overlaps and nothing is laid twice', () => {
    fc.assert(
      fc.property(fc.array(shapes, { minLength: 2, maxLength: 10 }), baskets, mm(0, 8), (mixed, basket, gap) => {
        const pieces = mixed.map(coated);
        const laid = packList(basket, pieces, gap, true);
        expect(new Set(laid.map((l) => l.piece)).size).toBe(laid.length);
        expect(troubleIn(basket, pieces, laid, gap)).toEqual(NONE);
      }),
      { numRuns: 15 },
    );
  });

  test('each hole takes one piece, and no piece two holes', () => {
    const hosts = nestsOf([ring(90, 70), ring(90, 70), ring(46, 28), ring(46, 28), ring(46, 28)], 5);
    expect([...hosts.values()].sort()).toEqual([0, 1]);
    expect(nestsOf([ring(90, 70), ring(88, 70)], 5).size).toBe(0);
  });
});
