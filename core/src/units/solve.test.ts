import { Refusal } from './refusal.js';
import { bisect } from './solve.js';

describe('bisection', () => {
  test.each([2, 10, 12345])('finds the square root of %d', (square) => {
    expect(bisect(0, square, (x) => x * x >= square)).toBeCloseTo(Math.sqrt(square), 6);
  });

  test('answers the upper bound where the condition never turns true, and the lower one where it always is', () => {
    expect(bisect(0, 5, () => false)).toBe(5);
    expect(bisect(1, 5, () => true)).toBeCloseTo(1, 9);
  });

  test('looks at no value outside of the interval', () => {
    const seen: number[] = [];
    bisect(3, 4, (x) => {
      seen.push(x);
      return x > 3.3;
    });
    expect(Math.min(...seen)).toBeGreaterThanOrEqual(3);
    expect(Math.max(...seen)).toBeLessThanOrEqual(4);
  });
});

test('a refusal is an error of its own, which the door can tell from a fault of the machine', () => {
  const refusal = new Refusal('There is no "moon cheese" in the pantry.');
  expect(refusal).toBeInstanceOf(Error);
  expect(new RangeError('Maximum call stack size exceeded')).not.toBeInstanceOf(Refusal);
  expect(refusal.message).toContain('moon cheese');
});
