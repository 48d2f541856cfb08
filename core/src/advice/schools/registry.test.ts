import { BREADED_PLAN, NO_LIMITS, PLAIN_FRYER, slabsOf, spec } from '../../../testing/plain.js';
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
      if (id !== 'size') expect(changed.dish.count).toBe(now.dish.count);
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

describe('questions of a dish of its own', () => {
  const sides = (id: SchoolId, situation: Situation): [string, boolean][] =>
    SCHOOLS[id].options.map((o) => [o.id, o.holds(situation)]);
  const taken = (id: SchoolId, side: string, situation: Situation) =>
    SCHOOLS[id].options.find((o) => o.id === side)!.apply(situation);

  test('bite-size gives more pieces of the same food than large', () => {
    const dish = { ...now.dish, bought: { unit: 'breast', amount: 4, cut: 'strips' as const, sizeMm: 22 } };
    const small = taken('size', 'small', { ...now, dish })!;
    expect(small.dish.bought).toMatchObject({ sizeMm: 12, amount: 4 });
    expect(small.dish.count).toBeGreaterThan(20);
  });

  test('dredged twice, flour and wash stand twice under the same crumbs, and once again they are gone', () => {
    const twice = taken('dredge', 'twice', now)!;
    expect(twice.plan.layers).toHaveLength(now.plan.layers.length + 2);
    expect(twice.plan.layers.at(-1)).toEqual(now.plan.layers.at(-1));
    expect(taken('dredge', 'once', { ...now, ...twice })!.plan.layers).toEqual(now.plan.layers);
  });

  test('cheese in the crumbs goes on at the end, and back', () => {
    const layers = [...BREADED_PLAN.layers.slice(0, 2), spec(['coarse-crumbs', 50], ['hard-cheese', 30])];
    const inside = { ...now, plan: { ...BREADED_PLAN, layers } };
    expect(sides('cheese', inside)).toEqual([
      ['in', true],
      ['late', false],
    ]);
    const late = taken('cheese', 'late', inside)!;
    expect(late.plan.making?.later).toEqual([{ ingredientId: 'hard-cheese', grams: 30 }]);
    expect(taken('cheese', 'in', { ...now, ...late })!.plan.layers).toEqual(layers);
  });

  test('all the salt of the coat goes into the layer that is chosen', () => {
    const layers = [spec(['wheat-flour', 60], ['salt', 4]), ...BREADED_PLAN.layers.slice(1)];
    const salted = { ...now, plan: { ...BREADED_PLAN, layers } };
    const crumbs = taken('season', 'crumbs', salted)!;
    expect(crumbs.plan.layers.map((l) => l.portions.some((p) => p.ingredientId === 'salt'))).toEqual([
      false,
      false,
      true,
    ]);
  });

  test('a tossed sauce is brushed instead, and frozen bare becomes frozen coated', () => {
    const beside = [{ name: 'Sauce', use: 'tossed' as const, portions: [{ ingredientId: 'honey', grams: 90 }] }];
    const brushed = taken('sauce-how-much', 'brushed', { ...now, dish: { ...now.dish, beside } })!;
    expect(brushed.dish.beside![0].use).toBe('brushed');
    const frozen = { ...now, dish: slabsOf('chicken-breast', { preparation: 'frozen', startC: -18 }) };
    expect(sides('freezing', frozen)[0]).toEqual(['bare', true]);
    expect(taken('freezing', 'coated', frozen)!.plan.making?.frozen).toBe(true);
  });
});
