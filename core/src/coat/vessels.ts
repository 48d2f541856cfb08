import { millilitres, millimetres, text, type Text } from '../units/index.js';
import type { Bowl } from './bowls.js';
import type { CoatLayer } from './types.js';

/** A bowl or deep plate of the cook's own. */
export interface Vessel {
  name: string;
  /** Across its rim, mm. */
  diameterMm: number;
  ml: number;
}

/** How full a vessel may be that things are turned in. Common practice, no source. */
const FULL = 0.6;
/** Room for fingers beside the piece, mm. Common practice, no source. */
const FINGERS_MM = 20;

/** What a bowl of the coat goes into. */
export interface Filled {
  /** Null when none of the kitchen's is large enough. */
  vessel: Vessel | null;
  needsMl: number;
  /** Why none would do; empty where one does. */
  text: Text;
}

const volumeMl = ({ totalG, layerAt }: Bowl, layers: readonly CoatLayer[]): number =>
  (totalG / layers[layerAt].bulkKgM3) * 1000;

/**
 * The kitchen's own bowls for the bowls of a coat, one for each: the smallest that a piece can be turned in and that is
 * no more than half full. The largest need is served first.
 * @param pieceMm longest way across a piece
 */
export function vesselsFor(
  bowls: readonly Bowl[],
  layers: readonly CoatLayer[],
  vessels: readonly Vessel[],
  pieceMm: number,
): Filled[] {
  const free = [...vessels].sort((a, b) => a.ml - b.ml);
  const filled = new Map<Bowl, Filled>();
  for (const bowl of [...bowls].sort((a, b) => volumeMl(b, layers) - volumeMl(a, layers))) {
    const needsMl = volumeMl(bowl, layers);
    const wide = free.filter((v) => v.diameterMm >= pieceMm + FINGERS_MM);
    const vessel = wide.find((v) => v.ml * FULL >= needsMl) ?? null;
    if (vessel) free.splice(free.indexOf(vessel), 1);
    filled.set(bowl, { vessel, needsMl, text: vessel ? [] : whyNone(wide.length > 0, needsMl, pieceMm) });
  }
  return bowls.map((b) => filled.get(b)!);
}

const whyNone = (wideEnough: boolean, needsMl: number, pieceMm: number): Text =>
  wideEnough
    ? text`No bowl that is left holds ${millilitres(needsMl)} with room to turn a piece: fill it in two goes.`
    : text`No bowl that is left is ${millimetres(pieceMm + FINGERS_MM)} across: take a plate or a dish.`;
