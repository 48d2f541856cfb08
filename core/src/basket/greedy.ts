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
  /** No place before this one is open: places only ever close. */
  from: number;
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
  // Turned by whole quarters, the corner that reaches farthest is the one on the piece's own side of the middle.
  const [ex, ey] = [Math.max(...corners.map(([x]) => x)), Math.max(...corners.map(([, y]) => y))];
  const round = basket.kind === 'round';
  /** How far to the side the middle may lie in a row that is so far up, mm; below 0 nowhere. */
  const toSide = (far: number): number => {
    if (far > (round ? roomX : roomY)) return -1;
    return (round ? Math.sqrt(roomX * roomX - far * far) : roomX) - ex;
  };
  for (let r = 0; r < places.rows; r++) {
    const aside = toSide(Math.abs(places.y(r)) + ey);
    if (aside < 0) continue;
    const first = Math.max(0, Math.ceil((hx - aside) / GRID_MM));
    const past = Math.min(places.columns, Math.floor((hx + aside) / GRID_MM) + 1);
    if (past > first) open.fill(1, r * places.columns + first, r * places.columns + past);
  }
  return { footprint, turn, open, from: 0 };
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
  for (const free of frees) {
    const { footprint, turn, open } = free;
    const at = open.indexOf(1, free.from);
    free.from = at < 0 ? open.length : at;
    if (at < 0) continue;
    const [r, c] = [Math.floor(at / places.columns), at % places.columns];
    // Rows are compared by where the piece's lower edge comes to lie.
    const low = Math.min(...cornersOf(footprint, { xMm: 0, yMm: 0, turn }).map((p) => p[1])) - footprint.radiusMm;
    const key = Math.round((places.y(r) + low) * 1000) + c / 1000;
    if (!best || key < best.key) best = { key, placed: { xMm: places.x(c), yMm: places.y(r), turn } };
  }
  return best?.placed ?? null;
}

/**
 * Closes the places that are too near to what was laid: two rounded boxes, turned by whole quarters, are nearer than the
 * gap where the middle of one lies in the sum of their cores, a box itself, or within the gap of it.
 */
function close(free: Free, { rows, columns, x, y }: Places, there: Footprint, lies: Placed, gapMm: number): void {
  const { halfLengthMm: a, halfWidthMm: b, radiusMm } = free.footprint;
  const keep = there.radiusMm + radiusMm + gapMm - NEXT_TO_NOTHING;
  const own = isAcross(free.turn) ? [b, a] : [a, b];
  const its = isAcross(lies.turn) ? [there.halfWidthMm, there.halfLengthMm] : [there.halfLengthMm, there.halfWidthMm];
  const [boxX, boxY] = [own[0] + its[0], own[1] + its[1]];
  const row = (mm: number): number => Math.floor((mm - y(0)) / GRID_MM);
  for (let r = Math.max(0, row(lies.yMm - boxY - keep)); r < rows && y(r) <= lies.yMm + boxY + keep; r++) {
    const over = Math.max(0, Math.abs(y(r) - lies.yMm) - boxY);
    if (over >= keep) continue;
    const reach = boxX + Math.sqrt(keep * keep - over * over);
    // Strictly nearer: a place at the very distance stays open.
    const first = Math.max(0, Math.floor((lies.xMm - reach - x(0)) / GRID_MM) + 1);
    const past = Math.min(columns, Math.ceil((lies.xMm + reach - x(0)) / GRID_MM));
    if (past > first) free.open.fill(0, r * columns + first, r * columns + past);
  }
}

/** Whether a turn by whole quarters lays a piece across. */
const isAcross = (turn: number): boolean => Math.round(turn / (Math.PI / 2)) % 2 !== 0;

export const BOTH_TURNS: readonly number[] = [ALONG, ACROSS];

/** Sets of turns that are worth trying: all one way, all the other, and mixed. */
export const TURN_SETS: readonly (readonly number[])[] = [[ALONG], [ACROSS], BOTH_TURNS];
