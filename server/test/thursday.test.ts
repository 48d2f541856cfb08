import { convertDish, eveningOf, KNOWN, paceOf, type Evening, type EveningDish } from '@yellowmist/core';
import { NET_LOFT, SCENARIO, THURSDAY } from '../src/demo/scenario.js';

/** Thursday's supper of the demo, converted and planned as its cooks would: with one pair of hands, and with two. */

const dishes = THURSDAY.dishes.map(({ name }, k) => {
  const { dish, fried, fryer, limits } = SCENARIO.find((s) => s.name === name)!;
  const [best] = convertDish({ pantry: KNOWN, dish, fried, fryer, limits }).alternatives;
  return { id: `d${k}`, name, dish, fried, fryer, limits, plan: best.plan };
});
const options = Object.fromEntries(THURSDAY.dishes.map(({ name: _, ...how }, k) => [`d${k}`, how]));
const planned = (cooks: number): Evening =>
  eveningOf(KNOWN, {
    dishes,
    guests: THURSDAY.guests,
    cooks: Array.from({ length: cooks }, (_, k) => ({ name: `Cook ${k}` })),
    kitchen: NET_LOFT,
    have: [],
    options,
    togetherMin: THURSDAY.togetherMin,
    roomC: THURSDAY.roomC,
    pins: [],
    tableInMin: 24 * 60,
  });

/**
 * Crispness lost, dish by dish, when each fryer takes the dishes in the order of the list and nobody is ever short of
 * hands: the last batch is out when it has to rest, each one before it a wipe and a cook sooner.
 */
function lostByList(all: readonly EveningDish[], fryerOf: (d: EveningDish) => string): number {
  const { restMin, serveMin, reloadMin } = paceOf();
  const outAt = new Map<string, number>();
  return [...all].reverse().reduce((sum, d) => {
    const { cooked } = d;
    let lost = 0;
    for (let k = 0; k < cooked.load.batches; k++) {
      const out = outAt.get(fryerOf(d)) ?? restMin + serveMin;
      const last = cooked.onRack.length - 1;
      lost += cooked.fresh - cooked.onRack[Math.min(last, Math.round(out))];
      outAt.set(fryerOf(d), out + cooked.plan.settings.minutes + reloadMin);
    }
    return sum + lost / cooked.load.batches;
  }, 0);
}

describe.each([1, 2])('with %d pairs of hands', (cooks) => {
  const { plan, dishes: cooked } = planned(cooks);

  test('all is in time and safe, nothing is soft, and the guest’s dish is kept clean', () => {
    expect(plan.cannot).toEqual([]);
    const grave = plan.warnings.filter((w) => ['unsafe', 'cold', 'guest', 'soft'].includes(w.about));
    expect(grave).toEqual([]);
    const coats = (id: string) => plan.tasks.filter((t) => t.kind === 'coat' && t.dishId === id);
    const clean = Math.max(...coats('d0').map((t) => t.toMin));
    for (const id of ['d1', 'd2', 'd3'])
      for (const t of coats(id)) expect(t.fromMin).toBeGreaterThanOrEqual(clean - 1e-6);
  });

  test('it is crisper at the table than in the order of the list, though that has all the hands in the world', () => {
    const lost = cooked.reduce((sum, d) => {
      const mine = plan.table.filter((b) => b.dishId === d.id);
      const pieces = mine.reduce((n, b) => n + b.pieces, 0);
      return sum + mine.reduce((s, b) => s + (Math.max(0, b.ifFresh - b.crispness) * b.pieces) / pieces, 0);
    }, 0);
    const fryerOf = (d: EveningDish): string => plan.table.find((b) => b.dishId === d.id)!.fryer;
    expect(lost).toBeLessThan(lostByList(cooked, fryerOf));
  });
});
