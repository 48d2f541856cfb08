import { layoutOf, spotFactor, spotFactorTurned, type Footprint, type Laid } from '../basket/index.js';
import { dishAs, readyPiece, type AirPlan } from '../dish/index.js';
import { loadFor, lotOf, type Asked } from '../plan/index.js';
import type { PlaceOnRack, WayAt } from './lay.js';
import type { MarkedPiece } from './types.js';

/** The pieces of a full batch where they lie, and how hot it is there. */
export interface Batch {
  racks: Laid[][];
  footprints: Footprint[][];
  /** All of them in one line, rack by rack. */
  places: PlaceOnRack[];
}

/** Where the pieces of a full batch lie by the plan that all ways share. @throws Refusal for an unknown food or ingredient */
export function batchOf({ pantry, fryer, ...asked }: Asked, plan: AirPlan): Batch {
  const dish = dishAs(asked.dish, plan);
  const ready = readyPiece(pantry, dish, plan.layers, plan.second);
  const load = loadFor({ pantry, fryer, dish }, ready, plan.laying);
  const { racks, footprints } = layoutOf(lotOf(pantry, ready, dish), load, fryer, plan.laying);
  const factorAt = plan.settings.basketTurned ? spotFactorTurned : spotFactor;
  const places = racks.flatMap((rack, at) =>
    rack.map(({ piece, xMm, yMm }): PlaceOnRack => ({ rack: at, piece, xMm, yMm, factor: factorAt(fryer, xMm, yMm) })),
  );
  return { racks, footprints, places };
}

/** As ways would lie if each had a part of the basket for itself, from left to right. */
export function sideBySide(places: readonly PlaceOnRack[], ways: number): WayAt {
  const inOrder = places.map((_, at) => at).sort((a, b) => places[a].xMm - places[b].xMm);
  const each = Math.floor(places.length / ways);
  const way = places.map((): number | null => null);
  inOrder.slice(0, each * ways).forEach((at, k) => (way[at] = Math.floor(k / each)));
  return way;
}

/** The lots of a flat list of places, put back on their racks. */
export function placesBack(racks: readonly (readonly Laid[])[], way: readonly (number | null)[]): MarkedPiece[][] {
  let at = 0;
  return racks.map((rack) => rack.map((piece) => ({ ...piece, way: way[at++] })));
}
