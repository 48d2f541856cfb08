import { hiddenKitchen, seriesIn, toldCook, toldCooks } from '../../testing/kitchens.js';
import { waitedFor } from '../../testing/cooks.js';
import { chickenAndOkra, playedThrough, REAL } from '../../testing/cooks.js';
import { colourUnder, NOTHING_KNOWN, simulatedUnder, type Lying } from '../evidence/index.js';
import { asItsPage } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { FRYER_SPREADS } from './constants.js';
import {
  AS_ITS_PAGE,
  EIGHTY_RANGE,
  asLearned,
  LEARNED,
  learnFryer,
  observedOf,
  saidOfFryer,
  sayTogether,
  toldOfCook,
  type FryerOff,
  type LearnedFryer,
  type LearningCook,
  type ObservedCook,
} from './index.js';

/** Truth and learning are the same physics here: it shows that the reckoning is right, not that a real fryer is so. */

/** Seeds that nothing was chosen on. */
const SEEDS = 500_000;
const KITCHENS = 300;

/** What is learned of a fryer that has one rack. */
const OF_ONE_RACK = LEARNED.filter((name) => name !== 'lowerLog');

const page = waitedFor()[0].fryer;
const of = (seed: number, many: number): { truth: FryerOff; cooks: ObservedCook[] } => {
  const kitchen = hiddenKitchen(SEEDS + seed);
  return { truth: kitchen.truth, cooks: toldCooks(kitchen, many) };
};

/** Minutes until the paler face of a batch is golden. */
function goldenMin(lying: Lying, off: FryerOff): number {
  const series = seriesIn(lying, off, 40);
  const paler = (atS: number): number =>
    Math.min(...(['up', 'down'] as const).map((face) => colourUnder(series, face, atS, off.browningLog)));
  const k = series.timeS.findIndex((s) => paler(s) >= 0.8);
  return (k < 0 ? series.timeS.at(-1)! : series.timeS[k]) / 60;
}

const gap = (a: FryerOff, b: FryerOff): number =>
  Math.max(...LEARNED.map((name) => Math.abs(a[name] - b[name]) / FRYER_SPREADS[name]));

describe('three hundred kitchens with a hidden truth, after five cooks', () => {
  const learned: { truth: FryerOff; found: LearnedFryer }[] = [];
  beforeAll(() => {
    for (let k = 0; k < KITCHENS; k++) {
      const { truth, cooks } = of(k, 5);
      learned.push({ truth, found: learnFryer(page, cooks) });
    }
  });

  test('the thermostat is within 6 K in four of five', () => {
    const near = learned.filter(({ truth, found }) => Math.abs(found.belief.mean.offsetK - truth.offsetK) <= 6);
    expect(near.length / KITCHENS).toBeGreaterThanOrEqual(0.8);
  });

  test.each(OF_ONE_RACK)('the 80 % range of %s holds in 70 to 90 %', (name) => {
    const held = learned.filter(
      ({ truth, found }) => Math.abs(found.belief.mean[name] - truth[name]) <= EIGHTY_RANGE * found.spread[name],
    );
    expect(held.length / KITCHENS).toBeGreaterThanOrEqual(0.7);
    expect(held.length / KITCHENS).toBeLessThanOrEqual(0.9);
  });

  test('minutes to golden are at most half as far off as before', () => {
    let [untaught, taught] = [0, 0];
    learned.forEach(({ truth, found }, k) => {
      const dish = waitedFor()[k % waitedFor().length];
      const really = goldenMin(dish, truth);
      untaught += Math.abs(goldenMin(dish, AS_ITS_PAGE) - really);
      taught += Math.abs(goldenMin(dish, found.belief.mean) - really);
    });
    expect(taught / untaught).toBeLessThanOrEqual(0.5);
  });

  test('none of them is held to be another fryer than before', () => {
    expect(learned.filter(({ found }) => found.changed !== null).length).toBeLessThanOrEqual(0.01 * KITCHENS);
  });
});

describe('more cooks', () => {
  test('one moves a belief little, ten settle it, twenty do not drift away', () => {
    const kitchens = Array.from({ length: 12 }, (_, k) => of(1000 + k, 20));
    const meanOff = (many: number): number =>
      kitchens.reduce((sum, { truth, cooks }) => {
        const { mean } = learnFryer(page, cooks.slice(0, many)).belief;
        return sum + Math.abs(mean.offsetK - truth.offsetK);
      }, 0) / kitchens.length;
    const [one, ten, twenty] = [meanOff(1), meanOff(10), meanOff(20)];
    expect(ten).toBeLessThan(one / 2);
    expect(twenty).toBeLessThanOrEqual(ten * 1.1);
    const spreads = [1, 10].map((many) => learnFryer(page, kitchens[0].cooks.slice(0, many)).spread.offsetK);
    expect(spreads[1]).toBeLessThan(spreads[0] / 2);
  });

  test('in another order they say the same, to the last digit', () => {
    const { cooks } = of(2000, 7);
    expect(learnFryer(page, [...cooks].reverse())).toEqual(learnFryer(page, cooks));
  });

  test('older ones count less', () => {
    const { cooks } = of(2001, 3);
    const aged = cooks.map((c) => ({ ...c, daysAgo: c.daysAgo + 730 }));
    const [fresh, old] = [learnFryer(page, cooks), learnFryer(page, aged)];
    OF_ONE_RACK.forEach((name) => expect(old.spread[name]).toBeGreaterThan(fresh.spread[name]));
    expect(Math.abs(old.belief.mean.offsetK)).toBeLessThan(Math.abs(fresh.belief.mean.offsetK));
  });

  test('a fryer that nobody has cooked in is as its page says, and nobody is sure of it', () => {
    const { belief, spread, taught, changed } = learnFryer(page, []);
    expect(belief.mean).toEqual(AS_ITS_PAGE);
    LEARNED.forEach((name) => expect(spread[name]).toBeCloseTo(FRYER_SPREADS[name], 9));
    expect([taught, changed]).toEqual([[], null]);
  });
});

describe('what is wrong or otherwise', () => {
  test('one absurd entry does not spoil a kitchen, and is shown as far off', () => {
    const { cooks } = of(3000, 8);
    const before = learnFryer(page, cooks);
    const [first] = cooks;
    const absurd: ObservedCook = {
      ...first,
      id: 'absurd',
      observed: toldOfCook({ colourTop: 'burnt', colourUnder: 'burnt', centreC: 20 }, [], first.happened),
    };
    const after = learnFryer(page, [...cooks, absurd]);
    expect(gap(before.belief.mean, after.belief.mean)).toBeLessThan(0.35);
    expect(after.taught.find((t) => t.id === 'absurd')!.farthest).toBeGreaterThan(4);
  });

  test('a new fryer under the old name is noticed, and what the old one taught counts no more', () => {
    const [old, fresh] = [hiddenKitchen(1), hiddenKitchen(2)];
    const truth = { offsetK: 12, airLog: 0.1, browningLog: 0.1, lowerLog: 0 };
    const another = { offsetK: -10, airLog: -0.1, browningLog: -0.1, lowerLog: 0 };
    const cooks = Array.from({ length: 12 }, (_, k) =>
      toldCook(
        k < 6 ? { ...old, truth } : { ...fresh, truth: another },
        `cook ${String(k).padStart(2, '0')}`,
        100 - 7 * k,
      ),
    );
    const { belief, changed, taught } = learnFryer(page, cooks);
    expect(changed).not.toBeNull();
    expect(Math.abs(changed!.daysAgo - (100 - 7 * 6))).toBeLessThanOrEqual(7);
    expect(changed!.before.offsetK).toBeGreaterThan(changed!.since.offsetK + 8);
    expect(Math.abs(belief.mean.offsetK - another.offsetK)).toBeLessThan(6);
    expect(taught.length).toBeLessThan(cooks.length);
  });

  test('an oven thermometer on the page is evidence as the cooks are, and one wrong reading of it is not believed', () => {
    const readings = [170, 190, 200].map((setC) => ({ setC, readC: setC + 9 }));
    const { belief, spread } = learnFryer({ ...page, readings }, []);
    expect(belief.mean.offsetK).toBeGreaterThan(7);
    expect(belief.mean.offsetK).toBeLessThan(9);
    expect(spread.offsetK).toBeLessThan(FRYER_SPREADS.offsetK / 2);
    const wrong = learnFryer({ ...page, readings: [...readings, { setC: 180, readC: 120 }] }, []);
    expect(Math.abs(wrong.belief.mean.offsetK - belief.mean.offsetK)).toBeLessThan(2.5);
  });
});

describe('the posterior', () => {
  test('of a small case is that of a grid', () => {
    // One cook, two colours and a centre; the food as it was said, so that three values span all there is.
    const lying = waitedFor()[1];
    const { cooks } = of(4000, 1);
    const happened = { ...cooks[0].happened, minutes: lying.plan.settings.minutes };
    const observed = toldOfCook({ colourTop: 1.3, colourUnder: 1.1, centreC: 84 }, [], happened);
    const cook = { ...cooks[0], lying, happened, observed };
    const { belief } = sayTogether(page, [cook]);
    const grid = Array.from({ length: 9 }, (_, k) => (k - 4) * 0.6);
    let [sum, first, second] = [0, 0, 0];
    for (const o of grid)
      for (const a of grid) {
        const [offsetK, airLog] = [o * FRYER_SPREADS.offsetK, a * FRYER_SPREADS.airLog];
        const lay = { ...lying, fryer: { ...lying.fryer, offsetC: 0 } };
        const { series } = simulatedUnder(lay, { ...NOTHING_KNOWN, offsetK, airLog }, happened, {
          options: { fine: 0.5 },
        });
        // Browning and the coat are summed over finely: they need no simulation. Food is left as it was said.
        for (const b of Array.from({ length: 41 }, (_, k) => (k - 20) * 0.15)) {
          const browningLog = b * Math.hypot(FRYER_SPREADS.browningLog, 0.08);
          const off = observed.reduce((s, one) => s + 2.5 * Math.log(1 + one.off(series, browningLog) ** 2 / 4), 0);
          const weight = Math.exp(-off - (o * o + a * a + b * b) / 2);
          sum += weight;
          first += weight * offsetK;
          second += weight * offsetK ** 2;
        }
      }
    const [mean, spread] = [first / sum, Math.sqrt(second / sum - (first / sum) ** 2)];
    // The grid leaves the food's start and size out: they widen the belief, and pull it less.
    expect(Math.abs(belief.mean.offsetK - mean)).toBeLessThan(0.35 * spread);
    expect(Math.sqrt(belief.covariance[0][0]) / spread).toBeGreaterThan(0.85);
    expect(Math.sqrt(belief.covariance[0][0]) / spread).toBeLessThan(1.25);
  });
});

describe('what a cook of the logbook says', () => {
  const programme = chickenAndOkra();
  const logged = (more: Partial<LearningCook> = {}): LearningCook => ({
    id: 'one',
    daysAgo: 3,
    programme,
    dish: 'chicken',
    pace: REAL,
    events: playedThrough(programme),
    recipe: null,
    seen: {},
    ...more,
  });

  test('colours, a centre, and that it was good; a dish without a batch says nothing', () => {
    const kinds = (cook: LearningCook) => observedOf(KNOWN, cook)?.observed.map((o) => o.what);
    expect(kinds(logged({ seen: { colourTop: 'golden', colourUnder: 0.9, centreC: 75 } }))).toEqual([
      'colour',
      'colour',
      'centre',
    ]);
    expect(kinds(logged())).toEqual([]);
    expect(kinds(logged({ seen: { overall: 'keeper' } as never }))).toEqual(['colour']);
    expect(observedOf(KNOWN, logged({ dish: 'nobody' }))).toBeNull();
  });

  test('darker than planned is a fryer that browns more', () => {
    const told = (colour: string) => observedOf(KNOWN, logged({ seen: { colourTop: colour, colourUnder: colour } }))!;
    const browner = (colour: string): number => {
      const { fryer } = told(colour).lying;
      const { mean } = learnFryer(fryer, [told(colour)]).belief;
      return mean.offsetK / FRYER_SPREADS.offsetK + mean.browningLog / FRYER_SPREADS.browningLog;
    };
    expect(browner('dark')).toBeGreaterThan(browner('golden'));
    expect(browner('golden')).toBeGreaterThan(browner('straw'));
  });
});

describe('what was learned, used', () => {
  const taught = (mean: FryerOff, cooks = 6): LearnedFryer => ({
    belief: { mean, covariance: [] },
    spread: { offsetK: 3.96, airLog: 0.1, browningLog: 0.08, lowerLog: 0 },
    taught: Array.from({ length: cooks }, (_, k) => ({ id: `${k}`, daysAgo: k, alone: mean, farthest: 0 })),
    changed: null,
  });
  const hot = taught({ offsetK: 9.2, airLog: 0.05, browningLog: 0.1, lowerLog: 0 });

  test('stands in the place of the page, which is given back whole', () => {
    const measured = { ...page, offsetC: 3, airFactor: 1.1 };
    const used = asLearned(measured, hot);
    expect(used).toMatchObject({ offsetC: 9, airFactor: 1.16, browning: 1.1 });
    expect(used.learned).toEqual({
      cooks: 6,
      offK: 4,
      airOff: 0.1,
      browningOff: 0.08,
      page: { offsetC: 3, airFactor: 1.1 },
    });
    expect(asItsPage(used)).toEqual(measured);
    // Learned again, it is learned of the page, and not of what was learned.
    expect(asLearned(used, hot)).toEqual(used);
  });

  test('of no cook and no thermometer changes nothing', () => {
    expect(asLearned(page, taught(AS_ITS_PAGE, 0))).toEqual(page);
  });

  test('a fryer that browns faster makes the same cook darker, and no hotter', () => {
    const [lying] = waitedFor();
    const end = (browning: number) => {
      const { series } = simulatedUnder({ ...lying, fryer: { ...lying.fryer, browning } }, NOTHING_KNOWN, {
        minutes: 14,
        turnAtMin: 7,
        opensAtMin: [],
        touchUpAtMin: null,
      });
      return { colour: series.columns.colourUp.at(-1)!, centreC: series.columns.centreC.at(-1)! };
    };
    const [usual, fast] = [end(1), end(1.2)];
    expect(fast.colour).toBeGreaterThan(usual.colour * 1.1);
    expect(fast.centreC).toBeCloseTo(usual.centreC, 3);
  });

  test('is said in a sentence, with how sure it is; what is next to nothing is not', () => {
    expect(plain(saidOfFryer('Galley', hot))).toBe(
      'Galley runs 9 °C ± 4 °C hotter than its setting, blows 5 ± 11 % stronger than its kind and browns 11 ± 8 % faster, by 6 cooks.',
    );
    expect(
      plain(saidOfFryer('Galley', taught({ offsetK: -0.4, airLog: 0.01, browningLog: -0.02, lowerLog: 0 }, 1))),
    ).toBe('Galley keeps its setting within 4 °C, by 1 cook.');
    expect(plain(saidOfFryer('Galley', taught(AS_ITS_PAGE, 0)))).toBe('Nothing was learned of Galley yet.');
  });
});
