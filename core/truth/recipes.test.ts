import { enter, KNOWN, readBowls } from '../src/index.js';

/**
 * Coats as recipes write them (invented), and what a cook would set out for them: the bowls in their order, with what each
 * weighs in all. Weights of cups and spoons: common practice, no source.
 */
const RECIPES: readonly [string, readonly [string, number][]][] = [
  [
    '1 cup plain flour, 1 tsp salt, ½ tsp black pepper\n3 large eggs, 1 tbsp water\n2 cups panko',
    [
      ['dust', 132],
      ['binder', 165],
      ['finish', 120],
    ],
  ],
  ['¾ cup rice flour, ¼ cup cornstarch, 1 tsp baking powder, 1 cup ice-cold sparkling water', [['batter', 390]]],
  [
    '2 cups buttermilk, 1 tbsp hot sauce; 2 cups flour, 2 tbsp cornstarch, 1 tbsp paprika, 1 tbsp garlic powder, 2 tsp salt',
    [
      ['binder', 505],
      ['dust', 294],
    ],
  ],
  [
    '60 g flour, 2 eggs, 100 g fine breadcrumbs',
    [
      ['dust', 60],
      ['binder', 100],
      ['finish', 100],
    ],
  ],
  ['1 cup besan, ½ tsp turmeric, 1 tsp cumin, ¾ cup water, pinch of baking soda', [['batter', 286]]],
  ['200 g flour, 300 ml lager, 1 tsp salt', [['batter', 506]]],
  [
    'For the marinade: 1 cup yoghurt, 1 tbsp garam masala, 2 cloves garlic\n\nFor the coating: 1 cup cornmeal, ½ cup flour, salt',
    [
      ['binder', 259],
      ['finish', 215],
    ],
  ],
  ['½ cup potato starch, 1 tsp salt, ½ tsp white pepper', [['dust', 87]]],
  [
    '1 cup soy milk + 1 tbsp vinegar, 1 cup flour, 3 tbsp nutritional yeast, 1½ cups cornflakes',
    [
      ['binder', 258],
      ['dredge', 136],
      ['finish', 135],
    ],
  ],
  [
    '½ cup flour, 1 egg, 3 tbsp milk, ½ cup shredded coconut and ½ cup panko',
    [
      ['dust', 63],
      ['binder', 96],
      ['finish', 73],
    ],
  ],
  [
    '4 oz flour, 2 eggs, 6 oz panko',
    [
      ['dust', 113],
      ['binder', 100],
      ['finish', 170],
    ],
  ],
  ['flour 100 g, water 180 ml, salt 3 g', [['batter', 283]]],
  [
    '1 cup aquafaba, 1 tbsp mustard; 1 cup crushed pretzels, 2 tbsp sesame seeds',
    [
      ['binder', 256],
      ['finish', 118],
    ],
  ],
  [
    '⅓ cup flour then 2 eggs then 1 cup breadcrumbs, 2 tbsp parmesan, 1 tsp oregano',
    [
      ['dust', 42],
      ['binder', 100],
      ['finish', 74],
    ],
  ],
  [
    '3 tbsp mayonnaise, 1 tbsp Dijon mustard, 1½ cups panko, 1 tbsp olive oil',
    [
      ['binder', 57],
      ['finish', 104],
    ],
  ],
];

/** A household weighs and measures within so much. */
const CLOSE = 0.05;

describe('coats as recipes write them', () => {
  test.each(RECIPES)('%s', (text, bowls) => {
    const reading = readBowls(KNOWN, text);
    expect(reading.doubts).toEqual([]);
    expect(reading.bowls.map((b) => b.kind)).toEqual(
      bowls.map(([kind], at) => (at > 0 && kind === 'dust' ? 'dredge' : kind)),
    );
    reading.bowls.forEach((bowl, at) => {
      const grams = bowl.portions.reduce((sum, p) => sum + p.grams, 0);
      expect([at, Math.abs(grams - bowls[at][1]) <= CLOSE * bowls[at][1] + 1, grams]).toEqual([at, true, grams]);
    });
  });
});

describe('three dishes from memory, whole', () => {
  test.each([
    ['2 lb halibut in chunks', '1 cup flour, 1 cup beer, 1 tsp baking powder, salt', 'halibut', 'batter'],
    ['a block of tempeh in fingers', 'moon dust, 2 eggs', 'tempeh', null],
    ['6 duck breasts, strips', 'karaage', 'duck-breast', 'potato starch'],
    ['300 g mozzarella sticks', '½ cup flour, 2 eggs, 1 cup Italian breadcrumbs', 'mozzarella', 'fine dry crumbs'],
  ])('%s in %s', (food, coat, foodId, named) => {
    const { dish, fried, name } = enter(KNOWN, { food, coat });
    expect(dish?.foodId).toBe(foodId);
    expect(dish!.count).toBeGreaterThan(3);
    if (named === null) expect(fried).toBeNull();
    else expect([name.endsWith(named), fried!.minutes > 0]).toEqual([true, true]);
  });
});
