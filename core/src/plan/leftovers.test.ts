import { BREADED_PLAN, BREADED_POT, NO_LIMITS, PLAIN_FRYER, planOf, slabsOf, spec } from '../../testing/plain.js';
import type { AirPlan, Dish } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { evaluateAir, evaluateFried } from './evaluate.js';

const cooked = (dish: Dish, plan: AirPlan = BREADED_PLAN) => {
  const asked = { pantry: KNOWN, dish, fried: BREADED_POT, fryer: PLAIN_FRYER, limits: NO_LIMITS };
  return evaluateAir(asked, plan, evaluateFried(asked));
};
const last = (dish: Dish, plan?: AirPlan): string => plain(cooked(dish, plan).steps.at(-1)!);
const VEGAN = planOf({ layers: [spec(['wheat-flour', 60]), spec(['aquafaba', 80]), spec(['coarse-crumbs', 80])] });

describe('what is left in the bowls', () => {
  // USDA FSIS, from memory: what raw flesh has touched is thrown away.
  test('goes where raw flesh met it', () => {
    expect(last(slabsOf('chicken-breast'))).toMatch(/met raw meat: throw it away, and wash/);
    expect(last(slabsOf('cod'), VEGAN)).toMatch(/met raw fish: throw it away/);
  });

  test('goes where raw egg met it; a batter with egg keeps a day', () => {
    expect(last(slabsOf('tofu'))).toBe('Throw away the crumbs and flour that met raw egg.');
    const batter = planOf({
      layers: [spec(['wheat-flour', 100], ['egg', 50], ['water', 80]), spec(['coarse-crumbs', 80])],
    });
    expect(last(slabsOf('tofu'), batter)).toMatch(/^A batter with egg keeps a day/);
  });

  test('is sieved and stretched with its weight of cereal otherwise, by weight, for so many more pieces', () => {
    const { bowls } = cooked(slabsOf('tofu'), VEGAN);
    const said = last(slabsOf('tofu'), VEGAN);
    for (const bowl of [bowls[0], bowls[2]]) expect(said).toContain(`Sieve the ${Math.round(bowl.leftG)} g of`);
    expect(said).toMatch(/crushed cereal they coat \d+ more/);
    expect(said).not.toContain('aquafaba');
  });

  test('is nothing where the coat came with the food', () => {
    const ready = slabsOf('cod', { readyCoated: true, preparation: 'frozen', startC: -18 });
    expect(last(ready)).not.toMatch(/left/);
  });
});

describe('what the pieces are prepared by', () => {
  const first = (dish: Dish): string => plain(cooked(dish).steps[0]);

  test.each([
    ['prawn', 'butterflied', '16-20', /^Prepare 8 pieces of prawns, butterflied\. Shell off to the tail/],
    ['chicken-wing', 'whole', 'wing-piece', /^Prepare 8 pieces of chicken wings\. At both joints/],
    ['onion', 'rings', 'medium-onion', /^Prepare 8 pieces of onion, rings\. Ends off/],
    ['pork-loin', 'whole', 'chop', /^Prepare 8 pieces of pork loin, beaten thin\./],
  ] as const)('%s, %s', (foodId, cut, unit, said) =>
    expect(first(slabsOf(foodId, { bought: { unit, amount: 4, cut } }))).toMatch(said),
  );

  test('pieces that were measured by hand are simply cut', () =>
    expect(first(slabsOf('tofu'))).toMatch(/^Cut the firm tofu into 8 even pieces\./));
});
