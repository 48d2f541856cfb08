import fc from 'fast-check';
import {
  KNOWN,
  ALLERGEN_IDS,
  allowed,
  DIETS,
  functionOf,
  ingredient,
  ingredientFromLabel,
  KNOWN_INGREDIENTS,
  pantryOf,
  pantryWith,
  substitutesFor,
  type Label,
} from './index.js';

const open = { pantry: KNOWN, diets: [], avoidAllergens: [], without: [] };
const ids = KNOWN_INGREDIENTS.map((i) => i.id);

describe('what stands in for an ingredient', () => {
  test('never breaks the diet that is asked, carries an allergen that is kept out, or is one that is never used', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.subarray([...DIETS]),
        fc.subarray([...ALLERGEN_IDS]),
        fc.subarray(ids, { maxLength: 12 }),
        (id, diets, avoidAllergens, without) => {
          const asks = { pantry: KNOWN, diets, avoidAllergens, without };
          for (const other of substitutesFor(id, asks)) {
            expect(allowed(other.id, asks)).toBe(true);
            expect(functionOf(other)).toBe(functionOf(ingredient(KNOWN, id)));
            expect(other.id).not.toBe(id);
          }
        },
      ),
      { numRuns: 400 },
    );
  });

  // What cooks reach for. Common practice, no source.
  test.each([
    ['beer', ['gluten-free'], 'gluten-free-beer'],
    ['coarse-crumbs', ['gluten-free'], 'gluten-free-crumbs'],
    ['milk', ['dairy-free'], 'soy-milk'],
    ['buttermilk', ['vegan'], 'soured-soy-milk'],
  ] as const)('%s, %s: %s is among the first three', (id, diets, expected) => {
    const first = substitutesFor(id, { ...open, diets }).slice(0, 3);
    expect(first.map((i) => i.id)).toContain(expected);
  });

  test('nothing stands in for salt, and no coat ingredient for a food', () => {
    expect(substitutesFor('salt', open)).toEqual([]);
    expect(substitutesFor('cod', open)).toEqual([]);
  });

  test('an unknown one is refused by its id', () =>
    expect(() => substitutesFor('moon-dust', open)).toThrow('moon-dust'));
});

describe('an own ingredient from its label', () => {
  const label: Label = {
    id: 'own-lentil-crumbs',
    name: 'Red lentil crumbs',
    likeId: 'coarse-crumbs',
    fatG: 2,
    carbohydrateG: 55,
    sugarG: 12,
    fibreG: 9,
    proteinG: 24,
    saltG: 1.2,
    allergens: [],
    origin: 'none',
    cupG: 70,
  };

  test('has the label’s composition, and water for the rest', () => {
    const { per100g } = ingredientFromLabel(label);
    expect(per100g.proteinG).toBe(24);
    const sum = Object.values(per100g).reduce((a, b) => a + b, 0);
    expect(sum).toBeCloseTo(100, 6);
    expect(per100g.waterG).toBeGreaterThan(5);
  });

  test('lies like what it behaves like, and browns sooner for its sugar', () => {
    const own = ingredientFromLabel(label);
    const like = ingredient(KNOWN, 'coarse-crumbs');
    expect(own.dry!.bulkKgM3).toBe(like.dry!.bulkKgM3);
    expect(own.dry!.browning).toBeGreaterThan(like.dry!.browning);
    expect(own.allergens).toEqual([]);
    expect(own.cupG).toBe(70);
  });

  test('is on the shelf of its own kitchen and of no other, and stands in for crumbs without wheat', () => {
    const pantry = pantryOf([label]);
    expect(ingredient(pantry, 'own-lentil-crumbs').name).toBe('Red lentil crumbs');
    expect(pantry.shelf).toHaveLength(KNOWN_INGREDIENTS.length + 1);
    const offered = substitutesFor('coarse-crumbs', { ...open, pantry, diets: ['gluten-free'] });
    expect(offered.map((i) => i.id)).toContain('own-lentil-crumbs');
    expect(() => ingredient(KNOWN, 'own-lentil-crumbs')).toThrow('own-lentil-crumbs');
  });

  test.each([
    [{ carbohydrateG: 99 }, /names 135 g in 100 g/],
    [{ likeId: 'cod' }, /"cod" is a food/],
    [{ likeId: 'moon-dust' }, /moon-dust/],
  ])('%o is refused', (wrong, message) => expect(() => ingredientFromLabel({ ...label, ...wrong })).toThrow(message));

  test('cannot take the place of a known one', () =>
    expect(() => pantryWith([{ ...ingredientFromLabel(label), id: 'egg' }])).toThrow('"egg"'));
});
