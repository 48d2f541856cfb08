import type { Footprint } from './footprint.js';
import { packLayer } from './layer.js';

/** A tray or rack on which coated pieces rest, by name and size. */
export interface RestingTray {
  name: string;
  widthMm: number;
  depthMm: number;
}

/** Air between pieces that rest, mm: they must not touch. Common practice, no source. */
const RESTING_GAP_MM = 4;
/** More than these lie on no tray; it bounds the packing. */
const MOST = 200;

/** Which trays `count` coated pieces rest on side by side, the fewest, in a sentence. */
export function traysFor(footprint: Footprint, count: number, trays: readonly RestingTray[]): string {
  const holding = trays
    .map((tray) => {
      const basket = { kind: 'rectangle', widthMm: tray.widthMm, depthMm: tray.depthMm } as const;
      const pieces = Array<Footprint>(Math.min(MOST, count)).fill(footprint);
      return { tray, holds: packLayer(basket, pieces, RESTING_GAP_MM).length };
    })
    .sort((a, b) => b.holds - a.holds);
  let left = count;
  const used: string[] = [];
  for (const { tray, holds } of holding) {
    if (left <= 0 || holds === 0) break;
    used.push(`${Math.min(left, holds)} on the ${tray.name.toLowerCase()}`);
    left -= holds;
  }
  if (left <= 0) return `Side by side they rest ${used.join(' and ')}.`;
  return used.length === 0
    ? 'Not one of them fits a tray of this kitchen.'
    : `Side by side there is room for ${used.join(' and ')}; coat the other ${left} later, never stacked.`;
}
