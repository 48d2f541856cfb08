import { turningHelps, type Load } from '../basket/index.js';
import type { AirPlan, Fryer } from '../dish/index.js';
import { FRYERS } from '../heat/index.js';
import { differences, type Difference } from './compare.js';
import { SWAP_EVERY_MIN } from './constants.js';
import { evaluateAir } from './evaluate.js';
import { retimedAt } from './search.js';
import type { AirResult, ConvertRequest, FriedResult } from './types.js';

/** A plan as it would be cooked in another fryer, and what that changes. */
export interface Move {
  plan: AirPlan;
  piecesPerBatch: number;
  batches: number;
  fits: boolean;
  changes: Difference[];
  /** Why it comes out otherwise there, in sentences. */
  why: string[];
}

const settable = (tempC: number, { minTempC, maxTempC, stepC }: Fryer): number =>
  Math.min(maxTempC, Math.max(minTempC, Math.round(tempC / stepC) * stepC));

/** Temperatures that are tried there beside the same one, °C: another fryer may be fiercer, or gentler. */
const COOLER_C = [0, -10, -20, -30, 10] as const;

/**
 * The plan on the bench moved to another fryer: at its temperature or one near it that it can be set to, its minutes searched
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
      preheated: fryer.preheats ?? settings.preheated,
      basketTurned: turningHelps(fryer.hotSpots) || undefined,
      swapEveryMin: fryer.racks > 1 ? (settings.swapEveryMin ?? SWAP_EVERY_MIN) : null,
    },
  };
  const there = { ...request, fryer, limits: { ...request.limits, maxTempC: fryer.maxTempC } };
  const near = COOLER_C.map((c) => settable(settings.tempC + c, fryer));
  const timed = retimedAt(there, fried, moved, [...new Set(near)]);
  const { turnAtMin, minutes } = timed.settings;
  const turned = turnAtMin === null ? null : Math.max(2, Math.round(minutes * 0.55));
  const next: AirPlan = { ...timed, settings: { ...timed.settings, turnAtMin: turned } };
  const result = evaluateAir(request.dish, next, fryer, fried);
  const { piecesPerBatch, batches, fits } = result.load;
  const why = whyOtherwise(request.fryer, fryer, current.load, result.load);
  return { plan: next, piecesPerBatch, batches, fits, changes: differences(current, result), why };
}

/** Air that differs by less is not told, as a ratio of coefficients; a thermostat by less, °C. */
const TOLD = { air: 1.15, offsetC: 4 } as const;

/** What is different about another fryer that changes a plan: its air, its thermostat, its room, its racks, its hot spots. */
export function whyOtherwise(from: Fryer, to: Fryer, before: Load, after: Load): string[] {
  const air = (f: Fryer): number => FRYERS[f.kind].hc * f.airFactor;
  const ratio = air(to) / air(from);
  const hotter = to.offsetC - from.offsetC;
  const said: string[] = [];
  if (ratio < 1 / TOLD.air) {
    said.push(
      `Its air takes about ${Math.round(ratio * 100)} % of the heat to the food that ${from.name}’s does: the coat sets and browns later.`,
    );
  } else if (ratio > TOLD.air) {
    said.push(
      `Its air takes about ${ratio.toFixed(1)} times the heat to the food that ${from.name}’s does: the coat sets and browns sooner.`,
    );
  }
  if (Math.abs(hotter) >= TOLD.offsetC) {
    said.push(`At the same setting it is ${Math.abs(hotter)} °C ${hotter > 0 ? 'hotter' : 'cooler'} inside.`);
  }
  if (after.racksUsed > 1 && before.racksUsed === 1) {
    said.push('Upper and lower rack change places: the upper one sees the heater, and shades the lower.');
  }
  if (after.piecesPerBatch !== before.piecesPerBatch) {
    said.push(`${after.piecesPerBatch} lie side by side there, ${before.piecesPerBatch} in ${from.name}.`);
  }
  if (turningHelps(to.hotSpots)) said.push('It browns unevenly, by its bread test: the basket is turned round.');
  return said;
}
