import {
  KNOWN,
  partsOf,
  ALLERGENS,
  DIETS,
  fitsDiets,
  foodOf,
  ingredient,
  massMean,
  mixComposition,
  mixDensity,
  KNOWN_INGREDIENTS,
} from './index.js';

describe('the pantry', () => {
  test('knows at least 60 foods and ingredients, each once', () => {
    expect(KNOWN_INGREDIENTS.length).toBeGreaterThanOrEqual(60);
    expect(new Set(KNOWN_INGREDIENTS.map((i) => i.id)).size).toBe(KNOWN_INGREDIENTS.length);
  });

  test.each(KNOWN_INGREDIENTS.map((i) => [i.id, i] as const))(
    '%s: composition adds up to 100 g, and it has roles and a source',
    (_, i) => {
      const { waterG, proteinG, fatG, carbohydrateG, fibreG, ashG } = i.per100g;
      expect(Math.abs(waterG + proteinG + fatG + carbohydrateG + fibreG + ashG - 100)).toBeLessThan(1.5);
      expect(i.roles.length).toBeGreaterThan(0);
      expect(i.source).not.toBe('');
      expect(i.densityKgM3).toBeGreaterThan(500);
      expect(i.roles.includes('food')).toBe(i.food !== undefined);
    },
  );

  test('what is unknown is said by its id', () => {
    expect(() => ingredient(KNOWN, 'moon-dust')).toThrow('moon-dust');
    expect(() => foodOf(KNOWN, 'egg')).toThrow('"egg" is not a food');
  });
});

describe('allergens and diets', () => {
  // Regulation (EU) No 1169/2011, Annex II, 14 entries, and the US's 9 (FALCPA 2004, FASTER Act 2021), from memory.
  test('cover the 14 of the EU and the 9 of the US', () => {
    const named = Object.values(ALLERGENS);
    expect(new Set(named.map((a) => a.eu).filter(Boolean)).size).toBe(14);
    expect(new Set(named.map((a) => a.us).filter(Boolean)).size).toBe(9);
  });

  test.each([
    ['beer', 'gluten'],
    ['coarse-crumbs', 'wheat'],
    ['prawn', 'crustaceans'],
    ['squid', 'molluscs'],
    ['halloumi', 'milk'],
    ['mayonnaise', 'egg'],
    ['tofu', 'soy'],
    ['sesame-seeds', 'sesame'],
    ['almond-flour', 'nuts'],
    ['peanut-oil', 'peanut'],
    ['mustard', 'mustard'],
  ] as const)('%s carries %s', (id, allergen) => expect(ingredient(KNOWN, id).allergens).toContain(allergen));

  test('a diet is broken by what it names', () => {
    expect(fitsDiets(ingredient(KNOWN, 'egg'), ['vegan'])).toBe(false);
    expect(fitsDiets(ingredient(KNOWN, 'egg'), ['vegetarian'])).toBe(true);
    expect(fitsDiets(ingredient(KNOWN, 'beer'), ['gluten-free'])).toBe(false);
    expect(fitsDiets(ingredient(KNOWN, 'gluten-free-beer'), ['gluten-free', 'vegan'])).toBe(true);
    expect(fitsDiets(ingredient(KNOWN, 'aquafaba'), DIETS)).toBe(true);
  });
});

describe('mixtures', () => {
  const batter = partsOf(KNOWN, [
    { ingredientId: 'wheat-flour', grams: 100 },
    { ingredientId: 'water', grams: 100 },
  ]);

  test('composition is the mean by weight', () => expect(mixComposition(batter).waterG).toBeCloseTo(56, 0));
  test('density: volumes add', () => expect(mixDensity(batter)).toBeCloseTo(2 / (1 / 1450 + 1 / 1000), 0));
  test('an empty mixture has no mean', () => expect(massMean([], () => 5)).toBe(0));
});
