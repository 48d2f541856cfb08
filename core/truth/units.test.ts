import { unit } from 'mathjs';
import {
  celsiusToFahrenheit,
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
});
