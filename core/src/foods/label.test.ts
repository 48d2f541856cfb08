import fc from 'fast-check';
import { KNOWN, ingredient, ingredientFromLabel, type Label } from './index.js';
import { namedG } from './label.js';

const crumbs: Label = {
  id: 'own-lentil-crumbs',
  name: 'Lentil crumbs',
  likeId: 'coarse-crumbs',
  fatG: 2,
  carbohydrateG: 58,
  sugarG: 2,
  fibreG: 8,
  proteinG: 22,
  saltG: 1,
  allergens: ['celery'],
  origin: 'none',
  cupG: null,
};

describe('an ingredient from its packet', () => {
  test('has the packet’s composition, allergens and name, and the known one’s grain and crunch', () => {
    const own = ingredientFromLabel(crumbs);
    const like = ingredient(KNOWN, 'coarse-crumbs');
    expect(own).toMatchObject({ id: crumbs.id, name: crumbs.name, allergens: ['celery'], saltG: 1, common: true });
    expect(own.per100g).toMatchObject({ fatG: 2, proteinG: 22, fibreG: 8, carbohydrateG: 58 });
    expect(own.dry!.grain).toBe(like.dry!.grain);
    expect(own.dry!.structure).toBe(like.dry!.structure);
    expect(own.cupG).toBe(like.cupG);
    expect(ingredientFromLabel({ ...crumbs, cupG: 44 }).cupG).toBe(44);
  });

  test('what the packet does not name is water and ash: 100 g in all, whatever it names', () => {
    const grams = fc.double({ min: 0, max: 24, noNaN: true });
    fc.assert(
      fc.property(grams, grams, grams, grams, (fatG, carbohydrateG, fibreG, proteinG) => {
        const { per100g } = ingredientFromLabel({ ...crumbs, fatG, carbohydrateG, fibreG, proteinG });
        expect(Object.values(per100g).reduce((a, b) => a + b, 0)).toBeCloseTo(100, 9);
        expect(Math.min(...Object.values(per100g))).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  test('more sugar browns quicker, less does not brown slower', () => {
    const browning = (sugarG: number): number => ingredientFromLabel({ ...crumbs, sugarG }).dry!.browning;
    expect(browning(30)).toBeGreaterThan(browning(10));
    expect(browning(0)).toBe(ingredient(KNOWN, 'coarse-crumbs').dry!.browning);
  });

  test('a label of more than 100 g in 100 g is refused in words, a little over is rounding', () => {
    expect(namedG({ ...crumbs, fatG: 11.5 })).toBeCloseTo(100.5, 9);
    expect(() => ingredientFromLabel({ ...crumbs, fatG: 11.5 })).not.toThrow();
    expect(() => ingredientFromLabel({ ...crumbs, fatG: 30 })).toThrow('119 g in 100 g');
  });

  test('it can behave like nothing unknown, and like no food', () => {
    expect(() => ingredientFromLabel({ ...crumbs, likeId: 'moon-dust' })).toThrow('moon-dust');
    expect(() => ingredientFromLabel({ ...crumbs, likeId: 'cod' })).toThrow('"cod" is a food');
  });
});
