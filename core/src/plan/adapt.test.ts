import { ANYTHING, BREADED, spec } from '../../testing/plain.js';
import { allowed, fitsDiets, ingredient, KNOWN } from '../foods/index.js';
import { adaptCoat } from './adapt.js';
import type { Choice } from './types.js';

const idsIn = (layers: ReturnType<typeof adaptCoat>['layers']): string[] =>
  layers.flatMap((l) => l.portions.map((p) => p.ingredientId));

describe('a coat made to fit who eats', () => {
  test('stays as it is where everything is eaten', () => {
    const { layers, swaps } = adaptCoat(BREADED, ANYTHING);
    expect(layers).toEqual(BREADED);
    expect(swaps).toEqual([]);
  });

  test.each<[string, Partial<Choice>]>([
    ['vegan', { diets: ['vegan'] }],
    ['without gluten', { diets: ['gluten-free'] }],
    ['without egg', { avoidAllergens: ['egg'] }],
    ['without wheat and milk', { avoidAllergens: ['wheat', 'milk'] }],
    ['without what is not in the house', { without: ['coarse-crumbs'] }],
  ])('%s: nothing is left in it that is not eaten, and every swap is told once', (_, part) => {
    const choice = { ...ANYTHING, ...part };
    const { layers, swaps } = adaptCoat(BREADED, choice);
    expect(layers.length).toBeGreaterThan(0);
    for (const id of idsIn(layers)) expect([id, allowed(id, choice)]).toEqual([id, true]);
    expect(swaps.length).toBeGreaterThan(0);
    expect(new Set(swaps.map((s) => s.fromId)).size).toBe(swaps.length);
    for (const { fromId, toId } of swaps) {
      expect(allowed(fromId, choice)).toBe(false);
      if (toId) expect(idsIn(layers)).toContain(toId);
    }
  });

  test('a batter keeps a liquid and a flour, both eaten', () => {
    const batter = [spec(['wheat-flour', 100], ['milk', 150], ['egg', 50])];
    const { layers } = adaptCoat(batter, { ...ANYTHING, diets: ['vegan', 'gluten-free'] });
    const items = idsIn(layers).map((id) => ingredient(KNOWN, id));
    expect(items.some((i) => i.wet)).toBe(true);
    expect(items.some((i) => i.dry)).toBe(true);
    expect(items.every((i) => fitsDiets(i, ['vegan', 'gluten-free']))).toBe(true);
  });
});
