import { KNOWN } from '../foods/index.js';
import { BREADED, spec } from '../../testing/plain.js';
import { allLayersOf, eatenIn, madeReady, patted, PLAIN_AIR, PLAIN_OILING, type AirPlan, type Dish } from './index.js';

const dish = (foodId: string, more: Partial<Dish> = {}): Dish => ({
  foodId,
  shape: { kind: 'slab', lengthMm: 60, widthMm: 35, thicknessMm: 18 },
  count: 8,
  startC: 8,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});

const plan = (more: Partial<AirPlan> = {}): AirPlan => ({
  layers: BREADED,
  restMin: 5,
  oilGm2: 12,
  settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: false, turnAtMin: null, under: 'basket' },
  second: null,
  ...more,
});

describe('a dish made ready in another way', () => {
  test('has the skin of that way, patted where a cloth is used', () => {
    expect(madeReady(KNOWN, dish('potato'), 'blanched')).toMatchObject({ preparation: 'blanched', skin: 'damp' });
    expect(madeReady(KNOWN, dish('potato'), 'blanched', false).skin).toBe('wet');
    expect([patted('wet'), patted('damp'), patted('dry')]).toEqual(['damp', 'damp', 'dry']);
  });

  test('has its temperature, and keeps the cook’s own while the way stays', () => {
    expect(madeReady(KNOWN, dish('potato'), 'frozen').startC).toBeLessThan(-10);
    expect(madeReady(KNOWN, dish('potato', { startC: 21 }), 'raw').startC).toBe(21);
    expect(madeReady(KNOWN, dish('potato', { preparation: 'frozen', startC: -12 }), 'frozen').startC).toBe(-12);
  });

  test('forgets minutes that belonged to another way', () => {
    const salted = dish('aubergine', { preparation: 'salted', prepMin: 40 });
    expect(madeReady(KNOWN, salted, 'raw').prepMin).toBeUndefined();
    expect(madeReady(KNOWN, salted, 'salted', true, 20).prepMin).toBe(20);
  });
});

describe('all that is eaten', () => {
  const sauce = spec(['tomato-sauce', 100]);
  const second = { sauce, sauceGm2: 100, coolMin: 3, tempC: 180, minutes: 5 };
  const idsOf = (all: ReturnType<typeof eatenIn>): string[] => all.map((i) => i.id);

  test('is the coat, a sauce that is brushed on, and the oil where the cook has said which', () => {
    expect(allLayersOf(plan())).toEqual(BREADED);
    expect(allLayersOf(plan({ second })).at(-1)).toBe(sauce);
    const sesame = plan({ oiling: { ...PLAIN_OILING, oilId: 'toasted-sesame-oil' } });
    expect(allLayersOf(sesame).at(-1)!.portions[0].ingredientId).toBe('toasted-sesame-oil');
    expect(allLayersOf({ ...sesame, oilGm2: 0 })).toEqual(BREADED);
  });

  test('carries what a marinade brought into the food', () => {
    const marinated = eatenIn(KNOWN, dish('chicken-thigh', { preparation: 'marinated' }), plan());
    expect(marinated[0].allergens).toEqual(expect.arrayContaining(['egg', 'soy', 'wheat']));
    expect(eatenIn(KNOWN, dish('chicken-thigh'), plan())[0].allergens).toEqual([]);
    expect(idsOf(marinated)).toEqual(['chicken-thigh', 'wheat-flour', 'egg', 'coarse-crumbs']);
  });
});
