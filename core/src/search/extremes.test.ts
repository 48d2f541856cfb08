import fc from 'fast-check';
import type { LayerSpec } from '../coat/index.js';
import { PLAIN_AIR, type AirPlan, type Dish, type Fryer } from '../dish/index.js';
import { KNOWN, KNOWN_INGREDIENTS } from '../foods/index.js';
import { COLUMNS, type CookSeries } from '../heat/index.js';
import type { PieceShape } from '../piece/index.js';
import { evaluateAir, evaluateFried } from '../plan/index.js';

/** Anything that a cook may send, to the ends of every range: the answer stays finite, and its balances close. */

const ids = (picks: (i: (typeof KNOWN_INGREDIENTS)[number]) => boolean): string[] =>
  KNOWN_INGREDIENTS.filter(picks).map((i) => i.id);
const number = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

const shape: fc.Arbitrary<PieceShape> = fc.oneof(
  fc.record({
    kind: fc.constant('slab' as const),
    lengthMm: number(3, 300),
    widthMm: number(3, 300),
    thicknessMm: number(3, 80),
  }),
  fc.record({ kind: fc.constant('rod' as const), diameterMm: number(3, 80), lengthMm: number(3, 300) }),
  fc.record({
    kind: fc.constant('ring' as const),
    outerMm: number(40, 300),
    innerMm: number(3, 38),
    thicknessMm: number(3, 80),
  }),
  fc.record({ kind: fc.constant('ball' as const), diameterMm: number(3, 80) }),
);

const layers: fc.Arbitrary<LayerSpec[]> = fc.array(
  fc.record({
    portions: fc.array(fc.record({ ingredientId: fc.constantFrom(...ids((i) => !i.food)), grams: number(0.1, 300) }), {
      minLength: 1,
      maxLength: 3,
    }),
    pressed: fc.boolean(),
    clumped: fc.boolean(),
    standMin: number(0, 120),
    drainS: number(1, 60),
  }),
  { minLength: 1, maxLength: 5 },
);

const dish: fc.Arbitrary<Dish> = fc.record({
  foodId: fc.constantFrom(...ids((i) => i.food !== undefined)),
  shape,
  count: fc.integer({ min: 1, max: 500 }),
  startC: number(-30, 60),
  skin: fc.constantFrom('dry', 'damp', 'wet'),
  preparation: fc.constantFrom('raw', 'blanched', 'frozen', 'pre-cooked'),
});

const fryer: fc.Arbitrary<Fryer> = fc.record({
  name: fc.constant('Any'),
  kind: fc.constantFrom('drawer', 'oven-type', 'fan-oven', 'still-oven'),
  basket: fc.record({ kind: fc.constant('round' as const), diameterMm: number(80, 600) }),
  racks: fc.integer({ min: 1, max: 4 }),
  minTempC: fc.constant(80),
  maxTempC: fc.constant(260),
  stepC: fc.constant(5),
  airFactor: number(0.4, 2.5),
  offsetC: number(-40, 40),
});

const second: fc.Arbitrary<AirPlan['second']> = fc.option(
  fc.record({
    sauce: fc.constantFrom(...ids((i) => i.roles.includes('sauce'))).map((ingredientId) => ({
      portions: [{ ingredientId, grams: 10 }],
    })),
    sauceGm2: number(0, 800),
    coolMin: number(0, 30),
    tempC: number(80, 260),
    minutes: number(1, 40),
  }),
);

const settings = fc.record({
  tempC: number(80, 260),
  minutes: number(1, 60),
  preheated: fc.boolean(),
  turnAtMin: fc.option(number(0, 30)),
  under: fc.constantFrom('basket' as const, 'rack' as const, 'parchment' as const),
  waterTray: fc.boolean(),
  looks: fc.integer({ min: 0, max: 10 }),
  swapEveryMin: fc.option(number(1, 30)),
});

const sound = (series: CookSeries): boolean =>
  COLUMNS.every((c) => series.columns[c].every(Number.isFinite)) &&
  Math.abs(series.energyError) < 0.005 &&
  Math.abs(series.waterError) < 0.005;

test('no dish, coat, fryer and cook within the ranges breaks the simulation', () => {
  fc.assert(
    fc.property(
      dish,
      layers,
      fryer,
      second,
      settings,
      number(0, 60),
      number(0, 200),
      number(120, 210),
      (d, coat, f, then, how, restMin, oilGm2, oilC) => {
        const pot = { layers: coat, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: oilC, minutes: 6 } as const;
        const fried = evaluateFried({ pantry: KNOWN, dish: d, fried: pot });
        const plan: AirPlan = { layers: coat, restMin, oilGm2, second: then, settings: { ...PLAIN_AIR, ...how } };
        const { series, likeness } = evaluateAir({ pantry: KNOWN, dish: d, fryer: f }, plan, fried, { waits: true });
        return sound(fried.series) && sound(series) && series.waiting.every((w) => sound(w.series)) && likeness >= 0;
      },
    ),
    { numRuns: 50, seed: 20261125 },
  );
}, 60_000);
