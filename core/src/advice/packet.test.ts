import { BREADED, PLAIN_FRYER } from '../../testing/plain.js';
import { PLAIN_AIR, takenAs, takenOtherwise, type AirPlan, type Dish, type Fryer } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { evaluateFried, type AirResult, type Asked } from '../plan/index.js';
import { asMeantThen } from './meant.js';
import { packetHere } from './packet.js';

const dish: Dish = {
  foodId: 'halloumi',
  shape: { kind: 'slab', lengthMm: 60, widthMm: 30, thicknessMm: 15 },
  count: 6,
  startC: 8,
  skin: 'dry',
  preparation: 'raw',
};
const plan: AirPlan = {
  layers: BREADED,
  restMin: 5,
  oilGm2: 20,
  second: null,
  settings: { ...PLAIN_AIR, tempC: 185, minutes: 12, preheated: true, turnAtMin: 6, under: 'basket' },
};
const WORD = { tempC: 190, minutes: 14, turned: true };
const asked = (fryer: Fryer): Asked => ({
  pantry: KNOWN,
  dish,
  fried: { layers: BREADED, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 4 },
  fryer,
  limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 40, preheat: true },
});
const fried = evaluateFried(asked(PLAIN_FRYER));
const inFryer = (fryer: Fryer, word = WORD, writtenFor: Fryer | null = null) =>
  packetHere(asked(fryer), plan, word, fried, writtenFor);
const colour = ({ series: { columns } }: AirResult): number =>
  Math.min(columns.colourUp.at(-1)!, columns.colourDown.at(-1)!);
const gap = (a: AirResult, b: AirResult): number => Math.abs(Math.log(colour(a) / colour(b)));

describe('a packet’s word', () => {
  test('in a fryer as usual is itself', () => {
    const { meant, here, nearest, differs, left } = inFryer({ ...PLAIN_FRYER, airFactor: 1, offsetC: 0 });
    expect(here.plan).toEqual(meant.plan);
    expect([differs, left]).toEqual([[], []]);
    expect(nearest.plan.settings).toMatchObject({ tempC: WORD.tempC, minutes: WORD.minutes });
  });

  test('in one that runs hot comes out darker, and what was meant is cooler or shorter', () => {
    const { meant, here, nearest } = inFryer({ ...PLAIN_FRYER, airFactor: 1.1, offsetC: 14 });
    expect(colour(here)).toBeGreaterThan(colour(meant) * 1.2);
    expect(gap(nearest, meant)).toBeLessThan(0.12);
    const { tempC, minutes } = nearest.plan.settings;
    expect(tempC < WORD.tempC || minutes < WORD.minutes).toBe(true);
  });

  test('in one that was learned is held to a usual one, and not to itself', () => {
    const page = { ...PLAIN_FRYER, airFactor: 1, offsetC: 0 };
    const learned: Fryer = {
      ...page,
      offsetC: -12,
      browning: 0.85,
      learned: { cooks: 5, offK: 3, page: { offsetC: 0, airFactor: 1 } },
    };
    const { meant, here, nearest } = inFryer(learned);
    expect(colour(meant)).toBeCloseTo(colour(inFryer(page).meant), 6);
    expect(colour(here)).toBeLessThan(colour(meant) * 0.85);
    expect(gap(nearest, meant)).toBeLessThan(gap(here, meant) / 2);
  });

  test.each([
    [-15, 0.8],
    [-6, 1.2],
    [10, 0.9],
    [18, 1.15],
  ])(
    'off by %d K and with air of %d: nearer than as it was said, and as the fryer can be set',
    (offsetC, airFactor) => {
      const fryer = { ...PLAIN_FRYER, offsetC, airFactor, stepC: 5, timeLimitMin: 30 };
      const { meant, here, nearest } = inFryer(fryer);
      expect(gap(nearest, meant)).toBeLessThanOrEqual(gap(here, meant));
      const { tempC, minutes } = nearest.plan.settings;
      expect(tempC % 5).toBe(0);
      expect(tempC).toBeGreaterThanOrEqual(fryer.minTempC);
      expect(tempC).toBeLessThanOrEqual(fryer.maxTempC);
      expect(minutes).toBeLessThanOrEqual(30);
    },
  );

  test('hotter than this fryer goes is taken as hot as it goes', () => {
    const { here } = inFryer({ ...PLAIN_FRYER, maxTempC: 180 }, { ...WORD, tempC: 220 });
    expect(here.plan.settings.tempC).toBe(180);
  });
});

describe('a word for another appliance', () => {
  const drawer: Fryer = { ...PLAIN_FRYER, airFactor: 1, offsetC: 0 };
  const oven: Fryer = {
    ...drawer,
    name: 'Fan oven',
    kind: 'fan-oven',
    basket: { kind: 'rectangle', widthMm: 440, depthMm: 360 },
    maxTempC: 250,
  };

  // Common practice, no source: a recipe for the oven goes into an air fryer some 10–25 °C cooler, or a fifth shorter.
  test('of a fan oven is cooler or shorter in a drawer, and comes out as it was meant', () => {
    const { meant, here, nearest } = inFryer(drawer, { tempC: 200, minutes: 20, turned: true }, oven);
    expect(colour(here)).toBeGreaterThan(colour(meant) * 1.1);
    expect(gap(nearest, meant)).toBeLessThan(0.15);
    const { tempC, minutes } = nearest.plan.settings;
    expect(tempC <= 200 && minutes <= 20 && (tempC < 200 || minutes < 20)).toBe(true);
  });

  test('there and back again comes near to where it began', () => {
    const there = inFryer(drawer, { tempC: 200, minutes: 20, turned: true }, oven).nearest.plan.settings;
    const back = inFryer(oven, { tempC: there.tempC, minutes: there.minutes, turned: true }, drawer);
    const begun = inFryer(oven, { tempC: 200, minutes: 20, turned: true }, oven);
    expect(gap(back.nearest, begun.meant)).toBeLessThan(0.2);
  });
});

describe('a plan of before its fryer was learned', () => {
  const page: Fryer = { ...PLAIN_FRYER, airFactor: 1, offsetC: 0 };
  const then = takenAs(page);

  test('gives what it meant at a cooler or shorter setting where the fryer runs hot', () => {
    const { meant, here, nearest } = asMeantThen(asked({ ...page, offsetC: 12, browning: 1.1 }), plan, then, fried);
    expect(colour(here)).toBeGreaterThan(colour(meant) * 1.2);
    expect(gap(nearest, meant)).toBeLessThan(gap(here, meant) / 2);
    const { tempC, minutes, turnAtMin } = nearest.plan.settings;
    expect(tempC < plan.settings.tempC || minutes < plan.settings.minutes).toBe(true);
    // Turned at the same share of the time.
    expect(turnAtMin! / minutes).toBeCloseTo(0.5, 1);
  });

  test('is left as it is where nothing was learned that it notices', () => {
    const { nearest, differs } = asMeantThen(asked(page), plan, then, fried);
    expect(differs).toEqual([]);
    expect(nearest.plan.settings).toEqual(plan.settings);
    expect(takenOtherwise(then, takenAs({ ...page, offsetC: 2, browning: 1.05 }))).toBe(false);
    expect(takenOtherwise(then, takenAs({ ...page, offsetC: -3 }))).toBe(true);
    expect(takenOtherwise(then, takenAs({ ...page, browning: 1.1 }))).toBe(true);
  });
});
