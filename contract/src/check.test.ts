import {
  check,
  conversionBodySchema,
  convertRequestSchema,
  exampleConversion,
  simulateRequestSchema,
  FORMATS,
  upgrade,
} from './index.js';

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

  test('not all pieces can be the smaller ones', () => {
    const smaller = { count: request.dish.count, scale: 0.6 };
    const result = check(convertRequestSchema, { ...request, dish: { ...request.dish, smaller } });
    expect(result).toMatchObject({ ok: false, errors: [{ field: 'dish.smaller.count' }] });
    expect(JSON.stringify(result)).toContain('must be less than count');
  });

  test('a fryer that cannot be hotter than its coldest is refused', () => {
    const result = check(convertRequestSchema, { ...request, fryer: { ...fryer, minTempC: 210 } });
    expect(result).toMatchObject({ ok: false, errors: [{ field: 'fryer.minTempC' }] });
  });

  test('a dish of the first format comes up to today’s: no water tray, no looks, no second cook', () => {
    const settings = { tempC: 180, minutes: 12, preheated: false, turnAtMin: 6, under: 'basket' };
    const plan = { layers: fried.layers, restMin: 5, oilGm2: 12, settings };
    const old = { ...request, name: 'Old', note: '', chosen: { family: 'own', by: 'cook', plan } };
    const now = upgrade(FORMATS.conversion, 1, old);
    expect(now.chosen!.plan).toMatchObject({
      second: null,
      settings: { ...settings, waterTray: false, looks: 0, swapEveryMin: null },
    });
    expect(check(conversionBodySchema, now).ok).toBe(true);
  });

  test('a dish of the second format comes up to today’s: no named versions yet', () => {
    const now = upgrade(FORMATS.conversion, 2, { ...request, name: 'Old', note: '', chosen: null });
    expect(now.versions).toEqual([]);
    expect(check(conversionBodySchema, now).ok).toBe(true);
  });

  test('a document of a newer Yellowmist is not guessed at', () => {
    expect(() => upgrade(FORMATS.conversion, 99, {})).toThrow(/newer Yellowmist/);
  });

  const air = {
    medium: 'air',
    fryer,
    tempC: 190,
    minutes: 10,
    preheated: false,
    turnAtMin: 5,
    under: 'basket',
    oilGm2: 10,
    restMin: 0,
  };
  const simulate = (cook: object) =>
    check<{ cook: object }>(simulateRequestSchema, { dish, layers: fried.layers, cook });

  test('what a program leaves out of a cook in air is what nobody does', () => {
    const result = simulate(air);
    expect(result.ok && result.value.cook).toEqual({
      ...air,
      waterTray: false,
      swapEveryMin: null,
      looks: 0,
      second: null,
    });
  });

  test.each([
    [{ looks: 40 }, 'cook.looks', '0 to 10'],
    [{ swapEveryMin: 0 }, 'cook.swapEveryMin', '1 to 30'],
    [
      { second: { sauce: null, sauceGm2: 5000, coolMin: 1, tempC: 180, minutes: 5 } },
      'cook.second.sauceGm2',
      '0 to 800',
    ],
    [{ second: { sauce: null, sauceGm2: 50, coolMin: 1, tempC: 900, minutes: 5 } }, 'cook.second.tempC', '80 to 260'],
  ])('%j is refused at its field with what is allowed', (wrong, field, allowed) => {
    const result = simulate({ ...air, ...wrong });
    expect(result.ok).toBe(false);
    if (result.ok) return;
    expect(result.errors.map((e) => e.field)).toEqual([field]);
    expect(result.errors[0].message).toContain(allowed);
  });

  test('a batter that has stood for a day is no batter', () => {
    const layers = [{ ...fried.layers[0], standMin: 1440 }];
    const result = check(simulateRequestSchema, { dish, layers, cook: { medium: 'deep-oil', tempC: 180, minutes: 3 } });
    expect(result).toMatchObject({ ok: false, errors: [{ field: 'layers.0.standMin' }] });
  });
});
