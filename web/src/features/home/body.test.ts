import { check, COMMON_FRYERS, conversionBodySchema } from '@yellowmist/contract';
import {
  convertDish,
  enter,
  evaluateFried,
  foodOf,
  KNOWN,
  KNOWN_INGREDIENTS,
  loadOf,
  lotOf,
  NAMED_COATS,
  readyPiece,
  soldAs,
  usualAmount,
  type Bought,
} from '@yellowmist/core';
import { bodyOf } from './body';

const FOODS = KNOWN_INGREDIENTS.filter((i) => i.food).map((i) => i.id);
const [fryer] = COMMON_FRYERS;
const usual = (foodId: string): Bought => {
  const food = foodOf(KNOWN, foodId);
  return { foodId, ...usualAmount(food), cut: soldAs(food).cuts[0].id };
};
const sentence = (foodId: string, coat: string) => bodyOf(enter(KNOWN, { food: usual(foodId), coat }), fryer)!;

describe('the sentence that a dish begins with', () => {
  test.each(FOODS)('%s in every coat is a dish that the server takes', (foodId) => {
    for (const { id, label } of NAMED_COATS) {
      const checked = check(conversionBodySchema, sentence(foodId, id));
      expect({ label, checked }).toMatchObject({ checked: { ok: true } });
    }
  });

  // An oven is hot when food goes in, and takes its time: common practice, no source.
  test.each(['fan-oven', 'still-oven'] as const)(
    'drumsticks in a %s are safe by the first plan that is found',
    (kind) => {
      const oven = COMMON_FRYERS.find((f) => f.kind === kind)!;
      const entered = enter(KNOWN, { food: '6 chicken drumsticks', coat: 'buttermilk, seasoned flour' });
      const { dish, fried, limits } = bodyOf(entered, oven)!;
      expect(limits).toMatchObject({ preheat: true, maxMinutes: 40, maxTempC: oven.maxTempC });
      const [best] = convertDish({ dish, fried, fryer: oven, limits, pantry: KNOWN }).alternatives;
      expect(best.plan.settings.preheated).toBe(true);
      expect(best.outcomes.centre).toMatchObject({ band: 'good', word: 'safe' });
      expect(best.plan.settings.tempC).toBeLessThan(235);
    },
  );

  // What a hand cuts for frying: common practice, no source.
  test.each(FOODS)('%s is cut to a piece of 2 to 200 g that a common fryer holds', (foodId) => {
    const { dish } = sentence(foodId, 'coarse-crumbs');
    const ready = readyPiece(KNOWN, dish, []);
    expect(ready.piece.massG).toBeGreaterThan(2);
    expect(ready.piece.massG).toBeLessThan(200);
    expect(loadOf(lotOf(KNOWN, ready, dish), fryer)).toMatchObject({ fits: true });
  });

  test.each(FOODS)('%s comes out of the pot cooked, neither raw nor burnt', (foodId) => {
    const { dish, fried } = sentence(foodId, 'fine-crumbs');
    const { outcomes } = evaluateFried({ pantry: KNOWN, dish, fried });
    const colour = (outcomes.colourTop!.value + outcomes.colourUnder!.value) / 2;
    expect(colour).toBeGreaterThan(0.4);
    expect(colour).toBeLessThan(2.6);
    expect(outcomes.centre?.band ?? 'good').not.toBe('poor');
  });

  test('a long name is cut to what a name may be, and the fryer’s heat is the limit', () => {
    const entered = enter(KNOWN, { food: usual('croquette-filling'), coat: 'thin-batter' });
    const body = bodyOf(entered, { ...fryer, maxTempC: 190, preheats: true })!;
    expect(body.name.length).toBeLessThanOrEqual(80);
    expect(body.limits).toMatchObject({ maxTempC: 190, preheat: true });
  });

  test('what is asked about is no dish yet', () => {
    expect(bodyOf(enter(KNOWN, { food: 'some chicken', coat: 'beer batter' }), fryer)).toBeNull();
    expect(bodyOf(enter(KNOWN, { food: '2 chicken breasts', coat: '40 eggs' }), fryer)).toBeNull();
  });
});
