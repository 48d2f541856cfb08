import { plain } from '../units/index.js';
import { eveningWith, fourDishes, paper, planned } from '../../testing/evenings.js';
import type { EveningDish, EveningPlan, Task } from './types.js';

const { plants, fish, chicken } = fourDishes();
const one = (plan: EveningPlan, d: EveningDish, kind: Task['kind']): Task =>
  plan.tasks.find((t) => t.dishId === d.id && t.kind === kind)!;
const all = (plan: EveningPlan, kind: Task['kind']): Task[] => plan.tasks.filter((t) => t.kind === kind);
const firstMin = (plan: EveningPlan): number => Math.min(...plan.tasks.filter((t) => !t.ahead).map((t) => t.fromMin));

describe('what cannot be', () => {
  test('a table that is too soon: when it can be, why, and the change that brings it nearest', () => {
    const plan = planned(eveningWith([plants, fish, chicken], { tableInMin: 20 }));
    expect(plan.lateMin).toBeCloseTo(-firstMin(plan) - 20, 6);
    const [not] = plan.cannot;
    expect(plain(not.why)).toMatch(/^Not before \d+ min after the table: /);
    expect(not.change).not.toBeNull();
    expect(plain(not.cheapest).length).toBeGreaterThan(10);
  });

  test('more batches than can be cooked safely: it says so, and what would bring it within the limit', () => {
    const many = paper(fish, 'fish', { batches: 9, minutes: 18 });
    const plan = planned(eveningWith([many, plants], { togetherMin: 0 }));
    const not = plan.cannot.find((c) => plain(c.why).startsWith('Not safely in one evening'))!;
    expect(plain(not.why)).toMatch(/13 batches in 1 fryer are too many/);
    expect(plan.warnings.map((w) => w.about)).toContain('cold');
    expect(planned(eveningWith([fish, plants])).cannot).toEqual([]);
  });

  test('a pin is kept, the rest gives way; one that breaks an order says which, and is offered to be let go', () => {
    const free = planned(eveningWith([plants]));
    const cut = one(free, plants, 'cut');
    const sooner = { id: 'plants:cut', beforeMin: -cut.fromMin + 12 };
    const kept = planned(eveningWith([plants], { pins: [sooner] }));
    expect(one(kept, plants, 'cut')).toMatchObject({ fromMin: -sooner.beforeMin, pinned: true });
    expect(kept.cannot).toEqual([]);
    const coat = one(free, plants, 'coat');
    const late = { id: 'plants:cut', beforeMin: -coat.toMin };
    const [not] = planned(eveningWith([plants], { pins: [late] })).cannot;
    expect(not.change).toEqual({ what: 'unpin', id: 'plants:cut' });
    expect(plain(not.why)).toMatch(/^The coating of plants has to begin \d+ minutes? before this would be over\.$/);
  });

  test('a batch is pinned by its cook, also where its fryer is heated first', () => {
    const id = 'plants:batch:1#cook1';
    const at = -one(planned(eveningWith([plants])), plants, 'cook').fromMin + 20;
    const plan = planned(eveningWith([plants], { pins: [{ id, beforeMin: at }] }));
    expect(plan.tasks.find((t) => t.id === id)!.fromMin).toBeCloseTo(-at, 6);
    expect(all(plan, 'preheat').length).toBeGreaterThan(0);
  });

  test('unsafe minutes are warned of first, and wherever they stand', () => {
    const unsafe = { centreC: 61, minimumC: 74 };
    const raw: EveningDish = { ...chicken, unsafe, cooked: { ...chicken.cooked, unsafe } };
    const plan = planned(eveningWith([raw]));
    expect(plan.warnings[0]).toMatchObject({ about: 'unsafe', dishId: 'chicken' });
    expect(plain(one(plan, raw, 'check').text)).toMatch(/Not safe in these minutes: about 61 °C only/);
    expect(plain(one(plan, raw, 'serve').text)).toMatch(/Only if the thermometer/);
  });

  test('a guest for whom nothing is cooked, and a hot kitchen in which raw fish waits too long, are told of', () => {
    const guests = [{ name: 'Mara', avoidAllergens: ['fish' as const], diets: [] }];
    expect(planned(eveningWith([fish], { guests })).warnings.map((w) => w.about)).toContain('guest');
    const many = paper(fish, 'fish', { batches: 6, minutes: 14 });
    const cold = (roomC: number): boolean =>
      planned(eveningWith([many], { roomC })).warnings.some((w) => w.about === 'cold');
    expect([cold(21), cold(34)]).toEqual([false, true]);
  });
});
