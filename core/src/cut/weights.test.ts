import { weightsFor } from './weights.js';

test('weights of a kitchen are those of the food that is asked for, by unit', () => {
  const weights = [
    { foodId: 'onion', unit: 'medium-onion', grams: 210 },
    { foodId: 'onion', unit: 'large-onion', grams: 320 },
    { foodId: 'potato', unit: 'medium-potato', grams: 250 },
  ];
  expect(weightsFor(weights, 'onion')).toEqual({ 'medium-onion': 210, 'large-onion': 320 });
  expect(weightsFor(weights, 'okra')).toEqual({});
  expect(weightsFor(undefined, 'onion')).toEqual({});
});
