import fc from 'fast-check';
import { BREADED, PLAIN_FRYER, spec } from '../../testing/plain.js';
import type { Load } from '../basket/index.js';
import { PLAIN_AIR, PLAIN_OILING, planId, type AirPlan, type Dish, type Fryer } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { evaluateAir, evaluateFried, type Asked } from '../plan/index.js';
import { plain } from '../units/index.js';
import { movedTo, whyOtherwise } from './move.js';

const galley: Fryer = {
  ...PLAIN_FRYER,
  name: 'Galley',
  airFactor: 1.08,
  offsetC: 6,
  hotSpots: [2, 3, 3, 2, 2, 3, 1, 2, 2],
};
const loft: Fryer = {
  ...galley,
  name: 'Loft',
  kind: 'oven-type',
  basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
  racks: 2,
  airFactor: 1,
  offsetC: 0,
  hotSpots: undefined,
};
const load = (piecesPerBatch: number, racksUsed: number): Load => ({
  piecesPerBatch,
  batches: 2,
  perBatch: [piecesPerBatch, piecesPerBatch],
  coverage: 0.5,
  racksUsed,
  fits: true,
});

describe('why a plan comes out otherwise in another fryer', () => {
  test('slower air, a cooler thermostat, two racks and more room', () => {
    const said = whyOtherwise(galley, loft, load(5, 1), load(12, 2)).map(plain).join(' ');
    expect(said).toMatch(/about 5\d % of the heat .* Galley’s does: the coat sets and browns later/);
    expect(said).toMatch(/6 °C cooler inside/);
    expect(said).toMatch(/change places/);
    expect(said).toMatch(/12 lie side by side there, 5 in Galley/);
  });

  test('and the other way round, with its hot spots', () => {
    const said = whyOtherwise(loft, galley, load(12, 2), load(5, 1)).map(plain).join(' ');
    expect(said).toMatch(/about 1\.\d times the heat/);
    expect(said).toMatch(/the basket is turned round/);
    expect(said).not.toMatch(/change places/);
  });

  test('two of one kind need no words', () =>
    expect(whyOtherwise(loft, { ...loft, name: 'Twin' }, load(12, 2), load(12, 2))).toEqual([]));
});

describe('moving a plan', () => {
  const dish: Dish = {
    foodId: 'aubergine',
    shape: { kind: 'slab', lengthMm: 90, widthMm: 60, thicknessMm: 12 },
    count: 8,
    startC: 12,
    skin: 'damp',
    preparation: 'raw',
  };
  const request: Asked = {
    pantry: KNOWN,
    dish,
    fried: { layers: BREADED, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 3 },
    fryer: galley,
    limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 20, preheat: false },
  };
  const pot = evaluateFried(request);
  const second = { sauce: spec(['tomato-sauce', 100]), sauceGm2: 120, coolMin: 3, tempC: 180, minutes: 5 };
  const plans = fc.record({
    tempC: fc.integer({ min: 32, max: 40 }).map((n) => 5 * n),
    minutes: fc.integer({ min: 4, max: 18 }),
    turned: fc.boolean(),
    looks: fc.integer({ min: 0, max: 2 }),
    touchUpGm2: fc.constantFrom(0, 8),
    sauced: fc.boolean(),
    basketTurned: fc.boolean(),
  });

  test('to an identical fryer changes nothing, whatever the plan', () => {
    fc.assert(
      fc.property(plans, ({ tempC, minutes, turned, looks, touchUpGm2, sauced, basketTurned }) => {
        const turnAtMin = turned ? Math.ceil(minutes / 2) : null;
        const plan: AirPlan = {
          layers: BREADED,
          restMin: 5,
          oilGm2: 15,
          oiling: { ...PLAIN_OILING, touchUpGm2 },
          settings: {
            ...PLAIN_AIR,
            tempC,
            minutes,
            preheated: false,
            turnAtMin,
            under: 'basket',
            looks,
            basketTurned,
          },
          second: sauced ? second : null,
        };
        const current = evaluateAir(request, plan, pot);
        const moved = movedTo(request, { ...galley, name: 'Twin' }, pot, current);
        expect(planId(moved.plan)).toBe(planId(plan));
        expect(moved.changes).toEqual([]);
      }),
      { numRuns: 25 },
    );
  });

  test('to slower air it takes longer, and comes out alike', () => {
    const plan: AirPlan = {
      layers: BREADED,
      restMin: 5,
      oilGm2: 15,
      settings: { ...PLAIN_AIR, tempC: 190, minutes: 11, preheated: false, turnAtMin: 6, under: 'basket' },
      second: null,
    };
    const moved = movedTo(request, loft, pot, evaluateAir(request, plan, pot));
    expect(moved.plan.settings.minutes).toBeGreaterThan(11);
    expect(moved.result.works).toBe(true);
  });
});
