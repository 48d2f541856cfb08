import type { BasketShape } from '../dish/index.js';
import { cornersOf, type Footprint, type Placed } from './footprint.js';

/** Ground of one basket or rack, mm². */
export const groundMm2 = (basket: BasketShape): number =>
  basket.kind === 'round' ? (Math.PI / 4) * basket.diameterMm ** 2 : basket.widthMm * basket.depthMm;

/** Half width and half depth of the box around a basket, mm. */
export const halvesOf = (basket: BasketShape): readonly [number, number] =>
  basket.kind === 'round' ? [basket.diameterMm / 2, basket.diameterMm / 2] : [basket.widthMm / 2, basket.depthMm / 2];

/** Air between a piece and the wall, mm; negative when it sticks out. */
export function gapToWall(basket: BasketShape, f: Footprint, at: Placed): number {
  const corners = cornersOf(f, at);
  if (basket.kind === 'round') {
    const farthest = Math.max(...corners.map(([x, y]) => Math.hypot(x, y)));
    return basket.diameterMm / 2 - farthest - f.radiusMm;
  }
  const [hw, hd] = halvesOf(basket);
  const x = Math.max(...corners.map((p) => Math.abs(p[0])));
  const y = Math.max(...corners.map((p) => Math.abs(p[1])));
  return Math.min(hw - x, hd - y) - f.radiusMm;
}
