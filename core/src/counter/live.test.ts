import { byTwo, chickenAndOkra, playedThrough, REAL } from '../../testing/cooks.js';
import { colourUnder } from '../evidence/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import {
  corrected,
  halfMinutes,
  isUrgent,
  leftSaid,
  livePlan,
  lyingOf,
  mayBeDone,
  nowFor,
  plannedSeries,
  ringing,
  saysNow,
  stateOf,
  type BatchCorrection,
  type CookEvent,
  type Deed,
} from './index.js';

const P = chickenAndOkra();
const [CHICKEN] = P.batches.filter((b) => b.dishId === 'chicken');
const OKRA = P.batches.filter((b) => b.dishId === 'plants');
const NONE = new Map<string, BatchCorrection>();
let n = 0;
const event = (atS: number, deed: Deed): CookEvent => ({
  id: `e${(n += 1)}`,
  atMs: REAL.startedMs + atS * 1000,
  by: 'cook',
  ...deed,
});
const clock = (s: number): string => `${Math.floor(s / 60)} min`;
/** All steps up to the first of a kind, done when they were planned. */
const upTo = (kind: string, batch: string): CookEvent[] =>
  P.steps
    .slice(
      0,
      P.steps.findIndex((s) => s.kind === kind && s.batch === batch),
    )
    .filter((s) => s.cook !== null)
    .map((s) => event(s.toS, { what: 'done', step: s.id }));
const planOf = (events: CookEvent[], nowS: number, corrections = NONE) =>
  livePlan(P, stateOf(P, REAL, events), corrections, nowS);

describe('the programme of a cook', () => {
  test('has a fryer heat by itself after a hand has set it going, and its load wait for the heat', () => {
    const set = P.steps.find((s) => s.kind === 'preheat' && s.cook !== null)!;
    const heats = P.steps.find((s) => s.kind === 'preheat' && s.cook === null)!;
    expect(heats.after).toEqual([set.id]);
    expect(P.steps.some((s) => s.after.includes(heats.id))).toBe(true);
    expect(P.steps.filter((s) => s.after.includes(set.id))).toEqual([heats]);
  });
  test('measures out each bowl by its parts, and sets each fryer', () => {
    const mix = P.steps.find((s) => s.id === 'chicken:mix:1')!;
    expect(mix.head).toMatch(/^Mix plain wheat flour/);
    expect(plain(mix.amounts[0].amount)).toMatch(/g plain wheat flour/);
    const load = P.steps.find((s) => s.kind === 'load' && s.batch === CHICKEN.key)!;
    expect(load.set).toEqual({ tempC: 190, minutes: 16 });
  });
  test('says at each stop what to look at, and the caution that belongs there', () => {
    const of = (kind: string, batch: string) => P.steps.find((s) => s.kind === kind && s.batch === batch)!;
    const said = (texts: (typeof P.steps)[0]['checks']): string => texts.map(plain).join(' ');
    expect(said(of('look', CHICKEN.key).checks)).toMatch(/white or dry spots\. Oil them outside.*thin, flat turner/s);
    expect(said(of('check', CHICKEN.key).checks)).toMatch(/middle of the thickest piece, from the side.*73\.9|74 °C/s);
    expect(said(of('coat', CHICKEN.key).cautions)).toMatch(/knuckle/);
    expect(said(of('look', CHICKEN.key).cautions)).toMatch(/Steam/);
    // The steam comes out at the first opening.
    expect(said(of('unload', CHICKEN.key).cautions)).not.toMatch(/Steam/);
    expect(said(of('oil', CHICKEN.key).cautions)).toMatch(/away from every hot fryer/);
    expect(said(P.steps.find((s) => s.id === 'chicken:serve')!.cautions)).toMatch(/74 °C/);
  });
});

describe('the rest of a cook', () => {
  test('at its beginning is the plan', () => {
    const live = planOf([], 0);
    expect(live.behindS).toBe(0);
    for (const { step, fromS } of live.steps) expect(Math.abs(fromS - step.fromS)).toBeLessThan(90);
  });

  test('played through by its own hands comes to the table when it was planned', () => {
    const events = playedThrough(P);
    const state = stateOf(P, REAL, events);
    expect([...state.over.keys()].sort()).toEqual(
      P.steps
        .filter((s) => s.cook !== null)
        .map((s) => s.id)
        .sort(),
    );
    const lastS = Math.max(...[...state.over.values()].map((o) => o.atS));
    expect(Math.abs(lastS - P.tableS)).toBeLessThan(300);
    for (const b of P.batches) {
      const { inS, outS } = state.batches.get(b.key)!;
      expect(outS! - inS!).toBeGreaterThanOrEqual(b.plan.settings.minutes * 60);
      expect(outS! - inS!).toBeLessThan(b.plan.settings.minutes * 60 + 120);
    }
    // One fryer holds one batch at a time.
    for (const fryer of new Set(P.batches.map((b) => b.fryer.name))) {
      const spans = P.batches
        .filter((b) => b.fryer.name === fryer)
        .map((b) => state.batches.get(b.key)!)
        .sort((a, b) => a.inS! - b.inS!);
      spans.slice(1).forEach((span, k) => expect(span.inS!).toBeGreaterThanOrEqual(spans[k].outS!));
    }
  });

  test('waits for a cook that dawdles, and the table is later by as much', () => {
    const live = planOf([], 600);
    expect(live.behindS).toBeGreaterThan(400);
    expect(live.behindS).toBeLessThan(700);
  });

  test('gives way to “I am late by”, and takes it back', () => {
    const late = event(0, { what: 'late', byS: 600 });
    expect(planOf([late], 0).tableS).toBeGreaterThan(P.tableS + 500);
    expect(planOf([late, event(1, { what: 'late', byS: -600 })], 1).behindS).toBe(0);
  });

  test('shares what is late with one pair of hands more', () => {
    const alone = planOf([], 900);
    const two = planOf([event(0, { what: 'hands', name: 'Wen' })], 900);
    expect(two.tableS).toBeLessThan(alone.tableS);
    expect(two.steps.some((s) => s.hand === 1)).toBe(true);
  });

  test('a minute more or less moves the end of that batch by a minute, and not its half time by more than a share', () => {
    const inside = [...upTo('cook', CHICKEN.key)];
    const inS = stateOf(P, REAL, inside).batches.get(CHICKEN.key)!.inS!;
    const more = [...inside, event(inS + 60, { what: 'time', batch: CHICKEN.key, byS: 60 })];
    const corrections = corrected(KNOWN, P, stateOf(P, REAL, more));
    const [timer] = planOf(more, inS + 60, corrections).timers.filter((t) => t.batch === CHICKEN.key);
    expect(timer.toS).toBeCloseTo(inS + 17 * 60, 0);
  });

  test('what is skipped is over, and what waited for it goes on', () => {
    const [first] = P.steps;
    const live = planOf([event(5, { what: 'skipped', step: first.id })], 6);
    expect(live.steps[0]).toMatchObject({ state: 'over', how: 'skipped' });
  });
});

describe('what to do now', () => {
  test('is the first of the plan, until something cannot wait', () => {
    expect(nowFor(planOf([], 0), null).step!.step.id).toBe(P.steps[0].id);
    const inside = upTo('cook', OKRA[0].key);
    const inS = stateOf(P, REAL, inside).batches.get(OKRA[0].key)!.inS!;
    const early = nowFor(planOf(inside, inS + 30), null);
    expect(early.urgent).toBe(false);
    const due = nowFor(planOf(inside, inS + 310), null);
    expect(due.urgent).toBe(true);
    expect(due.step!.step).toMatchObject({ kind: 'look', batch: OKRA[0].key });
    const done = nowFor(
      planOf([...inside, event(inS + 315, { what: 'done', step: due.step!.step.id })], inS + 700),
      null,
    );
    expect(done.step!.step.kind).toBe('unload');
    expect(isUrgent(done.step!, inS + 700)).toBe(true);
  });

  test('rings for every batch whose time is up, the longest waiting first, and no more when it is out', () => {
    const inside = upTo('cook', OKRA[0].key);
    const inS = stateOf(P, REAL, inside).batches.get(OKRA[0].key)!.inS!;
    expect(ringing(planOf(inside, inS + 600))).toEqual([]);
    const [timer] = ringing(planOf(inside, inS + 665));
    expect(timer.batch).toBe(OKRA[0].key);
    const out = P.steps.find((s) => s.kind === 'unload' && s.batch === OKRA[0].key)!;
    expect(ringing(planOf([...inside, event(inS + 670, { what: 'done', step: out.id })], inS + 671))).toEqual([]);
  });

  test('may be something that is early, where nothing must be done', () => {
    const [first] = P.steps;
    const waits = { ...P, steps: P.steps.map((s) => ({ ...s, fromS: s.fromS + 3600, toS: s.toS + 3600 })) };
    const now = nowFor(livePlan(waits, stateOf(waits, REAL, []), NONE, 0), null);
    expect(now.step).toBeNull();
    expect(mayBeDone(now)!.step.id).toBe(first.id);
  });

  test('is for each pair of hands its own', () => {
    const two = byTwo();
    const live = livePlan(two, stateOf(two, REAL, []), NONE, 0);
    const [a, b] = [nowFor(live, 0), nowFor(live, 1)];
    expect(a.step!.hand).toBe(0);
    expect(b.step?.hand ?? b.next[0].hand).toBe(1);
  });
});

describe('what was seen', () => {
  const inside = upTo('cook', OKRA[0].key);
  const inS = stateOf(P, REAL, inside).batches.get(OKRA[0].key)!.inS!;
  const saw = (deed: 'darker' | 'paler' | 'as-expected') => {
    const shown = colourUnder(plannedSeries(lyingOf(KNOWN, P, OKRA[0])), 'up', 295, 0);
    const events = [...inside, event(inS + 295, { what: 'seen', batch: OKRA[0].key, saw: deed, shown, face: 'up' })];
    const state = stateOf(P, REAL, events);
    const corrections = corrected(KNOWN, P, state);
    return { corrections, says: saysNow(P, state, corrections, livePlan(P, state, corrections, inS + 330), clock) };
  };

  test('darker makes this batch and every later one in its fryer shorter, and says so; another fryer keeps its minutes', () => {
    const { corrections, says } = saw('darker');
    for (const batch of OKRA) expect(corrections.get(batch.key)!.takesS).toBeLessThan(660 - 30);
    expect(corrections.get(CHICKEN.key)!.takesS).toBe(16 * 60);
    expect(says.map((s) => plain(s.text)).join(' ')).toMatch(
      /Drawer is about .* min ahead: plants, batch 1 done at \d+ min/,
    );
    expect(plain(says[1].text)).toMatch(/batch 2 will take about .* less in Drawer/);
  });

  test('what is done sooner is taken out sooner', () => {
    const { corrections } = saw('darker');
    const state = stateOf(P, REAL, inside);
    const out = livePlan(P, state, corrections, inS + 330).steps.find(
      (s) => s.step.kind === 'unload' && s.step.batch === OKRA[0].key,
    )!;
    expect(out.mayS).toBeCloseTo(inS + corrections.get(OKRA[0].key)!.takesS, 0);
  });

  test('paler makes them longer', () => {
    const { corrections } = saw('paler');
    for (const batch of OKRA) expect(corrections.get(batch.key)!.takesS).toBeGreaterThan(660 + 15);
  });

  test.each([3, 60, 295, 500])('as it should be changes no minutes, seen after %i s', (atS) => {
    // What is shown beside it is of the last tick of the clock.
    const shown = colourUnder(plannedSeries(lyingOf(KNOWN, P, OKRA[0])), 'up', atS - 1, 0);
    const look = event(inS + atS, { what: 'seen', batch: OKRA[0].key, saw: 'as-expected', shown, face: 'up' });
    const found = corrected(KNOWN, P, stateOf(P, REAL, [...inside, look]));
    for (const { takesS, plannedS } of found.values()) expect(Math.abs(takesS - plannedS)).toBeLessThanOrEqual(10);
  });

  test('nothing seen changes nothing', () => {
    const corrections = corrected(KNOWN, P, stateOf(P, REAL, inside));
    for (const c of corrections.values()) expect(c).toMatchObject({ told: 0, setC: null, takesS: c.plannedS });
  });

  test('a centre that reads low keeps poultry in', () => {
    const chicken = upTo('cook', CHICKEN.key);
    const state0 = stateOf(P, REAL, chicken).batches.get(CHICKEN.key)!;
    const events = [...chicken, event(state0.inS! + 720, { what: 'centre', batch: CHICKEN.key, centreC: 38 })];
    const state = stateOf(P, REAL, events);
    const c = corrected(KNOWN, P, state).get(CHICKEN.key)!;
    expect(c.takesS).toBeGreaterThan(c.plannedS);
    expect(c.forecast!.wantedC).toBe(73.9);
  });
});

describe('words', () => {
  test.each([
    [30, '½ min'],
    [92, '1½ min'],
    [-240, '4 min'],
    [4, '½ min'],
  ])('%i s are %s', (seconds, said) => expect(halfMinutes(seconds)).toBe(said));
  test.each([
    [390, '6 min 30 s'],
    [45, '45 s'],
    [120, '2 min'],
    [-20, 'over by 20 s'],
    [0, '0 s'],
  ])('%i s left are %s', (seconds, said) => expect(leftSaid(seconds)).toBe(said));
});
