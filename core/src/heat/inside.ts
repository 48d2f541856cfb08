import type { Body } from './body.js';
import { FREEZABLE_SHARE } from './constants/index.js';

/** One value for each food cell, from the centre outward, of the half that starts down and of the one that starts up. */
interface Halves {
  down: readonly number[];
  up: readonly number[];
}

/**
 * What an earlier cook left inside a piece, cell by cell: handed from the pot of boiling water or the bare roast to the
 * coated cook. Both are told against the mean of the piece, which is handed over by itself.
 */
export interface Inside {
  /** Middle of each cell, 0 at the centre, 1 at the skin, from the centre outward. */
  at: readonly number[];
  /** Softening beyond the mean's, so that exp(−softened) has the mean 1. */
  softened: Halves;
  /** Water per kg of solids against the mean's. */
  water: Halves;
}

function halves({ n, foodTo }: Body, of: (i: number) => number): Halves {
  const centre = n >> 1;
  const [down, up]: number[][] = [[], []];
  for (let i = centre; i < foodTo; i++) {
    up.push(of(i));
    down.push(of(n - 1 - i));
  }
  return { down, up };
}

function meanOver(body: Body, weight: Float64Array, of: (i: number) => number): number {
  let sum = 0;
  let all = 0;
  for (let i = body.foodFrom; i < body.foodTo; i++) {
    sum += weight[i] * of(i);
    all += weight[i];
  }
  return sum / all;
}

/**
 * Softening that leaves as much firmness as the piece has as a whole. Counted from its least softened cell, so that what
 * was boiled for an hour has some firmness left, however little.
 */
function meanSoftening(body: Body): number {
  let least = Infinity;
  for (let i = body.foodFrom; i < body.foodTo; i++) least = Math.min(least, body.softened[i]);
  return least - Math.log(meanOver(body, body.volume, (i) => Math.exp(least - body.softened[i])));
}

const meanWater = (body: Body): number => meanOver(body, body.solids, (i) => body.water[i] / body.solids[i]);

/** What a cook has left inside. */
export function insideOf(body: Body): Inside {
  const centre = body.n >> 1;
  const softening = meanSoftening(body);
  const waterX = meanWater(body);
  return {
    at: [...body.radius.subarray(centre, body.foodTo)].map((radius) => radius / body.halfThicknessM),
    softened: halves(body, (i) => body.softened[i] - softening),
    water: halves(body, (i) => body.water[i] / body.solids[i] / waterX),
  };
}

/** Value at a share of the way to the skin, straight between two cells. */
function between(at: readonly number[], values: readonly number[], share: number): number {
  const next = at.findIndex((a) => a >= share);
  if (next < 0) return values[values.length - 1];
  if (next === 0) return values[0];
  const part = (share - at[next - 1]) / (at[next] - at[next - 1]);
  return values[next - 1] + part * (values[next] - values[next - 1]);
}

/**
 * Lays what an earlier cook left into a piece that was just laid out. Its whole water and its mean firmness stay; where
 * the water is and where it is soft change. The cells may be others than those of the earlier cook.
 */
export function handOver(body: Body, inside: Inside): void {
  const centre = body.n >> 1;
  const waterX = meanWater(body);
  for (let i = body.foodFrom; i < body.foodTo; i++) {
    const half = i < centre ? 'down' : 'up';
    const share = body.radius[i] / body.halfThicknessM;
    body.softened[i] = between(inside.at, inside.softened[half], share);
    body.water[i] *= between(inside.at, inside.water[half], share);
  }
  // Other cells than those it was read from: the means are set right.
  const softening = meanSoftening(body);
  const water = waterX / meanWater(body);
  for (let i = body.foodFrom; i < body.foodTo; i++) {
    body.softened[i] -= softening;
    body.water[i] *= water;
    if (body.ice[i] > 0) body.ice[i] = body.water[i] * FREEZABLE_SHARE;
    body.capacity[i] = Math.max(body.capacity[i], body.water[i]);
    body.wettest[i] = body.water[i] / body.solids[i];
  }
}
