import { plain } from '../units/index.js';
import { BREADED, BREADED_POT, NO_LIMITS, PLAIN_FRYER, slabsOf, spec } from '../../testing/plain.js';
import { buildCoat, type CoatLayer, type LayerSpec } from '../coat/index.js';
import { ingredient, KNOWN, KNOWN_INGREDIENTS } from '../foods/index.js';
import { convertDish } from '../search/index.js';
import { otherTastes, tasteOf, tastesAlike } from './taste.js';
import type { Asked } from './types.js';

const coat = (...layers: LayerSpec[]): CoatLayer[] => buildCoat(KNOWN, layers, 'damp', 0.04);

describe('what a coat tastes of', () => {
  const breaded = coat(...BREADED);
  const batter = coat(spec(['wheat-flour', 100], ['beer', 140]));

  test('bread crumbs taste of the flour of a batter, corn flakes do not', () => {
    expect(tastesAlike(breaded, batter)).toBe(1);
    const flakes = coat(spec(['wheat-flour', 60]), spec(['egg', 50]), spec(['cornflakes', 60]));
    expect(tastesAlike(flakes, breaded)).toBeCloseTo(0.9, 9);
    expect(otherTastes(flakes, breaded)).toEqual(['crushed cornflakes']);
    expect(otherTastes(breaded, breaded)).toEqual([]);
  });

  test('half a finish of another taste costs half', () => {
    const half = coat(...BREADED.slice(0, 2), spec(['coarse-crumbs', 30], ['desiccated-coconut', 30]));
    expect(tastesAlike(half, breaded)).toBeCloseTo(0.95, 9);
    expect(otherTastes(half, breaded)).toEqual(['desiccated coconut']);
  });

  test('another glue costs less than another finish; salt and oil taste of nothing here', () => {
    const soy = coat(BREADED[0], spec(['soured-soy-milk', 100]), BREADED[2]);
    expect(tastesAlike(soy, breaded)).toBeCloseTo(0.94, 9);
    const salted = coat(...BREADED.slice(0, 2), spec(['coarse-crumbs', 60], ['salt', 2], ['rapeseed-oil', 5]));
    expect(tastesAlike(salted, breaded)).toBe(1);
  });

  test('what has no like tastes of itself, also an ingredient of the cook’s own', () => {
    expect(tasteOf(ingredient(KNOWN, 'hard-cheese'))).toBe('hard-cheese');
    expect(KNOWN_INGREDIENTS.filter((i) => tasteOf(i) === 'wheat').every((i) => i.allergens.includes('wheat'))).toBe(
      true,
    );
    expect(KNOWN_INGREDIENTS.filter((i) => tasteOf(i) === 'milk').every((i) => i.allergens.includes('milk'))).toBe(
      true,
    );
  });
});

describe('a wide search', () => {
  // Held to what a cook would choose: common practice, no source.
  test('keeps bread crumbs on what is fried in bread crumbs, and says where another finish tastes of something else', () => {
    const request: Asked = {
      pantry: KNOWN,
      dish: slabsOf('pork-loin', { shape: { kind: 'slab', lengthMm: 110, widthMm: 80, thicknessMm: 8 }, count: 2 }),
      fried: { ...BREADED_POT, medium: 'pan-oil', minutes: 5 },
      fryer: { ...PLAIN_FRYER, stepC: 10 },
      limits: { ...NO_LIMITS, maxTempC: 180, maxMinutes: 25 },
    };
    const { alternatives } = convertDish(request, 'wide');
    const closest = alternatives.find((a) => a.badges.includes('closest'))!;
    expect(closest.plan.layers.at(-1)!.portions[0].ingredientId).toMatch(/crumbs$/);
    const flakes = alternatives.filter((a) => a.plan.layers.at(-1)!.portions[0].ingredientId === 'cornflakes');
    for (const a of flakes)
      expect(a.against.map(plain)).toContain('Tastes of crushed cornflakes, which your coat does not.');
  });
});
