import { mlAsSpoons, toKitchenFraction, volumeToMl } from './index.js';

describe('kitchen fractions', () => {
  test.each([
    ['cup', 0.5, '½'],
    ['cup', 1.34, '1⅓'],
    ['cup', 2.02, '2'],
    ['cup', 0.98, '1'],
    ['tbsp', 1.3, '1½'],
    ['tbsp', 1.2, '1'],
    ['tbsp', 1.8, '2'],
    ['tsp', 0.34, '¼'],
    ['tsp', 0.42, '½'],
    ['tsp', 0.15, '⅛'],
    ['tsp', 1.13, '1¼'],
    ['tsp', 0.02, '⅛'],
    ['tsp', 0, '0'],
  ] as const)('%s: %d is %s', (measure, amount, shown) => expect(toKitchenFraction(amount, measure)).toBe(shown));

  test('a volume is shown in the largest measure that a cook reaches for', () => {
    expect(mlAsSpoons(volumeToMl(1.5, 'cup'))).toBe('1½ cups');
    expect(mlAsSpoons(volumeToMl(2, 'tbsp'))).toBe('2 tbsp');
    expect(mlAsSpoons(volumeToMl(0.5, 'tsp'))).toBe('½ tsp');
    expect(mlAsSpoons(0.1)).toBe('a pinch');
  });
});
