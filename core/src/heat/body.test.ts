import { layerOf, buildCoat, buildSauce } from '../coat/index.js';
import { KNOWN, foodOf } from '../foods/index.js';
import { geometryOf, type PieceShape } from '../piece/index.js';
import { addSauce, buildBody, copyBody, SAUCE_CELLS, type Body } from './body.js';
import { FOOD_CELLS } from './constants/index.js';
import { addOil, soakInOil } from './oiling.js';

const SAUCE = buildSauce(KNOWN, layerOf(['sweet-chilli-sauce', 100]), 150);
const SHAPES: [string, PieceShape][] = [
  ['slab', { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 14 }],
  ['disc', { kind: 'disc', diameterMm: 60, thicknessMm: 10 }],
  ['rod', { kind: 'rod', diameterMm: 22, lengthMm: 70 }],
  ['ring', { kind: 'ring', outerMm: 80, innerMm: 60, thicknessMm: 12 }],
  ['ball', { kind: 'ball', diameterMm: 30 }],
  ['irregular', { kind: 'irregular', longestMm: 60, thicknessMm: 18, massG: 20 }],
];

function bodyOf(
  shape: PieceShape,
  reserve = SAUCE_CELLS,
  fine = 1,
): { body: Body; massKg: number; areaM2: number; coatGm2: number } {
  const food = foodOf(KNOWN, 'pork-loin');
  const piece = geometryOf(shape, food.densityKgM3);
  const layers = buildCoat(
    KNOWN,
    [layerOf(['wheat-flour', 60]), layerOf(['egg', 50]), layerOf(['coarse-crumbs', 60])],
    'damp',
    piece.drainLengthM,
  );
  const coatGm2 = layers.reduce((sum, l) => sum + l.pickUpGm2, 0);
  return {
    body: buildBody(food, piece, layers, 8, fine, reserve),
    massKg: piece.massG / 1000,
    areaM2: piece.areaM2,
    coatGm2,
  };
}

const massOf = (b: Body, picks: (i: number) => boolean): number => {
  let kg = 0;
  for (let i = b.from; i < b.to; i++) if (picks(i)) kg += b.water[i] + b.solids[i] + b.fat[i];
  return kg;
};

describe.each(SHAPES)('a %s laid out in cells', (_, shape) => {
  const { body, massKg, areaM2, coatGm2 } = bodyOf(shape);

  test('weighs what the piece weighs', () => {
    const food = massOf(body, (i) => body.layer[i] < 0);
    // A bar or ring is not quite the slab or cylinder that its dimension says: the volume is held within 1 … 3.
    expect(Math.abs(food / massKg - 1)).toBeLessThan(0.02);
  });

  test('carries the coat that was picked up, a little more where it is round', () => {
    const coat = massOf(body, (i) => body.layer[i] >= 0);
    expect((coat * 1000) / areaM2 / coatGm2).toBeGreaterThan(0.99);
    expect((coat * 1000) / areaM2 / coatGm2).toBeLessThan(1.45);
  });

  test.each([0.5, 0.7, 2])('holds as much in %d times the cells', (fine) => {
    const other = bodyOf(shape, SAUCE_CELLS, fine).body;
    const used = (b: Body): number => b.to - b.from;
    expect(Math.abs(used(other) - used(body) * fine)).toBeLessThan(4);
    for (const inside of [true, false]) {
      const of = (b: Body): number => massOf(b, (i) => b.layer[i] < 0 === inside);
      expect(of(other)).toBeCloseTo(of(body), 9);
    }
    // Every cell has a place: none lies in two of them, none in none.
    expect(other.foodTo - other.foodFrom).toBe(2 * Math.round(FOOD_CELLS * fine));
    for (let i = other.from; i < other.to; i++) expect(other.volume[i]).toBeGreaterThan(0);
  });

  test('is the same above and below', () => {
    for (let k = 0; k < body.n / 2; k++) {
      const [up, down] = [body.n / 2 + k, body.n / 2 - 1 - k];
      expect(body.volume[up]).toBe(body.volume[down]);
      expect(body.layer[up]).toBe(body.layer[down]);
    }
  });
});

describe('what comes on later', () => {
  test('a spray puts its oil on both faces', () => {
    const { body, areaM2 } = bodyOf(SHAPES[0][1]);
    const before = massOf(body, () => true);
    addOil(body, 20);
    expect((massOf(body, () => true) - before) * 1000).toBeCloseTo(20 * areaM2, 6);
  });

  test('a sauce lies outside all layers, as much as was brushed on', () => {
    const { body, areaM2 } = bodyOf(SHAPES[0][1]);
    const [from, to] = [body.from, body.to];
    addSauce(body, SAUCE, 3, 40);
    expect([body.from, body.to]).toEqual([from - SAUCE_CELLS, to + SAUCE_CELLS]);
    // So much per m² of what it is brushed on: the coated piece is larger than the bare one.
    const gm2 = (massOf(body, (i) => body.layer[i] === 3) * 1000) / areaM2;
    expect(gm2).toBeGreaterThan(150);
    expect(gm2).toBeLessThan(185);
    expect(body.tempC[body.to - 1]).toBe(40);
    expect(body.contact[to - 1]).toBeGreaterThan(0);
  });

  test('a second sauce finds no room', () => {
    const { body } = bodyOf(SHAPES[0][1]);
    addSauce(body, SAUCE, 3, 40);
    expect(() => addSauce(body, SAUCE, 3, 40)).toThrow(RangeError);
  });

  test('lifted out of the pot the coat drinks oil, the food does not', () => {
    const { body } = bodyOf(SHAPES[0][1]);
    const fatIn = (picks: (layer: number) => boolean): number =>
      [...body.fat.keys()].filter((i) => picks(body.layer[i])).reduce((sum, i) => sum + body.fat[i], 0);
    const [coat, food] = [fatIn((l) => l >= 0), fatIn((l) => l < 0)];
    soakInOil(body, 0.45);
    expect(fatIn((l) => l >= 0)).toBeGreaterThan(2 * coat);
    expect(fatIn((l) => l < 0)).toBe(food);
  });

  test('a copy goes its own way', () => {
    const { body } = bodyOf(SHAPES[0][1]);
    const copy = copyBody(body);
    copy.tempC.fill(99);
    expect(body.tempC[5]).toBe(8);
    expect(copy.water).not.toBe(body.water);
    expect([...copy.water]).toEqual([...body.water]);
  });
});
