import fc from 'fast-check';
import { chickenAndOkra, playedThrough, REAL } from '../../testing/cooks.js';
import type { CookEvent } from '../counter/index.js';
import { normal, plain, seeded } from '../units/index.js';
import { EIGHTY_RANGE, HAND_SPREADS, WEIGHED_OFF } from './constants.js';
import { coatPaceOf, handOf, learnHands, saidOfHands, timedCoats, type WeighedCoat } from './hands.js';
import { believedLog } from './scalar.js';
import { learnedStroke } from './strokes.js';

/** Kitchens whose hands are hidden: five dishes weighed, some wetter and some drier, the scale and the drips off. */
const hidden = (seed: number, many: number): { truth: { dips: number; crumbs: number }; weighed: WeighedCoat[] } => {
  const random = seeded(seed);
  const truth = { dips: HAND_SPREADS.dips * normal(random), crumbs: HAND_SPREADS.crumbs * normal(random) };
  const weighed = Array.from({ length: many }, (_, k): WeighedCoat => {
    const [wetG, dryG] = [20 + 80 * random(), 20 + 80 * random()];
    // Every other one weighed its last bowl too.
    const bowl = k % 2 === 1;
    const spread = bowl ? WEIGHED_OFF.bowl : WEIGHED_OFF.coat;
    const shown = (bowl ? 0 : wetG * Math.exp(truth.dips)) + dryG * Math.exp(truth.crumbs);
    const toldG = shown * Math.exp(spread * normal(random));
    return { daysAgo: 7 * k, wetG: bowl ? 0 : wetG, dryG, toldG, spread };
  });
  return { truth, weighed };
};

describe('hands of a kitchen', () => {
  const SEEDS = 900_000;
  const KITCHENS = 300;
  const learned = Array.from({ length: KITCHENS }, (_, k) => {
    const { truth, weighed } = hidden(SEEDS + k, 6);
    return { truth, hands: learnHands(weighed, []) };
  });

  test('three hundred of them: six weighings halve what is not known of crumbs, and 80 % ranges hold', () => {
    for (const which of ['dips', 'crumbs'] as const) {
      const off = learned.map(({ truth, hands }) => Math.abs(truth[which] - hands[which].log));
      const before = learned.map(({ truth }) => Math.abs(truth[which]));
      const sum = (all: number[]): number => all.reduce((s, v) => s + v, 0);
      expect(sum(off)).toBeLessThan((which === 'crumbs' ? 0.5 : 0.75) * sum(before));
      const held = learned.filter(
        ({ truth, hands }) => Math.abs(truth[which] - hands[which].log) <= EIGHTY_RANGE * hands[which].off,
      ).length;
      expect(held / KITCHENS).toBeGreaterThanOrEqual(0.7);
      expect(held / KITCHENS).toBeLessThanOrEqual(0.92);
    }
  });

  test('agree with a grid on a small case', () => {
    const { weighed } = hidden(3, 3);
    const { dips, crumbs } = learnHands(weighed, []);
    let [best, least] = [[0, 0], Infinity];
    for (let d = -0.6; d <= 0.6; d += 0.005)
      for (let c = -0.6; c <= 0.6; c += 0.005) {
        const cost =
          (d / HAND_SPREADS.dips) ** 2 / 2 +
          (c / HAND_SPREADS.crumbs) ** 2 / 2 +
          weighed.reduce((sum, w) => {
            const off = Math.log(w.toldG / (w.wetG * Math.exp(d) + w.dryG * Math.exp(c))) / w.spread;
            return sum + 0.5 ** (w.daysAgo / 365) * ((5 / 2) * Math.log(1 + off ** 2 / 4));
          }, 0);
        if (cost < least) [best, least] = [[d, c], cost];
      }
    expect(Math.abs(dips.log - best[0])).toBeLessThan(0.01);
    expect(Math.abs(crumbs.log - best[1])).toBeLessThan(0.01);
  });

  test('one slip of the scale does not carry the others away, and their order does not matter', () => {
    const { weighed } = hidden(11, 6);
    const { crumbs } = learnHands(weighed, []);
    const slipped = learnHands([...weighed, { daysAgo: 1, wetG: 40, dryG: 40, toldG: 900, spread: 0.1 }], []);
    expect(Math.abs(slipped.crumbs.log - crumbs.log)).toBeLessThan(crumbs.off);
    const back = learnHands([...weighed].reverse(), []);
    expect(back.crumbs.log).toBeCloseTo(crumbs.log, 9);
    expect(back.dips.log).toBeCloseTo(learnHands(weighed, []).dips.log, 9);
  });

  test('are used in steps, not at all before anything was weighed, and told with how sure it is', () => {
    expect(handOf(learnHands([], []))).toBeNull();
    expect(plain(saidOfHands(learnHands([], [])))).toBe('');
    const more = Array.from({ length: 4 }, (): WeighedCoat => ({
      daysAgo: 5,
      wetG: 0,
      dryG: 50,
      toldG: 65,
      spread: 0.1,
    }));
    const hands = learnHands(more, []);
    expect(handOf(hands)).toEqual({ dips: 1, crumbs: 1.3 });
    expect(plain(saidOfHands(hands))).toMatch(
      /^Here as much batter, egg and dip as usual \(± 20 %\) and 2\d ± \d % more flour and crumbs stick, by 4 weighings\.$/,
    );
  });

  test('a pace by what was timed: quick ones move it, one never-ending one does not', () => {
    const quick = Array.from({ length: 5 }, () => ({ log: Math.log(0.6), spread: WEIGHED_OFF.timed, daysAgo: 3 }));
    const usual = learnHands([], []).coatPieceS.is;
    expect(coatPaceOf(learnHands([], []))).toBeNull();
    const pace = coatPaceOf(learnHands([], quick))!;
    expect(pace).toBeLessThan(0.8 * usual);
    const rang = learnHands([], [...quick, { log: Math.log(5), spread: WEIGHED_OFF.timed, daysAgo: 1 }]);
    expect(Math.abs(coatPaceOf(rang)! - pace)).toBeLessThanOrEqual(2);
  });
});

describe('the taps of a counter', () => {
  const programme = chickenAndOkra();
  const hands = playedThrough(programme);
  const byCook = hands.map((e) => ({ ...e, by: 'cook' as const }));
  const of = (dish: string, events: CookEvent[]) =>
    timedCoats({ id: 'cook', programme, dish, pace: REAL, events, recipe: null, seen: {}, daysAgo: 0 });

  test('each dish of a cook is timed by its own batches, once, and not where its hands had to wait before', () => {
    const coats = programme.steps.filter((s) => s.kind === 'coat');
    const timed = programme.dishes.map(({ id }) => of(id, byCook).length);
    const own = programme.dishes.map(({ id }) => coats.filter((s) => s.dishId === id).length);
    timed.forEach((n, k) => expect(n).toBeLessThanOrEqual(own[k]));
    expect(Math.min(...timed)).toBeGreaterThan(0);
    // The second batch waits until the first is in: when its coating began, nobody knows.
    expect(timed.reduce((a, b) => a + b)).toBe(coats.length - 1);
  });

  test('hands that do as the plan says are as usual; simulated ones say nothing', () => {
    const all = programme.dishes.flatMap(({ id }) => of(id, byCook));
    for (const { log } of all) expect(Math.abs(log)).toBeLessThan(0.05);
    expect(programme.dishes.flatMap(({ id }) => of(id, hands))).toEqual([]);
  });

  test('twice as slow is told as twice as slow', () => {
    const slow = byCook.map((e) => ({ ...e, atMs: REAL.startedMs + 2 * (e.atMs - REAL.startedMs) }));
    const [usual, twice] = [byCook, slow].map((events) => programme.dishes.flatMap(({ id }) => of(id, events)));
    twice.forEach(({ log }, k) => expect(log - usual[k].log).toBeCloseTo(Math.LN2, 6));
  });
});

describe('one value', () => {
  test('by nothing is as usual, by much is as told, and the more is told the surer it is', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.4, max: 0.4, noNaN: true }), fc.integer({ min: 1, max: 30 }), (log, many) => {
        const told = Array.from({ length: many }, () => ({ log, spread: 0.1, daysAgo: 0 }));
        const found = believedLog(0.25, told);
        expect(found.log * log).toBeGreaterThanOrEqual(0);
        expect(Math.abs(found.log)).toBeLessThanOrEqual(Math.abs(log) + 1e-9);
        expect(believedLog(0.25, [...told, ...told]).off).toBeLessThan(found.off);
      }),
      { seed: 5, numRuns: 60 },
    );
    expect(believedLog(0.25, [])).toEqual({ log: 0, off: 0.25 });
  });
});

describe('a sprayer', () => {
  test('weighed once is near what was weighed, thrice surer; a knock on the bottle does not spoil it', () => {
    const once = learnedStroke('pump', [{ grams: 2.6, strokes: 10 }])!;
    expect(once.is).toBeGreaterThan(0.23);
    expect(once.is).toBeLessThan(0.26);
    const thrice = learnedStroke(
      'pump',
      [2.6, 2.5, 2.7].map((grams) => ({ grams, strokes: 10 })),
    )!;
    expect(thrice.off).toBeLessThan(once.off);
    const knocked = learnedStroke(
      'pump',
      [2.6, 2.5, 2.7, 25].map((grams) => ({ grams, strokes: 10 })),
    )!;
    expect(Math.abs(knocked.is - thrice.is)).toBeLessThan(2 * thrice.off);
  });

  test('a brush gives no strokes, and one that was never weighed none that are known', () => {
    expect(learnedStroke('brush', [{ grams: 3, strokes: 4 }])).toBeNull();
    expect(learnedStroke('can', [])).toBeNull();
  });
});
