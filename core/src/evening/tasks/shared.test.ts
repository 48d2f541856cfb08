import { KNOWN } from '../../foods/index.js';
import { plain } from '../../units/index.js';
import { DRAWER, fourDishes, OVEN, paper } from '../../../testing/evenings.js';
import { paceOf } from '../pace.js';
import type { EveningDish } from '../types.js';
import { serveBlock } from './after.js';
import { batchesIn } from './batches.js';
import { batchBlock } from './cooking.js';
import { bindingOrder } from './order.js';
import { shareBasket, whyNotTogether } from './shared.js';

const { plants, cheese, fish, chicken } = fourDishes();
const pace = paceOf();

describe('the order that binds', () => {
  const no = (allergen: 'egg' | 'fish' | 'milk') => ({ name: 'Mara', avoidAllergens: [allergen], diets: [] });

  test('without guests only raw flesh is bound: after what is cleaner', () => {
    const pairs = bindingOrder([chicken, plants, cheese], []).map((o) => `${o.first.id}>${o.then.id}`);
    expect(pairs.sort()).toEqual(['cheese>chicken', 'plants>chicken']);
  });

  test('an allergen binds the fryer as well, and dishes that harm each other’s guests are washed between', () => {
    const kept = bindingOrder([cheese, plants], [no('egg')]);
    expect(kept).toMatchObject([{ first: { id: 'plants' }, then: { id: 'cheese' }, inFryer: true, wash: [] }]);
    const [both] = bindingOrder([plants, fish], [no('fish'), { ...no('milk'), name: 'Wen' }]);
    expect(both.inFryer).toBe(true);
    expect(both.wash.map((w) => w.guest.name)).toHaveLength(1);
  });
});

describe('two dishes in one basket', () => {
  const [host, guest] = [
    paper(cheese, 'host', { minutes: 12, fryer: OVEN }),
    paper(fish, 'guest', { minutes: 10, fryer: OVEN }),
  ];
  const oneRack = (d: EveningDish) => ({ ...d.cooked, load: { ...d.cooked.load, racksUsed: 1, coverage: 0.4 } });

  test('where they cannot lie together it says why', () => {
    const [a, b] = [oneRack(host), oneRack(guest)];
    expect(whyNotTogether(a, b, b)).toBe('');
    const hot = { ...b, plan: { ...b.plan, settings: { ...b.plan.settings, tempC: 160 } } };
    expect(whyNotTogether(a, b, hot)).toMatch(/too far apart: 190 °C/);
    const twice = { ...b, load: { ...b.load, batches: 2 } };
    expect(whyNotTogether(a, twice, b)).toMatch(/more than once/);
    const drawer = { ...a, fryer: DRAWER };
    expect(whyNotTogether(drawer, b, b)).toMatch(/side by side/);
    const sparse = { ...b, load: { ...b.load, coverage: 0.1 } };
    expect(whyNotTogether(drawer, sparse, b)).toBe('');
  });

  test('the guest is laid in before the host and comes out after it; whoever waits for it waits for both', () => {
    const [h, g] = [host, guest].map((d) =>
      batchBlock(KNOWN, batchesIn(d, d.cooked, 6)[0], pace, [{ id: `${d.id}:coat:1`, leastMin: 5 }], null),
    );
    const serve = serveBlock(guest, guest.cooked, pace, [{ id: 'guest:batch:1', leastMin: 4 }]);
    const [both, last] = shareBasket([h, g, serve], host, guest);
    expect(both.after.map((a) => a.id).sort()).toEqual(['guest:coat:1', 'host:coat:1']);
    expect(last.after).toEqual([{ id: 'host:batch:1', leastMin: 4 }]);
    const loads = both.parts.filter((p) => p.kind === 'load');
    expect(loads).toHaveLength(2);
    const cook = both.parts.find((p) => p.kind === 'cook')!;
    expect(cook.atMin).toBeCloseTo(Math.max(...loads.map((l) => l.atMin + l.min)), 6);
    expect(plain(cook.text)).toMatch(/guest lies with it\.$/);
    expect(both.min).toBeCloseTo(Math.max(...both.parts.map((p) => p.atMin + p.min)), 6);
  });
});
