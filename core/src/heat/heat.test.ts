import fc from 'fast-check';
import { buildCoat, type LayerSpec } from '../coat/index.js';
import { foodOf } from '../foods/index.js';
import { geometryOf, type PieceShape } from '../piece/index.js';
import {
  airMedium,
  COLUMNS,
  deepOil,
  panOil,
  simulate,
  type AirCook,
  type CookInput,
  type SimulateOptions,
} from './index.js';

const layer = (...parts: [string, number][]): LayerSpec => ({
  portions: parts.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});
const COATS: LayerSpec[][] = [
  [layer(['wheat-flour', 60]), layer(['egg', 50]), layer(['coarse-crumbs', 60])],
  [layer(['wheat-flour', 100], ['water', 140])],
  [layer(['egg', 50]), layer(['potato-starch', 60])],
  [layer(['chickpea-flour', 100], ['water', 130]), layer(['fine-crumbs', 60])],
  [],
];
const SLAB: PieceShape = { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 14 };
const AIR: AirCook = {
  fryer: 'drawer',
  tempC: 190,
  preheated: false,
  turnAtMin: null,
  under: 'basket',
  coverage: 0.5,
  airFactor: 1,
  offsetK: 0,
};

function input(
  more: Partial<CookInput> & { foodId?: string; shape?: PieceShape; coat?: number; air?: Partial<AirCook> } = {},
): CookInput {
  const { foodId = 'chicken-breast', shape = SLAB, coat = 0, air = {}, ...rest } = more;
  const food = foodOf(foodId);
  const piece = geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity));
  return {
    food,
    piece,
    layers: buildCoat(COATS[coat], 'damp', piece.drainLengthM),
    startC: 8,
    startFirmness: food.food.firmness,
    restMin: 5,
    oilGm2: 15,
    medium: airMedium({ ...AIR, ...air }),
    minutes: 10,
    ...rest,
  };
}

const end = (cook: CookInput, options?: SimulateOptions) => {
  const series = simulate(cook, options);
  const last = series.timeS.length - 1;
  return { series, at: (c: (typeof COLUMNS)[number]) => series.columns[c][last] };
};

const COOKS: [string, CookInput][] = [
  ['breaded chicken in air', input()],
  ['battered mushroom in air', input({ foodId: 'oyster-mushroom', coat: 1, restMin: 0 })],
  ['starch shell in air, turned', input({ coat: 2, air: { turnAtMin: 5, tempC: 205 } })],
  ['batter and crumbs in an oven-type', input({ coat: 3, air: { fryer: 'oven-type' }, minutes: 20 })],
  ['bare courgette on parchment', input({ coat: 4, foodId: 'courgette', air: { under: 'parchment' } })],
  ['frozen ball', input({ foodId: 'cauliflower', shape: { kind: 'ball', diameterMm: 25 }, startC: -18 })],
  [
    'batter in deep oil',
    input({ coat: 1, restMin: 0, medium: deepOil({ tempC: 180, oilKgPerPiece: 0.5 }), minutes: 5 }),
  ],
  [
    'breaded aubergine in a pan',
    input({ foodId: 'aubergine', medium: panOil({ tempC: 175, turnAtMin: 3 }), minutes: 6 }),
  ],
];

describe('balances', () => {
  test.each(COOKS)('%s: energy and water close within 0.5 %%', (_, cook) => {
    const { series } = end(cook);
    expect(Math.abs(series.energyError)).toBeLessThan(0.005);
    expect(Math.abs(series.waterError)).toBeLessThan(0.005);
    expect(series.heatJ).toBeGreaterThan(0);
  });
});

describe('the answer does not hang on cells and steps', () => {
  test('twice the cells and half the step move a breaded piece by less than 1 K and 5 %% of its colour', () => {
    const make = () => input({ air: { turnAtMin: 5 } });
    const [coarse, fine] = [end(make()), end(make(), { fine: 2 })];
    expect(Math.abs(coarse.at('centreC') - fine.at('centreC'))).toBeLessThan(1);
    expect(Math.abs(coarse.at('colourUp') / fine.at('colourUp') - 1)).toBeLessThan(0.05);
  });
});

/** The same cooks in every run: a failure can be looked at, and a run does not fail by luck. */
const SEED = 20261124;

describe('properties of every cook', () => {
  const cooks = fc.record({
    coat: fc.integer({ min: 0, max: COATS.length - 1 }),
    foodId: fc.constantFrom('chicken-breast', 'courgette', 'halloumi', 'oyster-mushroom', 'cod', 'tofu'),
    thicknessMm: fc.integer({ min: 5, max: 35 }),
    tempC: fc.integer({ min: 150, max: 215 }),
    oilGm2: fc.integer({ min: 0, max: 40 }),
    startC: fc.constantFrom(-18, 4, 20),
  });
  const build = (c: {
    coat: number;
    foodId: string;
    thicknessMm: number;
    tempC: number;
    oilGm2: number;
    startC: number;
  }) =>
    input({ ...c, shape: { ...SLAB, thicknessMm: c.thicknessMm } as PieceShape, air: { tempC: c.tempC }, minutes: 8 });

  test('no value is ever NaN or infinite, no water negative', () => {
    fc.assert(
      fc.property(cooks, (c) => {
        const { series } = end(build(c), { profiles: true });
        for (const column of COLUMNS) expect(series.columns[column].every(Number.isFinite)).toBe(true);
        expect(series.profiles!.waterX.every((x) => x >= 0)).toBe(true);
        expect(series.profiles!.tempC.every((t) => t > -40 && t < 230)).toBe(true);
      }),
      { numRuns: 80, seed: SEED },
    );
  });

  test('hotter air never gives a colder centre, a thicker piece never a faster one, more oil never a paler crumb', () => {
    fc.assert(
      fc.property(cooks, (c) => {
        const base = end(build(c));
        const hotter = end(build({ ...c, tempC: c.tempC + 12 }));
        const thicker = end(build({ ...c, thicknessMm: c.thicknessMm + 6 }));
        const oilier = end(build({ ...c, oilGm2: c.oilGm2 + 15 }));
        // A centre that boils or dries out stands at 95–100 °C however hot the air is.
        const centre = (cook: typeof base): number => Math.min(94, cook.at('centreC'));
        expect(centre(hotter)).toBeGreaterThanOrEqual(centre(base) - 0.6);
        expect(centre(thicker)).toBeLessThanOrEqual(centre(base) + 0.6);
        expect(oilier.at('colourUp')).toBeGreaterThanOrEqual(base.at('colourUp') * 0.99 - 0.01);
      }),
      { numRuns: 40, seed: SEED },
    );
  });
});

describe('what surrounds the food', () => {
  test('the underside browns less on parchment than on a basket, less there than on a rack', () => {
    const under = (u: AirCook['under']): number => end(input({ air: { under: u } })).at('colourDown');
    expect(under('parchment')).toBeLessThan(under('basket'));
    expect(under('basket')).toBeLessThan(under('rack'));
  });

  test('turning evens out the two sides', () => {
    const gap = (turnAtMin: number | null): number => {
      const { at } = end(input({ air: { turnAtMin } }));
      return Math.abs(at('colourUp') - at('colourDown'));
    };
    expect(gap(5.5)).toBeLessThan(gap(null));
  });

  test('a crowded basket is slower, a preheated one faster, an oven-type slower than a drawer', () => {
    const centre = (air: Partial<AirCook>): number => end(input({ air })).at('centreC');
    expect(centre({ coverage: 0.95 })).toBeLessThan(centre({}));
    expect(centre({ preheated: true })).toBeGreaterThan(centre({}));
    expect(centre({ fryer: 'oven-type' })).toBeLessThan(centre({}));
  });

  test('a pot of oil cools by its load, more when there is less of it', () => {
    const coolest = (oilKgPerPiece: number): number => {
      const { series } = end(input({ medium: deepOil({ tempC: 180, oilKgPerPiece }), minutes: 4, restMin: 0 }));
      return Math.min(...series.columns.airC);
    };
    expect(coolest(0.3)).toBeLessThan(coolest(2));
    expect(coolest(2)).toBeLessThan(180);
  });

  test('frozen food thaws before it warms: its centre stands at the thawing point on the way', () => {
    const { series } = end(input({ startC: -18, minutes: 12 }));
    const standing = series.columns.centreC.filter((t) => t > -2 && t < 0.5).length * series.sampleS;
    expect(standing).toBeGreaterThan(60);
  });
});
