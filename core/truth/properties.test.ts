import { KNOWN, foodOf, propertiesOf } from '../src/index.js';

/** Published values, ASHRAE Refrigeration handbook (Choi and Okos) and Perry's, from memory. */
describe('thermal properties from composition', () => {
  test('pure water at 20 °C: 0.60 W/mK, 998 kg/m³, 4.18 kJ/kgK', () => {
    const water = propertiesOf({ waterG: 100, proteinG: 0, fatG: 0, carbohydrateG: 0, fibreG: 0, ashG: 0 }, 20);
    expect(water.conductivity).toBeCloseTo(0.603, 2);
    expect(Math.abs(water.densityKgM3 - 998)).toBeLessThan(3);
    expect(Math.abs(water.heatCapacity - 4182)).toBeLessThan(15);
  });

  // Lean pork at 20 °C: about 0.48 W/mK and 3.6 kJ/kgK (ASHRAE, from memory); potato about 0.55 W/mK and 3.67 kJ/kgK.
  test.each([
    ['pork-loin', 0.48, 3600],
    ['potato', 0.55, 3670],
    ['cod', 0.53, 3690],
  ])('%s within 10 %% of the handbook', (id, k, c) => {
    const found = propertiesOf(foodOf(KNOWN, id).per100g, 20);
    expect(Math.abs(found.conductivity / k - 1)).toBeLessThan(0.1);
    expect(Math.abs(found.heatCapacity / c - 1)).toBeLessThan(0.1);
  });
});
