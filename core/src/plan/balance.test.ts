import { BREADED, NO_LIMITS, PLAIN_FRYER, planOf } from '../../testing/plain.js';
import { cutUp, soldAs } from '../cut/index.js';
import type { Dish } from '../dish/index.js';
import { foodOf, ingredient, KNOWN, KNOWN_INGREDIENTS } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
import { waysFor } from '../prep/index.js';
import { evaluateAir, evaluateFried } from './evaluate.js';
import type { Asked } from './types.js';

/** What is eaten is what was bought and what stays of the coat, however the food was made ready. */

const FOODS = KNOWN_INGREDIENTS.filter((i) => i.food?.safety === 'vegetable' || i.food?.safety === 'ready');
const CASES = FOODS.map((i) => foodOf(KNOWN, i.id)).flatMap((food) =>
  waysFor(food)
    .filter(({ id }) => id !== 'marinated')
    .map(({ id }) => [food.id, id] as const),
);

function dishOf(foodId: string, preparation: Dish['preparation']): Dish {
  const { units, cuts, usual } = soldAs({ id: foodId });
  const { shape, count } = cutUp(foodOf(KNOWN, foodId), { unit: units[0].id, amount: usual.amount }, cuts[0].id);
  return { foodId, shape, count: Math.min(24, count), startC: 6, skin: 'damp', preparation, servings: 2 };
}

/** On two plates, from the air: g of protein that came with the food, and g of the coat that stays on it. */
function eaten(dish: Dish): { foodProteinG: number; onFoodG: number } {
  const fried: Asked['fried'] = {
    layers: BREADED,
    medium: 'deep-oil',
    oilId: 'rapeseed-oil',
    tempC: 175,
    minutes: 4,
  };
  const asked: Asked = { pantry: KNOWN, dish, fried, fryer: PLAIN_FRYER, limits: NO_LIMITS };
  const air = evaluateAir(asked, planOf({ layers: BREADED }), evaluateFried(asked));
  const ofCoat = air.bowls.reduce((sum, { parts, onFoodG }) => {
    const total = parts.reduce((g, p) => g + p.grams, 0);
    const protein = parts.reduce((g, p) => g + (p.grams * ingredient(KNOWN, p.ingredientId).per100g.proteinG) / 100, 0);
    return sum + (onFoodG * protein) / total;
  }, 0);
  return {
    foodProteinG: 2 * air.perServing.air.proteinG.value - ofCoat,
    onFoodG: air.bowls.reduce((sum, b) => sum + b.onFoodG, 0),
  };
}

test.each(CASES)('%s, %s: the protein that was bought is on the plates', (foodId, way) => {
  const dish = dishOf(foodId, way);
  const food = foodOf(KNOWN, foodId);
  const { massG } = geometryOf(dish.shape, food.densityKgM3 * (1 - food.food.porosity));
  const bought = (dish.count * massG * food.per100g.proteinG) / 100;
  expect(Math.abs(eaten(dish).foodProteinG - bought)).toBeLessThan(0.03 * bought + 0.1);
});

test('a piece that shrank before its coat takes up less of it', () => {
  for (const foodId of ['cauliflower', 'potato', 'button-mushroom']) {
    const [raw, roasted] = (['raw', 'pre-cooked'] as const).map((way) => eaten(dishOf(foodId, way)).onFoodG);
    expect(roasted).toBeLessThan(raw);
    expect(roasted).toBeGreaterThan(0.6 * raw);
  }
});
