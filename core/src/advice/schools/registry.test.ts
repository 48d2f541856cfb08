import { BREADED_PLAN, NO_LIMITS, PLAIN_FRYER, slabsOf } from '../../../testing/plain.js';
import { KNOWN } from '../../foods/index.js';
import { SCHOOLS, schoolsFor, type SchoolId } from './registry.js';
import type { Situation } from './school.js';

const now: Situation = {
  pantry: KNOWN,
  fryer: PLAIN_FRYER,
  limits: NO_LIMITS,
  dish: slabsOf('chicken-breast'),
  plan: BREADED_PLAN,
};

describe.each(Object.keys(SCHOOLS) as SchoolId[])('%s', (id) => {
  const { question, options } = SCHOOLS[id];

  test('is a question with two sides or more, each with its reason', () => {
    expect(question.endsWith('?')).toBe(true);
    expect(options.length).toBeGreaterThanOrEqual(2);
    expect(new Set(options.map((o) => o.id)).size).toBe(options.length);
    for (const { label, reason } of options) {
      expect(label).not.toBe('');
      expect(reason.length).toBeGreaterThan(20);
    }
  });

  test('a side that is taken holds from then on, and changes nothing else of who eats', () => {
    for (const option of options) {
      const changed = option.apply(now);
      if (!changed || option.holds(now)) continue;
      expect(option.holds({ ...now, ...changed })).toBe(true);
      expect(changed.dish.foodId).toBe(now.dish.foodId);
      expect(changed.dish.count).toBe(now.dish.count);
    }
  });

  test('no more than one side holds at a time', () => {
    expect(options.filter((o) => o.holds(now)).length).toBeLessThanOrEqual(1);
  });
});

test('only questions that this dish leaves open are asked', () => {
  const asked = schoolsFor(now);
  expect(asked.length).toBeGreaterThan(3);
  expect(asked.map((s) => s.id)).not.toContain('vegetable');
  for (const { options } of asked) expect(options.some((o) => o.holds(now))).toBe(true);
});
