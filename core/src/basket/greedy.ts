import { NEXT_TO_NOTHING } from '../units/index.js';
import type { BasketShape } from '../dish/index.js';
import { cornersOf, reachOf, type Footprint, type Placed } from './footprint.js';
import { halvesOf } from './ground.js';

/** How finely places are tried, mm. */
const GRID_MM = 2;

/** Turns that are tried: along and across. Slanted ones held no more on a round ground. */
const [ALONG, ACROSS] = [0, Math.PI / 2];

/** Places where the middle of one footprint in one turn may still lie. */
interface Free {
  footprint: Footprint;
  turn: number;
  open: Uint8Array;
}

/** A grid of places over the ground. */
interface Places {
  columns: number;
  rows: number;
  x: (column: number) => number;
  y: (row: number) => number;
}

function placesOf(basket: BasketShape): Places {
  const [hx, hy] = halvesOf(basket);
  const columns = Math.floor((2 * hx) / GRID_MM) + 1;
  const rows = Math.floor((2 * hy) / GRID_MM) + 1;
  // Places begin at the wall of the basket, so that a piece can lie right against it.
  return { columns, rows, x: (c) => -hx + c * GRID_MM, y: (r) => -hy + r * GRID_MM };
}

function freeFor(basket: BasketShape, places: Places, footprint: Footprint, turn: number): Free {
  const open = new Uint8Array(places.columns * places.rows);
  const corners = cornersOf(footprint, { xMm: 0, yMm: 0, turn });
  const [hx, hy] = halvesOf(basket);
  const [roomX, roomY] = [hx - footprint.radiusMm + NEXT_TO_NOTHING, hy - footprint.radiusMm + NEXT_TO_NOTHING];
  const inside =
    basket.kind === 'round'
      ? (x: number, y: number): boolean => corners.every(([cx, cy]) => Math.hypot(x + cx, y + cy) <= roomX)
      : (x: number, y: number): boolean =>
          corners.every(([cx, cy]) => Math.abs(x + cx) <= roomX && Math.abs(y + cy) <= roomY);
  for (let r = 0; r < places.rows; r++) {
    for (let c = 0; c < places.columns; c++) {
      if (inside(places.x(c), places.y(r))) open[r * places.columns + c] = 1;
    }
  }
  return { footprint, turn, open };
}

/** Distance of a point from a box around the origin, mm; 0 inside. */
const outside = (x: number, y: number, a: number, b: number): number =>
  Math.hypot(Math.max(0, Math.abs(x) - a), Math.max(0, Math.abs(y) - b));

/** Whether two rounded boxes, turned by whole quarters, are nearer than the gap: the sum of their cores is a box itself. */
function isNear(there: Footprint, lies: Placed, free: Free, dx: number, dy: number, gapMm: number): boolean {
  const keep = there.radiusMm + free.footprint.radiusMm + gapMm;
  const [c, s] = [Math.cos(lies.turn), Math.sin(lies.turn)];
  const [x, y] = [dx * c + dy * s, -dx * s + dy * c];
  const across = Math.round((free.turn - lies.turn) / (Math.PI / 2)) % 2 !== 0;
  const { halfLengthMm: a, halfWidthMm: b } = free.footprint;
  return (
    outside(x, y, there.halfLengthMm + (across ? b : a), there.halfWidthMm + (across ? a : b)) < keep - NEXT_TO_NOTHING
  );
}

/**
 * Lays footprints one after the other, the largest first, each where it lies farthest toward one corner: the way of
 * anybody who fills a tray. Every turn of the set is tried for each.
 * @param already where the first footprints lie before that
 * @returns what found a place, by the index of its footprint; pieces that did not are missing
 */
export function layGreedily(
  basket: BasketShape,
  footprints: readonly Footprint[],
  gapMm: number,
  turns: readonly number[],
  already: readonly Placed[] = [],
): Map<number, Placed> {
  const places = placesOf(basket);
  const kinds = new Map<string, Free[]>();
  const keyOf = (f: Footprint): string => `${f.halfLengthMm} ${f.halfWidthMm} ${f.radiusMm}`;
  for (const f of footprints) {
    if (!kinds.has(keyOf(f)))
      kinds.set(
        keyOf(f),
        turns.map((turn) => freeFor(basket, places, f, turn)),
      );
  }
  const laid = new Map<number, Placed>();
  const lay = (index: number, placed: Placed): void => {
    laid.set(index, placed);
    for (const free of [...kinds.values()].flat()) close(free, places, footprints[index], placed, gapMm);
  };
  already.forEach((placed, index) => lay(index, placed));
  const order = [...footprints.keys()].sort((a, b) => reachOf(footprints[b]) - reachOf(footprints[a]) || a - b);
  for (const index of order) {
    if (laid.has(index)) continue;
    const found = firstPlace(kinds.get(keyOf(footprints[index]))!, places);
    if (found) lay(index, found);
  }
  return laid;
}

/** The first open place, row by row; of several turns that reach the same row, the one farthest to the side. */
function firstPlace(frees: readonly Free[], places: Places): Placed | null {
  let best: { key: number; placed: Placed } | null = null;
  for (const { footprint, turn, open } of frees) {
    const at = open.indexOf(1);
    if (at < 0) continue;
    const [r, c] = [Math.floor(at / places.columns), at % places.columns];
    // Rows are compared by where the piece's lower edge comes to lie.
    const low = Math.min(...cornersOf(footprint, { xMm: 0, yMm: 0, turn }).map((p) => p[1])) - footprint.radiusMm;
    const key = Math.round((places.y(r) + low) * 1000) + c / 1000;
    if (!best || key < best.key) best = { key, placed: { xMm: places.x(c), yMm: places.y(r), turn } };
  }
  return best?.placed ?? null;
}

/** Closes the places that are too near to what was laid. */
function close(free: Free, places: Places, there: Footprint, lies: Placed, gapMm: number): void {
  const reach = reachOf(there) + reachOf(free.footprint) + gapMm;
  const column = Math.round((lies.xMm - places.x(0)) / GRID_MM);
  const row = Math.round((lies.yMm - places.y(0)) / GRID_MM);
  const span = Math.ceil(reach / GRID_MM);
  for (let r = Math.max(0, row - span); r <= Math.min(places.rows - 1, row + span); r++) {
    for (let c = Math.max(0, column - span); c <= Math.min(places.columns - 1, column + span); c++) {
      const k = r * places.columns + c;
      if (!free.open[k]) continue;
      if (isNear(there, lies, free, places.x(c) - lies.xMm, places.y(r) - lies.yMm, gapMm)) free.open[k] = 0;
    }
  }
}

export const BOTH_TURNS: readonly number[] = [ALONG, ACROSS];

/** Sets of turns that are worth trying: all one way, all the other, and mixed. */
export const TURN_SETS: readonly (readonly number[])[] = [[ALONG], [ACROSS], BOTH_TURNS];
