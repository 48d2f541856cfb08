import { KNOWN, celsiusToFahrenheit, foodOf, safeMinimum, type SafetyClass } from '../src/index.js';

/** USDA FSIS safe minimum internal temperature chart, from memory, °F and minutes of rest. */
const FSIS: [SafetyClass, number, number][] = [
  ['poultry', 165, 0],
  ['ground-meat', 160, 0],
  ['whole-meat', 145, 3],
  ['fish', 145, 0],
  ['egg-dish', 160, 0],
  ['reheated', 165, 0],
];

describe('safe minimum temperatures', () => {
  test.each(FSIS)('%s: %d °F with %d minutes of rest', (safety, fahrenheit, restMin) => {
    const minimum = safeMinimum(safety)!;
    expect(Math.round(celsiusToFahrenheit(minimum.tempC))).toBe(fahrenheit);
    expect(minimum.restMin).toBe(restMin);
  });

  test.each([
    ['chicken-thigh', 'poultry'],
    ['turkey-breast', 'poultry'],
    ['meatball', 'ground-meat'],
    ['pork-loin', 'whole-meat'],
    ['cod', 'fish'],
    ['squid', 'fish'],
  ])('%s is held to the minimum of %s', (food, safety) => {
    expect(foodOf(KNOWN, food).food.safety).toBe(safety);
  });
});
