import { NO_LIMITS, PLAIN_FRYER, planOf, slabsOf, spec } from '../../testing/plain.js';
import type { Dish } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { evaluateAir, evaluateFried, type Asked } from '../plan/index.js';

const FLOUR = spec(['wheat-flour', 60]);
const EGG = spec(['egg', 50]);
const FINE = spec(['fine-crumbs', 80]);
const ONCE = [FLOUR, EGG, FINE];
const TWICE = [...ONCE, EGG, FINE];

const stick: Dish = slabsOf('mozzarella', {
  shape: { kind: 'slab', lengthMm: 80, widthMm: 15, thicknessMm: 15 },
  startC: 6,
});
const asked = (dish: Dish): Asked => ({
  pantry: KNOWN,
  dish,
  fried: { layers: ONCE, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 185, minutes: 1 },
  fryer: PLAIN_FRYER,
  limits: NO_LIMITS,
});
const leakOf = (dish: Dish, layers = ONCE, minutes = 7, frozen = false) => {
  const request = asked(dish);
  const plan = planOf({ layers, ...(frozen ? { making: { frozen } } : {}) }, { tempC: 200, minutes, preheated: true });
  return evaluateAir(request, plan, evaluateFried(request)).outcomes.leak;
};

describe('what runs out', () => {
  test('cheese runs out in air before the coat is golden, and stays in when it was frozen and coated twice', () => {
    expect(leakOf(stick)!.word).toBe('has run out');
    expect(leakOf(stick, TWICE, 7, true)!.word).toBe('stays in');
  });

  test('a second coat holds longer, a longer cook lets more out, a freezer holds longest', () => {
    const [once, twice, frozen] = [leakOf(stick, ONCE, 6), leakOf(stick, TWICE, 6), leakOf(stick, TWICE, 6, true)];
    expect(twice!.value).toBeLessThanOrEqual(once!.value);
    expect(frozen!.value).toBeLessThan(twice!.value);
    expect(leakOf(stick, TWICE, 12, true)!.value).toBeGreaterThan(frozen!.value);
  });

  test('what has run out says how hot it came, and what to do', () => {
    const [reason] = leakOf(stick)!.reasons;
    expect(reason.weight).toBe(2);
    expect(reason.move.join()).toMatch(/Freeze/);
    const [later] = leakOf(stick, ONCE, 12, true)!.reasons;
    expect(later.move.join()).toMatch(/minute sooner/);
  });

  test('what holds its shape has nothing to run out', () => {
    expect(leakOf(slabsOf('halloumi'))).toBeUndefined();
    expect(leakOf(slabsOf('cod'))).toBeUndefined();
  });

  test('a soft filling bursts its coat by steam only when it is cooked far too long', () => {
    const croquette = slabsOf('croquette-filling', { shape: { kind: 'rod', diameterMm: 25, lengthMm: 70 }, startC: 6 });
    expect(leakOf(croquette, ONCE, 9)!.word).toBe('stays in');
    expect(leakOf(croquette, ONCE, 18)!.word).toBe('bursts');
  });
});
