import { chickenAndOkra, playedThrough, REAL, waitedFor } from '../../testing/cooks.js';
import { corrected, lyingOf, stateOf, wentOn, type CookEvent } from '../counter/index.js';
import { meant, NOTHING_KNOWN, seriesUnder, valueAt } from '../evidence/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import {
  ABOUT_SURPRISE,
  AS_SAID,
  batteryAfter,
  followedS,
  isLow,
  practiceTruth,
  reallyOffK,
  rehearsalTruth,
  reviewOf,
  saysOf,
  sightAt,
  SURPRISES,
  tellsAt,
  toldBy,
  trueSeries,
  type Surprise,
  type Truth,
} from './index.js';

const [chicken] = waitedFor();
const planned = meant(chicken);
const cooked = (truth: Truth) => trueSeries(chicken, truth, planned);
const asSaid = cooked(AS_SAID);
const last = asSaid.timeS.length - 1;

describe('a practice fryer', () => {
  test('runs the same way under the same name, for ever, and otherwise under another', () => {
    const a = practiceTruth('Otter (practice)', 'cook 1/chicken:1');
    const b = practiceTruth('Otter (practice)', 'cook 2/chicken:1');
    expect(b.unknowns.offsetK).toBe(a.unknowns.offsetK);
    expect(b.unknowns.airLog).toBe(a.unknowns.airLog);
    expect(b.unknowns.startK).not.toBe(a.unknowns.startK);
    expect(practiceTruth('Heron (practice)', 'cook 1/chicken:1').unknowns.offsetK).not.toBe(a.unknowns.offsetK);
  });
  test('always has something to find, and nothing that no fryer has', () => {
    for (let k = 0; k < 200; k++) {
      const { unknowns } = practiceTruth(`fryer ${k}`, 'b');
      expect(Math.abs(unknowns.offsetK)).toBeGreaterThanOrEqual(6);
      expect(Math.abs(unknowns.offsetK)).toBeLessThanOrEqual(15);
      expect(Math.abs(unknowns.airLog)).toBeLessThanOrEqual(0.22);
      expect(unknowns.startK).toBeLessThanOrEqual(0);
    }
  });
  test('is, where nothing is hidden, the cook of the plan', () => {
    const plan = seriesUnder(chicken, NOTHING_KNOWN, planned);
    expect(asSaid.columns.centreC[last]).toBe(plan.columns.centreC[last]);
  });
});

describe('a surprise', () => {
  const with_ = (surprise: Surprise): Truth => ({ unknowns: NOTHING_KNOWN, surprises: [surprise] });
  const end = (surprise: Surprise, column: 'airC' | 'colourUp' | 'centreC'): number =>
    cooked(with_(surprise)).columns[column][last];

  test('runs hot: the air is above its setting and the crust ahead', () => {
    expect(end('runs-hot', 'airC')).toBeGreaterThan(asSaid.columns.airC[last] + 8);
    expect(end('runs-hot', 'colourUp')).toBeGreaterThan(asSaid.columns.colourUp[last] * 1.2);
    expect(reallyOffK(with_('runs-hot'))).toBe(14);
  });
  test('opened too often: centre and colour lag behind', () => {
    expect(end('opened-often', 'centreC')).toBeLessThan(asSaid.columns.centreC[last] - 1);
    expect(end('opened-often', 'colourUp')).toBeLessThan(asSaid.columns.colourUp[last]);
  });
  test('the oil forgotten: pale', () => {
    expect(end('no-oil', 'colourUp')).toBeLessThan(asSaid.columns.colourUp[last]);
  });
  test('crowded: cooler air, and paler', () => {
    expect(end('crowded', 'colourUp')).toBeLessThan(asSaid.columns.colourUp[last]);
  });
  test('is told with what it looks like and what to do, each of them', () => {
    for (const surprise of SURPRISES) {
      const { name, looks, does } = ABOUT_SURPRISE[surprise];
      for (const said of [name, looks, does]) expect(said.length).toBeGreaterThan(10);
    }
  });
});

describe('a simulated probe', () => {
  test('tells every five seconds, both sensors, near what is there, and the same again when it is asked again', () => {
    const told = tellsAt(600).flatMap((s) => toldBy(asSaid, 'p', s) ?? []);
    expect(told).toEqual(tellsAt(600).flatMap((s) => toldBy(asSaid, 'p', s) ?? []));
    for (const t of told.filter((r) => r.atS > 200))
      expect(Math.abs(t.centreC - valueAt(asSaid, asSaid.columns.centreC, t.atS))).toBeLessThan(4);
  });
  test('loses some of its readings, and not many', () => {
    const asked = Array.from({ length: 800 }, (_, k) => (k + 1) * 5);
    const lost = asked.filter((s) => toldBy(asSaid, 'lossy', s) === null).length / asked.length;
    expect(lost).toBeGreaterThan(0.02);
    expect(lost).toBeLessThan(0.09);
  });
  test('has a battery that runs down', () => {
    expect(batteryAfter(0)).toBe(1);
    expect(isLow(batteryAfter(29))).toBe(true);
    expect(batteryAfter(400)).toBe(0);
  });
});

describe('eyes at a simulated fryer', () => {
  test('see the other face up once it was turned', () => {
    const before = sightAt(asSaid, AS_SAID, 5, 290);
    const after = sightAt(asSaid, AS_SAID, 5, 310);
    expect([before.up, after.up]).toEqual(['up', 'down']);
    expect(Math.abs(after.under - before.top)).toBeLessThan(0.1);
  });
  test('say darker, paler or as it should be beside a swatch', () => {
    const sight = { ...sightAt(asSaid, AS_SAID, 5, 600), floury: 0 };
    expect(saysOf(sight, sight.top)).toEqual(['as-expected']);
    expect(saysOf(sight, sight.top * 0.8)).toEqual(['darker']);
    expect(saysOf(sight, sight.top * 1.25)).toEqual(['paler']);
    expect(saysOf({ ...sight, floury: 0.6 }, sight.top)).toEqual(['floury']);
    expect(saysOf({ ...sight, ran: 0.4, floury: 0.6 }, sight.top * 0.8)).toEqual(['ran', 'floury', 'darker']);
  });
  test('see nothing run where a dry coat lies outside', () => {
    for (const s of [60, 300, 600]) expect(sightAt(asSaid, AS_SAID, 5, s).ran).toBeLessThan(0.02);
  });
});

describe('the end of a rehearsal', () => {
  const P = chickenAndOkra();
  const played = playedThrough(P);
  const hot = (key: string): Truth => rehearsalTruth(key, ['runs-hot']);
  const review = (events: CookEvent[]) => reviewOf(KNOWN, P, REAL, events, (b) => hot(b.key), 10_000);

  test('says of each batch what it was, what showed and was missed, and what it cost', () => {
    const found = review(played);
    expect(found).toHaveLength(P.batches.length);
    for (const b of found) {
      expect(b.cameB).toBeGreaterThan(b.meantB);
      expect(b.missed).toContain('darker');
      expect(plain(b.cost)).toMatch(/^Came out /);
      expect(b.unsafe).toBe(false);
    }
  });

  test('a batch that came out too soon to be safe is called so, with the minutes that it needed', () => {
    const key = P.batches.find((b) => b.dishId === 'chicken')!.key;
    const out = P.steps.filter((s) => s.batch === key && s.kind === 'unload').at(-1)!.id;
    const inS = stateOf(P, REAL, played).batches.get(key)!.inS!;
    const early = played.map((e) =>
      e.what === 'done' && e.step === out ? { ...e, atMs: REAL.startedMs + (inS + 360) * 1000 } : e,
    );
    const chickenReview = review(early).find((b) => b.batch === key)!;
    expect(chickenReview.unsafe).toBe(true);
    expect(plain(chickenReview.cost)).toMatch(/^Not safe: .* must reach 74 °C; it needed \d+ min more\.$/);
  });

  test('who said what showed, and let the minutes be re-planned, comes nearer to what was meant', () => {
    const [first, second] = P.batches.filter((b) => b.dishId === 'plants');
    const state = stateOf(P, REAL, played);
    const inS = state.batches.get(first.key)!.inS!;
    const lying = lyingOf(KNOWN, P, first);
    const really = trueSeries(lying, hot(first.key), wentOn(lying, state.batches.get(first.key))(followedS(lying)));
    const shown = sightAt(seriesUnder(lying, NOTHING_KNOWN, meant(lying)), AS_SAID, 5, 295).top;
    expect(saysOf({ ...sightAt(really, hot(first.key), 5, 295), floury: 0 }, shown)).toEqual(['darker']);
    const seen: CookEvent = {
      id: 'seen',
      atMs: REAL.startedMs + (inS + 295) * 1000,
      by: 'cook',
      what: 'seen',
      batch: first.key,
      saw: 'darker',
      shown,
      face: 'up',
    };
    const told = playedThroughWith(seen);
    const [a, b] = [review(played), review(told)].map((r) => r.find((x) => x.batch === second.key)!);
    expect(Math.abs(b.cameB - b.meantB)).toBeLessThan(Math.abs(a.cameB - a.meantB));
  });

  /** The same cook with one sight, its minutes re-planned from then on. */
  function playedThroughWith(seen: CookEvent): CookEvent[] {
    const known = played.filter((e) => e.atMs <= seen.atMs);
    const corrections = corrected(KNOWN, P, stateOf(P, REAL, [...known, seen]));
    return [seen, ...playedThrough(P, REAL, corrections)];
  }
});
