import { NO_LIMITS, PLAIN_FRYER, planOf, slabsOf, spec } from '../../testing/plain.js';
import { isWetLayer, type LayerSpec } from '../coat/index.js';
import { allLayersOf } from '../dish/index.js';
import { KNOWN, totalGrams } from '../foods/index.js';
import { evaluateFried, type Asked } from '../plan/index.js';
import type { Coat } from './families.js';
import { improved } from './improve.js';
import { MOVES } from './moves.js';
import { searchCoat } from './search.js';

const FLOUR = spec(['wheat-flour', 60], ['salt', 2]);
const EGG = spec(['egg', 50]);
const FINE = spec(['fine-crumbs', 80]);
const BUTTERMILK = spec(['buttermilk', 120]);
const BATTER = spec(['wheat-flour', 100], ['beer', 130]);

const asked = (
  layers: LayerSpec[],
  dish: Partial<Asked['dish']> = {},
  limits: Partial<Asked['limits']> = {},
): Asked => ({
  pantry: KNOWN,
  dish: slabsOf('cod', dish),
  fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 178, minutes: 4 },
  fryer: PLAIN_FRYER,
  limits: { ...NO_LIMITS, ...limits },
});
const coatOf = (layers: LayerSpec[], more: Partial<Coat> = {}): Coat => ({
  family: 'kept-finish',
  layers,
  under: 'basket',
  restMin: 0,
  idea: '',
  variant: '',
  ...more,
});
const move = (id: string) => MOVES.find((m) => m.id === id)!;
const made = (id: string, request: Asked, coat = coatOf(request.fried.layers)): Coat | undefined =>
  move(id).make(request, coat, 195);

describe('the moves that cooks know', () => {
  test.each<[string, Asked, Asked]>([
    ['patted', asked([EGG, FINE], { skin: 'wet' }), asked([EGG, FINE])],
    ['dust-first', asked([EGG, FINE]), asked([FLOUR, EGG, FINE])],
    ['binder', asked([FLOUR]), asked([BUTTERMILK, FLOUR])],
    ['starch-0.2', asked([BUTTERMILK, FLOUR]), asked([FLOUR, EGG, FINE])],
    ['starch-0.5', asked([BATTER]), asked([BUTTERMILK, spec(['wheat-flour', 60], ['corn-starch', 10])])],
    ['second-dredge', asked([BUTTERMILK, FLOUR]), asked([FLOUR, EGG, FINE])],
    ['clumped', asked([BUTTERMILK, FLOUR]), asked([EGG, FINE])],
    ['pressed', asked([EGG, FINE]), asked([BUTTERMILK, FLOUR])],
    ['oil-in-finish', asked([EGG, FINE]), asked([BATTER])],
    ['parchment', asked([BATTER]), asked([EGG, FINE])],
    [
      'later',
      asked([EGG, spec(['fine-crumbs', 60], ['hard-cheese', 30])]),
      asked([EGG, spec(['fine-crumbs', 60], ['hard-cheese', 3])]),
    ],
    ['frozen', asked([EGG, FINE], { foodId: 'mozzarella' }), asked([EGG, FINE])],
    ['double-crumbs', asked([EGG, FINE], { foodId: 'mozzarella' }), asked([EGG, FINE])],
    ['frozen-double-crumbs', asked([EGG, FINE], { foodId: 'mozzarella' }), asked([BATTER], { foodId: 'mozzarella' })],
    ['hotter-start', asked([EGG, FINE], {}, { preheat: true }), asked([EGG, FINE], {}, { preheat: false })],
  ])('%s is made where it makes sense, and only there', (id, where, elsewhere) => {
    expect(made(id, where)).toBeDefined();
    expect(made(id, elsewhere)).toBeUndefined();
  });

  test('none is made twice, and none but a new layer changes what is in the bowls by weight', () => {
    for (const request of [asked([BUTTERMILK, FLOUR]), asked([EGG, FINE], { foodId: 'mozzarella', skin: 'wet' })]) {
      for (const { id, make } of MOVES) {
        const once = make(request, coatOf(request.fried.layers), 190);
        if (!once) continue;
        const again = make(request, once, 190);
        // A second dredge is a coat with two dips: no third is made of it.
        expect([id, again]).toEqual([id, undefined]);
      }
    }
    const flourG = totalGrams(made('starch-0.5', asked([BUTTERMILK, FLOUR]))!.layers[1].portions);
    expect(flourG).toBeCloseTo(totalGrams(FLOUR.portions), 0);
  });

  test('cheese is kept out of the finish only in a heat that burns it, and is eaten all the same', () => {
    const request = asked([EGG, spec(['fine-crumbs', 60], ['hard-cheese', 30])]);
    const coat = coatOf(request.fried.layers);
    expect(move('later').make(request, coat, 185)).toBeUndefined();
    const { layers, making } = move('later').make(request, coat, 200)!;
    expect(layers.flatMap((l) => l.portions.map((p) => p.ingredientId))).not.toContain('hard-cheese');
    const eaten = allLayersOf(planOf({ layers, making })).flatMap((l) => l.portions.map((p) => p.ingredientId));
    expect(eaten).toContain('hard-cheese');
  });

  test('what is not eaten, or not in the house, is not brought in', () => {
    const request = asked([EGG, FINE], {}, { without: ['wheat-flour'], diets: ['gluten-free'] });
    const dusted = made('dust-first', request);
    expect(dusted?.layers[0].portions.map((p) => p.ingredientId)).not.toContain('wheat-flour');
  });
});

describe('a coat bettered by moves', () => {
  test('is worth no less than before, and cheese in crumbs is frozen or coated twice', () => {
    const request = asked([FLOUR, EGG, FINE], {
      foodId: 'mozzarella',
      shape: { kind: 'slab', lengthMm: 80, widthMm: 15, thicknessMm: 15 },
      count: 8,
      startC: 6,
    });
    const fried = evaluateFried(request);
    const coat = coatOf(request.fried.layers);
    const search = searchCoat(request, fried, coat);
    let found = search.next();
    while (!found.done) found = search.next();
    const steps = improved(request, fried, coat, found.value[0]);
    let next = steps.next();
    let simulations = 0;
    for (; !next.done; next = steps.next()) simulations += next.value;
    const { best, coat: better } = next.value;
    expect(simulations).toBeGreaterThan(3);
    expect(best.score).toBeGreaterThan(found.value[0].score);
    const dips = better.layers.filter((l) => isWetLayer(KNOWN, l)).length;
    expect(better.making?.frozen === true || dips === 2).toBe(true);
  });
});
