import { plain } from '../units/index.js';
import { KNOWN } from '../foods/index.js';
import { PLAIN_FRYER, planOf, slabsOf, spec } from '../../testing/plain.js';
import { type AirPlan, type Dish, type Fryer } from '../dish/index.js';
import { evaluateAir, evaluateFried } from './evaluate.js';

const PRESSED = [spec(['wheat-flour', 60]), spec(['egg', 50]), { ...spec(['coarse-crumbs', 60]), pressed: true }];
const fryer: Fryer = {
  ...PLAIN_FRYER,
  name: 'Loft',
  kind: 'oven-type',
  basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
  racks: 2,
  maxTempC: 220,
};
const dish = (more: Partial<Dish> = {}): Dish =>
  slabsOf('pork-loin', {
    shape: { kind: 'slab', lengthMm: 110, widthMm: 80, thicknessMm: 9 },
    count: 6,
    startC: 8,
    ...more,
  });
const plan = (more: Partial<AirPlan> = {}, settings: Partial<AirPlan['settings']> = {}): AirPlan =>
  planOf(
    { layers: PRESSED, restMin: 7, oilGm2: 20, ...more },
    { tempC: 200, minutes: 14, preheated: true, turnAtMin: 7, under: 'rack', ...settings },
  );

function stepsOf(d: Dish, p: AirPlan): string {
  const fried = evaluateFried({
    pantry: KNOWN,
    dish: d,
    fried: { layers: p.layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 3 },
  });
  return evaluateAir({ pantry: KNOWN, dish: d, fryer: fryer }, p, fried).steps.map(plain).join('\n');
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
      /cool 4 minutes on a rack.*Brush it thinly with smoky tomato sauce, sweet\. Cook 5 minutes more at 180 °C/,
    );
    expect(steps.indexOf('Brush')).toBeGreaterThan(steps.indexOf('Cook at 200'));
    expect(stepsOf(dish(), plan({ second: { ...second, sauce: null, coolMin: 0 } }))).toMatch(
      /^Then set it to 180 °C without opening it, and cook 5 minutes more/m,
    );
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

  test('say of each layer what the plan says of it, and nothing else', () => {
    const [flour, , crumbs] = PRESSED;
    const batter = { ...spec(['wheat-flour', 100], ['water', 120]), drainS: 40, standMin: 15 };
    const steps = stepsOf(
      dish(),
      plan({ layers: [{ ...flour, untapped: true }, batter, { ...crumbs, pressed: false }] }),
    );
    expect(steps).not.toMatch(/tap off|Press into|8 seconds/);
    expect(steps).toMatch(/leave on what clings/);
    expect(steps).toMatch(/stand 15 minutes first\. Dip into .* let it drip 40 seconds/);
    expect(steps).toMatch(/until no wet spot shows, without pressing/);
    const clumped = stepsOf(dish(), plan({ layers: [batter, { ...flour, clumped: true }] }));
    expect(clumped).toMatch(/leave it lying there until it clumps/);
  });

  test('a frozen piece is coated frozen, and not patted damp', () => {
    const steps = stepsOf(dish({ preparation: 'frozen', startC: -18 }), plan());
    expect(steps).not.toMatch(/just damp/);
    expect(steps).toMatch(/Wipe off the frost .* before it thaws/);
  });

  // Salt sticks while it is hot: common practice, no source. The other schools are asked about on their board.
  test('salt goes on the moment it comes out, and not at all before a sauce is tasted', () => {
    expect(plain).toMatch(/Salt it the moment it comes out/);
    expect(plain).not.toMatch(/then salt/);
    const second = { sauce: spec(['barbecue-sauce', 100]), sauceGm2: 150, coolMin: 4, tempC: 180, minutes: 5 };
    expect(stepsOf(dish(), plan({ second }))).toMatch(/taste before you salt/);
    expect(stepsOf(dish(), plan({ second }))).not.toMatch(/Salt it/);
    expect(stepsOf(dish(), plan({ second: { ...second, minutes: 1 } }))).toMatch(/Toss it lightly in/);
  });

  test('batches are counted in English', () => {
    expect(stepsOf(dish({ count: 60 }), plan())).toMatch(/\d+ batches of up to/);
    expect(stepsOf(dish({ count: 60 }), plan())).not.toMatch(/batchs/);
  });

  test('minutes that leave the centre unsafe are said to', () => {
    const short = stepsOf(
      dish({ shape: { kind: 'slab', lengthMm: 110, widthMm: 80, thicknessMm: 30 } }),
      plan({}, { minutes: 9 }),
    );
    expect(short).toMatch(/Not safe in these minutes: the centre comes to about \d+ °C only/);
    expect(plain).not.toMatch(/Not safe/);
  });

  test('what is done to the food and at the fryer that is not done today is a step in its place', () => {
    const steps = stepsOf(
      dish(),
      plan(
        {
          making: { halved: true, frozen: true, later: [{ ingredientId: 'hard-cheese', grams: 20 }] },
        },
        { preheated: true, tempC: 190, preheatC: 210 },
      ),
    );
    expect(steps).toMatch(/Freeze the coated pieces hard on a tray/);
    expect(steps).toMatch(/Preheat .* to 210 °C/);
    expect(steps).toMatch(/Set it down at once when they are in\. Cook at 190 °C/);
    expect(steps).toMatch(/Scatter \d+ g of grated hard cheese over the pieces while they are hot/);
    expect(steps.indexOf('Scatter')).toBeGreaterThan(steps.indexOf('Cook at'));
  });
});
