import { check, convertRequestSchema, exampleConversion, upgradeConversion } from './index.js';

const { dish, fried, fryer, limits } = exampleConversion();
const request = { dish, fried, fryer, limits };

describe('checking at the door', () => {
  test('what is allowed comes through as it is', () => {
    expect(check(convertRequestSchema, request)).toEqual({ ok: true, value: request });
  });

  test('every wrong field is named, all at once', () => {
    const wrong = { ...request, dish: { ...dish, count: 0, startC: 200 }, fried: { ...fried, oilId: 'beer' } };
    const result = check(convertRequestSchema, wrong);
    expect(result.ok).toBe(false);
    if (!result.ok) expect(result.errors.map((e) => e.field)).toEqual(['dish.count', 'dish.startC', 'fried.oilId']);
  });

  test('a number in quotes is no number', () => {
    const result = check(convertRequestSchema, { ...request, dish: { ...dish, count: '12' } });
    expect(result).toMatchObject({ ok: false, errors: [{ field: 'dish.count' }] });
  });

  test('a fryer that cannot be hotter than its coldest is refused', () => {
    const result = check(convertRequestSchema, { ...request, fryer: { ...fryer, minTempC: 210 } });
    expect(result).toMatchObject({ ok: false, errors: [{ field: 'fryer.minTempC' }] });
  });

  test('a document of a newer Yellowmist is not guessed at', () => {
    expect(() => upgradeConversion(99, {})).toThrow(/newer Yellowmist/);
  });
});
