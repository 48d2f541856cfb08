import fc from 'fast-check';
import { findIngredients, namesOf, recognise } from './find.js';
import { KNOWN, KNOWN_INGREDIENTS, pantryWith } from './pantry.js';
import type { Ingredient } from './types.js';
import { comparedWords, lettersApart } from './words.js';

const isFood = (i: Ingredient): boolean => i.food !== undefined;
const isCoat = (i: Ingredient): boolean => !isFood(i);
const first = (text: string, fits?: (i: Ingredient) => boolean): string | undefined =>
  findIngredients(KNOWN, text, { fits })[0]?.id;

describe('words', () => {
  test.each([
    ['Tomatoes', 'tomato'],
    ['breadcrumbs', 'breadcrumb'],
    ['cherries', 'cherry'],
    ['radishes', 'radish'],
    ['Crème fraîche', 'creme fraiche'],
    ['goat’s', 'goat'],
    ['asparagus', 'asparagus'],
    ['gas', 'gas'],
    ['self-raising', 'self raising'],
    ['hummus', 'hummus'],
  ])('%s is compared as %s', (text, words) => expect(comparedWords(text).join(' ')).toBe(words));

  test.each([
    ['paprika', 'paprika', 0],
    ['paprica', 'paprika', 1],
    ['aubergne', 'aubergine', 1],
    ['flour', 'flower', 2],
    ['chikcen', 'chicken', 1],
    ['ca', 'abc', 3],
  ])('%s and %s are %d letters apart', (a, b, apart) => expect(lettersApart(a, b, 2)).toBe(apart));

  test('more letters apart than asked for is not counted out', () =>
    expect(lettersApart('egg', 'eggplant', 2)).toBe(3));

  // The distance by its own recursion (V. Levenshtein, 1966; neighbours swapped: F. Damerau, 1964), without a table and without giving up.
  const byRecursion = (a: string, b: string): number => {
    if (a === '' || b === '') return a.length + b.length;
    const [shortA, shortB] = [a.slice(1), b.slice(1)];
    if (a[0] === b[0]) return byRecursion(shortA, shortB);
    const swapped = a.length > 1 && a[0] === b[1] && a[1] === b[0] ? byRecursion(a.slice(2), b.slice(2)) : Infinity;
    return 1 + Math.min(byRecursion(shortA, b), byRecursion(a, shortB), byRecursion(shortA, shortB), swapped);
  };

  test('letters are counted as the definition counts them, as far as was asked for', () => {
    const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), maxLength: 6 });
    fc.assert(
      fc.property(word, word, fc.integer({ min: 0, max: 3 }), (a, b, most) => {
        expect(Math.min(most + 1, lettersApart(a, b, most))).toBe(Math.min(most + 1, byRecursion(a, b)));
        expect(lettersApart(b, a, most)).toBe(lettersApart(a, b, most));
      }),
      { seed: 28, numRuns: 1500 },
    );
  });

  test('a word of any length is compared, and one that goes on for ever is none', () => {
    expect(lettersApart('x'.repeat(60), `${'x'.repeat(59)}y`, 2)).toBe(1);
    expect(lettersApart('x'.repeat(500), 'x'.repeat(500), 2)).toBe(3);
  });
});

describe('names', () => {
  const all = KNOWN_INGREDIENTS.flatMap((item) => namesOf(item).map((name) => ({ item, name })));

  test('there are at least 400, and no two foods and no two things of a coat share one', () => {
    expect(all.length).toBeGreaterThan(400);
    for (const fits of [isFood, isCoat]) {
      const owners = new Map<string, Set<string>>();
      for (const { item, name } of all.filter((n) => fits(n.item))) {
        const key = comparedWords(name).join(' ');
        owners.set(key, (owners.get(key) ?? new Set()).add(item.id));
      }
      expect([...owners].filter(([, ids]) => ids.size > 1).map(([name, ids]) => [name, [...ids]])).toEqual([]);
    }
  });

  test('each finds its own thing first, among the foods or among what coats are made of', () => {
    const wrong = all
      .map(({ item, name }) => ({ name, id: item.id, found: first(name, isFood(item) ? isFood : isCoat) }))
      .filter(({ id, found }) => id !== found);
    expect(wrong).toEqual([]);
  });

  test('nearly every known thing has another word', () => {
    expect(KNOWN_INGREDIENTS.filter((i) => namesOf(i).length < 2).length).toBeLessThan(20);
  });
});

describe('typing to find', () => {
  // As people type: capitals, plurals, American and British, a letter wrong. Common practice, no source.
  test.each([
    ['Zucchini', 'courgette'],
    ['eggplants', 'aubergine'],
    ['shrimps', 'prawn'],
    ['chick thigh', 'chicken-thigh'],
    ['halib', 'halibut'],
    ['Hispi', 'cabbage'],
    ['wings', 'chicken-wing'],
    ['yuca', 'cassava'],
    ['brocoli', 'broccoli'],
    ['mozarella', 'mozzarella'],
    ['calamari', 'squid'],
    ['mac & cheese', 'macaroni-cheese'],
    ['TVP', 'soya-chunks'],
    ['mushroms', 'button-mushroom'],
    ['chikcen thigh', 'chicken-thigh'],
    ['egg plant', 'aubergine'],
  ])('the food "%s" is %s', (text, id) => expect(first(text, isFood)).toBe(id));

  test.each([
    ['AP flour', 'wheat-flour'],
    ['Panko', 'coarse-crumbs'],
    ['cornflour', 'corn-starch'],
    ['bicarb', 'baking-soda'],
    ['nooch', 'nutritional-yeast'],
    ['Gram flour', 'chickpea-flour'],
    ['worcester', 'worcestershire-sauce'],
    ['cumin seeds', 'cumin'],
    ['smoked papr', 'smoked-paprika'],
    ['sparkling', 'sparkling-water'],
    ['yogurt', 'yoghurt'],
    ['curry', 'curry-powder'],
    ['5-spice', 'five-spice'],
    ['scallions', 'spring-onion'],
    ['garam', 'garam-masala'],
    ['buffalo', 'chilli-butter-sauce'],
    ['tumeric', 'turmeric'],
    ['parmezan', 'hard-cheese'],
  ])('"%s" in a coat is %s', (text, id) => expect(first(text, isCoat)).toBe(id));

  test('what the kitchen uses more comes first among equals', () => {
    const used = new Map([['rye-flour', 3]]);
    expect(findIngredients(KNOWN, 'flour', { fits: isCoat })[0].id).toBe('wheat-flour');
    expect(findIngredients(KNOWN, 'rye', { fits: isCoat, used })[0].id).toBe('rye-flour');
    expect(findIngredients(KNOWN, '', { fits: isCoat, used })[0].id).toBe('rye-flour');
    expect(findIngredients(KNOWN, '', { fits: isFood })).toHaveLength(KNOWN_INGREDIENTS.filter(isFood).length);
  });

  test.each(['tripe', 'brains', 'snails'])('the food "%s" is not here, and nothing that only ends like it', (text) =>
    expect(findIngredients(KNOWN, text, { fits: isFood })).toEqual([]),
  );

  test('nonsense finds nothing, and a kitchen’s own is found by its name', () => {
    expect(findIngredients(KNOWN, 'xyzzyq')).toEqual([]);
    const own = { ...KNOWN.byId.get('fine-crumbs')!, id: 'own-loft-crumbs', name: 'Loft bakery crumbs' };
    expect(findIngredients(pantryWith([own]), 'loft bak')[0].id).toBe('own-loft-crumbs');
  });
});

describe('what words name', () => {
  test.each([
    ['boneless, skinless chicken thighs', 'chicken-thigh', ['boneless', 'skinless']],
    ['large eggs, beaten', 'egg', ['large']],
    ['freshly ground black pepper', 'black-pepper', ['freshly']],
    ['very cold sparkling water', 'sparkling-water', ['very', 'cold']],
    ['garlic chilli sauce', 'chilli-garlic-sauce', ['garlic']],
    ['coarse panko breadcrumbs', 'coarse-crumbs', ['coarse']],
    ['vegan mayo', 'vegan-mayonnaise', []],
  ])('"%s" is %s', (text, id, beside) => {
    const found = recognise(KNOWN, text);
    expect(found?.item.id).toBe(id);
    expect(found?.beside).toEqual(beside);
  });

  test('what is no name is not guessed at', () => expect(recognise(KNOWN, 'moon dust')).toBeNull());
});
