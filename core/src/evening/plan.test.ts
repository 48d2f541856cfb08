import { KNOWN } from '../foods/index.js';
import { isEmpty, plain, Refusal } from '../units/index.js';
import { DRAWER, eveningWith, fourDishes, OVEN, paper, planned } from '../../testing/evenings.js';
import { againAfter, afterMinutes, coolness, crispFor, isSoft } from './crisp.js';
import { PACES, paceOf } from './pace.js';
import { crispLost } from './schedule/standing.js';
import { searchSchedule } from './schedule/search.js';
import { coatSeconds } from './tasks/coating.js';
import { splitOver } from './tasks/batches.js';
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

describe('one dish over two machines, two dishes in one', () => {
  const there = { ...plants.cooked, fryer: OVEN };
  const large = paper(plants, 'okra', { batches: 4, pieces: 6, minutes: 10 });

  test('pieces are dealt out so that both are done as early as can be', () => {
    const batches = splitOver(large, large.cooked, { ...large.cooked, fryer: OVEN });
    expect(batches.reduce((sum, b) => sum + b.pieces, 0)).toBe(24);
    expect(batches.filter((b) => b.cooked.fryer.name === 'Oven')).toHaveLength(2);
    expect(batches.map((b) => b.number)).toEqual([1, 2, 3, 4]);
  });

  test('it is done sooner in both, and stays where the other does not take it', () => {
    const otherwise = (): Cooked => ({ ...large.cooked, fryer: OVEN });
    const options = { okra: { fryer: 'both' } };
    const both = planned(eveningWith([large], { options, otherwise }));
    const wait = (plan: EveningPlan): number => Math.max(...plan.table.map((b) => b.eatenMin - b.readyMin));
    expect(wait(both)).toBeLessThan(wait(planned(eveningWith([large]))) - 10);
    const none = planned(eveningWith([large], { options }));
    expect(none.warnings.map((w) => w.about)).toContain('fryer');
    expect(none.table.every((b) => b.fryer === DRAWER.name)).toBe(true);
  });

  test('two whose settings are close lie in one: one cook, each on the table with what it costs', () => {
    const [a, b] = [
      paper(cheese, 'host', { minutes: 12, fryer: OVEN }),
      paper(cheese, 'guest', { minutes: 11, fryer: OVEN }),
    ];
    const otherwise = (): Cooked => ({ ...b.cooked, load: { ...b.cooked.load, racksUsed: 1 }, fresh: 0.8 });
    const plan = planned(eveningWith([a, b], { options: { guest: { with: 'host' } }, otherwise }));
    expect(all(plan, 'cook')).toHaveLength(1);
    const trays = [{ widthMm: 400, depthMm: 300 }];
    const tight = planned(eveningWith([a, b], { options: { guest: { with: 'host' } }, otherwise, trays, bowls: 3 }));
    expect(all(tight, 'cook')).toHaveLength(1);
    expect(plan.table.map((x) => x.dishId).sort()).toEqual(['guest', 'host']);
    expect(plan.table[1].readyMin).toBe(plan.table[0].readyMin);
    expect(plan.warnings.map((w) => plain(w.text))).toContainEqual(
      expect.stringMatching(/guest lies with host, .*costs it about 20 % of its crispness/),
    );
  });

  test('two that are too far apart stay apart, and so does what harms a guest', () => {
    const far = paper(cheese, 'guest', { minutes: 20, fryer: OVEN });
    const host = paper(cheese, 'host', { minutes: 9, fryer: OVEN });
    const options = { guest: { with: 'host' } };
    const plan = planned(eveningWith([host, far], { options, otherwise: () => far.cooked }));
    expect(all(plan, 'cook')).toHaveLength(2);
    expect(plan.warnings.map((w) => plain(w.text)).join()).toMatch(/settings are too far apart/);
    const guests = [{ name: 'Mara', avoidAllergens: ['milk' as const], diets: [] }];
    const near = { ...paper(fish, 'guest', { minutes: 9, fryer: OVEN }) };
    const kept = planned(eveningWith([host, near], { options, guests, otherwise: () => near.cooked }));
    expect(all(kept, 'cook')).toHaveLength(2);
    expect(there.fryer.name).toBe('Oven');
  });
});

describe('how a crust waits', () => {
  const curve = [0.8, 0.76, 0.7, 0.6, 0.5, 0.4];

  test('between its minutes along a line, beyond them it goes on falling, and never below nothing', () => {
    expect(afterMinutes(curve, 0.5)).toBeCloseTo(0.78, 9);
    expect(afterMinutes(curve, 7)).toBeCloseTo(0.24, 9);
    expect(afterMinutes(curve, 60)).toBe(0);
    expect(crispFor(curve)).toBe(5);
    expect([isSoft(0.47, 0.8), isSoft(0.49, 0.8)]).toEqual([true, false]);
  });

  test('crisped again it comes near what it was, the less the longer it has waited: each simulated', () => {
    const { again, fresh, onRack } = chicken.cooked;
    expect(again.length).toBeGreaterThan(1);
    expect(againAfter(chicken.cooked, 20).crispness).toBeGreaterThan(afterMinutes(onRack, 20));
    expect(againAfter(chicken.cooked, 20).crispness).toBeLessThanOrEqual(fresh + 0.05);
    const warm = again.map((a) => a.centreC);
    expect(warm).toEqual([...warm].sort((a, b) => b - a));
  });

  test('a piece is hot at the table from 50 °C on, and cold at 25', () => {
    expect([coolness(60), coolness(50), coolness(25), coolness(10)]).toEqual([0, 0, 1, 1]);
  });
});
