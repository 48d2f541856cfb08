import { ingredient, KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { BREADED_PLAN, BREADED_POT, NO_LIMITS, PLAIN_FRYER, planOf, slabsOf } from '../../testing/plain.js';
import type { Dish } from '../dish/index.js';
import { evaluateAir, evaluateFried } from './evaluate.js';

const cooked = (dish: Dish, plan = BREADED_PLAN) => {
  const asked = { pantry: KNOWN, dish, fried: BREADED_POT, fryer: PLAIN_FRYER, limits: NO_LIMITS };
  const fried = evaluateFried(asked);
  return { fried, air: evaluateAir(asked, plan, fried) };
};
const breast = slabsOf('chicken-breast', { servings: 4 });
const { air, fried } = cooked(breast);

/** 8 slabs of 90 × 50 × 16 mm at 1,050 kg/m³. */
const FOOD_G = 8 * 9 * 5 * 1.6 * 1.05;

/** g of something in all that stays of the coat, by the pantry's per 100 g. */
const inCoat = (of: 'proteinG' | 'fatG' | 'carbohydrateG'): number =>
  air.bowls.reduce((sum, bowl) => {
    const total = bowl.parts.reduce((g, p) => g + p.grams, 0);
    const share = bowl.parts.reduce((g, p) => g + p.grams * ingredient(KNOWN, p.ingredientId).per100g[of], 0) / total;
    return sum + (bowl.onFoodG * share) / 100;
  }, 0);

describe('one person’s plate', () => {
  // Compositions per 100 g: USDA FoodData Central, from memory; 4, 4, 9, 2 kcal/g: Regulation (EU) No 1169/2011, Annex XIV, from memory.
  test('adds up as by hand: food, coat and oil over four people', () => {
    const { proteinG, fatG, carbohydrateG, people } = air.perServing.air;
    expect(people).toBe(4);
    expect(proteinG.value * 4).toBeCloseTo(0.225 * FOOD_G + inCoat('proteinG'), 0);
    expect(carbohydrateG.value * 4).toBeCloseTo(inCoat('carbohydrateG'), 0);
    expect(fatG.value * 4).toBeCloseTo(0.016 * FOOD_G + inCoat('fatG') + 8 * air.oilPerPieceG, 0);
  });

  test('its energy is that of its parts', () => {
    const { energyKcal, proteinG, fatG, carbohydrateG } = air.perServing.air;
    const known = 4 * proteinG.value + 9 * fatG.value + 4 * carbohydrateG.value;
    expect(energyKcal.value).toBeGreaterThan(known);
    expect(energyKcal.value).toBeLessThan(known + 15);
  });

  test('the pot leaves more fat and energy, and the same protein', () => {
    const { air: fromAir, pot } = air.perServing;
    expect(pot.fatG.value).toBeCloseTo(fromAir.fatG.value + 2 * (fried.oilPerPieceG - air.oilPerPieceG), 0);
    expect(pot.energyKcal.value).toBeGreaterThan(fromAir.energyKcal.value);
    expect(pot.proteinG.value).toBeCloseTo(fromAir.proteinG.value, 0);
  });

  test('every figure has what it may be off by, less than itself and more than nothing', () => {
    for (const { value, off } of [air.perServing.air.energyKcal, air.perServing.air.fatG, air.perServing.pot.fatG]) {
      expect(off).toBeGreaterThan(0.02 * value);
      expect(off).toBeLessThan(0.5 * value);
    }
  });
});

describe('what stands beside', () => {
  const beside: Dish['beside'] = [
    {
      name: 'Loft sauce',
      use: 'tossed',
      portions: [
        { ingredientId: 'soy-sauce', grams: 60 },
        { ingredientId: 'honey', grams: 60 },
        { ingredientId: 'corn-starch', grams: 8 },
        { ingredientId: 'water', grams: 60 },
        { ingredientId: 'garlic', grams: 8 },
      ],
    },
    { name: 'Dip', use: 'dip', portions: [{ ingredientId: 'mayonnaise', grams: 100 }] },
    { name: 'Spice salt', use: 'spice-salt', portions: [{ ingredientId: 'salt', grams: 5 }] },
    { name: 'Marinade', use: 'marinade', portions: [{ ingredientId: 'buttermilk', grams: 100 }] },
  ];
  const with_ = cooked({ ...breast, beside }).air;

  test('is eaten: in the figures, among the allergens, in the cautions', () => {
    expect(with_.perServing.air.saltG.value).toBeGreaterThan(air.perServing.air.saltG.value + 1);
    expect(with_.allergens).toEqual(expect.arrayContaining(['soy', 'wheat', 'egg', 'mustard', 'milk']));
    expect(air.allergens).not.toContain('soy');
    expect(with_.cautions.map((c) => plain(c.text)).join(' ')).toContain('soy');
  });

  test('stands in the steps, each in its place', () => {
    const steps = with_.steps.map(plain);
    const at = (words: RegExp): number => steps.findIndex((s) => words.test(s));
    expect(at(/^Stir the marinade: 10?\d+ g buttermilk/)).toBe(1);
    expect(at(/thick and glossy/)).toBeGreaterThan(at(/^Cook at/));
    expect(at(/^Toss (the pieces|each batch), off the heat/)).toBeGreaterThan(at(/thick and glossy/));
    expect(at(/^Scatter .* of the spice salt/)).toBeGreaterThan(at(/^Toss/));
    expect(at(/^Serve with the dip/)).toBeGreaterThan(at(/^Scatter/));
    expect(steps.at(-1)).toMatch(/met raw meat: throw it away/);
  });

  test('every bowl of the coat is mixed with its amounts before it is used', () => {
    const steps = with_.steps.map(plain);
    const mixed = steps.filter((s) => /^Bowl \d\./.test(s));
    expect(mixed).toHaveLength(with_.bowls.length);
    expect(mixed.every((s) => /\d/.test(s.slice(8)))).toBe(true);
    expect(steps.indexOf(mixed[2])).toBeLessThan(steps.findIndex((s) => /^Dust with/.test(s)));
  });

  test('over two batches the sauce is told for each', () => {
    const many = cooked({ ...breast, count: 24, beside }, planOf()).air;
    expect(many.load.batches).toBeGreaterThan(1);
    expect(many.steps.map(plain).join(' ')).toContain('Toss each batch, off the heat');
  });

  test('a bowl that is brushed on inside the cook is told and counted once', () => {
    const glaze = [{ ingredientId: 'barbecue-sauce', grams: 100 }];
    const dish: Dish = { ...breast, beside: [{ name: 'Glaze', use: 'brushed', portions: glaze }] };
    const second = { sauce: { portions: glaze }, sauceGm2: 120, coolMin: 3, tempC: 180, minutes: 5 };
    const inside = cooked(dish, planOf({ second })).air;
    const alone = cooked(breast, planOf({ second })).air;
    expect(inside.perServing.air.energyKcal.value).toBeCloseTo(alone.perServing.air.energyKcal.value, 6);
    expect(inside.steps.map(plain).filter((s) => /^Brush the pieces|^Brush each/.test(s))).toEqual([]);
    expect(
      cooked(dish)
        .air.steps.map(plain)
        .filter((s) => /^Brush/.test(s)),
    ).toHaveLength(1);
  });

  test('the same people eat from the air and from the pot, and wings are sauced by what is eaten of them', () => {
    const { servings: _, ...unsaid } = { ...breast, count: 20 };
    const { perServing } = cooked(unsaid).air;
    expect(perServing.air.people).toBe(perServing.pot.people);
    const sauced = (foodId: string) => cooked(slabsOf(foodId, { beside: beside!.slice(0, 1) })).air.beside[0].takesG;
    expect(sauced('chicken-wing')).toBeLessThan(0.8 * sauced('chicken-thigh'));
  });

  test('changes nothing of the cook itself', () => expect(with_.outcomes).toEqual(air.outcomes));
});
