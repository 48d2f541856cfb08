import { BREADED, BREADED_PLAN, BREADED_POT, NO_LIMITS, PLAIN_FRYER, slabsOf } from '../../testing/plain.js';
import { fitsDiets, ingredient, KNOWN } from '../foods/index.js';
import { choiceOf, evaluateAir, evaluateFried, type Asked, type Choice } from '../plan/index.js';
import { substitutions } from './substitutions.js';

const request: Asked = {
  pantry: KNOWN,
  dish: slabsOf('halloumi'),
  fried: BREADED_POT,
  fryer: PLAIN_FRYER,
  limits: NO_LIMITS,
};
const plan = BREADED_PLAN;
const fried = evaluateFried(request);
const current = evaluateAir(request, plan, fried);

describe('what could stand in for an ingredient', () => {
  const forEgg = substitutions(request, current, fried, 1, 'egg');

  test('stands in its own layer, and leaves the rest of the plan as it was', () => {
    expect(forEgg.length).toBeGreaterThan(1);
    for (const { id, plan: other } of forEgg) {
      expect(other.layers[1].portions.map((p) => p.ingredientId)).toContain(id);
      expect(other.layers[1].portions.map((p) => p.ingredientId)).not.toContain('egg');
      expect([other.layers[0], other.layers[2]]).toEqual([BREADED[0], BREADED[2]]);
      expect(other.settings).toEqual(plan.settings);
    }
  });

  test('says what it changes, of which allergens are a part', () => {
    const changes = forEgg.flatMap((s) => s.changes);
    expect(changes.length).toBeGreaterThan(0);
    expect(forEgg.some((s) => s.changes.some((c) => c.about === 'allergens'))).toBe(true);
  });

  test('is only what is eaten and in the house', () => {
    const choice: Choice = { ...choiceOf(request), diets: ['vegan'], without: [forEgg[0].id] };
    const vegan = substitutions(request, current, fried, 1, 'egg', choice);
    expect(vegan.length).toBeGreaterThan(0);
    for (const { id } of vegan) {
      expect(fitsDiets(ingredient(KNOWN, id), ['vegan'])).toBe(true);
      expect(id).not.toBe(forEgg[0].id);
    }
  });
});
