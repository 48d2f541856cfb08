import { mlAsSpoons, toKitchenFraction, volumeToMl } from './index.js';

describe('kitchen fractions', () => {
  test.each([
    [0.5, '½'],
    [1.34, '1⅓'],
    [2.02, '2'],
    [0.98, '1'],
    [0.02, '⅛'],
    [0, '0'],
  ])('%d is %s', (amount, shown) => expect(toKitchenFraction(amount)).toBe(shown));

  test('a volume is shown in the largest measure that a cook reaches for', () => {
    expect(mlAsSpoons(volumeToMl(1.5, 'cup'))).toBe('1½ cups');
    expect(mlAsSpoons(volumeToMl(2, 'tbsp'))).toBe('2 tbsp');
    expect(mlAsSpoons(volumeToMl(0.5, 'tsp'))).toBe('½ tsp');
    expect(mlAsSpoons(0.1)).toBe('a pinch');
  });
});
