import { gramsPerStroke, weighed, type ScaleReading } from './index.js';

const every200 = (grams: readonly number[]): ScaleReading[] => grams.map((g, i) => ({ grams: g, atMs: 200 * i }));

describe('a scale', () => {
  test('is at rest once its readings have agreed for more than a second', () => {
    expect(weighed(every200([251.3, 251.3, 251.4, 251.3]))).toEqual({ state: 'moving' });
    expect(weighed(every200([251.3, 251.3, 251.4, 251.3, 251.3, 251.4, 251.3, 251.3]))).toEqual({
      state: 'steady',
      grams: 251.3,
    });
  });

  test('on its way to a weight it moves, on a shaky table it jumps', () => {
    expect(weighed(every200([0, 60, 120, 190, 230, 245, 250, 251])).state).toBe('moving');
    const shaken = weighed(every200([251, 249, 252, 248.5, 251.6, 249.2, 252.1, 250]));
    expect(shaken).toMatchObject({ state: 'jumping' });
  });

  test('with nothing on it, or nothing read, it is empty', () => {
    expect(weighed([])).toEqual({ state: 'empty' });
    expect(weighed(every200([0, 0, 0.1, 0, 0, 0, 0.1, 0]))).toEqual({ state: 'empty' });
  });
});

describe('a sprayer, weighed', () => {
  test('ten strokes that took 2.1 g give 0.21 g a stroke', () =>
    expect(gramsPerStroke(251.3, 249.2, 10)).toBeCloseTo(0.21, 9));

  test('no stroke, or a bottle that got heavier, is refused in words', () => {
    expect(() => gramsPerStroke(250, 248, 0)).toThrow(/at least one stroke/);
    expect(() => gramsPerStroke(248, 250, 10)).toThrow(/must weigh less/);
  });
});
