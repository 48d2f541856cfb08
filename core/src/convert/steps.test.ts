import { PLAIN_FRYER, spec } from '../../testing/plain.js';
import { PLAIN_AIR, type AirPlan, type Dish, type Fryer } from '../dish/index.js';
import { evaluateAir, evaluateFried } from './index.js';

const BREADED = [spec(['wheat-flour', 60]), spec(['egg', 50]), { ...spec(['coarse-crumbs', 60]), pressed: true }];
const fryer: Fryer = {
  ...PLAIN_FRYER,
  name: 'Loft',
  kind: 'oven-type',
  basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
  racks: 2,
  maxTempC: 220,
};
const dish = (more: Partial<Dish> = {}): Dish => ({
  foodId: 'pork-loin',
  shape: { kind: 'slab', lengthMm: 110, widthMm: 80, thicknessMm: 9 },
  count: 6,
  startC: 8,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});
const plan = (more: Partial<AirPlan> = {}, settings: Partial<AirPlan['settings']> = {}): AirPlan => ({
  layers: BREADED,
  restMin: 7,
  oilGm2: 20,
  second: null,
  settings: { ...PLAIN_AIR, tempC: 200, minutes: 14, preheated: true, turnAtMin: 7, under: 'rack', ...settings },
  ...more,
});

function stepsOf(d: Dish, p: AirPlan): string {
  const fried = evaluateFried(d, {
    layers: p.layers,
    medium: 'deep-oil',
    oilId: 'rapeseed-oil',
    tempC: 175,
    minutes: 3,
  });
  return evaluateAir(d, p, fryer, fried).steps.join('\n');
}

describe('the steps of an air plan', () => {
  const plain = stepsOf(dish(), plan());

  test('go from the cut over the bowls, the rest and the oil to the rack', () => {
    const order = [
      'Cut the pork loin',
      'Dust with',
      'Through the egg',
      'Press into',
      'rest 7 minutes',
      'On the tray',
      'Cook at 200',
      'Check the centre',
    ];
    const at = order.map((words) => plain.indexOf(words));
    expect(at.every((i) => i >= 0)).toBe(true);
    expect(at).toEqual([...at].sort((a, b) => a - b));
  });

  test('say the safe minimum with its rest, and to preheat', () => {
    expect(plain).toMatch(/63 °C or more, then 3 minutes of rest/);
    expect(plain).toMatch(/Preheat Loft to 200 °C/);
    expect(plain).not.toMatch(/Swap the racks/);
  });

  test('swap racks only where a batch lies on two', () => {
    expect(stepsOf(dish(), plan({}, { swapEveryMin: 5 }))).toMatch(/Swap the racks every 5 minutes/);
    expect(stepsOf(dish({ count: 1 }), plan({}, { swapEveryMin: 5 }))).not.toMatch(/Swap the racks/);
  });

  test('set a tray of boiling water beside the food', () => {
    expect(stepsOf(dish(), plan({}, { waterTray: true }))).toMatch(/little tray of boiling water/);
  });

  test('cool, brush and cook again', () => {
    const second = { sauce: spec(['barbecue-sauce', 100]), sauceGm2: 150, coolMin: 4, tempC: 180, minutes: 5 };
    const steps = stepsOf(dish(), plan({ second }));
    expect(steps).toMatch(
      /cool 4 minutes on a rack.*Brush smoky tomato sauce, sweet on with a light hand\. Cook 5 minutes more at 180 °C/,
    );
    expect(steps.indexOf('Brush')).toBeGreaterThan(steps.indexOf('Cook at 200'));
    expect(stepsOf(dish(), plan({ second: { ...second, sauce: null, coolMin: 0 } }))).toMatch(/^Cook 5 minutes more/m);
  });

  test.each<[Dish['preparation'], RegExp]>([
    ['blanched', /Blanched, [\d.]+ minutes? in the water: into plenty of boiling water, out again when it returns/],
    ['frozen', /coat and cook it still frozen/],
    [
      'pre-cooked',
      /Roasted first, and cooled, \d+ minutes in the heat: roast it bare.*until a fork goes in.*cool it on a rack/,
    ],
    ['marinated', /Marinated, 30 minutes in the marinade: turn it in egg/],
  ])('say how it is made ready: %s', (preparation, words) => {
    expect(stepsOf(dish({ preparation }), plan())).toMatch(words);
  });
});
