import fc from 'fast-check';
import { foodOf, KNOWN, KNOWN_INGREDIENTS } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
import { Refusal } from '../units/index.js';
import { sized, wholeShape } from './body.js';
import { cutNamed, cutUp, GRAMS_CUT, PIECES, unitOf, usualPotMinutes } from './cutUp.js';
import { soldAs } from './sold.js';
import type { WholeBody } from './types.js';

const FOODS = KNOWN_INGREDIENTS.filter((i) => i.food).map((i) => foodOf(KNOWN, i.id));
const onion = foodOf(KNOWN, 'onion');
const breast = foodOf(KNOWN, 'chicken-breast');

describe('a whole one', () => {
  test.each<WholeBody>([
    { kind: 'ball' },
    { kind: 'rod', slender: 4 },
    { kind: 'rod', slender: 0.4 },
    { kind: 'slab', sides: [130, 65, 24] },
    { kind: 'tube', slender: 1.2, wallMm: 7 },
  ])('%j weighs what it was sized to', (body) => {
    for (const grams of [20, 150, 600]) {
      const { massG } = geometryOf(wholeShape(sized(body, grams, 980)), 980);
      expect(massG / grams).toBeCloseTo(1, 2);
    }
  });
});

describe.each(FOODS.map((f) => [f.id, f] as const))('%s', (_, food) => {
  const sold = soldAs(food);

  test('has units and cuts of its own, each once, with how it is cut and where its weights are from', () => {
    expect(new Set(sold.units.map((u) => u.id)).size).toBe(sold.units.length);
    expect(new Set(sold.cuts.map((c) => c.id)).size).toBe(sold.cuts.length);
    for (const { how } of sold.cuts) expect(how.length).toBeGreaterThan(8);
    expect(sold.source.length).toBeGreaterThan(5);
  });

  test('gives pieces in every unit and cut, never more of it than was bought', () => {
    for (const { id } of sold.units) {
      for (const cut of sold.cuts) {
        const { count, pieceG, usedG, boughtG, leftG } = cutUp(food, { unit: id, amount: 2 }, cut.id);
        expect(count).toBeGreaterThanOrEqual(1);
        expect(pieceG).toBeGreaterThan(0);
        expect(usedG).toBeLessThanOrEqual(boughtG + 1e-6);
        expect(leftG + usedG).toBeCloseTo(boughtG, 3);
      }
    }
  });
});

describe('cutting', () => {
  test('thinner rings are more rings of less weight', () => {
    const rings = (mm: number) => cutUp(onion, { unit: 'large-onion', amount: 2 }, 'rings', mm);
    expect(rings(8).count).toBeGreaterThan(rings(13).count);
    expect(rings(8).pieceG).toBeLessThan(rings(13).pieceG);
  });

  test('a breast halved flat is twice as many, half as thick', () => {
    const whole = cutUp(breast, { unit: 'breast', amount: 4 }, 'whole');
    const flat = cutUp(breast, { unit: 'breast', amount: 4 }, 'halved-flat');
    expect(flat.count).toBe(2 * whole.count);
    expect(flat.pieceG / whole.pieceG).toBeCloseTo(0.5, 2);
  });

  test('whole ones by weight are counted, and weigh what was bought', () => {
    const four = cutUp(breast, { unit: 'g', amount: 900 }, 'whole');
    expect(four.count).toBe(5);
    expect(four.boughtG).toBe(900);
  });

  test('pieces that lie there cut: so many, or their weight', () => {
    const cauliflower = foodOf(KNOWN, 'cauliflower');
    expect(cutUp(cauliflower, { unit: PIECES, amount: 30 }, 'florets').count).toBe(30);
    const { usedG, boughtG } = cutUp(cauliflower, { unit: GRAMS_CUT, amount: 500 }, 'florets');
    expect(Math.abs(usedG - 500)).toBeLessThan(6);
    expect(boughtG).toBeGreaterThan(usedG);
  });

  test('twice as much gives twice as many, within rounding', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FOODS), fc.integer({ min: 200, max: 2000 }), (food, grams) => {
        const [cut] = soldAs(food).cuts;
        const once = cutUp(food, { unit: 'g', amount: grams }, cut.id);
        const twice = cutUp(food, { unit: 'g', amount: 2 * grams }, cut.id);
        expect(Math.abs(twice.usedG - 2 * once.usedG)).toBeLessThanOrEqual(2 * (once.pieceG + twice.pieceG));
      }),
      { seed: 12, numRuns: 200 },
    );
  });

  test('thicker pieces take longer in the pot, within what anybody fries', () => {
    const at = (thicknessMm: number) =>
      usualPotMinutes(breast, { kind: 'slab', lengthMm: 120, widthMm: 60, thicknessMm });
    expect(at(24)).toBeGreaterThan(at(12));
    expect(at(80)).toBeLessThanOrEqual(18);
    expect(at(3)).toBeGreaterThanOrEqual(1);
  });

  test('an unknown unit or cut is refused with what is known, and nothing of it is no amount', () => {
    expect(() => unitOf(soldAs(onion), { unit: 'bushel', amount: 1 })).toThrow(/medium-onion/);
    expect(() => cutNamed(soldAs(onion), 'florets')).toThrow(/rings/);
    expect(() => cutUp(onion, { unit: 'g', amount: 0 })).toThrow(Refusal);
    expect(() => soldAs({ id: 'moon' })).toThrow(Refusal);
  });
});
