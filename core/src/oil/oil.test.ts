import { layerOf } from '../coat/index.js';
import fc from 'fast-check';
import { PLAIN_AIR, PLAIN_OILING, readyPiece, wholeOf, type AirPlan, type Dish, type Oiling } from '../dish/index.js';
import { KNOWN, KNOWN_INGREDIENTS } from '../foods/index.js';
import { LANDS, oilAmounts, coverageOf, facesCovered, oilToCover, portionOil, smokeOf, strokesFor } from './index.js';

const plan = (oilGm2: number, oiling?: Partial<Oiling>): AirPlan => ({
  layers: [layerOf(['wheat-flour', 60]), layerOf(['egg', 50]), layerOf(['coarse-crumbs', 60])],
  restMin: 7,
  oilGm2,
  second: null,
  settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: true, turnAtMin: 6, under: 'basket' },
  ...(oiling ? { oiling: { ...PLAIN_OILING, ...oiling } } : {}),
});
const strips: Dish = {
  foodId: 'chicken-breast',
  shape: { kind: 'slab', lengthMm: 100, widthMm: 25, thicknessMm: 12 },
  count: 14,
  startC: 6,
  skin: 'damp',
  preparation: 'raw',
};
const of = (p: AirPlan) => oilAmounts(p, readyPiece(KNOWN, strips, p.layers), wholeOf(KNOWN, strips).areaM2, 2);

describe('how much oil', () => {
  // Common practice, no source: about 1½ tsp, some 7 g, covers a tray of strips.
  test('a tray of strips takes about 7 g from a pump bottle to be covered on all sides', () => {
    const [spray] = of(plan(oilToCover(0.95, 'pump')));
    expect(Math.abs(spray.usedG / 7 - 1)).toBeLessThan(0.35);
    expect(spray.ml / 4.93).toBeGreaterThan(1);
    expect(spray.ml / 4.93).toBeLessThan(2.2);
  });

  test('each place has its own amount, in the order of the work; none is left out that holds oil', () => {
    const all = of(plan(18, { rubGm2: 10, touchUpGm2: 8, basketG: 2 }));
    expect(all.map((a) => a.place)).toEqual(['rub', 'spray', 'basket', 'touch-up']);
    expect(all[2].usedG).toBe(4);
    expect(all[3].atMin).toBe(6);
    expect(of(plan(0))).toEqual([]);
  });

  test('a mist uses up twice what lands, a brush hardly more', () => {
    const [mist] = of(plan(18));
    const [brushed] = of(plan(18, { tool: 'brush' }));
    expect(mist.onFoodG).toBeCloseTo(brushed.onFoodG, 9);
    expect(mist.usedG / mist.onFoodG).toBeCloseTo(1 / LANDS.pump, 9);
    expect(brushed.usedG).toBeLessThan(mist.usedG);
  });

  test('strokes are counted whole, and a little oil is one stroke', () => {
    expect(strokesFor(4.2, 0.21)).toBe(20);
    expect(strokesFor(0.05, 0.21)).toBe(1);
    expect(strokesFor(0, 0.21)).toBe(0);
  });
});

describe('how far it covers', () => {
  test('more oil covers more, never all; a finer mist covers with less', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 80, noNaN: true }), (g) => {
        expect(coverageOf(g + 1, 'pump')).toBeGreaterThan(coverageOf(g, 'pump'));
        expect(coverageOf(g, 'pump')).toBeLessThan(1);
        expect(coverageOf(g, 'can')).toBeGreaterThanOrEqual(coverageOf(g, 'pump'));
      }),
    );
    expect(coverageOf(oilToCover(0.8, 'brush'), 'brush')).toBeCloseTo(0.8, 9);
  });

  test('a touch-up meets the face that lies up by then', () => {
    const turned = plan(9, { touchUpGm2: 9 });
    expect(facesCovered(turned, false).up).toBeCloseTo(facesCovered(turned, false).down, 9);
    expect(facesCovered(turned, true).down).toBeGreaterThan(facesCovered(turned, true).up);
    const unturned = { ...turned, settings: { ...turned.settings, turnAtMin: null } };
    expect(facesCovered(unturned, true).up).toBeGreaterThan(facesCovered(unturned, true).down);
  });
});

describe('which oil', () => {
  test('every frying oil of the pantry has a smoke point and a flavour', () => {
    for (const item of KNOWN_INGREDIENTS.filter((i) => i.roles.includes('frying-oil'))) {
      expect(smokeOf(KNOWN, item.id, 150)).toMatchObject({ word: 'bears it' });
    }
    expect(smokeOf(KNOWN, 'egg', 150)).toBeUndefined();
  });

  test('toasted sesame oil smokes at 200 °C, olive oil is near it, avocado oil bears it', () => {
    expect(smokeOf(KNOWN, 'toasted-sesame-oil', 200)!.word).toBe('smokes');
    expect(smokeOf(KNOWN, 'olive-oil', 200)!.word).toBe('near its smoke point');
    expect(smokeOf(KNOWN, 'avocado-oil', 200)!.word).toBe('bears it');
  });
});

test('a portion is said with how unsure it is, and more pieces where they are small', () => {
  const small = portionOil(18, 0.2, 2);
  expect(small.pieces).toBe(8);
  expect(small.airG.low).toBeLessThan(small.airG.high);
  expect(small.potG.low).toBeGreaterThan(small.airG.high);
  expect(portionOil(400, 1, 20).pieces).toBe(1);
});
