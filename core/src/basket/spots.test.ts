import {
  HOT_SPOTS,
  offsetOf,
  spotAdvice,
  spotFactor,
  spotFactorTurned,
  spotName,
  spotsApart,
  turningHelps,
} from './index.js';

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

describe('the basket turned round', () => {
  test('a hot back is evened out by turning, a hot middle is not', () => {
    const { hottest, coolest } = spotsApart(BACK_HOT, false);
    expect([hottest.name, coolest.name]).toEqual(['back left', 'front left']);
    const turned = spotsApart(BACK_HOT, true);
    expect(turned.hottest.factor / turned.coolest.factor).toBeLessThan(1.15);
    expect(turningHelps(BACK_HOT)).toBe(true);
    expect(turningHelps([2, 2, 2, 2, 4, 2, 2, 2, 2])).toBe(false);
    expect(turningHelps(undefined)).toBe(false);
  });

  test('each place has then browned as long as its opposite', () =>
    expect(spotFactorTurned({ basket, hotSpots: BACK_HOT }, 30, -90)).toBeCloseTo(
      spotFactorTurned({ basket, hotSpots: BACK_HOT }, -30, 90),
      9,
    ));
});

describe('what is measured of a fryer', () => {
  test('the thermostat is off by the mean of the readings', () => {
    expect(offsetOf([])).toBe(0);
    expect(
      offsetOf([
        { setC: 180, readC: 187 },
        { setC: 200, readC: 205 },
      ]),
    ).toBe(6);
  });
});
