import { check, COMMON_FRYERS, conversionBodySchema } from '@yellowmist/contract';
import { evaluateFried, KNOWN, loadOf, lotOf, KNOWN_INGREDIENTS, readyPiece } from '@yellowmist/core';
import { COAT_PRESETS, compose, usualCut } from './presets';

const FOODS = KNOWN_INGREDIENTS.filter((i) => i.food).map((i) => i.id);
const [fryer] = COMMON_FRYERS;
const sentence = (foodId: string, coatId: string) =>
  compose(foodId, coatId, usualCut(foodId).count, usualCut(foodId).minutes, fryer);

describe('the sentence that a dish begins with', () => {
  test.each(FOODS)('%s in every coat is a dish that the server takes', (foodId) => {
    for (const { id, label } of COAT_PRESETS) {
      const checked = check(conversionBodySchema, sentence(foodId, id));
      expect({ label, checked }).toMatchObject({ checked: { ok: true } });
    }
  });

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
    const body = compose('croquette-filling', 'thin-batter', 18, 4, { ...fryer, maxTempC: 190, preheats: true });
    expect(body.name.length).toBeLessThanOrEqual(80);
    expect(body.limits).toMatchObject({ maxTempC: 190, preheat: true });
  });
});
