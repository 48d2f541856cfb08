import { BREADED, PLAIN_FRYER, slabsOf, spec } from '../../testing/plain.js';
import type { LayerSpec } from '../coat/index.js';
import { cookInAir, PLAIN_AIR, readyPiece, type Dish, type InBasket } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import type { Column, CookSeries, SimulateOptions } from './index.js';

/** One cook tells of every oil on a set coat: against cooks that each oil has for itself. */

const LIES: InBasket = { coverage: 0.5, pieces: 8, level: 'only' };
const STARCH: LayerSpec[] = [spec(['egg', 40]), spec(['potato-starch', 60])];
const FLOURED: LayerSpec[] = [spec(['buttermilk', 80]), spec(['wheat-flour', 80])];

const slab = (foodId: string, thicknessMm: number): Dish =>
  slabsOf(foodId, { shape: { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm } });

function cooked(
  dish: Dish,
  layers: readonly LayerSpec[],
  oilGm2: number,
  options: SimulateOptions = {},
  turnAtMin: number | null = 8,
): CookSeries {
  const settings = { ...PLAIN_AIR, tempC: 190, minutes: 16, preheated: true, turnAtMin, under: 'basket' as const };
  const plan = { layers: [...layers], restMin: 5, oilGm2, second: null, settings };
  return cookInAir(readyPiece(KNOWN, dish, layers), dish, plan, PLAIN_FRYER, LIES, options);
}

const CASES: [string, Dish, readonly LayerSpec[]][] = [
  ['thin chicken in crumbs', slab('chicken-breast', 8), BREADED],
  ['cod in crumbs', slab('cod', 22), BREADED],
  ['tofu in starch', slab('tofu', 14), STARCH],
  ['floured thighs', slab('chicken-thigh', 18), FLOURED],
  ['aubergine in crumbs', slab('aubergine', 12), BREADED],
];
const OTHERS = [6, 30];
const base = { otherOilsGm2: OTHERS };

describe.each(CASES)('%s', (_, dish, layers) => {
  const shared = cooked(dish, layers, 18, base);
  const end = shared.timeS.length - 1;

  test('is itself, whatever other oils are asked for', () => {
    const alone = cooked(dish, layers, 18);
    expect(shared.columns).toEqual(alone.columns);
    expect(alone.otherOils).toEqual([]);
  });

  test.each(OTHERS)('with %d g of oil comes to what a cook of its own does', (oilGm2) => {
    const own = cooked(dish, layers, oilGm2);
    const shade = shared.otherOils.find((oil) => oil.oilGm2 === oilGm2)!;
    const gap = (column: Column): number => Math.abs(shade.columns[column][end] - own.columns[column][end]);
    for (const colour of ['colourUp', 'colourDown'] as const) {
      expect(gap(colour)).toBeLessThan(0.005 + 0.015 * own.columns[colour][end]);
    }
    expect(gap('centreC')).toBeLessThan(0.5);
    expect(gap('flouryUp')).toBeLessThan(0.01);
    expect(gap('foodWaterLost')).toBeLessThan(0.003);
  });

  test('is the browner the more oil it has', () => {
    const [little, much] = shared.otherOils.map((oil) => oil.columns.colourUp[end]);
    expect(little).toBeLessThan(shared.columns.colourUp[end]);
    expect(much).toBeGreaterThan(shared.columns.colourUp[end]);
  });
});

describe('what is shared', () => {
  const dish = slab('chicken-breast', 14);
  const shared = cooked(dish, BREADED, 18, base);

  test('with as much oil as it has it is the same, to the last digit', () => {
    const { columns, otherOils } = cooked(dish, FLOURED, 18, { otherOilsGm2: [18] });
    expect(otherOils[0].columns).toEqual(columns);
  });

  test('is every column that oil does not touch', () => {
    for (const { columns } of shared.otherOils) {
      expect(columns.centreC).toBe(shared.columns.centreC);
      expect(columns.shellUpMm).toBe(shared.columns.shellUpMm);
      expect(columns.colourUp).not.toBe(shared.columns.colourUp);
    }
  });

  test('more oil leaves less of a flour dry', () => {
    const [little, much] = cooked(dish, FLOURED, 18, base).otherOils;
    expect(much.columns.flouryUp[1]).toBeLessThanOrEqual(little.columns.flouryUp[1]);
    expect(much.columns.crunchUpMm.at(-1)).toBeGreaterThanOrEqual(little.columns.crunchUpMm.at(-1)!);
  });

  test('it goes on until it is too dark with every oil', () => {
    const untilColour = 1;
    const alone = cooked(dish, BREADED, 30, { untilColour }, null);
    const withLess = cooked(dish, BREADED, 30, { untilColour, otherOilsGm2: [6] }, null);
    expect(withLess.timeS.length).toBeGreaterThan(alone.timeS.length);
    const [{ columns }] = withLess.otherOils;
    const end = withLess.timeS.length - 1;
    expect(Math.max(columns.colourUp[end - 1], columns.colourDown[end - 1])).toBeLessThanOrEqual(untilColour);
  });
});
