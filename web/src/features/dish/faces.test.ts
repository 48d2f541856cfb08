import { PLAIN_AIR, PLAIN_OILING, touchUpMin, type AirPlan, type FriedCook } from '@yellowmist/core';
import { coverNow, turnOf } from './faces';

const plan = (turnAtMin: number | null): AirPlan => ({
  layers: [],
  restMin: 5,
  oilGm2: 12,
  oiling: { ...PLAIN_OILING, touchUpGm2: 6 },
  settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: false, turnAtMin, under: 'basket' },
  second: null,
});
const fried = (medium: FriedCook['medium']): FriedCook => ({
  layers: [],
  medium,
  oilId: 'rapeseed-oil',
  tempC: 175,
  minutes: 4,
});

describe('which face lies up', () => {
  test('a pan turns at half time, deep oil never, the air by its plan', () => {
    expect(turnOf({ fried: fried('pan-oil'), plan: null }, 'pot')).toBe(2);
    expect(turnOf({ fried: fried('deep-oil'), plan: null }, 'pot')).toBeNull();
    expect(turnOf({ fried: fried('deep-oil'), plan: plan(6) }, 'air')).toBe(6);
    expect(turnOf({ fried: fried('deep-oil'), plan: plan(null) }, 'air')).toBeNull();
  });

  test('oil goes with its face when the piece is turned, and a touch-up lands on what lies up', () => {
    const turned = plan(6);
    const touched = coverNow(turned, touchUpMin(turned.settings) + 1);
    expect(touched.top).toBeGreaterThan(touched.under);
    // A basket that was oiled oils what lay on it.
    const onOil: AirPlan = { ...turned, oilGm2: 0, oiling: { ...PLAIN_OILING, basketG: 4, touchUpGm2: 0 } };
    const [before, after] = [coverNow(onOil, 5), coverNow(onOil, 7)];
    expect(after).toEqual({ top: before.under, under: before.top });
  });
});
