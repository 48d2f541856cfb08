import { gramsPerStroke } from '@yellowmist/core';
import { check } from './check.js';
import { RANGES } from './ranges.js';
import { weighingSchema, type Weighing } from './schemas/index.js';

const errorsOf = (weighing: Partial<Weighing>): string[] => {
  const checked = check<Weighing>(weighingSchema, weighing);
  return checked.ok ? [] : checked.errors.map((e) => e.message);
};

describe('a sprayer weighed before and after', () => {
  test('passes where it comes to grams that a sprayer can give', () => {
    const weighing = { beforeG: 250, afterG: 248.1, strokes: 10 };
    expect(errorsOf(weighing)).toEqual([]);
    const grams = gramsPerStroke(weighing.beforeG, weighing.afterG, weighing.strokes);
    expect(grams).toBeGreaterThan(RANGES.gPerStroke.min);
    expect(grams).toBeLessThan(RANGES.gPerStroke.max);
  });

  test.each<[Partial<Weighing>, RegExp]>([
    [{ beforeG: 250, afterG: 260, strokes: 10 }, /must weigh less after the strokes/],
    [{ beforeG: 250, afterG: 250, strokes: 10 }, /must weigh less after the strokes/],
    [{ beforeG: 250, afterG: 248, strokes: 0 }, /at least one stroke/],
    [{ beforeG: 250, afterG: 100, strokes: 1 }, /no sprayer's: 0\.01 to 5 g/],
    [{ beforeG: 250, afterG: 248, strokes: 2.5 }, /strokes/],
    [{ afterG: 248, strokes: 10 }, /beforeG/],
  ])('%j is refused in a sentence', (weighing, sentence) => {
    expect(errorsOf(weighing).join(' ')).toMatch(sentence);
  });
});
