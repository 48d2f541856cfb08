import { KNOWN, foodOf } from '../foods/index.js';
import { dishAllergens, cautionsFor } from './index.js';

const coat = [
  { portions: [{ ingredientId: 'egg', grams: 50 }] },
  { portions: [{ ingredientId: 'coarse-crumbs', grams: 60 }] },
];
const how = { parchment: false, deepOil: false, waterTray: false };

describe('cautions', () => {
  test('meat starts with its safe minimum', () => {
    const [first] = cautionsFor(KNOWN, foodOf(KNOWN, 'chicken-thigh'), coat, how);
    expect(first).toMatchObject({ about: 'centre', tempC: 73.9 });
  });

  test('a vegetable has none, and the allergens are those of food and coat', () => {
    expect(cautionsFor(KNOWN, foodOf(KNOWN, 'okra'), coat, how).some((c) => c.about === 'centre')).toBe(false);
    expect(dishAllergens(KNOWN, foodOf(KNOWN, 'halloumi'), coat)).toEqual(['wheat', 'egg', 'milk']);
  });

  test('oil mist and steam are always warned of, parchment when it is used', () => {
    const about = (parchment: boolean): string[] =>
      cautionsFor(KNOWN, foodOf(KNOWN, 'okra'), coat, { parchment, deepOil: true, waterTray: false }).map(
        (c) => c.about,
      );
    expect(about(false)).toEqual(expect.arrayContaining(['oil-mist', 'steam', 'hot-oil', 'limits']));
    expect(about(false)).not.toContain('parchment');
    expect(about(true)).toContain('parchment');
  });
});
