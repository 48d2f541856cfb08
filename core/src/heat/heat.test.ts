import fc from 'fast-check';
import { AT_WORK } from '../../testing/plain.js';
import { layerOf, buildCoat, buildSauce, type LayerSpec } from '../coat/index.js';
import { KNOWN, foodOf } from '../foods/index.js';
import { geometryOf, type PieceShape } from '../piece/index.js';
import {
  airMedium,
  COLUMNS,
  deepOil,
  panOil,
  simulate,
  type AirCook,
  PLACES,
  type CookInput,
  type Level,
  type Place,
  type SecondCook,
  type SimulateOptions,
} from './index.js';

const COATS: LayerSpec[][] = [
  [layerOf(['wheat-flour', 60]), layerOf(['egg', 50]), layerOf(['coarse-crumbs', 60])],
  [layerOf(['wheat-flour', 100], ['water', 140])],
  [layerOf(['egg', 50]), layerOf(['potato-starch', 60])],
  [layerOf(['chickpea-flour', 100], ['water', 130]), layerOf(['fine-crumbs', 60])],
  [],
];
const SLAB: PieceShape = { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 14 };

function input(
  more: Partial<CookInput> & { foodId?: string; shape?: PieceShape; coat?: number; air?: Partial<AirCook> } = {},
): CookInput {
  const { foodId = 'chicken-breast', shape = SLAB, coat = 0, air = {}, ...rest } = more;
  const food = foodOf(KNOWN, foodId);
  const piece = geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity));
  return {
    food,
    piece,
    layers: buildCoat(KNOWN, COATS[coat], 'damp', piece.drainLengthM),
    startC: 8,
    startFirmness: food.food.firmness,
    restMin: 5,
    oilGm2: 15,
    medium: airMedium({ ...AT_WORK, ...air }),
    minutes: 10,
    ...rest,
  };
}

const end = (cook: CookInput, options?: SimulateOptions) => {
  const series = simulate(cook, options);
  const last = series.timeS.length - 1;
  return { series, at: (c: (typeof COLUMNS)[number]) => series.columns[c][last] };
};

const SAUCE = buildSauce(KNOWN, layerOf(['barbecue-sauce', 100]), 160);
const again = (): SecondCook => ({
  sauce: SAUCE,
  coolMin: 4,
  minutes: 6,
  medium: airMedium({ ...AT_WORK, preheated: true }),
});

const COOKS: [string, CookInput][] = [
  ['breaded chicken in air', input()],
  ['battered mushroom in air', input({ foodId: 'oyster-mushroom', coat: 1, restMin: 0 })],
  ['starch shell in air, turned', input({ coat: 2, air: { turnAtMin: 5, tempC: 205 } })],
  ['batter and crumbs in an oven-type', input({ coat: 3, air: { fryer: 'oven-type' }, minutes: 20 })],
  ['bare courgette on parchment', input({ coat: 4, foodId: 'courgette', air: { under: 'parchment' } })],
  ['over a tray of boiling water, opened twice', input({ air: { waterTray: true, opensAtMin: [3, 6] } })],
  [
    'on the upper of two racks, swapped',
    input({ coat: 3, air: { fryer: 'oven-type', level: 'upper', swapEveryMin: 4, pieces: 20 }, minutes: 15 }),
  ],
  ['cooled, sauced and cooked again', input({ second: again() })],
  ['frozen ball', input({ foodId: 'cauliflower', shape: { kind: 'ball', diameterMm: 25 }, startC: -18 })],
  ['frozen in a wet batter that runs', input({ coat: 1, startC: -18, restMin: 10 })],
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

  test('they close while the cooked piece waits, too, on every place, plain and sauced', () => {
    const waiting = PLACES.flatMap((place) => [
      { place, sauce: null },
      { place, sauce: SAUCE },
    ]);
    const { series } = end(input(), { waiting });
    for (const w of series.waiting) {
      expect(Math.abs(w.series.energyError)).toBeLessThan(0.005);
      expect(Math.abs(w.series.waterError)).toBeLessThan(0.005);
    }
  });
});

describe('the answer does not hang on cells and steps', () => {
  test.each(COOKS)(
    '%s: twice the cells and half the step move its centre by < 1.1 K and its colour by < 5 %%',
    (_, cook) => {
      const [coarse, fine] = [end(cook), end(cook, { fine: 2 })];
      expect(Math.abs(coarse.at('centreC') - fine.at('centreC'))).toBeLessThan(1.1);
      for (const face of ['colourUp', 'colourDown'] as const) {
        expect(Math.abs(coarse.at(face) - fine.at(face))).toBeLessThan(0.05 * fine.at(face) + 0.01);
      }
    },
  );

  test('the same cook twice is the same, to the last digit', () => {
    const [, cook] = COOKS[0];
    expect(end(cook).series.columns).toEqual(end(cook).series.columns);
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
        // Without a coat there is no crumb: there oil only closes the pores that dry.
        if (COATS[c.coat].length > 0)
          expect(oilier.at('colourUp')).toBeGreaterThanOrEqual(base.at('colourUp') * 0.99 - 0.015);
      }),
      { numRuns: 40, seed: SEED },
    );
  });

  test('a thin slice of tofu in a batter browns the more the more oil lies on it, up to where it is full of it', () => {
    const slice: PieceShape = { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 5 };
    const browned = [10, 20, 30, 40, 55].map((oilGm2) =>
      end(input({ coat: 1, foodId: 'tofu', shape: slice, startC: -18, oilGm2, air: { tempC: 212 }, minutes: 8 })).at(
        'colourUp',
      ),
    );
    for (let k = 1; k < browned.length; k++) expect(browned[k]).toBeGreaterThan(browned[k - 1]);
  });
});

describe('after the heat', () => {
  const crunchAfter = (minutes: number, place: Place, sauced = false): { up: number; down: number } => {
    const { series } = end(input(), { waiting: [{ place, sauce: sauced ? SAUCE : null }] });
    const { columns, sampleS } = series.waiting[0].series;
    const at = (minutes * 60) / sampleS;
    return { up: columns.crunchUpMm[at], down: columns.crunchDownMm[at] };
  };

  test('on a rack both sides stay alike; on a plate the underside wilts first', () => {
    const [rack, plate] = [crunchAfter(5, 'rack'), crunchAfter(5, 'plate')];
    expect(rack.down).toBeGreaterThan(0.6 * rack.up);
    expect(plate.down).toBeLessThan(0.6 * plate.up);
    expect(plate.down).toBeLessThan(rack.down);
  });

  test('a sauce takes the crunch before a plate does', () => {
    expect(crunchAfter(5, 'rack', true).up).toBeLessThan(crunchAfter(5, 'plate').up);
  });

  test('the longer it waits the less it crunches', () => {
    const kept = [1, 5, 10, 20, 30].map((m) => crunchAfter(m, 'rack').up);
    expect(kept).toEqual([...kept].sort((a, b) => b - a));
  });

  test('a second sauce on a sauced piece is refused and not guessed at', () => {
    expect(() => end(input({ second: again() }), { waiting: [{ place: 'rack', sauce: SAUCE }] })).toThrow(RangeError);
  });

  test('food that is bone dry takes water from its batter: of that no share of nothing is told', () => {
    const cook = input({ coat: 1 });
    const dry = { ...cook.food, per100g: { ...cook.food.per100g, waterG: 1e-6 } };
    const { foodWaterLost } = simulate({ ...cook, food: dry }).columns;
    expect(Math.min(...foodWaterLost)).toBeLessThan(0);
    expect(Math.min(...foodWaterLost)).toBeGreaterThan(-0.1);
  });

  test('a sauced piece that is cooked again is drier than one that is only sauced', () => {
    const cookedOn = end(input({ second: again() }));
    const shortly = end(input({ second: { ...again(), minutes: 1 } }));
    expect(cookedOn.at('coatWaterGm2')).toBeLessThan(shortly.at('coatWaterGm2'));
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

  test('a tray of boiling water warms the inside sooner and browns later', () => {
    const [dry, steamed] = [end(input()), end(input({ air: { waterTray: true } }))];
    expect(steamed.at('centreC')).toBeGreaterThan(dry.at('centreC'));
    expect(steamed.at('colourUp')).toBeLessThan(dry.at('colourUp'));
  });

  test('each opening costs colour', () => {
    const colour = (opensAtMin: number[]): number => end(input({ air: { opensAtMin } })).at('colourUp');
    expect(colour([4])).toBeLessThan(colour([]));
    expect(colour([2, 4, 6, 8])).toBeLessThan(colour([4]));
  });

  test('a larger load cools the air that it cooks in', () => {
    const coldest = (pieces: number): number => end(input({ air: { pieces } })).at('airC');
    expect(coldest(30)).toBeLessThan(coldest(2) - 3);
  });

  test('the upper rack browns faster than the lower; swapping brings them together', () => {
    const colour = (level: Level, swapEveryMin: number | null): number =>
      end(input({ air: { level, swapEveryMin, fryer: 'oven-type' }, minutes: 16 })).at('colourUp');
    const apart = colour('upper', null) / colour('lower', null);
    const swapped = colour('upper', 4) / colour('lower', 4);
    expect(apart).toBeGreaterThan(1.5);
    expect(Math.abs(swapped - 1)).toBeLessThan(0.3);
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
