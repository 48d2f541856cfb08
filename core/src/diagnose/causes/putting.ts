import type { LayerSpec } from '../../coat/index.js';
import type { AirPlan, AirSettings } from '../../dish/index.js';
import type { Unknowns } from '../../evidence/index.js';
import type { Text } from '../../units/index.js';
import type { Put } from '../put.js';
import type { Cause, CauseKey, Mend } from './types.js';

/** Ways in which a cook is put otherwise into the simulation, and in which a plan is changed. */

export const withPlan = (put: Put, change: Partial<AirPlan>): Put => ({
  ...put,
  lying: { ...put.lying, plan: { ...put.lying.plan, ...change } },
});

export const withLayers = (put: Put, layers: LayerSpec[]): Put => withPlan(put, { layers });

export const withSettings = (put: Put, change: Partial<AirSettings>): Put =>
  withPlan(put, { settings: { ...put.lying.plan.settings, ...change } });

/** The cook in a fryer or of a food that is otherwise than said by so much more. */
export const withUnknowns = (put: Put, more: Partial<Unknowns>): Put => ({
  ...put,
  unknowns: Object.fromEntries(
    Object.entries(put.unknowns).map(([name, value]) => [name, value + (more[name as keyof Unknowns] ?? 0)]),
  ) as unknown as Unknowns,
});

/** What is mended by doing what the plan says: the plan stays. */
export const byHand =
  (removes: readonly CauseKey[], said: Text): Cause['mend'] =>
  ({ lying: { plan } }): Mend => ({ text: said, plan, removes });

/** A temperature that the fryer can be set to. */
export function settable({ lying: { fryer } }: Put, tempC: number): number {
  const inSteps = Math.round(tempC / fryer.stepC) * fryer.stepC;
  return Math.max(fryer.minTempC, Math.min(fryer.maxTempC, inSteps));
}
