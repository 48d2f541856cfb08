import fc from 'fast-check';
import { layerOf, evaluateAir, evaluateFried, KNOWN, PLAIN_AIR, type Dish, type LayerSpec } from '../src/index.js';
import { ball, COARSE, disc, EGG, FINE, FLOUR, slab } from './everyday/dish.js';
import { drawer } from './practice.js';

/** Coats that people fry. */
const COATS: Record<string, LayerSpec[]> = {
  'fine crumbs': [FLOUR, EGG, FINE],
  'coarse crumbs': [FLOUR, EGG, COARSE],
  flakes: [FLOUR, EGG, layerOf(['cornflakes', 80])],
  cornmeal: [layerOf(['buttermilk', 100]), layerOf(['cornmeal', 90], ['wheat-flour', 20])],
  flour: [FLOUR],
  'clumped flour': [layerOf(['buttermilk', 120]), { ...layerOf(['wheat-flour', 100], ['salt', 5]), clumped: true }],
  'starch over egg': [EGG, layerOf(['potato-starch', 60])],
  starch: [layerOf(['corn-starch', 30])],
  'beer batter': [FLOUR, layerOf(['wheat-flour', 100], ['beer', 140], ['salt', 3])],
  'thin batter': [layerOf(['wheat-flour', 70], ['corn-starch', 30], ['sparkling-water', 160])],
  'crumbs over batter': [FLOUR, layerOf(['wheat-flour', 100], ['milk', 140]), COARSE],
  sesame: [FLOUR, EGG, layerOf(['sesame-seeds', 80])],
  'rice paper': [layerOf(['rice-paper', 50])],
};
const FOODS: readonly [string, Dish['shape']][] = [
  ['cod', slab(100, 50, 20)],
  ['chicken-breast', slab(100, 28, 20)],
  ['cauliflower', ball(30)],
  ['onion', { kind: 'ring', outerMm: 80, innerMm: 62, thicknessMm: 12 }],
  ['tofu', slab(60, 40, 15)],
  ['prawn', slab(60, 22, 12)],
  ['courgette', disc(50, 8)],
  ['pork-loin', slab(130, 90, 8)],
];
const [POT_MIN, AIR_MIN] = [
  [2, 3, 4, 5, 6, 8],
  [6, 9, 12, 16, 22],
];
const ROUNDING = 0.005;

test('the same coat is never crisper in air than in the pot, each at its best minute', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...FOODS),
      fc.constantFrom(...Object.keys(COATS)),
      fc.integer({ min: 170, max: 185 }),
      fc.integer({ min: 180, max: 210 }),
      fc.integer({ min: 0, max: 30 }),
      ([foodId, shape], coat, oilC, airC, oilGm2) => {
        const layers = COATS[coat];
        const dish: Dish = { foodId, shape, count: 6, startC: 8, skin: 'damp', preparation: 'raw' };
        const crispnessOf = ({ outcomes }: { outcomes: { crispness?: { value: number } } }): number =>
          outcomes.crispness?.value ?? 0;
        const pots = POT_MIN.map((minutes) =>
          evaluateFried({
            pantry: KNOWN,
            dish,
            fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: oilC, minutes },
          }),
        );
        const settings = { ...PLAIN_AIR, tempC: airC, preheated: true, turnAtMin: null, under: 'basket' } as const;
        const airs = AIR_MIN.map((minutes) =>
          evaluateAir(
            { pantry: KNOWN, dish, fryer: drawer },
            { layers, restMin: 5, oilGm2, settings: { ...settings, minutes }, second: null },
            pots[2],
          ),
        );
        expect(Math.max(...airs.map(crispnessOf))).toBeLessThanOrEqual(Math.max(...pots.map(crispnessOf)) + ROUNDING);
      },
    ),
    { numRuns: 30, seed: 20261126 },
  );
}, 120_000);
