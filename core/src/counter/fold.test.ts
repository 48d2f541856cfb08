import fc from 'fast-check';
import { chickenAndOkra, playedThrough, REAL } from '../../testing/cooks.js';
import { plain } from '../units/index.js';
import {
  clockOfCook,
  livePlan,
  momentOfCook,
  notLaterThan,
  recordOf,
  stateOf,
  type CookEvent,
  type CookState,
  type Deed,
} from './index.js';

const P = chickenAndOkra();
const PLAYED = playedThrough(P);
const S = 1000;
let n = 0;
const event = (atS: number, deed: Deed, id = `e${(n += 1)}`): CookEvent => ({
  id,
  atMs: REAL.startedMs + atS * S,
  by: 'cook',
  ...deed,
});
const after = (...events: CookEvent[]): CookState => stateOf(P, REAL, events);
const stepOf = (kind: string, batch?: string): string =>
  P.steps.find((s) => s.kind === kind && (batch === undefined || s.batch === batch))!.id;
const OKRA = P.batches.find((b) => b.dishId === 'plants')!;
const load = (atS: number): CookEvent => event(atS, { what: 'done', step: stepOf('load', OKRA.key) });

/** A state as it can be compared: maps as sorted lists. */
const told = (state: CookState): string =>
  JSON.stringify(state, (_, value: unknown) =>
    value instanceof Map ? [...(value as Map<string, unknown>)].sort() : value,
  );

/** An evening with taps of every kind in it. */
const FULL: CookEvent[] = [
  ...PLAYED,
  event(3000, { what: 'paused' }),
  event(3060, { what: 'resumed' }),
  event(2000, { what: 'late', byS: 300 }),
  event(2100, { what: 'hands', name: 'Wen' }),
  event(1500, { what: 'seen', batch: OKRA.key, saw: 'darker', shown: 0.5, face: 'up' }),
  event(1510, { what: 'time', batch: OKRA.key, byS: 60 }),
  event(1520, { what: 'centre', batch: OKRA.key, centreC: 71 }),
  ...[5, 10, 15].map((s) =>
    event(1200 + s, { what: 'reading', fryer: 'Drawer', centreC: 20 + s, airC: 150, battery: 0.9 }),
  ),
  event(4300, { what: 'undone', step: stepOf('serve') }),
];

describe('a log of taps', () => {
  test('gives the same state in any order, with any of them repeated', () => {
    const one = told(stateOf(P, REAL, FULL));
    fc.assert(
      fc.property(
        fc.shuffledSubarray(FULL, { minLength: FULL.length }),
        fc.subarray(FULL),
        (shuffled, repeated) => told(stateOf(P, REAL, [...shuffled, ...repeated])) === one,
      ),
      { numRuns: 60, seed: 15 },
    );
  });

  test('with any of them lost is still one cook: nothing throws, nothing is in twice, timers are from its own taps', () => {
    fc.assert(
      fc.property(fc.subarray(FULL), fc.integer({ min: 0, max: 6000 }), (kept, nowS) => {
        const state = stateOf(P, REAL, kept);
        const live = livePlan(P, state, new Map(), nowS);
        expect(live.steps).toHaveLength(P.steps.length);
        expect(Number.isFinite(live.tableS)).toBe(true);
        for (const timer of live.timers) {
          if (timer.step.kind !== 'cook') continue;
          const { inS } = state.batches.get(timer.batch!)!;
          expect(inS).not.toBeNull();
          expect(timer.fromS).toBeCloseTo(inS!, 6);
        }
        for (const [, batch] of state.batches) {
          if (batch.outS !== null && batch.inS !== null && state.notes.length === 0)
            expect(batch.outS).toBeGreaterThanOrEqual(batch.inS);
        }
      }),
      { numRuns: 120, seed: 15 },
    );
  });

  test('a timer is right to the second whenever it is looked at', () => {
    const state = after(load(1000));
    for (const nowS of [1000, 1000.4, 1330, 1659.9]) {
      const [timer] = livePlan(P, state, new Map(), nowS).timers.filter((t) => t.step.kind === 'cook');
      expect(timer.leftS).toBeCloseTo(660 - (nowS - 1000), 6);
    }
  });

  test('an event with an id that was heard counts once, whatever it says the second time', () => {
    const once = after(load(1000), event(1100, { what: 'time', batch: OKRA.key, byS: 60 }, 'tap'));
    const twice = after(
      load(1000),
      event(1100, { what: 'time', batch: OKRA.key, byS: 60 }, 'tap'),
      event(1100, { what: 'time', batch: OKRA.key, byS: 60 }, 'tap'),
    );
    expect(twice.batches.get(OKRA.key)!.addedS).toBe(60);
    expect(told(twice)).toBe(told(once));
  });
});

describe('a tap', () => {
  test('that goes back takes a batch out of its fryer again', () => {
    const { step } = load(1) as { step: string };
    const state = after(load(1000), event(1010, { what: 'undone', step }));
    expect(state.batches.get(OKRA.key)!.inS).toBeNull();
    expect(after(load(1000), event(1010, { what: 'undone', step }), load(1040)).batches.get(OKRA.key)!.inS).toBe(1040);
  });

  test('for a batch that is over is kept, said, and changes no minutes', () => {
    const out = event(1700, { what: 'done', step: stepOf('unload', OKRA.key) });
    const late = event(1800, { what: 'time', batch: OKRA.key, byS: 60 });
    const state = after(load(1000), out, late);
    expect(state.batches.get(OKRA.key)!.addedS).toBe(0);
    expect(state.notes).toHaveLength(1);
    expect(plain(state.notes[0].text)).toMatch(/is out already: kept/);
    expect(recordOf(P, REAL, [load(1000), out, late])).toHaveLength(3);
  });

  test('for a batch that is not in yet, and for a step or a batch that there is not, says so', () => {
    const state = after(
      event(10, { what: 'seen', batch: OKRA.key, saw: 'darker' }),
      event(11, { what: 'done', step: 'nowhere' }),
      event(12, { what: 'centre', batch: 'nobody:1', centreC: 60 }),
    );
    expect(state.notes.map((x) => plain(x.text))).toEqual([
      expect.stringMatching(/not in Drawer now/),
      expect.stringMatching(/a step that this cook does not have/),
      expect.stringMatching(/a batch that this cook does not have/),
    ]);
  });

  test('a look at which pieces are turned is their turn; any other is an opening', () => {
    const look = P.steps.find((s) => s.kind === 'look' && s.batch === OKRA.key)!;
    expect(look.turns).toBe(true);
    const state = after(load(1000), event(1320, { what: 'done', step: look.id }));
    expect(state.batches.get(OKRA.key)).toMatchObject({ turnedS: 320, openedS: [] });
  });

  test('the first end is the end', () => {
    const state = after(event(10, { what: 'ended', how: 'stopped' }), event(20, { what: 'ended', how: 'served' }));
    expect(state.ended).toEqual({ how: 'stopped', atS: 10 });
  });
});

describe('a probe', () => {
  const reading = (atS: number, centreC: number, airC = 170): CookEvent =>
    event(atS, { what: 'reading', fryer: 'Drawer', centreC, airC, battery: 1 });

  test('tells of the batch that lies in its fryer, and of none before it went in', () => {
    const state = after(reading(900, 20), load(1000), reading(1060, 24));
    expect(state.batches.get(OKRA.key)!.evidence).toEqual([
      { what: 'centre', atS: 60, tempC: 24, by: 'probe' },
      { what: 'air', atS: 60, tempC: 170 },
    ]);
  });

  test.each([
    [900, 170],
    [-200, 170],
    [30, 640],
  ])(
    'that reads %i °C at the centre and %i °C in the air is not believed, and said so; the cook goes on',
    (centreC, airC) => {
      const state = after(load(1000), reading(1060, centreC, airC), reading(1065, 25));
      expect(state.batches.get(OKRA.key)!.evidence).toHaveLength(2);
      const wild = after(load(1000), reading(1060, centreC, airC)).probes.get('Drawer')!;
      expect(plain(wild.trouble!)).toMatch(/not believed/);
      expect(state.probes.get('Drawer')!.trouble).toBeNull();
    },
  );
});

describe('taps of a clock that ran ahead', () => {
  const at = (atMs: number, id: string): CookEvent => ({ id, atMs, by: 'cook', what: 'paused' });
  const times = (...taps: CookEvent[]): number[] => notLaterThan(taps, 1_000).map((e) => e.atMs);

  test('are put to now, one after the other', () =>
    expect(times(at(900, 'b'), at(1_200, 'c'), at(1_200, 'a'), at(5_000, 'd'))).toEqual([900, 998, 999, 1_000]));
  test('leave alone what was before, in whatever order it comes', () =>
    expect(times(at(700, 'a'), at(300, 'b'), at(1_000, 'c'))).toEqual([700, 300, 1_000]));
  test('mean the same as they were tapped: undone, and then passed over', () => {
    const [step] = P.steps;
    const before = { id: 'm', atMs: 980, by: 'cook', what: 'done', step: step.id } as const;
    const taps: CookEvent[] = [
      before,
      { id: 'z', atMs: 1_500, by: 'cook', what: 'undone', step: step.id },
      { id: 'a', atMs: 1_600, by: 'cook', what: 'skipped', step: step.id },
    ];
    const state = stateOf(P, { startedMs: 0, rate: 1 }, notLaterThan(taps, 1_000));
    expect(state.over.get(step.id)?.how).toBe('skipped');
  });
});

describe('the clock of a cook', () => {
  test('stands still while it is paused, and nowhere else', () => {
    const events = [event(100, { what: 'paused' }), event(160, { what: 'resumed' })];
    const clock = clockOfCook(REAL, events);
    expect([50, 100, 130, 160, 200].map((s) => clock(REAL.startedMs + s * S))).toEqual([50, 100, 100, 100, 140]);
  });
  test('paused twice is paused once; never taken up again it stands', () => {
    const clock = clockOfCook(REAL, [event(100, { what: 'paused' }), event(120, { what: 'paused' })]);
    expect(clock(REAL.startedMs + 500 * S)).toBe(100);
  });
  test('goes sixty times as fast in a rehearsal, and back the same way', () => {
    const pace = { startedMs: 0, rate: 60 };
    const events = [event(-990, { what: 'paused' }, 'p'), event(-980, { what: 'resumed' }, 'r')];
    const clock = clockOfCook(pace, events);
    const moment = momentOfCook(pace, events);
    for (const s of [0, 300, 599, 601, 3000]) expect(clock(moment(s))).toBeCloseTo(s, 6);
  });
});
