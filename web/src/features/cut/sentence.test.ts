import { exampleConversion } from '@yellowmist/contract';
import { KNOWN, type Dish } from '@yellowmist/core';
import { sentenceOf } from './sentence';
import { resized, thicknessOf } from './through';

const { dish } = exampleConversion();
const said = (change: Partial<Dish>): string =>
  sentenceOf(KNOWN, { ...dish, ...change }, (mm) => `${Math.round(mm)} mm`);

test('food and cut are one sentence', () => {
  expect(said({})).toBe('24 pieces of oyster mushrooms, 16 mm thick, patted, from the cold');
  expect(said({ bought: { unit: 'piece', amount: 24, cut: 'torn' } })).toContain('oyster mushrooms, torn, 16 mm');
  expect(said({ startC: -18, preparation: 'frozen', skin: 'dry', count: 1 })).toMatch(
    /^1 piece .*dry, .*frozen, frozen$/,
  );
});

test('a second food stands behind it', () => {
  const also = { foodId: 'tofu', shape: dish.shape, count: 12 };
  expect(said({ also })).toMatch(/; with 12 pieces of firm tofu$/);
});

test.each([
  { kind: 'rod', diameterMm: 20, lengthMm: 60 },
  { kind: 'ball', diameterMm: 20 },
  { kind: 'disc', diameterMm: 60, thicknessMm: 20 },
] as const)('a piece of %j is 20 mm thick, and can be made 30', (shape) => {
  expect(thicknessOf(shape)).toBe(20);
  expect(thicknessOf(resized(shape, 30))).toBe(30);
});
