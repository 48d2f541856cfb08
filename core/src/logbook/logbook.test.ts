import { chickenAndOkra, playedThrough, REAL } from '../../testing/cooks.js';
import { stateOf, type CookEvent, type Deed, type Programme } from '../counter/index.js';
import { batchOfDish, type LoggedCook, type Seen } from '../diagnose/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { batchesThatWent, cameTo, changedBetween, particularsOf, passedOver, triedOf, type Changed } from './index.js';

const programme = chickenAndOkra();
const played = playedThrough(programme);
const state = stateOf(programme, REAL, played);
const batch = batchOfDish(programme, 'chicken', state)!;
const OKRA = programme.dishes.find((d) => d.id !== 'chicken')!.id;
const own = state.batches.get(batch.key)!;

const logged = (more: Partial<LoggedCook> = {}): LoggedCook => ({
  programme,
  dish: 'chicken',
  pace: REAL,
  events: played,
  recipe: null,
  seen: {},
  ...more,
});
const afterIn = (atS: number, deed: Deed): CookEvent => ({
  id: `at ${atS} ${deed.what}`,
  atMs: REAL.startedMs + (own.inS! + atS) * 1000,
  by: 'cook',
  ...deed,
});
const read = (cook: LoggedCook): Record<string, string> =>
  Object.fromEntries(particularsOf(KNOWN, cook).map((p) => [p.key, plain(cameTo(p))]));
const told = (changes: readonly Changed[]): string[] =>
  changes.map(({ label, from, to }) => `${label}: ${from ? plain(from) : 'none'} → ${to ? plain(to) : 'none'}`);
const between = (a: LoggedCook, b: LoggedCook): string[] =>
  told(changedBetween(particularsOf(KNOWN, a), particularsOf(KNOWN, b)));

/** The same programme with another plan for the chicken. */
const planned = (change: (plan: typeof batch.plan) => typeof batch.plan): Programme => ({
  ...programme,
  batches: programme.batches.map((b) => (b.dishId === 'chicken' ? { ...b, plan: change(b.plan) } : b)),
});

describe('how the batches of a dish went', () => {
  test('each with what was planned and what became of it', () => {
    const went = batchesThatWent(programme, state, OKRA);
    expect(went.map((b) => b.key)).toEqual(programme.batches.filter((b) => b.dishId === OKRA).map((b) => b.key));
    expect(went.length).toBeGreaterThan(1);
    for (const b of went) {
      const { inS, outS } = state.batches.get(b.key)!;
      expect(b.tookMin).toBe((outS! - inS!) / 60);
    }
  });

  test('taps, turns, looks and readings stand at their minutes after it went in', () => {
    const reading = { what: 'reading', fryer: batch.fryer.name, airC: 178, battery: 1 } as const;
    const events = [
      ...played,
      afterIn(120, { what: 'seen', batch: batch.key, saw: 'paler' }),
      afterIn(180, { what: 'centre', batch: batch.key, centreC: 41 }),
      afterIn(240, { ...reading, centreC: 46 }),
      afterIn(250, { ...reading, centreC: 47 }),
    ];
    const went = batchesThatWent(programme, stateOf(programme, REAL, events), 'chicken').find(
      (b) => b.key === batch.key,
    )!;
    expect(went.sights).toEqual([{ saw: 'paler', atMin: 2 }]);
    expect(went.centres).toEqual([{ centreC: 41, atMin: 3 }]);
    expect(went.probe.centre.map((r) => r.tempC)).toEqual([46, 47]);
    expect(went.probe.air.every((r) => r.tempC === 178)).toBe(true);
  });

  test('one that never went in has taken no time', () => {
    const went = batchesThatWent(programme, stateOf(programme, REAL, []), 'chicken');
    expect(went).toMatchObject(went.map(() => ({ tookMin: null, turnedMin: null, sights: [], centres: [] })));
    expect(went.length).toBeGreaterThan(0);
  });

  test('what was passed over is named, of this dish and of the cook as a whole', () => {
    const step = programme.steps.find((s) => s.dishId === OKRA && s.cook !== null)!;
    const skipped = stateOf(programme, REAL, [afterIn(0, { what: 'skipped', step: step.id })]);
    expect(passedOver(programme, skipped, OKRA)).toEqual([step.head]);
    expect(passedOver(programme, skipped, 'chicken')).toEqual([]);
  });
});

describe('what a cook was made of', () => {
  test('food, every layer by weight, oil, setting and minutes', () => {
    const found = read(logged());
    expect(found.food).toMatch(/^\d+ pieces of chicken.*, \d+ mm thick$/);
    expect(found['layer-1']).toMatch(/^.* \d+ g/);
    expect(found.setting).toBe(`${batch.plan.settings.tempC} °C`);
    expect(found.oilG).toMatch(/ g$/);
    expect(found.batches).toMatch(/^\d+$/);
  });

  test('what was done otherwise comes before the plan; what was done as planned is not told twice', () => {
    const minutes = batch.plan.settings.minutes;
    const of = (seen: Seen) => particularsOf(KNOWN, logged({ seen })).find((p) => p.key === 'minutes')!;
    expect(plain(of({ did: { minutes: minutes + 3 } }).done!)).toBe(`${minutes + 3} min`);
    expect(of({ did: { minutes } }).done).toBeNull();
    const turned = particularsOf(KNOWN, logged({ seen: { did: { turned: false } } })).find((p) => p.key === 'turned')!;
    expect(plain(cameTo(turned))).toBe('not at all');
  });

  test('by another recipe stands that one’s setting, whatever the counter says', () => {
    const found = read(logged({ recipe: { tempC: 205, minutes: 33, turned: false } }));
    expect(found).toMatchObject({ setting: '205 °C', minutes: '33 min', turned: 'not at all' });
    expect(found).not.toHaveProperty('preheated');
  });
});

describe('two tries beside each other', () => {
  test('the same cook twice differs in nothing', () => {
    expect(between(logged(), logged())).toEqual([]);
  });

  test('what was changed is told with both, in the order of the work', () => {
    const hotter = planned((plan) => ({
      ...plan,
      layers: plan.layers.slice(0, -1),
      settings: { ...plan.settings, tempC: plan.settings.tempC + 10 },
    }));
    const changes = between(logged(), logged({ programme: hotter }));
    const [layer, setting] = changes;
    expect(layer).toMatch(new RegExp(`^Coat ${batch.plan.layers.length}: .* g.* → none$`));
    expect(setting).toBe(`Set to: ${batch.plan.settings.tempC} °C → ${batch.plan.settings.tempC + 10} °C`);
    expect(changes).toHaveLength(2);
  });

  test('what was done by hand counts as well as what was planned', () => {
    const dried = logged({ seen: { did: { openings: 7 } } });
    expect(between(logged(), dried)).toEqual([expect.stringMatching(/^Opened for a look: .* → 7 times$/)]);
  });

  test('each is simulated as it went: longer is browner, a packet in its own setting', () => {
    const end = (cook: LoggedCook): number => triedOf(KNOWN, cook).series!.columns.colourUp.at(-1)!;
    const [plan, longer, packet] = [
      logged(),
      logged({ seen: { did: { minutes: batch.plan.settings.minutes + 6 } } }),
      logged({ recipe: { tempC: 210, minutes: 35, turned: true } }),
    ];
    expect(end(longer)).toBeGreaterThan(end(plan) * 1.2);
    expect(end(packet)).toBeGreaterThan(end(plan) * 1.2);
    expect(triedOf(KNOWN, packet).minutes).toBe(35);
  });

  test('a centre that was read, by hand or noted, is shown where it was read', () => {
    const events = [...played, afterIn(300, { what: 'centre', batch: batch.key, centreC: 52 })];
    const { centre } = triedOf(KNOWN, logged({ events, seen: { centreC: 76, atMin: 14 } }));
    expect(centre).toEqual([
      { atS: 300, tempC: 52 },
      { atS: 840, tempC: 76 },
    ]);
  });

  test('what was read at the counter is in its simulation', () => {
    const { series } = triedOf(KNOWN, logged());
    const half = series!.timeS.length >> 1;
    const centreC = series!.columns.centreC[half] - 15;
    const cold = [...played, afterIn(series!.timeS[half], { what: 'centre', batch: batch.key, centreC })];
    const learned = triedOf(KNOWN, logged({ events: cold })).series!;
    expect(learned.columns.centreC.at(-1)!).toBeLessThan(series!.columns.centreC.at(-1)! - 1);
  });

  test('a dish that has no batch has no curve', () => {
    expect(triedOf(KNOWN, logged({ dish: 'nobody' }))).toEqual({
      particulars: [],
      series: null,
      minutes: 0,
      centre: [],
    });
  });
});
