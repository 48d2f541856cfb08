import type { Evidence } from '../evidence/index.js';
import { celsius, text, type Text } from '../units/index.js';
import { BELIEVABLE, LOST_AFTER_S, STANDS_STILL } from './constants.js';

/** Which readings are believed, and what is said of a probe that cannot be. */

/** A probe in a fryer, as it was last heard. */
export interface ProbeState {
  fryer: string;
  heardS: number;
  centreC: number;
  airC: number;
  battery: number;
  /** Why it is not believed; null where it is. */
  trouble: Text | null;
}

/** Whether a sensor can have read such a temperature, °C. */
export const believable = (sensor: 'centre' | 'air', tempC: number): boolean =>
  tempC >= BELIEVABLE[sensor][0] && tempC <= BELIEVABLE[sensor][1];

/**
 * Whether the centre's readings stand still while they should rise.
 * @param rises K that the plan's centre rises between two times, s after the batch went in
 */
export function standsStill(evidence: readonly Evidence[], rises: (fromS: number, toS: number) => number): boolean {
  const read = evidence.flatMap((e) => (e.what === 'centre' && e.by === 'probe' ? [e] : []));
  const last = read.at(-1);
  if (!last) return false;
  const lately = read.filter((e) => e.atS >= last.atS - STANDS_STILL.forS);
  const [first] = lately;
  if (!first || last.atS - first.atS < STANDS_STILL.forS * ENOUGH) return false;
  const values = lately.map((e) => e.tempC);
  const moved = Math.max(...values) - Math.min(...values);
  return moved < STANDS_STILL.movesK && rises(first.atS, last.atS) > STANDS_STILL.shouldK;
}
const ENOUGH = 4 / 5;

/** The evidence without a probe that stands still: the cook goes on by the plan and by what is seen. */
export const withoutProbe = (evidence: readonly Evidence[]): Evidence[] =>
  evidence.filter((e) => e.what === 'colour' || (e.what === 'centre' && e.by === 'hand'));

/** What is said of a probe; null when all is well. */
export function probeSays(probe: ProbeState, nowS: number, still: boolean, low: boolean): Text | null {
  if (probe.trouble) return probe.trouble;
  if (nowS - probe.heardS > LOST_AFTER_S)
    return text`Nothing from the probe in ${probe.fryer} since it read ${celsius(probe.centreC)}. The timer goes on; check the centre by hand.`;
  if (still)
    return text`The probe in ${probe.fryer} stands still at ${celsius(probe.centreC)}: is its tip in the food? It is not believed until it moves.`;
  if (low) return text`The battery of the probe in ${probe.fryer} is low.`;
  return null;
}
