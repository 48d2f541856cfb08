import { shownBy, valueAt } from '../evidence/index.js';
import type { CookSeries } from '../heat/index.js';
import { normal, seeded, seedOf } from '../units/index.js';
import { BATTERY, NOISE_K, TELLS } from './constants.js';

/** What one probe tells at a time: both of its sensors, to a tenth of a degree. */
export interface Told {
  atS: number;
  centreC: number;
  airC: number;
}

/** Share of its readings that a probe loses on the way. */
export const PROBE_LOST = TELLS.lost;

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** When a probe tells in a cook of `untilS` seconds, s since the food went in. */
export const tellsAt = (untilS: number): number[] =>
  Array.from({ length: Math.max(0, Math.floor(untilS / TELLS.everyS)) }, (_, k) => (k + 1) * TELLS.everyS);

/**
 * What a simulated probe in a real cook tells at its k-th reading; null where that reading is lost on the way. The same
 * probe of the same batch tells the same again: a server that was restarted goes on where it was.
 */
export function toldBy(series: CookSeries, probe: string, atS: number): Told | null {
  const random = seeded(seedOf(`${probe}@${atS}`));
  if (random() < TELLS.lost) return null;
  const shown = shownBy(series);
  return {
    atS,
    centreC: tenth(valueAt(series, shown.centreC, atS) + NOISE_K.centre * normal(random)),
    airC: tenth(valueAt(series, shown.airC, atS) + NOISE_K.air * normal(random)),
  };
}

/** What is left of a battery that was full, 0–1, after so many hours of use. */
export const batteryAfter = (hours: number): number => Math.max(0, 1 - hours / BATTERY.hours);

export const isLow = (battery: number): boolean => battery <= BATTERY.low;
