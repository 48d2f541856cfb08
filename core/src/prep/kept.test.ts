import { cutUp, soldAs } from '../cut/index.js';
import { foodOf, KNOWN, KNOWN_INGREDIENTS, type Food } from '../foods/index.js';
import { geometryOf, type PieceShape } from '../piece/index.js';
import { prepare, waysFor, type Way } from './index.js';
import { withPores } from './pores.js';

/** Whatever is done to a piece before its coat: only water leaves it, and what comes into it is told. */

const FOODS = KNOWN_INGREDIENTS.filter((i) => i.food).map((i) => foodOf(KNOWN, i.id));

/** The food as a dish begins with it. */
function usualCut(food: Food): PieceShape {
  const { units, cuts, usual } = soldAs(food);
  return cutUp(food, { unit: units[0].id, amount: usual.amount }, cuts[0].id).shape;
}

const gramsOf = (food: Food, shape: PieceShape): number =>
  geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity)).massG;
const dryG = (food: Food, shape: PieceShape): number => gramsOf(food, shape) * (1 - food.per100g.waterG / 100);

/** Ways that add nothing: a marinade and salt stay on what they were put on. */
const ADDS: readonly Way['id'][] = ['marinated', 'salted'];
const CASES = FOODS.flatMap((food) =>
  waysFor(food)
    .filter(({ id }) => !ADDS.includes(id))
    .map(({ id }) => [food.id, id, food] as const),
);

describe('the balance of a piece that was made ready', () => {
  test('the cases are all foods in all of their ways', () => {
    expect(CASES.length).toBeGreaterThan(FOODS.length);
    expect(new Set(CASES.map(([, way]) => way))).toEqual(
      new Set(['raw', 'pressed', 'frozen-pressed', 'soaked', 'blanched', 'pre-cooked', 'frozen']),
    );
  });

  test.each(CASES)('%s, %s: what is no water stays, and what it lost of its weight is water', (_, way, food) => {
    const shape = usualCut(food);
    const ready = prepare(food, shape, way);
    expect(Math.abs(dryG(ready.food, ready.shape) / dryG(food, shape) - 1)).toBeLessThan(0.02);
    const waterGone = (ready.waterLost * food.per100g.waterG) / 100;
    expect(Math.abs(gramsOf(ready.food, ready.shape) / gramsOf(food, shape) - 1 + waterGone)).toBeLessThan(0.02);
  });

  test.each(CASES)('%s, %s: it is no harder than raw, no hotter than steam, and at least as small', (_, way, food) => {
    const shape = usualCut(food);
    const { firmness, startC, food: after, shape: now } = prepare(food, shape, way);
    expect(firmness).toBeGreaterThan(0);
    expect(firmness).toBeLessThanOrEqual(1);
    expect(startC).toBeGreaterThanOrEqual(-18);
    expect(startC).toBeLessThan(100);
    expect(after.food.porosity).toBeGreaterThanOrEqual(0);
    expect(after.food.porosity).toBeLessThan(0.8);
    const [old, piece] = [geometryOf(shape, 1000), geometryOf(now, 1000)];
    expect(piece.heightM).toBeLessThanOrEqual(old.heightM + 1e-9);
    expect(piece.volumeM3).toBeLessThanOrEqual(old.volumeM3 + 1e-12);
  });
});

describe('pores', () => {
  const cauliflower = foodOf(KNOWN, 'cauliflower');
  const ball: PieceShape = { kind: 'ball', diameterMm: 40 };

  test('a piece that shrinks by all the water it lost has no more of them', () => {
    const water = cauliflower.per100g.waterG / 100;
    const { food } = withPores({ food: cauliflower, shape: ball }, 0.4, 1 - 0.4 * water);
    expect(food.food.porosity).toBeCloseTo(cauliflower.food.porosity, 9);
  });

  test('one that keeps its size has as many as it lost water, by weight', () => {
    const { food, shape } = withPores({ food: cauliflower, shape: ball }, 0.5, 1);
    expect(shape).toEqual(ball);
    const left = 1 - (0.5 * cauliflower.per100g.waterG) / 100;
    expect(1 - food.food.porosity).toBeCloseTo((1 - cauliflower.food.porosity) * left, 9);
    expect(gramsOf(food, shape)).toBeCloseTo(gramsOf(cauliflower, ball) * left, 6);
  });

  test('an irregular piece, which is told by its weight, is as much lighter as it lost water', () => {
    const torn: PieceShape = { kind: 'irregular', massG: 30, longestMm: 70, thicknessMm: 14 };
    const { shape } = withPores({ food: cauliflower, shape: torn }, 0.5, 0.8);
    const left = 1 - (0.5 * cauliflower.per100g.waterG) / 100;
    expect(shape).toMatchObject({ kind: 'irregular', massG: 30 * left });
    expect((shape as { thicknessMm: number }).thicknessMm).toBeCloseTo(14 * Math.cbrt(0.8), 9);
  });

  test('what takes water up has none to give: pores are never less than none', () => {
    const { food } = withPores({ food: cauliflower, shape: ball }, -0.6, 1);
    expect(food.food.porosity).toBe(0);
  });
});
