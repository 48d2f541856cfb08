import { KNOWN } from '../foods/index.js';
import fc from 'fast-check';
import { PLAIN_AIR, type AirPlan, type Dish, type Fryer } from '../dish/index.js';
import { PLAIN_FRYER, spec } from '../../testing/plain.js';
import type { LayerSpec } from '../coat/index.js';
import { evaluateAir, evaluateFried } from '../plan/index.js';
import { mayEat, orderOf, servedBy, sharedBowls, soilOf, supperDish, type Guest, type SupperDish } from './index.js';

const fryer = (name: string): Fryer => ({ ...PLAIN_FRYER, name });
const FLOUR = spec(['wheat-flour', 60]);
const EGG = spec(['egg', 50]);
const CRUMBS = spec(['coarse-crumbs', 60]);
const SESAME = spec(['coarse-crumbs', 40], ['sesame-seeds', 30]);
const CHICKPEA = [spec(['chickpea-flour', 120], ['water', 150]), spec(['cornflakes', 60])];

function made(
  name: string,
  foodId: string,
  layers: LayerSpec[],
  inFryer = 'Galley',
  oilId = 'rapeseed-oil',
): SupperDish {
  const dish: Dish = {
    foodId,
    shape: { kind: 'slab', lengthMm: 60, widthMm: 40, thicknessMm: 12 },
    count: 12,
    startC: 6,
    skin: 'damp',
    preparation: 'raw',
  };
  const plan: AirPlan = {
    layers,
    restMin: 7,
    oilGm2: 18,
    oiling: { oilId, tool: 'pump', rubGm2: 0, touchUpGm2: 0, basketG: 0 },
    second: null,
    settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: true, turnAtMin: 6, under: 'basket' },
  };
  const pot = evaluateFried({
    pantry: KNOWN,
    dish,
    fried: { layers, medium: 'deep-oil', oilId, tempC: 175, minutes: 4 },
  });
  return supperDish(
    name,
    name,
    { pantry: KNOWN, dish, fryer: fryer(inFryer) },
    evaluateAir({ pantry: KNOWN, dish, fryer: fryer(inFryer) }, plan, pot),
  );
}
const ALL = [
  made('Chicken', 'chicken-breast', [FLOUR, EGG, CRUMBS]),
  made('Pork', 'pork-loin', [FLOUR, EGG, CRUMBS], 'Loft'),
  made('Cod', 'cod', [FLOUR, EGG, CRUMBS]),
  made('Halloumi', 'halloumi', [FLOUR, EGG, SESAME], 'Loft'),
  made('Aubergine', 'aubergine', [FLOUR, EGG, CRUMBS]),
  made('Tofu', 'tofu', [...CHICKPEA]),
  made('Okra', 'okra', [...CHICKPEA]),
];
const dishesOf = (...names: string[]): SupperDish[] => names.map((n) => ALL.find((d) => d.name === n)!);
const vegan: Guest = { name: 'Wen’s sister', avoidAllergens: [], diets: ['vegan', 'gluten-free'] };
const noSesame: Guest = { name: 'Tobi', avoidAllergens: ['sesame'], diets: [] };
const supperOf = (dishes: SupperDish[], guests: Guest[]) => {
  const order = orderOf(dishes, guests);
  return {
    order,
    bowls: sharedBowls(
      order.map((t) => t.dish),
      guests,
    ),
  };
};
const orderNames = (dishes: SupperDish[], guests: Guest[]): string[] =>
  supperOf(dishes, guests).order.map((t) => t.dish.name);

describe('who may eat what', () => {
  test('by food, coat and the oil that is put on', () => {
    expect(mayEat(vegan, dishesOf('Aubergine')[0])).toBe(false);
    expect(mayEat(noSesame, dishesOf('Halloumi')[0])).toBe(false);
    expect(mayEat(noSesame, made('Okra', 'okra', CHICKPEA, 'Galley', 'toasted-sesame-oil'))).toBe(false);
    expect(mayEat(noSesame, dishesOf('Okra')[0])).toBe(true);
  });
});

describe('the order of frying', () => {
  test('the cleanest raw food first, raw poultry last', () => {
    expect(orderNames(dishesOf('Chicken', 'Cod', 'Aubergine', 'Pork', 'Halloumi'), [])).toEqual([
      'Aubergine',
      'Halloumi',
      'Cod',
      'Pork',
      'Chicken',
    ]);
  });

  test('what is for a guest with an allergy goes before what is not, whatever it is', () => {
    expect(orderNames(dishesOf('Halloumi', 'Aubergine', 'Chicken'), [noSesame])).toEqual([
      'Aubergine',
      'Chicken',
      'Halloumi',
    ]);
    expect(supperOf(dishesOf('Halloumi', 'Aubergine'), [noSesame]).order[0].why).toMatch(/it is for Tobi/);
  });

  test('in any choice of dishes and guests nothing is fried after what would harm its guest, unless it is washed', () => {
    const guests = [vegan, noSesame];
    fc.assert(
      fc.property(fc.subarray(ALL, { minLength: 2 }), fc.subarray(guests), (dishes, table) => {
        const { order } = supperOf(dishes, table);
        const served = order.map((t) => servedBy(t.dish, table).length);
        expect(served).toEqual([...served].sort((a, b) => b - a));
        order.slice(1).forEach((turn, i) => {
          const earlier = order.slice(0, i + 1).map((t) => t.dish);
          const harmed = servedBy(turn.dish, table).some((g) => earlier.some((before) => !mayEat(g, before)));
          if (harmed)
            expect(turn.wash).toMatchObject({ what: 'everything', text: expect.stringMatching(/^Wash basket/) });
        });
      }),
      { numRuns: 60 },
    );
  });

  test('after raw flesh hands and board are washed', () => {
    const { order } = supperOf(dishesOf('Chicken', 'Cod'), []);
    expect(soilOf(order[0].dish)).toBe(2);
    expect(order[1].wash.text).toMatch(/^Wash hands, board and tongs: raw fish/);
  });
});

describe('bowls in common', () => {
  test('plants before meat may share what holds the same, and it saves a remainder', () => {
    const { bowls } = supperOf(dishesOf('Aubergine', 'Pork'), []);
    expect(bowls.map((b) => b.may)).toEqual([true, true, true]);
    expect(bowls.reduce((sum, b) => sum + b.savesG, 0)).toBeGreaterThan(20);
  });

  test('what raw flesh went through is nobody else’s bowl', () => {
    const { bowls } = supperOf(dishesOf('Cod', 'Chicken'), []);
    expect(bowls.every((b) => !b.may)).toBe(true);
    expect(bowls[0].text).toMatch(/raw fish of “Cod” goes through it/);
  });

  test('what would bring an allergen to its guest stays apart', () => {
    const tofuFirst = supperOf(dishesOf('Tofu', 'Okra'), [{ name: 'Ines', avoidAllergens: ['soy'], diets: [] }]);
    expect(tofuFirst.order[0].dish.name).toBe('Okra');
    expect(tofuFirst.bowls.every((b) => b.may)).toBe(true);
    const two = [
      { name: 'Ines', avoidAllergens: ['soy' as const], diets: [] },
      { name: 'Tobi', avoidAllergens: ['sesame' as const], diets: [] },
    ];
    const mixed = supperOf([...dishesOf('Tofu'), made('Seeded okra', 'okra', [CHICKPEA[0], SESAME])], two);
    expect(mixed.bowls.find((b) => b.from.name === mixed.order[0].dish.name)!.may).toBe(false);
  });
});
