import { programmeFor } from '../../testing/cooks.js';
import { cookedDish, DRAWER, fourDishes, OVEN } from '../../testing/evenings.js';
import { BREADED } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { headOf } from './heads.js';
import { corrected, livePlan, stateOf, type CookEvent, type Programme, type Step } from './index.js';

/** Programmes of dishes that are not cooked in one go: sauced and cooked on, two temperatures, two racks. */

const SAUCE = { portions: [{ ingredientId: 'yoghurt', grams: 60 }] };
const sauced = cookedDish('sauced', {
  foodId: 'halloumi',
  layers: BREADED,
  dish: { count: 6 },
  plan: { second: { sauce: SAUCE, sauceGm2: 60, coolMin: 3, tempC: 180, minutes: 5 } },
});
const twoHeats = cookedDish('two heats', {
  foodId: 'cod',
  layers: BREADED,
  dish: { count: 6 },
  plan: { second: { sauce: null, sauceGm2: 0, coolMin: 0, tempC: 170, minutes: 4 } },
});
const racked = cookedDish('racked', {
  foodId: 'halloumi',
  layers: BREADED,
  fryer: OVEN,
  dish: { count: 24 },
  plan: {
    settings: {
      ...fourDishes().cheese.cooked.plan.settings,
      tempC: 190,
      minutes: 13,
      turnAtMin: 6,
      swapEveryMin: 4,
    },
  },
});

const of = (programme: Programme, kind: Step['kind'], n = 0): Step => programme.steps.filter((s) => s.kind === kind)[n];
const PACE = { startedMs: 0, rate: 1 };
const done = (step: string, atS: number): CookEvent => ({
  id: `${step} ${atS}`,
  atMs: atS * 1000,
  by: 'cook',
  what: 'done',
  step,
});
/** Every step that hands do before `last`, at the times of the plan. */
const upTo = ({ steps }: Programme, last: Step): CookEvent[] =>
  steps
    .slice(0, steps.indexOf(last))
    .filter((s) => s.cook !== null)
    .map((s) => done(s.id, s.toS));

describe('every programme', () => {
  test.each([
    ['sauced', programmeFor([sauced])],
    ['two heats', programmeFor([twoHeats])],
    ['racked', programmeFor([racked])],
  ])('of %s waits for nothing that it does not have, nor for what comes later', (_, { steps }) => {
    const at = new Map(steps.map((s, k) => [s.id, k]));
    for (const [k, step] of steps.entries()) {
      expect(step.head).not.toBe('');
      expect(step.toS).toBeGreaterThanOrEqual(step.fromS);
      for (const id of step.after) expect([step.id, id, at.get(id)! < k]).toEqual([step.id, id, true]);
    }
    expect(steps[0].fromS).toBe(0);
  });
});

describe('a dish that is sauced and cooked on', () => {
  const programme = programmeFor([sauced]);
  const [first, second] = programme.steps.filter((s) => s.kind === 'load');

  test('is loaded twice, each time with its own setting', () => {
    expect(first.set).toEqual({ tempC: 190, minutes: 11 });
    expect(second.set).toEqual({ tempC: 180, minutes: 5 });
  });

  test('is in its fryer from the first load on, and out with its last unloading', () => {
    const [batch] = programme.batches;
    const unloads = programme.steps.filter((s) => s.kind === 'unload' && s.batch === batch.key);
    expect(unloads.length).toBeGreaterThan(1);
    const between = [...upTo(programme, unloads[0]), done(unloads[0].id, unloads[0].toS)];
    expect(stateOf(programme, PACE, between).batches.get(batch.key)!.outS).toBeNull();
    const end = [...between, done(unloads.at(-1)!.id, unloads.at(-1)!.toS)];
    expect(stateOf(programme, PACE, end).batches.get(batch.key)!.outS).toBe(unloads.at(-1)!.toS);
  });

  test('its first cook is over when it is taken out, and its second one runs when it is back in', () => {
    const events = [...upTo(programme, second), done(second.id, second.toS)];
    const live = livePlan(programme, stateOf(programme, PACE, events), new Map(), second.toS + 30);
    const timers = live.timers.map((t) => t.step.kind);
    expect(timers).toContain('second');
    expect(timers).not.toContain('cook');
  });
});

describe('a fryer that heats first', () => {
  const programme = programmeFor([fourDishes().plants]);
  test('heats while its batch is oiled: the oil waits for no heat, and the load for both', () => {
    const [heats] = programme.steps.filter((s) => s.kind === 'preheat' && s.cook === null);
    const oil = of(programme, 'oil');
    const load = of(programme, 'load');
    expect(oil.after).not.toContain(heats.id);
    expect(load.after).toEqual(expect.arrayContaining([oil.id, heats.id]));
    expect(oil.fromS).toBeLessThan(heats.toS);
  });
});

describe('a dish that is sauced between two cooks', () => {
  const programme = programmeFor([sauced]);
  const [batch] = programme.batches;
  const [out] = programme.steps.filter((s) => s.kind === 'unload');

  test('does not lie in its fryer while it is sauced: what is tapped of it then is kept, and said', () => {
    const events: CookEvent[] = [
      ...upTo(programme, out),
      done(out.id, out.toS),
      { id: 'seen', atMs: (out.toS + 20) * 1000, by: 'cook', what: 'seen', batch: batch.key, saw: 'darker', shown: 1 },
      {
        id: 'read',
        atMs: (out.toS + 25) * 1000,
        by: 'device',
        what: 'reading',
        fryer: batch.fryer.name,
        centreC: 60,
        airC: 90,
        battery: 1,
      },
    ];
    const state = stateOf(programme, PACE, events);
    expect(state.batches.get(batch.key)).toMatchObject({ ins: 1, outs: 1, outS: null, seen: [], evidence: [] });
    expect(plain(state.notes[0].text)).toMatch(/is not in Drawer now/);
  });

  test('going back puts it into its fryer again', () => {
    const back: CookEvent = { id: 'back', atMs: (out.toS + 30) * 1000, by: 'cook', what: 'undone', step: out.id };
    const state = stateOf(programme, PACE, [...upTo(programme, out), done(out.id, out.toS), back]);
    expect(state.batches.get(batch.key)).toMatchObject({ ins: 1, outs: 0 });
  });
});

describe('a dish of two temperatures', () => {
  const programme = programmeFor([twoHeats]);
  const second = of(programme, 'second');

  test('goes on by itself: nobody opens it between', () => {
    const cook = of(programme, 'cook');
    expect(second.cook).toBeNull();
    const load = of(programme, 'load');
    const events = [...upTo(programme, load), done(load.id, load.toS)];
    const live = livePlan(
      programme,
      stateOf(programme, PACE, events),
      new Map(),
      load.toS + (cook.toS - cook.fromS) + 30,
    );
    const [timer] = live.timers.filter((t) => t.step.kind === 'second');
    expect(timer.leftS).toBeCloseTo(second.toS - second.fromS - 30, 0);
  });

  test('what is changed of it is changed of its end', () => {
    const load = of(programme, 'load');
    const events: CookEvent[] = [
      ...upTo(programme, load),
      done(load.id, load.toS),
      {
        id: 'more',
        atMs: (load.toS + 60) * 1000,
        by: 'cook',
        what: 'time',
        batch: programme.batches[0].key,
        byS: 120,
      },
    ];
    const state = stateOf(programme, PACE, events);
    const live = livePlan(programme, state, corrected(KNOWN, programme, state), load.toS + 60);
    const lasts = (kind: Step['kind']): number => {
      const s = live.steps.find((x) => x.step.kind === kind)!;
      return s.toS - s.fromS;
    };
    const planned = (kind: Step['kind']): number => of(programme, kind).toS - of(programme, kind).fromS;
    expect(lasts('cook')).toBeCloseTo(planned('cook'), 0);
    expect(lasts('second')).toBeCloseTo(planned('second') + 120, 0);
  });
});

describe('a dish on two racks', () => {
  const programme = programmeFor([racked]);
  const looks = programme.steps.filter((s) => s.kind === 'look');
  const checks = (step: Step): string => step.checks.map(plain).join(' ');

  test('says at a swap that racks change places, and at its turn alone how it is turned', () => {
    const turn = looks.find((s) => s.turns)!;
    const swap = looks.find((s) => !s.turns)!;
    expect(checks(turn)).toMatch(/thin, flat turner/);
    expect(checks(swap)).toMatch(/Upper rack down, lower rack up/);
    expect(checks(swap)).not.toMatch(/turner/);
  });

  test('steam is warned of once, at the first opening', () => {
    const warned = programme.steps.filter((s) => s.cautions.some((c) => /^Steam/.test(plain(c))));
    expect(warned.map((s) => s.id)).toEqual([looks[0].id]);
  });

  test('a swap counts as an opening, and is not taken for the turn', () => {
    const swap = looks.find((s) => !s.turns)!;
    const events = [...upTo(programme, swap), done(swap.id, swap.toS)];
    const state = stateOf(programme, PACE, events).batches.get(programme.batches[0].key)!;
    expect(state.openedS).toHaveLength(1);
  });
});

describe('the head of a step', () => {
  const programme = programmeFor([fourDishes().plants]);
  const batch = programme.batches[1];
  const task = (kind: Step['kind']) => ({ kind, fryer: DRAWER.name }) as Parameters<typeof headOf>[0];
  test.each([
    ['load', 'Okra, batch 2 into Drawer'],
    ['unload', 'Okra, batch 2 out of Drawer'],
    ['look', 'Open Drawer: okra, batch 2'],
    ['check', 'Centre of okra, batch 2'],
    ['serve', 'Serve okra'],
    ['preheat', 'Heat Drawer, empty'],
  ] as const)('of %s is “%s”', (kind, head) => expect(headOf(task(kind), 'Okra', batch)).toBe(head));
  test('of a dish of one batch does not number it', () =>
    expect(headOf(task('load'), 'Okra', { ...batch, of: 1 })).toBe('Okra into Drawer'));
});
