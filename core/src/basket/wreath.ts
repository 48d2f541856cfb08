import { NEXT_TO_NOTHING } from '../units/index.js';
import type { BasketShape } from '../dish/index.js';
import { gapBetween, type Footprint, type Placed } from './footprint.js';
import { bestRows } from './rows.js';

/** How pieces lie in a wreath: along the wall, or pointing to the middle. */
type Lie = 'along' | 'inward';
const LIES: readonly Lie[] = ['along', 'inward'];

/** Distance of the middles of a wreath's pieces from that of a round ground, mm, when they touch its wall; NaN where none fits. */
function wreathRadius(groundRadiusMm: number, f: Footprint, lie: Lie): number {
  const { halfLengthMm, halfWidthMm, radiusMm } = f;
  const [across, deep] = lie === 'along' ? [halfLengthMm, halfWidthMm] : [halfWidthMm, halfLengthMm];
  return Math.sqrt((groundRadiusMm - radiusMm) ** 2 - across ** 2) - deep;
}

/** `count` pieces spread evenly on a circle of `radius` mm. */
const spread = (count: number, radius: number, lie: Lie): Placed[] =>
  Array.from({ length: count }, (_, k) => {
    const angle = (2 * Math.PI * k) / count - Math.PI / 2;
    return {
      xMm: radius * Math.cos(angle),
      yMm: radius * Math.sin(angle),
      turn: lie === 'along' ? angle + Math.PI / 2 : angle,
    };
  });

/** As many as lie in one wreath along the wall, at most `most`. */
function ringOf(groundRadiusMm: number, f: Footprint, gapMm: number, lie: Lie, most: number): Placed[] {
  const radius = wreathRadius(groundRadiusMm, f, lie);
  if (!(radius > 0)) return [];
  const side = 2 * ((lie === 'along' ? f.halfLengthMm : f.halfWidthMm) + f.radiusMm) + gapMm;
  // An outer side of the circle around them is the most that could ever lie there.
  const start = Math.floor((2 * Math.PI * (radius + f.halfLengthMm + f.halfWidthMm)) / side);
  for (let count = Math.min(most, start); count >= 2; count--) {
    const [first, ...others] = spread(count, radius, lie);
    // On a small circle not only neighbours come near: the one across does as well.
    if (others.every((other) => gapBetween(f, first, f, other) >= gapMm - NEXT_TO_NOTHING)) return [first, ...others];
  }
  return [];
}

/**
 * Pieces of one size on a round ground as a wreath along its wall, with what goes into the room that it leaves: another
 * wreath, or rows. At most `most`.
 */
function bestWreath(groundRadiusMm: number, f: Footprint, gapMm: number, most: number): Placed[] {
  const ways = LIES.map((lie) => {
    const ring = ringOf(groundRadiusMm, f, gapMm, lie, most);
    if (ring.length === 0) return [];
    const deep = lie === 'along' ? f.halfWidthMm : f.halfLengthMm;
    const innerMm = wreathRadius(groundRadiusMm, f, lie) - deep - f.radiusMm - gapMm;
    return [...ring, ...bestRound(innerMm, f, gapMm, most - ring.length)];
  });
  return ways.reduce((a, b) => (b.length > a.length ? b : a));
}

/** Pieces of one size on a round ground in the way that holds most of them: rows, or a wreath. At most `most`. */
export function bestRound(groundRadiusMm: number, f: Footprint, gapMm: number, most: number): Placed[] {
  if (most <= 0 || groundRadiusMm < f.halfWidthMm + f.radiusMm) return [];
  const ground: BasketShape = { kind: 'round', diameterMm: 2 * groundRadiusMm };
  const rows = bestRows(ground, f, gapMm).slice(0, most);
  if (rows.length >= most) return rows;
  const wreath = bestWreath(groundRadiusMm, f, gapMm, most);
  return wreath.length > rows.length ? wreath : rows;
}
