import { KNOWN } from '../foods/index.js';
import { PLAIN_AIR, type Dish } from '../dish/index.js';
import { evaluateFried } from '../plan/index.js';
import { plain } from '../units/index.js';
import { DRAWER, OVEN } from '../../testing/evenings.js';
import { BREADED, MUSHROOMS, slabsOf, spec } from '../../testing/plain.js';
import { cookedOtherwise, eveningDish, type ToCook } from './dish.js';
import { eveningOf } from './evening.js';
import { eveningMarkdown, eveningText, sheetTasks, SHOPS } from './lists/index.js';
import type { DishOfEvening, EveningRequest } from './request.js';

const limits = { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 30, preheat: true };
const GLAZE = {
  name: 'Glaze',
  use: 'tossed' as const,
  portions: [
    { ingredientId: 'soy-sauce', grams: 60 },
    { ingredientId: 'corn-starch', grams: 4 },
  ],
};

const toCook = (id: string, dish: Dish, layers = BREADED, minutes = 12): DishOfEvening => ({
  id,
  name: `The ${id}`,
  dish,
  fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 4 },
  fryer: DRAWER,
  limits,
  plan: {
    layers,
    restMin: 7,
    oilGm2: 18,
    second: null,
    settings: { ...PLAIN_AIR, tempC: 190, minutes, preheated: true, turnAtMin: 6, under: 'basket' },
  },
});

const MUSH = toCook('mushrooms', { ...MUSHROOMS, beside: [GLAZE] });
const CHICKEN = toCook('chicken', slabsOf('chicken-breast', { count: 6 }), BREADED, 16);
const request = (more: Partial<EveningRequest> = {}): EveningRequest => ({
  dishes: [MUSH, CHICKEN],
  guests: [],
  cooks: [{ name: 'Ines' }, { name: 'Tobi' }],
  kitchen: { fryers: [DRAWER, OVEN], bowls: [], trays: [] },
  have: ['salt', 'rapeseed-oil'],
  options: {},
  togetherMin: 5,
  roomC: 21,
  pins: [],
  tableInMin: 600,
  ...more,
});
const evening = eveningOf(KNOWN, request());

describe('an evening from converted dishes', () => {
  test('tells how far it is: the dishes, then the schedules', () => {
    const told: string[] = [];
    eveningOf(KNOWN, request({ togetherMin: 6 }), (_done, _of, what) => told.push(what));
    expect(told[0]).toBe('dishes');
    expect(told.at(-1)).toBe('schedules');
  });

  test('a hot sauce is stirred on the hob and tossed on at the end, after every batch is out', () => {
    const { tasks } = evening.plan;
    const sauce = tasks.find((t) => t.kind === 'sauce')!;
    const finish = tasks.find((t) => t.kind === 'finish')!;
    expect(sauce.takes.place).toBe('hob');
    expect(plain(finish.text)).toMatch(/^Toss each batch lightly in glaze/);
    for (const out of tasks.filter((t) => t.kind === 'unload' && t.dishId === 'mushrooms' && !t.id.includes('again'))) {
      expect(finish.fromMin).toBeGreaterThanOrEqual(out.toMin - 1e-6);
    }
    expect(finish.fromMin).toBeGreaterThanOrEqual(sauce.toMin - 1e-6);
  });

  test('a fryer that is not on the kitchen page any more is told of', () => {
    const { plan } = eveningOf(KNOWN, request({ kitchen: { fryers: [OVEN], bowls: [], trays: [] } }));
    const said = plan.warnings.filter((w) => w.about === 'fryer').map((w) => plain(w.text));
    expect(said[0]).toMatch(/Test drawer|Drawer.*is not on the kitchen page any more\. Choose Oven/);
  });

  test('twelve dishes in one fryer are planned, late as they are, with what would help', () => {
    const dishes = Array.from({ length: 12 }, (_, k) => ({ ...MUSH, id: `m${k}`, name: `Mushrooms ${k}` }));
    const { plan } = eveningOf(KNOWN, request({ dishes, tableInMin: 60 }));
    expect(plan.lateMin).toBeGreaterThan(60);
    expect(plan.table.length).toBeGreaterThanOrEqual(12);
    expect(plain(plan.cannot[0].why)).toMatch(/^Not before/);
  });
});

describe('a dish cooked otherwise', () => {
  const asked: ToCook = { ...CHICKEN, pantry: KNOWN };
  const fried = evaluateFried(asked);
  const fresh = eveningDish(asked, fried);

  test('from frozen: at the same heat or a little more, longer, and its centre is safe', () => {
    // Fresh, it is done in eleven minutes.
    const done = { ...asked, plan: { ...asked.plan, settings: { ...asked.plan.settings, minutes: 11 } } };
    expect(eveningDish(done, fried).unsafe).toBeNull();
    const frozen = cookedOtherwise(done, fried, { frozen: true }, [DRAWER], null)!;
    const { tempC, minutes } = frozen.plan.settings;
    expect(frozen.plan.making?.frozen).toBe(true);
    expect(tempC - CHICKEN.plan.settings.tempC).toBeGreaterThanOrEqual(0);
    expect(tempC - CHICKEN.plan.settings.tempC).toBeLessThanOrEqual(15);
    expect(minutes).toBeGreaterThan(11);
    expect(minutes).toBeLessThanOrEqual(Math.ceil(11 * 1.8));
    expect(frozen.unsafe).toBeNull();
  });

  test('in another fryer its own minutes and batches are found; with another dish, that one’s setting', () => {
    const moved = cookedOtherwise(asked, fried, { fryer: 'Oven' }, [DRAWER, OVEN], null)!;
    expect(moved.fryer.name).toBe('Oven');
    expect(moved.load.piecesPerBatch).toBeGreaterThanOrEqual(fresh.cooked.load.piecesPerBatch);
    const { plan } = MUSH;
    expect(cookedOtherwise(asked, fried, { fryer: 'Sold' }, [DRAWER, OVEN], null)).toBeNull();
    const other: ToCook = {
      ...MUSH,
      pantry: KNOWN,
      plan: { ...plan, settings: { ...plan.settings, minutes: 5, turnAtMin: 3 } },
    };
    const together = cookedOtherwise(asked, fried, { with: 'mushrooms' }, [DRAWER], other)!;
    expect(together.plan.settings.minutes).toBe(5);
    expect(together.unsafe).not.toBeNull();
  });

  test('how it waits is simulated: crispness and warmth fall on the rack', () => {
    const { onRack, centreC } = fresh.cooked;
    expect(onRack).toHaveLength(31);
    expect(onRack[30]).toBeLessThan(onRack[0]);
    expect(centreC[30]).toBeLessThan(centreC[5]);
  });
});

describe('what is bought and measured', () => {
  const items = evening.shopping.flatMap((s) => s.items);
  const amountOf = (id: string): string => plain(items.find((i) => i.id === id)!.amount);

  test('by shop, eggs whole, packets whole, for which dish; what is in the house is left out', () => {
    expect(evening.shopping.map((s) => s.shop)).toEqual(
      SHOPS.filter((s) => evening.shopping.some((x) => x.shop === s)),
    );
    expect(evening.shopping.find((s) => s.shop === 'butcher and fish')!.items.map((i) => i.id)).toEqual([
      'chicken-breast',
    ]);
    expect(amountOf('egg')).toMatch(/^\d+ pieces?$/);
    expect(amountOf('wheat-flour')).toMatch(/^\d+ packets? of 500 g \(\d+ g needed\)$/);
    expect(items.map((i) => i.id)).not.toContain('rapeseed-oil');
  });

  test('a bowl of each layer and sauce, in the order of dipping', () => {
    const [mush] = evening.measuring;
    expect(mush.rows.map((r) => r.bowl)).toEqual(
      [
        'Oyster mushrooms',
        'Plain wheat flour',
        'Egg, beaten',
        'Coarse dry crumbs (panko style)',
        'Glaze',
        'Oil for the coat',
      ].map((name, k) => (k === 3 ? mush.rows[3].bowl : name)),
    );
    expect(plain(mush.rows[2].parts)).toMatch(/egg/);
  });

  test('a bowl that does for two is mixed once, for both, before the cleaner of them; less is bought and left over', () => {
    const mixes = evening.plan.tasks.filter((t) => t.kind === 'mix').map((t) => plain(t.text));
    expect(mixes.filter((m) => m.startsWith('Mix egg, beaten, for The chicken as well: '))).toHaveLength(1);
    expect(mixes.filter((m) => m.startsWith('Mix egg'))).toHaveLength(1);
    const [mush, chicken] = evening.measuring;
    expect(plain(chicken.rows[2].parts)).toBe('from the bowl of The mushrooms');
    expect(plain(mush.rows[2].parts)).toMatch(/enough for The chicken as well$/);
    const coats = (id: string) => evening.plan.tasks.filter((t) => t.kind === 'coat' && t.dishId === id);
    const last = Math.max(...coats('mushrooms').map((t) => t.toMin));
    for (const coat of coats('chicken')) expect(coat.fromMin).toBeGreaterThanOrEqual(last - 1e-6);
    const alone = (d: DishOfEvening): number =>
      eveningOf(KNOWN, request({ dishes: [d] })).dishes[0].bowls[0].parts.reduce((sum, p) => sum + p.grams, 0);
    const both = evening.dishes[0].bowls[0].parts.reduce((sum, p) => sum + p.grams, 0);
    expect(both).toBeLessThan(alone(MUSH) + alone(CHICKEN));
    expect(both).toBeGreaterThan(Math.max(alone(MUSH), alone(CHICKEN)));
  });

  test('nothing to buy where everything is there', () => {
    const bare = eveningOf(
      KNOWN,
      request({
        dishes: [toCook('okra', slabsOf('okra'), [spec(['cornmeal', 60])])],
        have: ['okra', 'cornmeal', 'rapeseed-oil'],
      }),
    );
    expect(bare.shopping).toEqual([]);
  });
});

describe('the sheet', () => {
  const clock = (min: number): string => `t${Math.round(min)}`;
  const dated = { name: 'Thursday', cooks: request().cooks, clock, day: () => 'Thursday' };

  test('as Markdown has every task that somebody does, by time, with who, and what to measure and buy', () => {
    const md = eveningMarkdown(evening, dated);
    const lines = md.split('\n').filter((l) => /^- t-?\d+/.test(l));
    expect(lines).toHaveLength(sheetTasks(evening.plan.tasks).length);
    expect(lines.some((l) => l.includes('**The chicken** Ines: ') || l.includes('**The chicken** Tobi: '))).toBe(true);
    expect(md).toMatch(/## Measure out[\s\S]*### The chicken[\s\S]*## Buy/);
    expect(md).toMatch(/the thermometer decides\.\n$/);
  });

  test('as plain text without marks', () => {
    const text = eveningText(evening, dated);
    expect(text).not.toMatch(/\*\*|^#/m);
    expect(text).toMatch(/Thursday\n--------/);
  });
});
