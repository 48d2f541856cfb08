import { BREADED, BREADED_PLAN } from '../../testing/plain.js';
import { fingerprint, planId } from './planId.js';
import type { AirPlan } from './index.js';

const plan = BREADED_PLAN;

describe('the name of a plan', () => {
  test('is the same for the same plan, in whatever order its fields stand', () => {
    const { second, settings, ...rest } = structuredClone(plan);
    expect(planId({ second, settings, ...rest })).toBe(planId(plan));
    expect(planId(JSON.parse(JSON.stringify(plan)))).toBe(planId(plan));
  });

  test('does not change for a field that is left out or undefined', () => {
    expect(planId({ ...plan, laying: undefined })).toBe(planId({ ...plan }));
  });

  test.each<[string, AirPlan]>([
    ['minute', { ...plan, settings: { ...plan.settings, minutes: 13 } }],
    ['degree', { ...plan, settings: { ...plan.settings, tempC: 191 } }],
    ['gram of oil', { ...plan, oilGm2: 16 }],
    ['order of the layers', { ...plan, layers: [...BREADED].reverse() }],
    ['turn', { ...plan, settings: { ...plan.settings, turnAtMin: null } }],
  ])('is another for another %s', (_, other) => expect(planId(other)).not.toBe(planId(plan)));

  test('no two of two thousand plans share one', () => {
    const ids = new Set<string>();
    for (let minutes = 0; minutes < 40; minutes++) {
      for (let tempC = 100; tempC < 150; tempC++) {
        ids.add(planId({ ...plan, settings: { ...plan.settings, minutes, tempC } }));
      }
    }
    expect(ids.size).toBe(2_000);
  });

  test('tells a text from the number that it spells, and lists apart', () => {
    expect(fingerprint(['a', 'b'])).not.toBe(fingerprint(['ab']));
    expect(fingerprint({ a: 1 })).not.toBe(fingerprint({ b: 1 }));
    expect(fingerprint(null)).not.toBe(fingerprint({}));
  });
});
