import { unit } from 'mathjs';
import {
  celsiusToFahrenheit,
  gramsOf,
  ingredient,
  KNOWN,
  readAmount,
  fahrenheitToCelsius,
  gToOz,
  inchToMm,
  mlToVolume,
  mmToInch,
  ozToG,
  volumeToMl,
} from '../src/index.js';

/** Against mathjs, a general units package. */
describe('units agree with a general units package', () => {
  const known = (value: number, from: string, to: string): number => unit(value, from).toNumber(to);

  test.each([
    ['cup', 8],
    ['tbsp', 1 / 2],
    ['tsp', 1 / 6],
  ] as const)('a US %s is %d fluid ounces', (ours, fluidOunces) => {
    // The package's own spoons are the metric 15 and 5 ml; the US ones are shares of its fluid ounce (4 digits).
    expect(volumeToMl(1, ours) / known(fluidOunces, 'fluidounce', 'ml')).toBeCloseTo(1, 3);
    expect(mlToVolume(volumeToMl(2.5, ours), ours)).toBeCloseTo(2.5, 9);
  });

  test.each([-18, 0, 62.8, 73.9, 180, 205])('%d °C in °F and back', (tempC) => {
    expect(celsiusToFahrenheit(tempC)).toBeCloseTo(known(tempC, 'degC', 'degF'), 6);
    expect(fahrenheitToCelsius(celsiusToFahrenheit(tempC))).toBeCloseTo(tempC, 9);
  });

  test('inches and ounces', () => {
    expect(inchToMm(1)).toBeCloseTo(known(1, 'inch', 'mm'), 9);
    expect(mmToInch(100)).toBeCloseTo(known(100, 'mm', 'inch'), 9);
    expect(ozToG(1)).toBeCloseTo(known(1, 'oz', 'g'), 6);
    expect(gToOz(500)).toBeCloseTo(known(500, 'g', 'oz'), 6);
  });

  test.each([
    ['1 lb water', 1, 'lb', 'g'],
    ['12 oz water', 12, 'oz', 'g'],
    ['1.5 kg water', 1.5, 'kg', 'g'],
    ['2 l water', 2, 'l', 'ml'],
    ['3 fl oz water', 3, 'fluidounce', 'ml'],
    ['1 pint water', 16, 'fluidounce', 'ml'],
    ['1 quart water', 32, 'fluidounce', 'ml'],
    ['2 cups water', 16, 'fluidounce', 'ml'],
    ['4 tbsp water', 2, 'fluidounce', 'ml'],
    ['6 tsp water', 1, 'fluidounce', 'ml'],
  ] as const)('"%s" of a recipe is read as %d %s', (line, value, from, to) => {
    // A ml of water is taken for a gram; its cup weighs 237 g.
    expect(gramsOf(ingredient(KNOWN, 'water'), readAmount(line))! / known(value, from, to)).toBeCloseTo(1, 2);
  });
});
