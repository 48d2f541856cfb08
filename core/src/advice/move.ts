import { turningHelps, type Load } from '../basket/index.js';
import { fingerprint, preheatsByHabit, type AirPlan, type Fryer } from '../dish/index.js';
import { FRYERS } from '../heat/index.js';
import {
  evaluateAir,
  SWAP_EVERY_MIN,
  TURN_AT_SHARE,
  type AirResult,
  type Asked,
  type FriedResult,
} from '../plan/index.js';
import { retimedAt } from '../search/index.js';
import { kelvins, text, type Text } from '../units/index.js';
import { differences, type Difference } from './compare.js';
import { COOLER_C, TOLD } from './constants.js';

/** A plan as it would be cooked in another fryer, and what that changes. */
export interface Move {
  plan: AirPlan;
  piecesPerBatch: number;
  batches: number;
  fits: boolean;
  /** The result there. */
  result: AirResult;
  changes: Difference[];
  /** Why it comes out otherwise there, in sentences. */
  why: Text[];
}

export const settable = (tempC: number, { minTempC, maxTempC, stepC }: Fryer): number =>
  Math.min(maxTempC, Math.max(minTempC, Math.round(tempC / stepC) * stepC));

/** Whether what a hand has laid in one fryer lies in the other as well. */
const sameGround = (a: Fryer, b: Fryer): boolean =>
  a.racks === b.racks && fingerprint(a.basket) === fingerprint(b.basket);

/** The plan with what the other fryer asks for: a temperature that it has, its habit of preheating, its racks and spots. */
function adaptedTo(fryer: Fryer, plan: AirPlan, from: Fryer): AirPlan {
  const { settings } = plan;
  const sameRacks = fryer.racks > 1 === from.racks > 1;
  const sameSpots = turningHelps(fryer.hotSpots) === turningHelps(from.hotSpots);
  return {
    ...plan,
    laying: sameGround(fryer, from) ? plan.laying : undefined,
    settings: {
      ...settings,
      tempC: settable(settings.tempC, fryer),
      preheated: preheatsByHabit(fryer) ?? settings.preheated,
      basketTurned: sameSpots ? settings.basketTurned : turningHelps(fryer.hotSpots) || undefined,
      swapEveryMin: sameRacks ? settings.swapEveryMin : fryer.racks > 1 ? SWAP_EVERY_MIN : null,
    },
  };
}

/** How the cook comes out, without what only the number of batches changes. */
const worthTelling = (changes: readonly Difference[]): Difference[] => changes.filter((d) => d.about !== 'batches');

/** The minutes, and a temperature nearby, searched anew; turned as far into them as before. */
function searchedAnew(request: Asked, fried: FriedResult, plan: AirPlan): AirPlan {
  const { fryer } = request;
  const near = COOLER_C.map((c) => settable(plan.settings.tempC + c, fryer));
  const timed = retimedAt(request, fried, plan, [...new Set(near)]);
  const { turnAtMin, minutes } = timed.settings;
  const turned = turnAtMin === null ? null : Math.max(2, Math.round(minutes * TURN_AT_SHARE));
  return { ...timed, settings: { ...timed.settings, turnAtMin: turned } };
}

/**
 * The plan on the bench moved to another fryer: as it is where it comes out the same there; else at its temperature or one
 * near it that can be set, its minutes searched anew, the pieces laid anew, racks swapped where a batch takes several.
 * @param current the plan as it is, evaluated in its own fryer
 */
export function movedTo(request: Asked, fryer: Fryer, fried: FriedResult, current: AirResult): Move {
  const there = { ...request, fryer, limits: { ...request.limits, maxTempC: fryer.maxTempC } };
  const asItIs = adaptedTo(fryer, current.plan, request.fryer);
  let result = evaluateAir(there, asItIs, fried);
  if (worthTelling(differences(current, result)).length > 0) {
    result = evaluateAir(there, searchedAnew(there, fried, asItIs), fried);
  }
  const { piecesPerBatch, batches, fits } = result.load;
  return {
    plan: result.plan,
    piecesPerBatch,
    batches,
    fits,
    result,
    changes: differences(current, result),
    why: whyOtherwise(request.fryer, fryer, current.load, result.load),
  };
}

/** What is different about another fryer that changes a plan: its air, its thermostat, its room, its racks, its hot spots. */
export function whyOtherwise(from: Fryer, to: Fryer, before: Load, after: Load): Text[] {
  const air = (f: Fryer): number => FRYERS[f.kind].hc * f.airFactor;
  const ratio = air(to) / air(from);
  const hotter = to.offsetC - from.offsetC;
  const said: Text[] = [];
  if (ratio < 1 / TOLD.air) {
    said.push(
      text`Its air takes about ${Math.round(ratio * 100)} % of the heat to the food that ${from.name}’s does: the coat sets and browns later.`,
    );
  } else if (ratio > TOLD.air) {
    said.push(
      text`Its air takes about ${ratio.toFixed(1)} times the heat to the food that ${from.name}’s does: the coat sets and browns sooner.`,
    );
  }
  if (Math.abs(hotter) >= TOLD.offsetC) {
    said.push(text`At the same setting it is ${kelvins(Math.abs(hotter))} ${hotter > 0 ? 'hotter' : 'cooler'} inside.`);
  }
  if (after.racksUsed > 1 && before.racksUsed === 1) {
    said.push(text`Upper and lower rack change places: the upper one sees the heater, and shades the lower.`);
  }
  if (after.piecesPerBatch !== before.piecesPerBatch) {
    said.push(text`${after.piecesPerBatch} lie side by side there, ${before.piecesPerBatch} in ${from.name}.`);
  }
  if (turningHelps(to.hotSpots)) {
    said.push(text`It browns unevenly, by its bread test: the basket is turned round.`);
  }
  return said;
}
