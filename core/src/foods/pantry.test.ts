import { Refusal } from '../units/index.js';
import { fitsDiets } from './diets.js';
import { partsOf } from './parts.js';
import { foodOf, ingredient, inPantry, KNOWN, KNOWN_INGREDIENTS, pantryWith, withRole } from './pantry.js';
import { functionOf } from './substitute.js';

const own = { ...ingredient(KNOWN, 'coarse-crumbs'), id: 'own-rye-crumbs', name: 'Rye crumbs' };

describe('the pantry that is passed', () => {
  test('is the known one where a kitchen brings nothing', () => expect(pantryWith([])).toBe(KNOWN));

  test('has a kitchen’s own beside the known, and leaves the known one as it was', () => {
    const pantry = pantryWith([own]);
    expect(pantry.shelf).toHaveLength(KNOWN.shelf.length + 1);
    expect(ingredient(pantry, own.id)).toBe(own);
    expect(inPantry(KNOWN, own.id)).toBe(false);
  });

  test('takes no own ingredient under the id of a known one', () => {
    expect(() => pantryWith([{ ...own, id: 'egg' }])).toThrow(Refusal);
  });

  test('refuses what it has not, by name, and what is no food', () => {
    expect(() => ingredient(KNOWN, 'moon-cheese')).toThrow('The pantry has no ingredient "moon-cheese".');
    expect(() => foodOf(KNOWN, 'egg')).toThrow(Refusal);
    expect(() => partsOf(KNOWN, [{ ingredientId: 'moon-cheese', grams: 1 }])).toThrow(Refusal);
  });

  test('resolves portions into parts, the grams as they are', () => {
    const [part] = partsOf(pantryWith([own]), [{ ingredientId: own.id, grams: 40 }]);
    expect(part).toMatchObject({ ingredientId: own.id, grams: 40, ingredient: { name: 'Rye crumbs' } });
  });
});

describe('what stands on the shelf', () => {
  test('has ids of its own, and a source for its figures', () => {
    expect(new Set(KNOWN_INGREDIENTS.map((i) => i.id)).size).toBe(KNOWN_INGREDIENTS.length);
    for (const { source, name } of KNOWN_INGREDIENTS) expect([name, source.length > 3]).toEqual([name, true]);
  });

  test('what is for crumbs can be a finish, and what it is for is ranked without ties', () => {
    const ranks = new Map<string, number[]>();
    for (const { uses = {}, roles, food } of KNOWN_INGREDIENTS) {
      if (food) expect(uses).toEqual({});
      if ('crumbs' in uses) expect(roles).toContain('finish');
      for (const [use, rank] of Object.entries(uses)) ranks.set(use, [...(ranks.get(use) ?? []), rank]);
    }
    expect(ranks.size).toBeGreaterThan(4);
    for (const [use, all] of ranks) expect([use, new Set(all).size]).toEqual([use, all.length]);
  });

  test('there is an oil to fry in and a glue to stick with for every way of eating', () => {
    for (const role of ['frying-oil', 'sauce'] as const) expect(withRole(KNOWN, role).length).toBeGreaterThan(2);
    const glues = KNOWN_INGREDIENTS.filter((i) => !i.food && functionOf(i) === 'glue');
    expect(glues.some((i) => fitsDiets(i, ['vegan', 'gluten-free']))).toBe(true);
  });
});
