import { NEXT_TO_NOTHING } from '../units/index.js';
import type { BasketShape } from '../dish/index.js';
import { halvesOf } from './ground.js';

/** Discs of one size on a ground, by relaxing: the heart of packing rounds, balls and rings. */

/** A random source that always gives the same numbers (mulberry32, from memory). */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Middles of discs, x and y in turn. */
export type Middles = Float64Array;

/** Where the middle of a disc of this radius may lie: a smaller ground of the same shape. */
interface Room {
  round: boolean;
  /** Half width and half depth, or twice the radius of a round one; never negative. */
  halfX: number;
  halfY: number;
}

const roomFor = (basket: BasketShape, radiusMm: number): Room | null => {
  const [hx, hy] = halvesOf(basket);
  const room = { round: basket.kind === 'round', halfX: hx - radiusMm, halfY: hy - radiusMm };
  return room.halfX < 0 || room.halfY < 0 ? null : room;
};

function intoRoom(p: Middles, i: number, { round, halfX, halfY }: Room): void {
  if (round) {
    const far = Math.hypot(p[i], p[i + 1]);
    if (far > halfX) {
      p[i] *= halfX / far;
      p[i + 1] *= halfX / far;
    }
    return;
  }
  p[i] = Math.min(halfX, Math.max(-halfX, p[i]));
  p[i + 1] = Math.min(halfY, Math.max(-halfY, p[i + 1]));
}

/** A grid of rows whose odd ones are shifted by half; `lean` 1 is a square grid, √3/2 a hexagonal one. */
function lattice(room: Room, pitch: number, lean: number, shift: number, offset: readonly [number, number]): Middles {
  const found: number[] = [];
  const rise = pitch * lean;
  const rows = Math.ceil((2 * room.halfY) / rise) + 2;
  const columns = Math.ceil((2 * room.halfX) / pitch) + 2;
  for (let r = -rows; r <= rows; r++) {
    for (let c = -columns; c <= columns; c++) {
      const x = (c + (r & 1 ? shift : 0) + offset[0]) * pitch;
      const y = (r + offset[1]) * rise;
      const inside = room.round
        ? Math.hypot(x, y) <= room.halfX + NEXT_TO_NOTHING
        : Math.abs(x) <= room.halfX + NEXT_TO_NOTHING && Math.abs(y) <= room.halfY + NEXT_TO_NOTHING;
      if (inside) found.push(x, y);
    }
  }
  return Float64Array.from(found);
}

/** Rows that begin at the wall: what a hand lays. Hexagonal or square, along either side. */
function rowsFromWall(room: Room, pitch: number, lean: number, shift: number, along: 'x' | 'y'): Middles {
  const turned = along === 'y';
  const [hx, hy] = turned ? [room.halfY, room.halfX] : [room.halfX, room.halfY];
  const found: number[] = [];
  for (let r = 0, y = -hy; y <= hy + NEXT_TO_NOTHING; r++, y = -hy + r * pitch * lean) {
    for (let x = -hx + (r & 1 ? shift * pitch : 0); x <= hx + NEXT_TO_NOTHING; x += pitch) {
      const point = turned ? [y, x] : [x, y];
      if (!room.round || Math.hypot(x, y) <= room.halfX + NEXT_TO_NOTHING) found.push(...point);
    }
  }
  return Float64Array.from(found);
}

/** Pitches of a first lattice against that which the area gives: the widest, and the step to the next. Our choice. */
const WIDEST_PITCH = 1.05;
const PITCH_STEP = 0.02;
/** Factor of the pitch while too few places fit. Our choice. */
const CLOSER = 0.97;
/** How far places are shaken before they settle, share of the pitch. Our choice. */
const SHAKEN = 0.1;

const LATTICE_OFFSETS: readonly (readonly [number, number])[] = [
  [0, 0],
  [0.5, 0],
  [0, 0.5],
  [0.5, 0.5],
  [0.25, 0.25],
];
const HEX = Math.sqrt(3) / 2;

/** The lattice that holds most. */
function bestLattice(room: Room, pitch: number): Middles {
  const all = LATTICE_OFFSETS.flatMap((o) => [lattice(room, pitch, HEX, 0.5, o), lattice(room, pitch, 1, 0, o)]);
  for (const along of ['x', 'y'] as const) {
    all.push(rowsFromWall(room, pitch, HEX, 0.5, along), rowsFromWall(room, pitch, 1, 0, along));
  }
  return all.reduce((a, b) => (b.length > a.length ? b : a));
}

/** Pairs closer than this share of the pitch count as touching. */
const TIGHT = 1e-3;
const MOST_STEPS = 400;

/** Pushes overlapping discs apart, and all into the room; true when nothing overlaps any more. */
function relax(p: Middles, room: Room, pitch: number): boolean {
  const n = p.length;
  const want = pitch * (1 + TIGHT / 2);
  for (let step = 0; step < MOST_STEPS; step++) {
    let worst = 0;
    for (let i = 0; i < n; i += 2) {
      for (let j = i + 2; j < n; j += 2) {
        const dx = p[j] - p[i];
        const dy = p[j + 1] - p[i + 1];
        if (Math.abs(dx) >= want || Math.abs(dy) >= want) continue;
        const apart = Math.hypot(dx, dy) || NEXT_TO_NOTHING;
        if (apart >= want) continue;
        const overlap = want - apart;
        worst = Math.max(worst, pitch - apart);
        const push = (0.5 * overlap) / apart;
        p[i] -= dx * push;
        p[i + 1] -= dy * push;
        p[j] += dx * push;
        p[j + 1] += dy * push;
      }
    }
    for (let i = 0; i < n; i += 2) intoRoom(p, i, room);
    if (worst <= 0 && step > 0 && closest(p) >= pitch) return true;
  }
  return closest(p) >= pitch;
}

function closest(p: Middles): number {
  let least = Infinity;
  for (let i = 0; i < p.length; i += 2) {
    for (let j = i + 2; j < p.length; j += 2) least = Math.min(least, Math.hypot(p[j] - p[i], p[j + 1] - p[i + 1]));
  }
  return least;
}

/** Fresh starts that are relaxed before a number is given up. */
const STARTS = 10;
/** Above this many discs a lattice is as good, and relaxing takes long. */
const MOST_RELAXED = 36;

/** A start for `n` discs: a lattice stretched to hold about n, or a scatter. */
function startFor(n: number, room: Room, wanted: number, next: () => number, k: number): Middles {
  const p = new Float64Array(2 * n);
  const squeezed = k % 2 === 0;
  if (squeezed) {
    const area = room.round ? Math.PI * room.halfX ** 2 : 4 * room.halfX * room.halfY;
    // A room that is hardly wider than a point or a line has no area to share.
    let pitch = Math.sqrt(Math.max(area, wanted * wanted) / n) * (WIDEST_PITCH - PITCH_STEP * (k % 5));
    let grid = bestLattice(room, pitch);
    for (let tries = 0; grid.length < 2 * n && tries < 40; tries++) grid = bestLattice(room, (pitch *= CLOSER));
    const skip = grid.length / 2 - n;
    // What is too many is left out where chance has it, so that the others can close up.
    const order = Array.from({ length: grid.length / 2 }, (_, i) => ({ i, at: next() })).sort((a, b) => a.at - b.at);
    const kept = order.slice(skip).map((o) => o.i);
    kept.forEach((i, m) => {
      p[2 * m] = grid[2 * i] + (next() - 0.5) * pitch * SHAKEN;
      p[2 * m + 1] = grid[2 * i + 1] + (next() - 0.5) * pitch * SHAKEN;
    });
  } else {
    for (let i = 0; i < n; i++) {
      p[2 * i] = (2 * next() - 1) * room.halfX;
      p[2 * i + 1] = (2 * next() - 1) * room.halfY;
    }
  }
  for (let i = 0; i < 2 * n; i += 2) intoRoom(p, i, room);
  return p;
}

/** `n` discs of a pitch (diameter and gap), or null when none of the starts comes to rest without overlap. */
function relaxed(n: number, room: Room, pitch: number): Middles | null {
  const next = numbers(n * 7919 + Math.round(pitch * 100));
  for (let k = 0; k < STARTS; k++) {
    const p = startFor(n, room, pitch, next, k);
    if (relax(p, room, pitch)) return p;
  }
  return null;
}

/**
 * As many discs of one radius as go side by side on a ground, at most `most`, with `gapMm` of air between two of them:
 * the best of hexagonal and square rows, then one more at a time as long as they can be pushed apart. The same input
 * gives the same places. Published best packings of circles in a square are reached to 90 % of their density.
 * @returns middles in mm from the ground's middle, x and y in turn; empty when not one fits
 */
export function packDiscs(basket: BasketShape, radiusMm: number, gapMm: number, most: number): Middles {
  const room = roomFor(basket, radiusMm);
  if (!room || most < 1) return new Float64Array();
  const pitch = 2 * radiusMm + gapMm;
  let best = bestLattice(room, pitch);
  if (best.length >= 2 * most) return best.slice(0, 2 * most);
  while (best.length < 2 * most && best.length / 2 < MOST_RELAXED) {
    const more = relaxed(best.length / 2 + 1, room, pitch);
    if (!more) break;
    best = more;
  }
  return best;
}
