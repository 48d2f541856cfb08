import { check, conversionBodySchema, convertRequestSchema, exampleConversion, upgradeConversion } from './index.js';

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

  test('a dish of the first format comes up to today’s: no water tray, no looks, no second cook', () => {
    const settings = { tempC: 180, minutes: 12, preheated: false, turnAtMin: 6, under: 'basket' };
    const plan = { layers: fried.layers, restMin: 5, oilGm2: 12, settings };
    const old = { ...request, name: 'Old', note: '', chosen: { family: 'own', by: 'cook', plan } };
    const now = upgradeConversion(1, old);
    expect(now.chosen!.plan).toMatchObject({
      second: null,
      settings: { ...settings, waterTray: false, looks: 0, swapEveryMin: null },
    });
    expect(check(conversionBodySchema, now).ok).toBe(true);
  });

  test('a document of a newer Yellowmist is not guessed at', () => {
    expect(() => upgradeConversion(99, {})).toThrow(/newer Yellowmist/);
  });
});
