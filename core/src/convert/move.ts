import type { AirPlan, Fryer } from '../dish/index.js';
import { differences, type Difference } from './compare.js';
import { SWAP_EVERY_MIN } from './constants.js';
import { evaluateAir } from './evaluate.js';
import { retimed } from './search.js';
import type { AirResult, ConvertRequest, FriedResult } from './types.js';

/** A plan as it would be cooked in another fryer, and what that changes. */
export interface Move {
  plan: AirPlan;
  piecesPerBatch: number;
  batches: number;
  fits: boolean;
  changes: Difference[];
}

const settable = (tempC: number, { minTempC, maxTempC, stepC }: Fryer): number =>
  Math.min(maxTempC, Math.max(minTempC, Math.round(tempC / stepC) * stepC));

/**
 * The plan on the bench moved to another fryer: its temperature as near as that one can be set, its minutes searched
 * anew, the pieces laid anew, racks swapped where a batch takes several.
 * @param current the plan as it is, evaluated in its own fryer
 */
export function movedTo(request: ConvertRequest, fryer: Fryer, fried: FriedResult, current: AirResult): Move {
  const { settings } = current.plan;
  const moved: AirPlan = {
    ...current.plan,
    laying: undefined,
    settings: {
      ...settings,
      tempC: settable(settings.tempC, fryer),
      swapEveryMin: fryer.racks > 1 ? (settings.swapEveryMin ?? SWAP_EVERY_MIN) : null,
    },
  };
  const there = { ...request, fryer, limits: { ...request.limits, maxTempC: fryer.maxTempC } };
  const timed = retimed(there, fried, moved);
  const { turnAtMin, minutes } = timed.settings;
  const turned = turnAtMin === null ? null : Math.max(2, Math.round(minutes * 0.55));
  const next: AirPlan = { ...timed, settings: { ...timed.settings, turnAtMin: turned } };
  const result = evaluateAir(request.dish, next, fryer, fried);
  const { piecesPerBatch, batches, fits } = result.load;
  return { plan: next, piecesPerBatch, batches, fits, changes: differences(current, result) };
}
