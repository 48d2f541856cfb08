import { normal, seeded } from '../units/index.js';
import { signTest } from './exact.js';
import { hotPercent, laidFairly, laidInHalves, type PlaceOnRack, type WayAt } from './lay.js';

/** Places on a grid of `side` by `side`, on so many racks; as fast as `factor` says. */
const grid = (
  side: number,
  racks = 1,
  factor: (x: number, y: number, rack: number) => number = () => 1,
): PlaceOnRack[] =>
  Array.from({ length: racks }, (_r, rack) =>
    Array.from({ length: side * side }, (_, piece): PlaceOnRack => {
      const [x, y] = [(piece % side) - (side - 1) / 2, Math.floor(piece / side) - (side - 1) / 2];
      return { rack, piece, xMm: 40 * x, yMm: 40 * y, factor: factor(x, y, rack) };
    }),
  ).flat();

/** A basket that is hotter somewhere, as bread shows it and as it shows nothing of. */
const hotBasket = (seed: number) => {
  const random = seeded(seed);
  const [gx, gy, gr] = [normal(random), normal(random), normal(random)].map((v) => 0.12 * v);
  return (x: number, y: number): number => Math.exp(gx * x + gy * y + gr * (x * x + y * y - 2.5));
};

const countOf = (way: WayAt, w: number | null): number => way.filter((v) => v === w).length;

describe('laid fairly', () => {
  test.each([
    [2, 4, 1],
    [3, 4, 1],
    [4, 4, 1],
    [2, 3, 2],
    [4, 3, 2],
  ])('%i ways on %i × %i places of %i racks: as many of each, the rest left over', (ways, side, racks) => {
    const places = grid(side, racks);
    const way = laidFairly(places, ways, 3);
    const each = Math.floor(places.length / ways);
    for (let w = 0; w < ways; w++) expect(countOf(way, w)).toBe(each);
    expect(countOf(way, null)).toBe(places.length - each * ways);
  });

  test('a hot side, a hot middle or a hot rack that the bread test shows decides nothing', () => {
    for (const ways of [2, 4])
      for (let seed = 0; seed < 25; seed++) {
        const places = grid(4, 1, hotBasket(seed));
        const apart = hotPercent(places, laidFairly(places, ways, seed), ways);
        // Four pieces of each of four ways cannot share out one hot corner wholly.
        expect(apart).toBeLessThan(ways === 2 ? 2 : 4);
      }
    const racks = grid(3, 2, (_x, _y, rack) => (rack === 0 ? 1.2 : 0.8));
    expect(hotPercent(racks, laidFairly(racks, 2, 1), 2)).toBeLessThan(5);
  });

  test('without a bread test, a hidden hot side or middle decides little all the same', () => {
    let [fair, parts] = [0, 0];
    for (let seed = 0; seed < 60; seed++) {
      const told = grid(4);
      const hidden = grid(4, 1, hotBasket(seed));
      fair += hotPercent(hidden, laidFairly(told, 2, seed), 2);
      parts += hotPercent(hidden, laidInHalves(told, seed), 2);
    }
    expect(fair / 60).toBeLessThan(0.15 * (parts / 60));
  });

  test('the lot decides which way gets which places', () => {
    const places = grid(4, 1, hotBasket(4));
    const corner = Array.from({ length: 60 }, (_, seed) => laidFairly(places, 2, seed)[0]);
    const first = corner.filter((w) => w === 0).length;
    expect(signTest(first, 60)).toBeGreaterThan(0.01);
  });

  test('halves that change places are alike when the basket has been turned round', () => {
    for (let seed = 0; seed < 10; seed++) {
      const hot = hotBasket(seed);
      const turned = grid(4, 1, (x, y) => (hot(x, y) + hot(-x, -y)) / 2);
      expect(hotPercent(turned, laidInHalves(turned, seed), 2)).toBeLessThan(1e-9);
    }
  });
});

/**
 * Two ways that are alike, tasted by ten who take the browner piece for the better one: how often that is called settled.
 * Chance alone would, by the test, in less than one of twenty.
 */
const TONGUE = 0.1;
const falseAlarms = (lay: (places: PlaceOnRack[], seed: number) => WayAt): number => {
  let alarms = 0;
  const tables = 400;
  for (let table = 0; table < tables; table++) {
    const random = seeded(7000 + table);
    const hidden = grid(4, 1, hotBasket(table));
    const way = lay(
      hidden.map((p) => ({ ...p, factor: 1 })),
      table,
    );
    const pieces = [0, 1].map((w) => hidden.filter((_, at) => way[at] === w));
    let ahead = 0;
    for (let taster = 0; taster < 10; taster++) {
      const [a, b] = pieces.map((own) => Math.log(own[Math.floor(random() * own.length)].factor));
      if (a - b + TONGUE * (normal(random) - normal(random)) > 0) ahead++;
    }
    if (signTest(ahead, 10) <= 0.05) alarms++;
  }
  return alarms / tables;
};

describe('rates of error', () => {
  test('ways that are alike are told apart no oftener than the test says; side by side they would be', () => {
    expect(falseAlarms((places, seed) => laidFairly(places, 2, seed))).toBeLessThanOrEqual(0.05);
    expect(falseAlarms(laidInHalves)).toBeGreaterThan(0.08);
  });
});
