import { exampleConversion } from '@yellowmist/contract';
import { KNOWN, type Dish } from '@yellowmist/core';
import { sentenceOf } from './sentence';

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
