import type { BasketLaying, BasketShape, Fryer } from '../dish/index.js';
import { groundOf, type Footprint } from './footprint.js';
import { groundMm2 } from './ground.js';
import { spreadLayer, type Laid, type Pack } from './layer.js';
import { packList } from './nest.js';

/** Air between two pieces, mm. Common practice, no source: a finger's breadth for wet coats, less for crumbs. */
export const USUAL_GAP_MM = 6;

export interface Load {
  /** Pieces that lie in one layer without touching; at least 1. */
  piecesPerBatch: number;
  batches: number;
  /** Pieces of each batch, the fullest first. */
  perBatch: number[];
  /** Share of the ground that the food of a full batch covers, 0–1, on the racks that it lies on. */
  coverage: number;
  /** Racks one above the other that a full batch takes. */
  racksUsed: number;
  /** False when not even one piece fits. */
  fits: boolean;
}

/** The pieces of a dish as they are packed: all alike, or some of them smaller. */
export interface Lot {
  footprint: Footprint;
  /** All pieces, the smaller ones among them. */
  count: number;
  smaller?: { footprint: Footprint; count: number };
}

/** Packings that were asked for lately: a search asks for the same ground and pieces again and again. */
const remembered = new Map<string, number>();
const MOST_LOADS = 400;

/** How many of a list find a place side by side on one rack. */
function packed(basket: BasketShape, list: readonly Footprint[], gapMm: number, nest: boolean): number {
  const alike = new Map<Footprint, number>();
  for (const f of list) alike.set(f, (alike.get(f) ?? 0) + 1);
  const key = JSON.stringify([basket, [...alike], gapMm, nest]);
  const known = remembered.get(key);
  if (known !== undefined) return known;
  const laid = packList(basket, list, gapMm, nest).length;
  if (remembered.size >= MOST_LOADS) remembered.clear();
  remembered.set(key, laid);
  return laid;
}

/** Coats that differ by less lie in the basket alike, mm. */
const SAME_MM = 0.5;

/** The footprint in steps of half a millimetre, so that coats that hardly differ share a packing. */
const rounded = (f: Footprint): Footprint => ({ ...f, radiusMm: Math.ceil(f.radiusMm / SAME_MM) * SAME_MM });

const shareOfGround = (pieces: readonly Footprint[], { basket }: Fryer, racks: number): number =>
  Math.min(1, pieces.reduce((sum, f) => sum + groundOf(f), 0) / (groundMm2(basket) * Math.max(1, racks)));

/** The pieces of batch number `batch` of several even ones, dealt out in turn, so that the first is the fullest: large ones first. */
function batchOf({ footprint, count, smaller }: Lot, batches: number, batch = 0): Footprint[] {
  const small = smaller ? Math.min(smaller.count, count) : 0;
  const of = (n: number, f: Footprint): Footprint[] =>
    Array<Footprint>(Math.max(0, Math.ceil((n - batch) / batches))).fill(rounded(f));
  return [...of(count - small, footprint), ...(smaller ? of(small, smaller.footprint) : [])];
}

/** What each rack of a batch holds: dealt out in turn, so that all are evenly filled. */
const dealt = (batch: readonly Footprint[], racks: number): Footprint[][] =>
  Array.from({ length: racks }, (_, rack) => batch.filter((_f, i) => i % racks === rack));

/** Racks that a batch needs, the fewest; null when it does not go on all of them. */
function racksFor(batch: readonly Footprint[], { basket, racks }: Fryer, gapMm: number, nest: boolean): number | null {
  // What covers more than the ground is not tried; what lies in the hole of another covers none.
  const nests = nest && batch.some((f) => f.holeMm > 0);
  const ground = nests ? 0 : batch.reduce((sum, f) => sum + groundOf(f), 0) / groundMm2(basket);
  for (let used = Math.max(1, Math.ceil(ground)); used <= racks; used++) {
    if (dealt(batch, used).every((list) => packed(basket, list, gapMm, nest) === list.length)) return used;
  }
  return null;
}

/**
 * How many coated pieces make a batch when they are packed side by side on every rack, and how many batches they are,
 * evened out so that the last is not a lonely one. What a hand has laid counts as it lies.
 * @throws RangeError never; a piece larger than the basket makes `fits` false
 */
export function loadOf(lot: Lot, fryer: Fryer, laying?: BasketLaying): Load {
  const { count } = lot;
  const gapMm = laying?.gapMm ?? USUAL_GAP_MM;
  const nest = laying?.nest ?? false;
  const byHand = laying?.laid?.map((rack) => rack.length).filter((n) => n > 0) ?? [];
  const fits = packed(fryer.basket, [rounded(lot.footprint)], gapMm, nest) === 1;
  if (byHand.length > 0) {
    const piecesPerBatch = byHand.reduce((sum, n) => sum + n, 0);
    const batches = Math.ceil(count / piecesPerBatch);
    const coverage = shareOfGround(batchOf(lot, batches).slice(0, piecesPerBatch), fryer, byHand.length);
    const perBatch = Array.from({ length: batches }, (_, b) => Math.min(piecesPerBatch, count - b * piecesPerBatch));
    return { piecesPerBatch, batches, perBatch, coverage, racksUsed: byHand.length, fits };
  }
  const { batches, racksUsed } = fits ? evenBatches(lot, fryer, gapMm, nest) : { batches: count, racksUsed: 1 };
  const batch = batchOf(lot, batches);
  return {
    piecesPerBatch: batch.length,
    batches,
    perBatch: Array.from({ length: batches }, (_, b) => batchOf(lot, batches, b).length),
    coverage: shareOfGround(batch, fryer, racksUsed),
    racksUsed,
    fits,
  };
}

/** The fewest even batches that pack, and the racks that each takes. */
function evenBatches(lot: Lot, fryer: Fryer, gapMm: number, nest: boolean): { batches: number; racksUsed: number } {
  const { basket, racks } = fryer;
  const { count, smaller, footprint } = lot;
  // No packing is tried that has no chance: alike pieces by what one rack takes of them, others by their ground.
  const perRack = packed(
    basket,
    Array<Footprint>(Math.min(count, MOST_PER_RACK)).fill(rounded(footprint)),
    gapMm,
    nest,
  );
  const ground = batchOf(lot, 1).reduce((sum, f) => sum + groundOf(f), 0);
  const least = smaller ? ground / (groundMm2(basket) * racks) : count / (perRack * racks);
  return fewestThatPack(Math.max(1, Math.ceil(least)), count, (batches) =>
    racksFor(batchOf(lot, batches), fryer, gapMm, nest),
  );
}

/** Numbers of batches that are tried one by one before the steps grow. */
const ONE_BY_ONE = 6;

/**
 * The fewest batches that pack, from `least` on: one by one at first, as most dishes end there, then in growing steps and
 * back by halves, so that five hundred pieces do not take five hundred packings.
 */
function fewestThatPack(
  least: number,
  most: number,
  racksOf: (batches: number) => number | null,
): { batches: number; racksUsed: number } {
  let below = least - 1;
  let found: { batches: number; racksUsed: number } | null = null;
  for (let batches = least, step = 1, tries = 1; batches < most; batches += step, tries++) {
    const racksUsed = racksOf(batches);
    if (racksUsed !== null) {
      found = { batches, racksUsed };
      break;
    }
    below = batches;
    if (tries >= ONE_BY_ONE) step *= 2;
  }
  found ??= { batches: most, racksUsed: 1 };
  while (found.batches - below > 1) {
    const batches: number = (found.batches + below) >> 1;
    const racksUsed = racksOf(batches);
    if (racksUsed === null) below = batches;
    else found = { batches, racksUsed };
  }
  return found;
}

/** More pieces than these lie on no rack; it bounds the packing. */
const MOST_PER_RACK = 240;

/** Where the pieces of a full batch lie, and what lies there. */
export interface Layout {
  /** Rack by rack from the top; `piece` is the place in the rack's own list of footprints. */
  racks: Laid[][];
  footprints: Footprint[][];
}

/**
 * Where the pieces of a full batch lie, rack by rack from the top: what a hand has laid, or packed and spread out as far
 * as the racks allow, the racks evenly filled.
 */
export function layoutOf(lot: Lot, load: Load, fryer: Fryer, laying?: BasketLaying): Layout {
  const gapMm = laying?.gapMm ?? USUAL_GAP_MM;
  const nest = laying?.nest ?? false;
  const byHand = laying?.laid?.some((rack) => rack.length > 0) ? laying.laid : null;
  const footprints = dealt(batchOf(lot, load.batches), byHand?.length ?? load.racksUsed);
  const pack: Pack = (basket, list, gap) => packList(basket, list, gap, nest);
  return {
    footprints,
    racks: byHand ?? footprints.map((list) => spreadLayer(fryer.basket, list, gapMm, pack) ?? []),
  };
}
