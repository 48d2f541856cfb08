import type { BasketShape } from '../dish/index.js';
import { reachOf, type Footprint } from './footprint.js';
import { packLayer, type Laid } from './layer.js';

/** For each piece that goes into the hole of a ring: the ring. Every hole takes the largest that it can, every piece lies once. */
export function nestsOf(footprints: readonly Footprint[], gapMm: number): Map<number, number> {
  const hosts = new Map<number, number>();
  const bySize = [...footprints.keys()].sort((a, b) => reachOf(footprints[b]) - reachOf(footprints[a]) || a - b);
  for (const ring of bySize) {
    const { holeMm } = footprints[ring];
    if (holeMm <= 0) continue;
    const guest = bySize.find((i) => i !== ring && !hosts.has(i) && reachOf(footprints[i]) + gapMm <= holeMm);
    if (guest !== undefined) hosts.set(guest, ring);
  }
  return hosts;
}

/**
 * One layer of pieces, as many as go: side by side, or with `nest` small ones in the holes of rings as well.
 * None is nearer to another than `gapMm`.
 */
export function packList(basket: BasketShape, footprints: readonly Footprint[], gapMm: number, nest: boolean): Laid[] {
  if (!nest) return packLayer(basket, footprints, gapMm);
  const hosts = nestsOf(footprints, gapMm);
  const standing = [...footprints.keys()].filter((i) => !hosts.has(i));
  const laid = packLayer(
    basket,
    standing.map((i) => footprints[i]),
    gapMm,
  ).map((p): Laid => ({ ...p, piece: standing[p.piece] }));
  const places = new Map(laid.map((p) => [p.piece, p]));
  return [...laid, ...guestsIn(hosts, places)].sort((a, b) => a.piece - b.piece);
}

/** Guests lie in the middle of their rings, and in the middle of rings that lie in rings. */
function guestsIn(hosts: ReadonlyMap<number, number>, places: Map<number, Laid>): Laid[] {
  const found: Laid[] = [];
  for (const [guest, ring] of hosts) {
    const there = places.get(ring);
    if (!there) continue;
    const placed = { ...there, piece: guest };
    places.set(guest, placed);
    found.push(placed);
  }
  return found;
}
