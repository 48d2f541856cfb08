import { ROUNDING } from '../units/index.js';
import type { BasketShape, LaidPiece } from '../dish/index.js';
import { packDiscs } from './discs.js';
import { gapBetween, isDisc, type Footprint, type Placed } from './footprint.js';
import { BOTH_TURNS, layGreedily, TURN_SETS } from './greedy.js';
import { gapToWall } from './ground.js';
import { bestRows } from './rows.js';
import { bestRound } from './wreath.js';

/** A piece of a batch where it lies, by its place in the list of pieces. */
export type Laid = LaidPiece;

/** A way of laying pieces on a ground. */
export type Pack = (basket: BasketShape, footprints: readonly Footprint[], gapMm: number) => Laid[];

const same = (footprints: readonly Footprint[]): boolean =>
  footprints.every((f) => JSON.stringify(f) === JSON.stringify(footprints[0]));

/**
 * One layer of pieces side by side, none nearer to another than `gapMm`: as many as go, in the order of the list where
 * they are alike. Discs of one size are packed, everything else is laid row by row in the best of several ways.
 */
export function packLayer(basket: BasketShape, footprints: readonly Footprint[], gapMm: number): Laid[] {
  if (footprints.length === 0) return [];
  if (same(footprints) && isDisc(footprints[0])) {
    const middles = packDiscs(basket, footprints[0].radiusMm, gapMm, footprints.length);
    return Array.from({ length: middles.length / 2 }, (_, piece) => ({
      piece,
      xMm: middles[2 * piece],
      yMm: middles[2 * piece + 1],
      turn: 0,
    }));
  }
  const laid = [...laidBoxes(basket, footprints, gapMm)]
    .sort(([a], [b]) => a - b)
    .map(([piece, placed]): Laid => ({ piece, ...placed }));
  return centred(basket, footprints, laid);
}

/**
 * Pieces of one size in rows, with more of them where the rows leave room, or on a round ground in wreaths; mixed ones
 * the best of several ways.
 */
function laidBoxes(basket: BasketShape, footprints: readonly Footprint[], gapMm: number): Map<number, Placed> {
  if (same(footprints)) {
    const rows = bestRows(basket, footprints[0], gapMm).slice(0, footprints.length);
    const laid = layGreedily(basket, footprints, gapMm, BOTH_TURNS, rows);
    if (basket.kind !== 'round' || laid.size === footprints.length) return laid;
    const wreath = bestRound(basket.diameterMm / 2, footprints[0], gapMm, footprints.length);
    return wreath.length > laid.size ? new Map(wreath.entries()) : laid;
  }
  const ways = TURN_SETS.map((turns) => layGreedily(basket, footprints, gapMm, turns));
  return ways.reduce((a, b) => (b.size > a.size ? b : a));
}

/** Rows that begin in a corner are pushed to the middle as one, as far as the walls let them. */
function centred(basket: BasketShape, footprints: readonly Footprint[], laid: readonly Laid[]): Laid[] {
  if (basket.kind === 'round') return [...laid];
  const edges = (axis: 'xMm' | 'yMm'): number => {
    const values = laid.map((p) => p[axis]);
    return (Math.max(...values) + Math.min(...values)) / 2;
  };
  const moved = laid.map((p) => ({ ...p, xMm: p.xMm - edges('xMm'), yMm: p.yMm - edges('yMm') }));
  return moved.every((p) => gapToWall(basket, footprints[p.piece], p) >= -ROUNDING) ? moved : [...laid];
}

/** Steps in which the gap is opened so far that the pieces of a batch that is not full lie apart. */
const OPENINGS = 7;
/** Wider apart than this nothing is gained, mm. */
const WIDEST_GAP_MM = 30;

/**
 * The same pieces with as much air between them as the ground allows: a batch that is not full is spread out.
 * All of them are laid, at least `gapMm` apart; null when they do not go on the ground so.
 */
export function spreadLayer(
  basket: BasketShape,
  footprints: readonly Footprint[],
  gapMm: number,
  pack: Pack = packLayer,
): Laid[] | null {
  const all = (gap: number): Laid[] | null => {
    const laid = pack(basket, footprints, gap);
    return laid.length === footprints.length ? laid : null;
  };
  let best = all(gapMm);
  if (!best) return null;
  let [low, high] = [gapMm, WIDEST_GAP_MM];
  for (let k = 0; k < OPENINGS && high - low > 1; k++) {
    const middle = (low + high) / 2;
    const wider = all(middle);
    if (wider) {
      best = wider;
      low = middle;
    } else high = middle;
  }
  return best;
}

/** Pieces of a layout that lie over each other, nearer than `gapMm`, or over the wall; by their place in the list. */
export interface Trouble {
  overlaps: number[];
  tooNear: number[];
  outside: number[];
}

/** What is wrong with pieces that a hand has laid. */
export function troubleIn(
  basket: BasketShape,
  footprints: readonly Footprint[],
  laid: readonly Laid[],
  gapMm: number,
): Trouble {
  const overlaps = new Set<number>();
  const tooNear = new Set<number>();
  laid.forEach((a, i) => {
    for (const b of laid.slice(i + 1)) {
      const gap = gapBetween(footprints[a.piece], a, footprints[b.piece], b);
      if (gap >= gapMm - TOLERANCE_MM) continue;
      for (const { piece } of [a, b]) (gap < -TOLERANCE_MM ? overlaps : tooNear).add(piece);
    }
  });
  const outside = laid.filter((p) => gapToWall(basket, footprints[p.piece], p) < -TOLERANCE_MM).map((p) => p.piece);
  return { overlaps: [...overlaps], tooNear: [...tooNear].filter((p) => !overlaps.has(p)), outside };
}

/** Nearer than this to what is allowed is allowed, mm. */
const TOLERANCE_MM = 0.05;
