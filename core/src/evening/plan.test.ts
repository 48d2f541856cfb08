import { KNOWN } from '../foods/index.js';
import { isEmpty, plain, Refusal } from '../units/index.js';
import { eveningWith, fourDishes, paper, planned } from '../../testing/evenings.js';
import { PACES, paceOf } from './pace.js';
import { crispLost } from './schedule/standing.js';
import { searchSchedule } from './schedule/search.js';
import { coatSeconds } from './tasks/coating.js';
import { TASK_KINDS, type Cooked, type EveningDish, type EveningPlan, type Task } from './types.js';

const { plants, cheese, fish, chicken } = fourDishes();
const one = (plan: EveningPlan, d: EveningDish, kind: Task['kind']): Task =>
  plan.tasks.find((t) => t.dishId === d.id && t.kind === kind)!;
const all = (plan: EveningPlan, kind: Task['kind']): Task[] => plan.tasks.filter((t) => t.kind === kind);
const firstMin = (plan: EveningPlan): number => Math.min(...plan.tasks.filter((t) => !t.ahead).map((t) => t.fromMin));

describe('the work of one dish', () => {
  const plan = planned(eveningWith([chicken]));

  test('goes through every stage in the order of the work, each with its reason', () => {
    const stages = ['cut', 'coat', 'rest', 'oil', 'load', 'cook', 'check', 'unload', 'serve'] as const;
    const begins = stages.map((kind) => one(plan, chicken, kind).fromMin);
    expect(begins).toEqual([...begins].sort((a, b) => a - b));
    const coat = one(plan, chicken, 'coat');
    for (const mix of all(plan, 'mix')) expect(mix.toMin).toBeLessThanOrEqual(coat.fromMin + 1e-6);
    for (const t of plan.tasks) expect([t.id, isEmpty(t.reason), isEmpty(t.text)]).toEqual([t.id, false, false]);
    expect(new Set(plan.tasks.map((t) => t.id)).size).toBe(plan.tasks.length);
    for (const t of plan.tasks) expect(TASK_KINDS).toContain(t.kind);
  });

  test('needs hands for the turn, at its minute and for 20–60 s, and none while it cooks', () => {
    const [cook, look] = [one(plan, chicken, 'cook'), one(plan, chicken, 'look')];
    expect(look.fromMin - cook.fromMin).toBeCloseTo(chicken.cooked.plan.settings.turnAtMin!, 6);
    expect((look.toMin - look.fromMin) * 60).toBeGreaterThanOrEqual(20 - 1e-9);
    expect((look.toMin - look.fromMin) * 60).toBeLessThanOrEqual(60 + 1e-9);
    expect([cook.cook, look.cook]).toEqual([null, 0]);
  });

  test('rests on the rack between the fryer and the table, and poultry is checked at its safe minimum', () => {
    const out = one(plan, chicken, 'unload');
    expect(one(plan, chicken, 'serve').fromMin - out.toMin).toBeGreaterThanOrEqual(3);
    expect(plain(one(plan, chicken, 'check').text)).toMatch(/^Check the centre of the thickest piece: 74 °C or more/);
  });

  test('hands are washed right after the raw coat', () => {
    const wash = all(plan, 'wash').find((t) => t.dishId === chicken.id)!;
    const coat = plan.tasks.filter((t) => t.dishId === chicken.id && t.kind === 'coat');
    expect(wash.fromMin).toBeCloseTo(Math.max(...coat.map((t) => t.toMin)), 6);
    expect(plain(wash.text)).toMatch(/raw poultry/);
  });
});

describe('how long work takes', () => {
  test('a piece takes 8 to 25 s through its bowls, more with more of them and with a fork (common practice, no source)', () => {
    const seconds = coatSeconds(chicken, paceOf());
    expect(seconds).toBeGreaterThanOrEqual(8);
    expect(seconds).toBeLessThanOrEqual(25);
    expect(coatSeconds(plants, paceOf())).toBeLessThan(seconds);
    const forked: EveningDish = {
      ...chicken,
      cooked: { ...chicken.cooked, plan: { ...chicken.cooked.plan, station: { handling: 'fork', surplus: 1 } } },
    };
    expect(coatSeconds(forked, paceOf())).toBeGreaterThan(seconds);
  });

  test('every pace lies within what it may be changed to, and a slower kitchen begins sooner', () => {
    for (const { id, value, min, max } of PACES) expect([id, value >= min && value <= max]).toEqual([id, true]);
    const slow = planned(eveningWith([chicken], { pace: paceOf({ coatPieceS: 25, mixBowlMin: 4 }) }));
    expect(firstMin(slow)).toBeLessThan(firstMin(planned(eveningWith([chicken]))) - 5);
  });
});

describe('the evening', () => {
  test('comes out the same for the same input, and counts its work', () => {
    const asked = eveningWith([plants, chicken]);
    const [a, b] = [planned(asked), planned(asked)];
    expect(a.tasks).toEqual(b.tasks);
    expect(a.tried).toBeGreaterThan(100);
    const hands = a.tasks.filter((t) => t.cook === 0).reduce((sum, t) => sum + t.toMin - t.fromMin, 0);
    expect(a.busy.cooks[0]).toBeCloseTo(hands, 6);
  });

  test('all pieces are crisper at the table than when the dishes are cooked in the order of the list', () => {
    const evenings: EveningDish[][] = [
      [plants, cheese, fish, chicken],
      [chicken, fish, plants],
      [cheese, chicken, paper(plants, 'okra', { batches: 3, minutes: 9, softensBy: 0.02 })],
    ];
    for (const dishes of evenings) {
      const asked = eveningWith(dishes);
      const byList = searchSchedule(
        { ...asked, options: Object.fromEntries(dishes.map((d) => [d.id, { again: false }])) },
        KNOWN,
        new Map(dishes.map((d) => [d.id, [d.cooked]])),
        { effort: 0 },
      ).found;
      const [ours, theirs] = [crispLost(planned(asked).table), crispLost(byList.table)];
      expect(ours.softPieces).toBeLessThanOrEqual(theirs.softPieces);
      expect(ours.lost).toBeLessThan(theirs.lost);
    }
  });

  test('a second pair of hands begins later, and one that leaves the knife to others never cuts', () => {
    const dishes = [plants, fish, chicken];
    const alone = planned(eveningWith(dishes));
    const cooks = [{ name: 'Ines' }, { name: 'Tobi', leaves: ['cut' as const, 'wash' as const] }];
    const two = planned(eveningWith(dishes, { cooks }));
    expect(firstMin(two)).toBeGreaterThan(firstMin(alone));
    expect(two.tasks.filter((t) => t.cook === 1).map((t) => t.kind)).not.toContain('cut');
    expect(two.tasks.filter((t) => t.cook === 1).length).toBeGreaterThan(3);
  });

  test('begun as soon as it can be, it is shorter or as short as worked back from a table', () => {
    const dishes = [plants, chicken];
    const now = planned(eveningWith(dishes, { tableInMin: null }));
    expect(-firstMin(now)).toBeLessThanOrEqual(-firstMin(planned(eveningWith(dishes))) + 0.3);
    expect(now.lateMin).toBe(0);
  });

  test('no dish and no hands are refused in a sentence', () => {
    expect(() => planned(eveningWith([]))).toThrow(Refusal);
    expect(() => planned(eveningWith([plants], { cooks: [] }))).toThrow(/at least one pair of hands/);
  });

  test('buns are warmed in the fryer of their dish when it is out of it', () => {
    const plan = planned(eveningWith([fish], { options: { fish: { buns: true } } }));
    const warm = one(plan, fish, 'warm');
    expect(warm.fryer).toBe('Drawer');
    expect(warm.toMin - warm.fromMin).toBe(2);
    expect(warm.fromMin).toBeGreaterThanOrEqual(Math.max(...all(plan, 'unload').map((t) => t.toMin)) - 1e-6);
  });
});

describe('what is done ahead', () => {
  test('sauces two to three hours before (common practice, no source)', () => {
    const plan = planned(eveningWith([plants], { options: { plants: { ahead: ['sauces'] } } }));
    const sauce = one(plan, plants, 'sauce');
    expect(sauce.ahead).toBe(true);
    expect(-sauce.fromMin).toBeGreaterThanOrEqual(120);
    expect(-sauce.fromMin).toBeLessThanOrEqual(180);
  });

  const frozen: Cooked = {
    ...fish.cooked,
    plan: {
      ...fish.cooked.plan,
      making: { frozen: true },
      settings: { ...fish.cooked.plan.settings, minutes: 17 },
    },
  };
  const otherwise = (_: string, how: { frozen?: boolean }): Cooked | null => (how.frozen ? frozen : null);

  test('coated, oiled and frozen the day before, bagged after 4–6 h, and cooked from frozen with nothing to coat', () => {
    const plan = planned(eveningWith([fish], { options: { fish: { ahead: ['frozen'] } }, otherwise }));
    const ahead = plan.tasks.filter((t) => t.ahead);
    expect(ahead.map((t) => t.kind)).toEqual(expect.arrayContaining(['cut', 'mix', 'coat', 'oil', 'rest', 'prepare']));
    expect(Math.min(...ahead.map((t) => t.fromMin))).toBeLessThanOrEqual(-20 * 60);
    const freezing = ahead.find((t) => t.takes.place === 'freezer')!;
    expect((freezing.toMin - freezing.fromMin) / 60).toBeGreaterThanOrEqual(4);
    const evening = plan.tasks.filter((t) => !t.ahead).map((t) => t.kind);
    for (const kind of ['cut', 'mix', 'coat', 'oil']) expect(evening).not.toContain(kind);
    const cook = one(plan, fish, 'cook');
    expect(cook.toMin - cook.fromMin).toBe(17);
  });

  test('a plan that freezes its coated pieces is begun the day before, whether anybody said so or not', () => {
    const plan = planned(eveningWith([{ ...fish, cooked: frozen }]));
    const coats = plan.tasks.filter((t) => t.kind === 'coat');
    expect(coats.every((t) => t.ahead)).toBe(true);
    expect(Math.max(...coats.map((t) => t.toMin))).toBeLessThan(-6 * 60);
  });

  test('what never gets hot from frozen is cooked fresh, and says so', () => {
    const plan = planned(eveningWith([fish], { options: { fish: { ahead: ['frozen'] } } }));
    expect(plan.warnings.map((w) => w.about)).toContain('ahead');
    expect(plan.tasks.filter((t) => t.ahead)).toEqual([]);
    expect(plan.tasks.some((t) => t.kind === 'coat')).toBe(true);
  });
});
