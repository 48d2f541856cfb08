import { codesFor, tastingOrder, tastingOrders } from './tasting.js';

describe('orders of tasting', () => {
  test.each([2, 3, 4])('of %i ways: each in each place as often, each after each other as often', (ways) => {
    const orders = tastingOrders(ways);
    for (let way = 0; way < ways; way++)
      for (let place = 0; place < ways; place++)
        expect(orders.filter((o) => o[place] === way)).toHaveLength(orders.length / ways);
    const after = new Map<string, number>();
    for (const order of orders)
      order.slice(1).forEach((way, k) => {
        const key = `${order[k]}>${way}`;
        after.set(key, (after.get(key) ?? 0) + 1);
      });
    expect(after.size).toBe(ways * (ways - 1));
    expect(new Set(after.values()).size).toBe(1);
  });

  test('a full set of tasters has every order once, and the lot decides who gets which', () => {
    for (const ways of [2, 3, 4]) {
      const many = tastingOrders(ways).length;
      const first = Array.from({ length: many }, (_, n) => tastingOrder(n, ways, 5).join());
      expect(new Set(first).size).toBe(many);
    }
    const begun = new Set(Array.from({ length: 20 }, (_, seed) => tastingOrder(0, 4, seed).join()));
    expect(begun.size).toBeGreaterThan(1);
  });
});

test('codes are three digits, none like another, and the same by the same seed', () => {
  for (let seed = 0; seed < 50; seed++) {
    const codes = codesFor(4, seed);
    expect(new Set(codes).size).toBe(4);
    for (const code of codes) {
      expect(code).toMatch(/^[1-9]{3}$/);
      expect(new Set(code).size).toBe(3);
    }
    expect(codesFor(4, seed)).toEqual(codes);
  }
});
