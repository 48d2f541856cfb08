import type { BasketLaying, BasketShape, Fryer } from '../dish/index.js';
import { groundOf, type Footprint } from './footprint.js';
import { groundMm2 } from './ground.js';
import { packLayer, spreadLayer, type Laid } from './layer.js';

/** Air between two pieces, mm. Common practice, no source: a finger's breadth for wet coats, less for crumbs. */
export const USUAL_GAP_MM = 6;

export interface Load {
  /** Pieces that lie in one layer without touching; at least 1. */
  piecesPerBatch: number;
  batches: number;
  /** Share of the ground that the food of a full batch covers, 0–1, on the racks that it lies on. */
  coverage: number;
  /** Racks one above the other that a full batch takes. */
  racksUsed: number;
  /** False when not even one piece fits. */
  fits: boolean;
}

/** Packings that were asked for lately: a search asks for the same ground and piece again and again. */
const remembered = new Map<string, Laid[]>();
const MOST_REMEMBERED = 400;

function packed(basket: BasketShape, footprint: Footprint, count: number, gapMm: number): Laid[] {
  const key = JSON.stringify([basket, footprint, count, gapMm]);
  const known = remembered.get(key);
  if (known) return known;
  const laid = packLayer(basket, Array<Footprint>(count).fill(footprint), gapMm);
  if (remembered.size >= MOST_REMEMBERED) remembered.clear();
  remembered.set(key, laid);
  return laid;
}

/** Coats that differ by less lie in the basket alike, mm. */
const SAME_MM = 0.5;

/** The footprint in steps of half a millimetre, so that coats that hardly differ share a packing. */
const rounded = (f: Footprint): Footprint => ({ ...f, radiusMm: Math.ceil(f.radiusMm / SAME_MM) * SAME_MM });

const shareOfGround = (footprint: Footprint, pieces: number, { basket }: Fryer, racks: number): number =>
  Math.min(1, (pieces * groundOf(footprint)) / (groundMm2(basket) * Math.max(1, racks)));

/**
 * How many coated pieces make a batch when they are packed side by side on every rack, and how many batches `count`
 * pieces are, evened out so that the last is not a lonely one. What a hand has laid counts as it lies.
 * @throws RangeError never; a piece larger than the basket makes `fits` false
 */
export function loadOf(footprint: Footprint, count: number, fryer: Fryer, laying?: BasketLaying): Load {
  const piece = rounded(footprint);
  const { basket, racks } = fryer;
  const byHand = laying?.laid?.map((rack) => rack.length).filter((n) => n > 0) ?? [];
  const perRack = packed(basket, piece, Math.min(count, MOST_PER_RACK), laying?.gapMm ?? USUAL_GAP_MM).length;
  const fits = perRack >= 1;
  if (byHand.length > 0) {
    const piecesPerBatch = byHand.reduce((sum, n) => sum + n, 0);
    return {
      piecesPerBatch,
      batches: Math.ceil(count / piecesPerBatch),
      coverage: shareOfGround(piece, piecesPerBatch, fryer, byHand.length),
      racksUsed: byHand.length,
      fits,
    };
  }
  const most = Math.max(1, perRack * racks);
  const batches = Math.ceil(count / most);
  const piecesPerBatch = Math.ceil(count / batches);
  const racksUsed = Math.min(racks, Math.ceil(piecesPerBatch / Math.max(1, perRack)));
  return { piecesPerBatch, batches, coverage: shareOfGround(piece, piecesPerBatch, fryer, racksUsed), racksUsed, fits };
}

/** More pieces than these lie on no rack; it bounds the packing. */
const MOST_PER_RACK = 240;

/** Pieces of batch number `batch` (0 the first): batches are even, the last may be one short of the others. */
export function piecesOfBatch({ piecesPerBatch, batches }: Load, count: number, batch: number): number {
  const before = Math.min(count, batch * piecesPerBatch);
  return Math.max(0, batch === batches - 1 ? count - before : Math.min(piecesPerBatch, count - before));
}

/**
 * Where the pieces of a full batch lie, rack by rack from the top: what a hand has laid, or packed and spread out as far
 * as the racks allow, the racks evenly filled.
 */
export function layoutOf(footprint: Footprint, load: Load, fryer: Fryer, laying?: BasketLaying): Laid[][] {
  if (laying?.laid?.some((rack) => rack.length > 0)) return laying.laid;
  const { piecesPerBatch, racksUsed } = load;
  return Array.from({ length: racksUsed }, (_, rack) => {
    const pieces = Math.ceil((piecesPerBatch - rack) / racksUsed);
    const footprints = Array<Footprint>(pieces).fill(rounded(footprint));
    return spreadLayer(fryer.basket, footprints, laying?.gapMm ?? USUAL_GAP_MM) ?? [];
  });
}
