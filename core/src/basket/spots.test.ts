import { gramsPerStroke, HOT_SPOTS, offsetOf, spotAdvice, spotFactor, spotName } from './index.js';

const basket = { kind: 'rectangle', widthMm: 240, depthMm: 240 } as const;
const BACK_HOT = [3, 3, 3, 2, 2, 2, 1, 1, 1];

describe('the bread test', () => {
  test('a basket that was not tested browns alike everywhere', () => {
    expect(spotFactor({ basket }, 100, -100)).toBe(1);
    expect(spotAdvice(undefined)).toBe('');
    expect(spotAdvice(Array<number>(HOT_SPOTS).fill(2))).toBe('');
  });

  test('a hot back browns faster there, steadily toward the front, and asks for a turn', () => {
    const fryer = { basket, hotSpots: BACK_HOT };
    const down = [-100, -40, 0, 40, 100].map((y) => spotFactor(fryer, 0, y));
    expect(down).toEqual([...down].sort((a, b) => b - a));
    expect(down[0]).toBeGreaterThan(1.3);
    expect(spotFactor(fryer, -90, 0)).toBeCloseTo(spotFactor(fryer, 90, 0), 9);
    expect(spotAdvice(BACK_HOT)).toBe(
      'The back browns fastest, the front slowest: turn the basket round at half time.',
    );
  });

  test('a hot right side, a hot middle and a hot rim each get their own advice', () => {
    expect(spotAdvice([1, 2, 3, 1, 2, 3, 1, 2, 3])).toMatch(/^The right browns fastest, the left/);
    expect(spotAdvice([2, 2, 2, 2, 4, 2, 2, 2, 2])).toMatch(/^The middle browns fastest/);
    expect(spotAdvice([3, 3, 3, 3, 1, 3, 3, 3, 3])).toMatch(/^The rim browns fastest/);
  });

  test('slices are named as seen from the front', () => {
    expect([0, 1, 4, 5, 8].map(spotName)).toEqual(['back left', 'back', 'middle', 'right', 'front right']);
  });
});

describe('what is measured of a fryer and a sprayer', () => {
  test('the thermostat is off by the mean of the readings', () => {
    expect(offsetOf([])).toBe(0);
    expect(
      offsetOf([
        { setC: 180, readC: 187 },
        { setC: 200, readC: 205 },
      ]),
    ).toBe(6);
  });

  test('ten strokes that took 2.1 g give 0.21 g a stroke', () =>
    expect(gramsPerStroke(251.3, 249.2, 10)).toBeCloseTo(0.21, 9));
  test('no stroke, or a bottle that got heavier, is refused in words', () => {
    expect(() => gramsPerStroke(250, 248, 0)).toThrow(/at least one stroke/);
    expect(() => gramsPerStroke(248, 250, 10)).toThrow(/must weigh less/);
  });
});
