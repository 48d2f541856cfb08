import { check, conversionBodySchema, exampleConversion } from '@yellowmist/contract';
import { SCENARIO } from '../src/demo/scenario.js';

describe('what Yellowmist itself puts on the bench could be saved again', () => {
  test.each([...SCENARIO, exampleConversion()].map((body) => [body.name, body] as const))('%s', (_, body) => {
    expect(check(conversionBodySchema, body)).toEqual({ ok: true, value: body });
  });

  test('the demo has at least five dishes, in two fryers, one of them vegan and without gluten', () => {
    expect(SCENARIO.length).toBeGreaterThanOrEqual(5);
    expect(new Set(SCENARIO.map((s) => s.fryer.name))).toEqual(new Set(['Galley', 'Loft']));
    expect(SCENARIO.some((s) => s.limits.diets.includes('vegan') && s.limits.diets.includes('gluten-free'))).toBe(true);
  });
});
