import { NEXT_TO_NOTHING, seeded } from '../units/index.js';
import { LAYOUTS_TRIED, UNTOLD_COUNTS } from './constants.js';

/** A place on a rack that a piece lies in. */
export interface PlaceOnRack {
  rack: number;
  piece: number;
  xMm: number;
  yMm: number;
  /** How fast it browns there against the mean, by the bread test; 1 without. */
  factor: number;
}

/** Which way lies at each place, in the order of the places; null where a piece is left over and is not compared. */
export type WayAt = (number | null)[];

/** What must not decide: where a piece lies in the basket, in several senses, each about its mean, in its own spreads. */
function sensesOf(places: readonly PlaceOnRack[]): { value: number[]; counts: number }[] {
  const reach = Math.max(1, ...places.map((p) => Math.hypot(p.xMm, p.yMm)));
  const [x, y] = [places.map((p) => p.xMm / reach), places.map((p) => p.yMm / reach)];
  const senses = [
    { of: places.map((p) => p.factor), counts: 1 },
    { of: x, counts: UNTOLD_COUNTS },
    { of: y, counts: UNTOLD_COUNTS },
    { of: x.map((v, i) => v * v + y[i] * y[i]), counts: UNTOLD_COUNTS },
    { of: x.map((v, i) => v * y[i]), counts: UNTOLD_COUNTS },
    { of: x.map((v, i) => v * v - y[i] * y[i]), counts: UNTOLD_COUNTS },
    { of: places.map((p) => p.rack), counts: 1 },
  ];
  return senses.flatMap(({ of, counts }) => {
    const mean = of.reduce((sum, v) => sum + v, 0) / of.length;
    const spread = Math.sqrt(of.reduce((sum, v) => sum + (v - mean) ** 2, 0) / of.length);
    return spread < NEXT_TO_NOTHING ? [] : [{ value: of.map((v) => (v - mean) / spread), counts }];
  });
}

const shuffled = <T>(items: readonly T[], random: () => number): T[] => {
  const left = [...items];
  return items.map(() => left.splice(Math.floor(random() * left.length), 1)[0]);
};

/** Places that are hot alike, so many together on one rack as there are ways: each way lies once in each set. */
function blocksOf(places: readonly PlaceOnRack[], ways: number, random: () => number): number[][] {
  const racks = [...new Set(places.map((p) => p.rack))];
  const left: number[] = [];
  const blocks = racks.flatMap((rack) => {
    const here = shuffled(
      places.flatMap((p, at) => (p.rack === rack ? [at] : [])),
      random,
    ).sort((a, b) => places[b].factor - places[a].factor);
    const whole = Math.floor(here.length / ways) * ways;
    left.push(...here.slice(whole));
    return Array.from({ length: whole / ways }, (_, k) => here.slice(k * ways, (k + 1) * ways));
  });
  // What is over on one rack may make a set with what is over on another.
  for (let at = 0; at + ways <= left.length; at += ways) blocks.push(left.slice(at, at + ways));
  return blocks;
}

/** How unevenly the ways lie: 0 where every sense has the same mean for each. */
function unevenness(senses: readonly { value: number[]; counts: number }[], way: WayAt, ways: number): number {
  let sum = 0;
  for (const { value, counts } of senses) {
    const total = new Array<number>(ways).fill(0);
    way.forEach((w, at) => {
      if (w !== null) total[w] += value[at];
    });
    const mean = total.reduce((s, t) => s + t, 0) / ways;
    sum += counts * total.reduce((s, t) => s + (t - mean) ** 2, 0);
  }
  return sum;
}

/** Two places change their ways as long as that lies more evenly. */
function bettered(senses: readonly { value: number[]; counts: number }[], start: WayAt, ways: number): WayAt {
  const way = [...start];
  let now = unevenness(senses, way, ways);
  for (let better = true; better;) {
    better = false;
    for (let a = 0; a < way.length; a++)
      for (let b = a + 1; b < way.length; b++) {
        if (way[a] === way[b]) continue;
        [way[a], way[b]] = [way[b], way[a]];
        const then = unevenness(senses, way, ways);
        if (then < now - NEXT_TO_NOTHING) {
          now = then;
          better = true;
        } else [way[a], way[b]] = [way[b], way[a]];
      }
  }
  return way;
}

/**
 * Lays `ways` among each other so that hot places do not decide: sets of places that are hot alike with each way once in
 * them, then places changed until each way lies as hot, as far out and as much to each side as the others. Which way gets
 * which places is drawn by lot.
 * @param seed the same seed lays the same
 * @returns as many places for each way as go; null at the places that are over
 */
export function laidFairly(places: readonly PlaceOnRack[], ways: number, seed: number): WayAt {
  const random = seeded(seed);
  const senses = sensesOf(places);
  let best: { way: WayAt; uneven: number } | null = null;
  for (let k = 0; k < LAYOUTS_TRIED; k++) {
    const start: WayAt = places.map(() => null);
    for (const block of blocksOf(places, ways, random)) shuffled(block, random).forEach((at, way) => (start[at] = way));
    const way = bettered(senses, start, ways);
    const uneven = unevenness(senses, way, ways);
    if (!best || uneven < best.uneven - NEXT_TO_NOTHING) best = { way, uneven };
  }
  const lot = shuffled(
    Array.from({ length: ways }, (_, w) => w),
    random,
  );
  return best!.way.map((w) => (w === null ? null : lot[w]));
}

/**
 * Two ways in the two halves of each rack, left and right: easy to lay. Fair only where the basket is turned round at half
 * time, so that each half has been the other for as long.
 */
export function laidInHalves(places: readonly PlaceOnRack[], seed: number): WayAt {
  const way: WayAt = places.map(() => null);
  const flip = seeded(seed)() < 0.5;
  for (const rack of new Set(places.map((p) => p.rack))) {
    const across = places
      .flatMap((p, at) => (p.rack === rack ? [at] : []))
      .sort((a, b) => places[a].xMm - places[b].xMm || places[a].yMm - places[b].yMm);
    const half = Math.floor(across.length / 2);
    across.slice(0, half).forEach((at) => (way[at] = flip ? 1 : 0));
    across.slice(-half).forEach((at) => {
      if (half > 0) way[at] = flip ? 0 : 1;
    });
  }
  return way;
}

/** By how much the fastest way browns faster than the slowest by its places alone, %. */
export function hotPercent(places: readonly PlaceOnRack[], way: WayAt, ways: number): number {
  const means = Array.from({ length: ways }, (_, w) => {
    const own = places.filter((_p, at) => way[at] === w).map((p) => p.factor);
    return own.reduce((sum, f) => sum + f, 0) / Math.max(1, own.length);
  });
  return 100 * (Math.max(...means) / Math.min(...means) - 1);
}
