import { KNOWN } from '../../foods/index.js';
import { plain } from '../../units/index.js';
import { cookedDish, eveningWith, fourDishes, paper } from '../../../testing/evenings.js';
import { BREADED, spec } from '../../../testing/plain.js';
import { paceOf } from '../pace.js';
import type { EveningDish } from '../types.js';
import { bunsBlock, finishBlocks, serveBlock, washAll } from './after.js';
import { batchesIn, coatedRaw } from './batches.js';
import { cutBlocks, keepsInBowl, mixBlocks, readyBlocks, sauceBlock } from './before.js';
import type { Block } from './block.js';
import { batchBlock, roundBlock, secondRoundOf } from './cooking.js';
import { looksOf } from './looks.js';
import { dishNetwork, traysFor } from './network.js';

const { plants, cheese, fish, chicken } = fourDishes();
const pace = paceOf();
const said = (block: Block): string => block.parts.map((p) => plain(p.text)).join(' ');
const only = (blocks: readonly Block[]): Block => {
  expect(blocks).toHaveLength(1);
  return blocks[0];
};
const withDish = (d: EveningDish, more: Partial<EveningDish['dish']>): EveningDish => ({
  ...d,
  dish: { ...d.dish, ...more },
});

describe('the knife', () => {
  const cutTo = (cut: NonNullable<EveningDish['dish']['bought']>['cut'], foodId = 'onion'): Block =>
    only(
      cutBlocks(
        withDish(
          { ...plants, food: { ...plants.food, id: foodId } },
          { bought: { unit: 'g', amount: 500, cut }, count: 60 },
        ),
        pace,
      ),
    );

  test('takes longer for more pieces, and by the cut: rings less than a slice, a prawn slit open most', () => {
    expect(only(cutBlocks(withDish(plants, { count: 120 }), pace)).min).toBeCloseTo(
      2 * only(cutBlocks(withDish(plants, { count: 60 }), pace)).min,
      6,
    );
    expect(cutTo('rings').min).toBeLessThan(only(cutBlocks(withDish(plants, { count: 60 }), pace)).min);
    expect(cutTo('butterflied', 'prawn').min).toBeGreaterThan(10);
  });

  test('is not there for what was bought with its coat on', () => {
    expect(cutBlocks(withDish(plants, { readyCoated: true }), pace)).toEqual([]);
  });

  test('raw flesh stays in the cold: its cutting is not drawn forward', () => {
    expect([only(cutBlocks(plants, pace)).dull, only(cutBlocks(fish, pace)).dull]).toEqual([true, false]);
  });
});

describe('making ready', () => {
  const way = (preparation: EveningDish['dish']['preparation'], foodId = 'tofu', prepMin?: number): Block[] =>
    readyBlocks(cookedDish(preparation, { foodId, layers: BREADED, dish: { preparation, prepMin } }), []);

  test('as it is needs nothing; pressing is minutes of hands and a quarter of an hour by itself', () => {
    expect(way('raw')).toEqual([]);
    const press = only(way('pressed'));
    expect(press.min).toBeLessThan(5);
    expect(press.wait!.min).toBe(15);
  });

  test('blanching takes the hob, roasting the oven, marinating the refrigerator', () => {
    expect(only(way('blanched', 'cauliflower')).parts[0].place).toBe('hob');
    expect(only(way('pre-cooked', 'cauliflower', 25)).wait).toMatchObject({ place: 'oven', min: 35 });
    expect(only(way('marinated', 'chicken-breast')).wait).toMatchObject({ place: 'refrigerator', min: 30 });
  });
});

describe('bowls and sauces', () => {
  test('a dry bowl may be early, a wet one is mixed when it is needed, one with bubbles late', () => {
    const beer = cookedDish('beer', {
      foodId: 'okra',
      layers: [spec(['wheat-flour', 150], ['beer', 210]), spec(['coarse-crumbs', 60])],
    });
    const [batter, crumbs] = mixBlocks(beer, pace);
    expect([batter.dull, crumbs.dull]).toEqual([false, true]);
    expect(plain(batter.parts[0].reason)).toMatch(/bubbles are gone/);
    expect(said(crumbs)).toMatch(/^Mix coarse crumbs: \d+ g coarse crumbs\.$/);
  });

  test('what keeps until supper is mixed ahead, egg and what lifts is not (common practice, no source)', () => {
    expect(chicken.layers.map(keepsInBowl)).toEqual([true, false, true]);
    expect(mixBlocks(chicken, pace, 'keeping').length + mixBlocks(chicken, pace, 'fresh').length).toBe(3);
    const [batter] = mixBlocks(plants, pace, 'keeping');
    expect(said(batter)).toMatch(/Cover it and keep it cold: it thickens/);
  });

  test('a cold dip is stirred any time, one with starch stands on the hob until it is clear', () => {
    const dip = sauceBlock(plants, plants.beside[0], pace);
    expect([dip.dull, dip.parts[0].place, dip.min]).toEqual([true, null, 5]);
    const glaze = {
      ...plants.beside[0],
      thickening: { starchPer100g: 6, word: 'thick and glossy' as const, minutes: 2.5 },
    };
    const hot = sauceBlock(plants, glaze, pace);
    expect([hot.dull, hot.parts[0].place, hot.min]).toEqual([false, 'hob', 7.5]);
  });
});

describe('a batch', () => {
  const [batch] = batchesIn(chicken, chicken.cooked, 12);
  const block = batchBlock(KNOWN, batch, pace, [], null);

  test('is heated first where its plan says so, and then ready when it is hot', () => {
    const { heated } = block;
    expect(heated!.min - block.min).toBeCloseTo(pace.preheatMin - block.loadMin, 6);
    expect(heated!.parts[0]).toMatchObject({ kind: 'preheat', hands: false });
    expect(plain(heated!.parts[0].text)).toMatch(/^Preheat Oven to 190 °C, empty\.$/);
    expect(heated!.loadMin).toBeCloseTo(Math.max(block.loadMin, pace.preheatMin), 6);
  });

  test('holds its fryer from the first piece in to the last out, and no longer', () => {
    const inFryer = block.parts.filter((p) => p.inFryer);
    expect(block.fryerMin[1]).toBeCloseTo(Math.max(...inFryer.map((p) => p.atMin + p.min)), 6);
    expect(block.loadMin).toBeCloseTo(Math.min(...inFryer.map((p) => p.atMin)), 6);
    expect(block.cookedMin - block.loadMin).toBeGreaterThan(chicken.cooked.plan.settings.minutes);
  });

  test('racks are swapped, pale spots oiled outside the fryer, and looks that would overlap are one', () => {
    const { plan, load } = chicken.cooked;
    const settings = { ...plan.settings, swapEveryMin: 5, turnAtMin: 5, looks: 1, minutes: 16 };
    const oiling = { oilId: 'rapeseed-oil', tool: 'pump' as const, rubGm2: 0, touchUpGm2: 4, basketG: 0 };
    const cooked = { ...chicken.cooked, load: { ...load, racksUsed: 2 }, plan: { ...plan, settings, oiling } };
    const looks = looksOf(cooked, 12, pace);
    expect(looks.map((l) => l.atMin)).toEqual([5, 8, 10]);
    expect(plain(looks[0].said)).toMatch(/turn them .* outside the fryer.*swap the upper and the lower rack/s);
  });

  test('a sauce part-way is cooled for, brushed on and cooked on, in the batch or in a round of its own', () => {
    const second = { sauce: spec(['soy-sauce', 60]), sauceGm2: 100, coolMin: 5, tempC: 180, minutes: 6 };
    const sauced: EveningDish = { ...chicken, cooked: { ...chicken.cooked, plan: { ...chicken.cooked.plan, second } } };
    const [one] = batchesIn(sauced, sauced.cooked, 12);
    const round = secondRoundOf(one)!;
    const whole = batchBlock(KNOWN, one, pace, [], round);
    expect(whole.parts.map((p) => p.kind).filter((k) => ['cook', 'unload', 'sauce', 'second'].includes(k))).toEqual([
      'cook',
      'unload',
      'sauce',
      'second',
      'unload',
    ]);
    const brush = whole.parts.find((p) => p.kind === 'sauce')!;
    const out = whole.parts.find((p) => p.kind === 'unload')!;
    expect(brush.atMin - out.atMin - out.min).toBeCloseTo(5, 6);
    const alone = roundBlock(one, round, pace, []);
    expect(alone.fryerMin[0]).toBeCloseTo(alone.parts[0].min, 6);
    expect(alone.cookedMin).toBeGreaterThan(6);
  });

  test('a second temperature without a sauce opens nothing', () => {
    const second = { sauce: null, sauceGm2: 0, coolMin: 0, tempC: 200, minutes: 3 };
    const hot: EveningDish = { ...cheese, cooked: { ...cheese.cooked, plan: { ...cheese.cooked.plan, second } } };
    const [one] = batchesIn(hot, hot.cooked, 12);
    const whole = batchBlock(KNOWN, one, pace, [], secondRoundOf(one));
    expect(whole.parts.filter((p) => p.kind === 'unload')).toHaveLength(1);
    expect(said(whole)).toMatch(/Set Oven to 200 °C without opening it, 3 minutes more/);
  });
});

describe('after the fryer', () => {
  const beside = (use: EveningDish['beside'][number]['use'], name: string, part = name): EveningDish => ({
    ...plants,
    beside: [
      { ...plants.beside[0], use, name, parts: [{ ingredientId: 'x', name: part, grams: 20, ml: null, count: null }] },
    ],
  });

  test('sauce is tossed batch by batch, spice salt scattered once, nothing where there is nothing', () => {
    const tossed = only(finishBlocks(beside('tossed', 'Glaze'), plants.cooked, 3, pace, []));
    expect(tossed.min).toBe(3 * pace.tossMin);
    expect(only(finishBlocks(beside('spice-salt', 'Fennel salt'), plants.cooked, 3, pace, [])).min).toBe(pace.tossMin);
    expect(finishBlocks(plants, plants.cooked, 3, pace, [])).toEqual([]);
  });

  test('cheese melts in the switched-off fryer, which nothing else can take meanwhile', () => {
    const melted = only(finishBlocks(beside('topping', 'Cheese', 'Gouda, grated'), plants.cooked, 1, pace, []));
    expect(melted.fryer).toBe('Drawer');
    expect(said(melted)).toMatch(/switched-off fryer until it melts/);
    expect(only(finishBlocks(beside('topping', 'Parsley'), plants.cooked, 1, pace, [])).fryer).toBeNull();
  });

  test('buns take the fryer for two minutes; a dip is served beside', () => {
    const buns = bunsBlock(plants, plants.cooked, pace, []);
    expect([buns.fryer, buns.min]).toEqual(['Drawer', 2]);
    expect(said(serveBlock(plants, plants.cooked, pace, []))).toBe('Serve plants with herb dip beside.');
  });

  test('washing for a guest says what of which dish, and takes longer than after raw meat', () => {
    const wash = washAll(
      plants,
      [{ from: cheese, guest: { name: 'Mara', avoidAllergens: ['milk'], diets: [] }, allergens: ['milk'] }],
      pace,
      [],
    );
    expect(wash.min).toBeGreaterThan(pace.washHandsMin);
    expect(plain(wash.parts[0].reason)).toBe('milk of cheese for Mara: no heat takes an allergen away.');
  });
});

describe('the network of a dish', () => {
  const asked = eveningWith([fish]);
  const of = (d: EveningDish, options = {}) =>
    dishNetwork(
      d,
      { cooked: [d.cooked], again: false, inRounds: false },
      { ...asked, options: { [d.id]: options } },
      KNOWN,
    );

  test('every link is to work that is there, and only serving is waited for by nothing', () => {
    for (const d of [plants, cheese, fish, chicken]) {
      const { blocks } = of(d);
      const ids = new Set(blocks.map((b) => b.id));
      const waited = new Set(blocks.flatMap((b) => b.after.map((a) => a.id)));
      for (const b of blocks) for (const a of b.after) expect(ids).toContain(a.id);
      expect(blocks.filter((b) => !waited.has(b.id)).map((b) => b.id)).toEqual([`${d.id}:serve`]);
    }
  });

  test('a sauce that is brushed on is ready before the batch that it is brushed on', () => {
    const honey = { ...plants.beside[0], use: 'brushed' as const, name: 'Hot Honey Glaze' };
    const { blocks } = of({ ...fish, beside: [honey] });
    const sauce = blocks.find((b) => b.parts[0].kind === 'sauce')!;
    const batches = blocks.filter((b) => b.id.startsWith('fish:batch:'));
    for (const b of batches) expect(b.after.map((a) => a.id)).toContain(sauce.id);
    expect(batches[0].parts.map((p) => p.kind)).toEqual(expect.arrayContaining(['sauce', 'second']));
  });

  test('one that was bought coated is only cooked and served', () => {
    const bought = { ...withDish(fish, { readyCoated: true }), bowls: [] };
    expect(of(bought).blocks.map((b) => b.id)).toEqual(['fish:batch:1', 'fish:batch:2', 'fish:serve']);
  });

  test('crisped again it goes back once, all of it together', () => {
    const many = paper(plants, 'okra', { batches: 3 });
    const { blocks } = dishNetwork(many, { cooked: [many.cooked], again: true, inRounds: false }, asked, KNOWN);
    const again = blocks.find((b) => b.id === 'okra:again')!;
    expect(said(again)).toMatch(/^All 18 pieces of okra back into Drawer, heaped as they come/);
    expect(again.after.map((a) => a.id)).toEqual(['okra:batch:1', 'okra:batch:2', 'okra:batch:3']);
  });

  test('pieces that lie apart need trays by their ground, at most all that there are', () => {
    const tray = { widthMm: 400, depthMm: 300 };
    const large = { ...fish, groundMm2: 200_000 };
    expect([traysFor(large, []), traysFor(large, [tray]), traysFor(large, [tray, tray, tray])]).toEqual([1, 1, 3]);
  });

  test('egg in a coat makes it raw, crumbs alone do not', () => {
    expect([coatedRaw(cheese), coatedRaw(fish), coatedRaw(plants)]).toEqual([true, true, false]);
  });
});
