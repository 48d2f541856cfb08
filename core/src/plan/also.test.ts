import { BREADED_PLAN, BREADED_POT, NO_LIMITS, PLAIN_FRYER, slabsOf } from '../../testing/plain.js';
import { wholeOf, type Dish } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { evaluateAir, evaluateFried } from './evaluate.js';

const cooked = (dish: Dish) => {
  const asked = { pantry: KNOWN, dish, fried: BREADED_POT, fryer: PLAIN_FRYER, limits: NO_LIMITS };
  return evaluateAir(asked, BREADED_PLAN, evaluateFried(asked));
};
const tofu = slabsOf('tofu');
const chicken = slabsOf('chicken-breast').shape;
const both: Dish = { ...tofu, also: { foodId: 'chicken-breast', shape: chicken, count: 4 } };

describe('two foods in one coat and basket', () => {
  const [alone, together] = [cooked(tofu), cooked(both)];

  test('take more of every bowl, and more room', () => {
    together.bowls.forEach((bowl, k) => expect(bowl.onFoodG).toBeCloseTo(1.5 * alone.bowls[k].onFoodG, 0));
    expect(together.load.batches * together.load.piecesPerBatch).toBeGreaterThanOrEqual(12);
  });

  test('the raw one goes through the bowls last, and its safe minimum stands in the cautions', () => {
    expect(together.steps.map(plain).join(' ')).toMatch(/the firm tofu first, then the chicken breast: what raw flesh/);
    expect(together.steps.map(plain).join(' ')).toMatch(
      /Check the centre of the chicken breast, too: 74 °C.*met raw meat: throw it away/,
    );
    expect(together.cautions.find((c) => c.about === 'centre')?.tempC).toBeCloseTo(73.9, 0);
    expect(alone.cautions.some((c) => c.about === 'centre')).toBe(false);
  });

  test('when the second is done is told, and a piece that is not done says so', () => {
    expect(together.also).toMatchObject({ name: 'Chicken breast' });
    const thick = cooked({ ...both, also: { ...both.also!, shape: { kind: 'ball', diameterMm: 75 } } });
    expect(thick.also!.doneMin).toBeNull();
    expect(thick.steps.map(plain).join(' ')).toMatch(/chicken breast is not done in these minutes/);
  });

  test('its allergens are those of both', () => {
    const prawns = cooked({ ...tofu, also: { foodId: 'prawn', shape: chicken, count: 4 } });
    expect(prawns.allergens).toEqual(expect.arrayContaining(['soy', 'crustaceans']));
  });
});

test('a bare tail takes no coat: a tenth less of every bowl, and the steps say so', () => {
  const bare = { ...tofu, bareShare: 0.1 };
  expect(wholeOf(KNOWN, bare).areaM2).toBeCloseTo(0.9 * wholeOf(KNOWN, tofu).areaM2, 8);
  expect(wholeOf(KNOWN, bare).massG).toBe(wholeOf(KNOWN, tofu).massG);
  expect(cooked(bare).steps.map(plain).join(' ')).toMatch(/Leave the tail or bone bare/);
});

test('half a batter is spiced: in the steps for half of the pieces, and among the allergens', () => {
  const [flour, egg, crumbs] = BREADED_PLAN.layers;
  const divided = { share: 0.5, portions: [{ ingredientId: 'mustard-powder', grams: 3 }] };
  const asked = { pantry: KNOWN, dish: tofu, fried: BREADED_POT, fryer: PLAIN_FRYER, limits: NO_LIMITS };
  const plan = { ...BREADED_PLAN, layers: [flour, { ...egg, divided }, crumbs] };
  const half = evaluateAir(asked, plan, evaluateFried(asked));
  expect(half.steps.map(plain).join(' ')).toMatch(
    /Take half of it into a second bowl and stir in .* mustard powder: that is for 4 pieces, after the others/,
  );
  expect(half.allergens).toContain('mustard');
  expect(half.outcomes).toEqual(cooked(tofu).outcomes);
});
