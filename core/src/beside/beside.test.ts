import { foodOf, KNOWN, partsOf } from '../foods/index.js';
import type { Dish, SideBowl } from '../dish/index.js';
import { besideAmounts, servingsOf, takenG } from './amounts.js';
import { keepsOf } from './keeping.js';
import { thickeningOf } from './thickening.js';

const parts = (of: Record<string, number>) =>
  partsOf(
    KNOWN,
    Object.entries(of).map(([ingredientId, grams]) => ({ ingredientId, grams })),
  );
const bowl = (use: SideBowl['use'], of: Record<string, number>, rest: Partial<SideBowl> = {}): SideBowl => ({
  name: use,
  use,
  portions: Object.entries(of).map(([ingredientId, grams]) => ({ ingredientId, grams })),
  ...rest,
});
const dish: Dish = {
  foodId: foodOf(KNOWN, 'okra').id,
  shape: { kind: 'rod', diameterMm: 16, lengthMm: 60 },
  count: 40,
  startC: 8,
  skin: 'damp',
  preparation: 'raw',
};

describe('how much a dish takes', () => {
  // 35–50 g tossed, 10–20 g brushed, per 100 g of coated food: common practice, no source.
  test('tossed and brushed sauce by the weight of what is coated', () => {
    expect(takenG({ use: 'tossed' }, 1000, 4) / 10).toBeGreaterThanOrEqual(35);
    expect(takenG({ use: 'tossed' }, 1000, 4) / 10).toBeLessThanOrEqual(50);
    expect(takenG({ use: 'brushed' }, 1000, 4) / 10).toBeGreaterThanOrEqual(10);
    expect(takenG({ use: 'brushed' }, 1000, 4) / 10).toBeLessThanOrEqual(20);
  });

  test('a dip by people, and by hand whatever the cook says', () => {
    expect(takenG({ use: 'dip' }, 1000, 6)).toBe(2 * takenG({ use: 'dip' }, 300, 3));
    expect(takenG({ use: 'dip', wantedG: 90 }, 1000, 6)).toBe(90);
  });

  test('people by the weight where nobody says', () => {
    expect(servingsOf({}, 820)).toBe(4);
    expect(servingsOf({}, 30)).toBe(1);
    expect(servingsOf({ servings: 7 }, 820)).toBe(7);
  });

  test('a sauce of five things keeps its proportions, and is counted per batch', () => {
    const sauce = bowl('tossed', { 'soy-sauce': 85, honey: 63, 'corn-starch': 8, garlic: 8, water: 59 });
    const [amounts] = besideAmounts(KNOWN, { ...dish, beside: [sauce] }, 600, 3, 2);
    expect(amounts.parts).toHaveLength(5);
    expect(amounts.takesG).toBeCloseTo(252, 0);
    expect(amounts.parts.reduce((sum, p) => sum + p.grams, 0)).toBeCloseTo(amounts.takesG, 6);
    expect(amounts.parts[0].grams / amounts.parts[1].grams).toBeCloseTo(85 / 63, 6);
    expect(2 * amounts.perBatchG).toBeCloseTo(amounts.takesG, 6);
    expect(amounts.saysG).toBe(223);
  });

  test('a dish without bowls beside has none', () => expect(besideAmounts(KNOWN, dish, 500, 2, 1)).toEqual([]));
});

describe('how a sauce thickens', () => {
  // 5 g starch with 5 g water to 85 g of liquid is a glossy glaze: common practice, no source.
  test('a glaze of the usual proportion is thick and glossy, in two to three minutes', () => {
    const glaze = thickeningOf(parts({ 'corn-starch': 5, water: 90 }))!;
    expect(glaze.word).toBe('thick and glossy');
    expect(glaze.minutes).toBeGreaterThanOrEqual(2);
    expect(glaze.minutes).toBeLessThanOrEqual(3);
  });

  test('stands in the right order: more starch is thicker, flour half as strong, none does not thicken', () => {
    const words = [0.8, 2, 5, 12].map((g) => thickeningOf(parts({ 'potato-starch': g, water: 100 }))!.word);
    expect(words).toEqual(['thin', 'coats a spoon', 'thick and glossy', 'sets like jelly']);
    const starch = thickeningOf(parts({ 'corn-starch': 4, water: 100 }))!;
    const flour = thickeningOf(parts({ 'wheat-flour': 8, water: 100 }))!;
    expect(flour.starchPer100g).toBeCloseTo(starch.starchPer100g, 0);
    expect(thickeningOf(parts({ honey: 50, 'soy-sauce': 50 }))).toBeNull();
  });

  test('sugar and fat bind no liquid of it', () => {
    const plain = thickeningOf(parts({ 'corn-starch': 4, water: 80 }))!;
    const rich = thickeningOf(parts({ 'corn-starch': 4, water: 80, sugar: 60, 'olive-oil': 30 }))!;
    expect(rich.starchPer100g).toBeCloseTo(plain.starchPer100g, 0);
  });
});

describe('when it is made and how long it keeps', () => {
  test.each([
    ['marinade', { 'soy-sauce': 40 }, 'before', 0],
    ['dip', { mayonnaise: 80, garlic: 4 }, 'ahead', 2],
    ['dip', { 'tomato-ketchup': 80 }, 'ahead', 5],
    ['tossed', { 'soy-sauce': 40, sugar: 20 }, 'while-it-cooks', 5],
    ['spice-salt', { salt: 5, 'five-spice': 5 }, 'ahead', 60],
  ] as const)('a %s of %j is made %s and keeps %d days', (use, of, made, days) =>
    expect(keepsOf(use, parts(of))).toEqual({ made, days }),
  );
});
