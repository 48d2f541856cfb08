import { NEXT_TO_NOTHING } from '../units/index.js';
import type { BasketShape } from '../dish/index.js';
import type { Footprint, Placed } from './footprint.js';
import { halvesOf } from './ground.js';

/** Ways in which a round ground's rows are moved against its middle, as shares of a row. */
const SHIFTS = [0, 0.5, 0.25, 0.75];

/** Half of the room for middles in a row at height y, mm; negative when the row does not fit. */
function halfRoom(basket: BasketShape, y: number, halfLong: number, halfWide: number, radius: number): number {
  const [hx, hy] = halvesOf(basket);
  if (basket.kind === 'rectangle')
    return Math.abs(y) + halfWide + radius > hy + NEXT_TO_NOTHING ? -1 : hx - halfLong - radius;
  // The core's outer corners must stay within the circle less the rounding.
  const inner = hx - radius;
  const far = Math.abs(y) + halfWide;
  return far > inner ? -1 : Math.sqrt(inner * inner - far * far) - halfLong;
}

/** Pieces of one size in rows through the ground, all in one turn: as a hand lays sticks. */
function inRows(basket: BasketShape, f: Footprint, gapMm: number, across: boolean, shift: number): Placed[] {
  const [halfLong, halfWide] = across ? [f.halfWidthMm, f.halfLengthMm] : [f.halfLengthMm, f.halfWidthMm];
  const pitch = 2 * (halfLong + f.radiusMm) + gapMm;
  const rise = 2 * (halfWide + f.radiusMm) + gapMm;
  const [, hy] = halvesOf(basket);
  const first = basket.kind === 'rectangle' ? -hy + halfWide + f.radiusMm : (Math.ceil(-hy / rise) + shift) * rise;
  const placed: Placed[] = [];
  for (let y = first; y <= hy; y += rise) {
    const half = halfRoom(basket, y, halfLong, halfWide, f.radiusMm);
    if (half < -NEXT_TO_NOTHING) continue;
    const count = Math.floor((2 * half + NEXT_TO_NOTHING) / pitch) + 1;
    const start = basket.kind === 'rectangle' ? -half : (-(count - 1) * pitch) / 2;
    for (let k = 0; k < count; k++) {
      placed.push({ xMm: start + k * pitch, yMm: y, turn: across ? Math.PI / 2 : 0 });
    }
  }
  return placed;
}

/** Pieces of one size in the rows that hold most: along or across, moved against the middle of a round ground. */
export function bestRows(basket: BasketShape, footprint: Footprint, gapMm: number): Placed[] {
  const shifts = basket.kind === 'round' ? SHIFTS : [0];
  const ways = [false, true].flatMap((across) =>
    shifts.map((shift) => inRows(basket, footprint, gapMm, across, shift)),
  );
  return ways.reduce((a, b) => (b.length > a.length ? b : a));
}
