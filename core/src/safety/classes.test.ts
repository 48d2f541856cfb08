import { dishAllergens, cautionsFor, safeMinimum } from './index.js';
import { foodOf, isFlesh, KNOWN, KNOWN_INGREDIENTS, type Food } from '../foods/index.js';

/** Every food that is known, and the centre that it is held to. */

const FOODS = KNOWN_INGREDIENTS.filter((i) => i.food).map((i) => foodOf(KNOWN, i.id));
const HOW = { parchment: false, deepOil: false, waterTray: false };
const minimumOf = (food: Food): number | null => safeMinimum(food.food.safety)?.tempC ?? null;

/** Classes by what a food is called, as the chart sorts them: USDA FSIS, from memory. */
const BY_NAME: readonly (readonly [RegExp, number])[] = [
  [/chicken|turkey|duck|goose|quail/i, 73.9],
  [/mince|meatball|sausage|burger/i, 71.1],
];

describe('every food', () => {
  test.each(FOODS.filter((f) => BY_NAME.some(([name]) => name.test(f.name))).map((f) => [f.name, f] as const))(
    '%s is held to what its name says, or more',
    (name, food) => {
      const wanted = BY_NAME.find(([pattern]) => pattern.test(name))![1];
      expect(minimumOf(food)).toBeGreaterThanOrEqual(wanted);
    },
  );

  test.each(FOODS.filter((f) => f.origin === 'meat' || f.origin === 'fish').map((f) => [f.name, f] as const))(
    '%s is of an animal, so its centre has a minimum, and its cautions begin with it',
    (_, food) => {
      const tempC = minimumOf(food)!;
      expect(tempC).toBeGreaterThanOrEqual(62.8);
      const [first] = cautionsFor(KNOWN, food, [], HOW);
      expect(first).toMatchObject({ about: 'centre', tempC });
    },
  );

  test('no vegetable, fruit or curd is held to one', () => {
    const plain = FOODS.filter((f) => ['vegetable', 'ready'].includes(f.food.safety));
    expect(plain.length).toBeGreaterThan(50);
    expect(plain.filter(isFlesh)).toEqual([]);
    expect(plain.map(minimumOf).filter((m) => m !== null)).toEqual([]);
  });
});

describe('what lies in one basket', () => {
  const [pork, chicken, okra] = ['pork-loin', 'chicken-breast', 'okra'].map((id) => foodOf(KNOWN, id));
  const centre = (food: Food, also: Food[]): number | undefined =>
    cautionsFor(KNOWN, food, [], { ...HOW, also }).find(({ about }) => about === 'centre')?.tempC;

  test('is held to the strictest of all, whichever the dish is named by', () => {
    expect(centre(pork, [])).toBe(62.8);
    expect(centre(pork, [chicken])).toBe(73.9);
    expect(centre(chicken, [pork])).toBe(73.9);
    expect(centre(okra, [chicken])).toBe(73.9);
    expect(centre(okra, [])).toBeUndefined();
  });

  test('raw meat beside a vegetable makes its flour and crumbs waste', () => {
    const said = (also: Food[]): string =>
      JSON.stringify(cautionsFor(KNOWN, okra, [], { ...HOW, also }).filter(({ about }) => about === 'raw-coat'));
    expect(said([chicken])).toMatch(/touched the raw pieces/);
    expect(said([])).not.toMatch(/touched the raw pieces/);
  });

  test('its allergens are those of everything in it, each once, in the order of the list', () => {
    const coat = [
      { portions: [{ ingredientId: 'wheat-flour', grams: 40 }] },
      { portions: [{ ingredientId: 'egg', grams: 50 }] },
      { portions: [{ ingredientId: 'coarse-crumbs', grams: 60 }] },
    ];
    const prawn = foodOf(KNOWN, 'prawn');
    const alone = dishAllergens(KNOWN, okra, coat);
    const both = dishAllergens(KNOWN, okra, coat, [prawn]);
    expect(alone).toEqual(['wheat', 'egg']);
    expect(both).toEqual(expect.arrayContaining([...alone, 'crustaceans']));
    expect(new Set(both).size).toBe(both.length);
    expect(dishAllergens(KNOWN, prawn, coat, [okra])).toEqual(both);
  });
});

describe('cautions', () => {
  test('whatever is cooked: allergens, raw coats, oil mist, steam, brown starch and the manual, each once', () => {
    for (const food of FOODS) {
      const about = cautionsFor(KNOWN, food, [], HOW).map((c) => c.about);
      for (const always of ['allergens', 'raw-coat', 'oil-mist', 'steam', 'acrylamide', 'limits'] as const) {
        expect(about.filter((a) => a === always)).toHaveLength(1);
      }
      expect(about.at(-1)).toBe('limits');
    }
  });

  test('a tray of water is a second warning of steam, and a pot one of hot oil', () => {
    const about = cautionsFor(KNOWN, FOODS[0], [], { parchment: true, deepOil: true, waterTray: true }).map(
      (c) => c.about,
    );
    expect(about.filter((a) => a === 'steam')).toHaveLength(2);
    expect(about).toEqual(expect.arrayContaining(['parchment', 'hot-oil']));
  });
});
