import type { Body } from './body.js';
import type { Work } from './conduct.js';
import { FRONTS, type Carrier, type End, type Evaporation } from './end.js';
import type { Face } from './face.js';
import { tabulated } from './table.js';
import { activityAt, latentHeat, moistureAt, saturationAt, saturationPa, vapourDrive, waterActivity } from './water.js';

/** The drying front: where vapour leaves a face through the pores of what has dried outside it. */

/** Behind a cell as wet as this (95 % water activity) no deeper one can give more: it is as moist, cooler and farther in. */
const WET_X = moistureAt(0.95);
/** The slope is that of a fall by so much below what drives most, K: just below boiling the curve is too steep for a tangent. */
const SLOPE_K = 4;
/** A hot surface that is drier than the air draws no dew: it is only dry. */
export const DEW_BELOW_C = 60;
/** The part of a cell's water that one step may take, so that it never falls below nothing. */
export const MOST_PER_STEP = 0.8;
/** Vapour leaves by diffusion up to here; hotter cells boil, °C. */
const HOTTEST_DIFFUSION_C = 98;

/** What drives vapour out of a cell of this water activity and temperature, as `vapourDrive`. */
const driveOf = (activity: number, tempC: number): number =>
  vapourDrive(activity * saturationAt(tempC < HOTTEST_DIFFUSION_C ? tempC : HOTTEST_DIFFUSION_C));

/** Moistures of the table below, kg per kg solids. */
const HOT_X = { most: 0.6, step: 0.001 } as const;
/** The same of a cell that is hotter than vapour leaves by diffusion, by what it holds, kg per kg solids. */
const hotDriveOf = tabulated(
  (x) => vapourDrive(waterActivity(x) * saturationPa(HOTTEST_DIFFUSION_C)),
  0,
  HOT_X.most,
  HOT_X.step,
);

/** Drive of the vapour of a cell that holds `x` kg of water per kg of solids. */
const driveAt = (x: number, tempC: number): number =>
  tempC >= HOTTEST_DIFFUSION_C ? hotDriveOf(x) : vapourDrive(activityAt(x) * saturationAt(tempC));

/** What resists vapour of a cell on its way into the air while the cell holds so much water, m² s/kg. */
function resistanceOf({ capacity }: Body, { poreResistance, outside }: Work, cell: number, waterKg: number): number {
  // A cell that is half dry is dry in its outer half: vapour from it has that way to go as well.
  const dry = 1 - waterKg / capacity[cell];
  return dry > 0 ? outside[cell] + dry * poreResistance[cell] : outside[cell];
}

/**
 * Finds the drying front of a face: the cell from which most vapour gets out through the pores of what has dried
 * outside it, and those that come next to it. Their flux is less than nothing where dew falls.
 */
export function findFronts(body: Body, work: Work, face: Face, { air, fronts }: End): void {
  const { layer, airDrive } = air;
  const { outer, inward } = face;
  const { water, solids, tempC } = body;
  const { poreResistance, outside } = work;
  const pastCentre = (body.n >> 1) - (inward > 0 ? 0 : 1);
  for (const front of fronts) front.flux = -Infinity;
  let dried = layer;
  for (let i = outer; i !== pastCentre; i += inward) {
    outside[i] = dried;
    const x = water[i] / solids[i];
    const flux = (driveAt(x, tempC[i]) - airDrive) / resistanceOf(body, work, i, water[i]);
    rank(fronts, i, flux);
    // A surface below the dew point of the air draws dew, and draws it outermost.
    if (x > WET_X || (i === outer && flux < 0 && tempC[i] < DEW_BELOW_C)) break;
    dried += poreResistance[i];
  }
}

/** Puts a cell in its place among those from which most gets out, if it is one of them. */
function rank(fronts: readonly Evaporation[], cell: number, flux: number): void {
  let place = FRONTS;
  for (; place > 0 && flux > fronts[place - 1].flux; place--)
    if (place < FRONTS) stand(fronts[place], fronts[place - 1].cell, fronts[place - 1].flux);
  if (place < FRONTS) stand(fronts[place], cell, flux);
}

function stand(at: Evaporation, cell: number, flux: number): void {
  at.cell = cell;
  at.flux = flux;
}

/**
 * By how much less a cell would give after `stepS` seconds in which it dries alone, kg/(m² s). What a wet one gives comes
 * up from behind it as fast: it gives on as it did.
 */
function fallOf(body: Body, work: Work, { airDrive }: Carrier, { cell, flux }: Evaporation, stepS: number): number {
  const { water, solids, tempC, faceM2 } = body;
  if (water[cell] > WET_X * solids[cell]) return 0;
  const left = Math.max((1 - MOST_PER_STEP) * water[cell], water[cell] - flux * faceM2 * stepS);
  const drive = driveAt(left / solids[cell], tempC[cell]) - airDrive;
  return flux - Math.max(0, drive / resistanceOf(body, work, cell, left));
}

/**
 * Lets the front dry through a step of `stepS` seconds: it gives less and less, and once it gives no more than the next
 * cell, both go on so that they fall alike; likewise with a third. Without it every step overdraws the front that it
 * found: what lies outside it ended up too dry, and up to a kelvin too hot.
 * @returns how many of `fronts` evaporate
 */
export function shareStep(body: Body, work: Work, { air, fronts }: End, stepS: number): number {
  let count = 0;
  // What all of them have come to at the end of the step: each has had the time in which it falls to that, and these add up to the step.
  let level = 0;
  let inverse = 0;
  let above = 0;
  do {
    const { flux } = fronts[count];
    const fall = flux > 0 ? fallOf(body, work, air, fronts[count], stepS) : 0;
    fronts[count++].fall = fall;
    level = flux;
    if (fall <= 0) break;
    inverse += 1 / fall;
    above += flux / fall;
    level = (above - 1) / inverse;
  } while (count < FRONTS && level < fronts[count].flux);
  let left = 1;
  for (let k = 0; k < count; k++) {
    const front = fronts[k];
    front.share = k === count - 1 ? left : (front.flux - level) / front.fall;
    front.given = (front.share * (front.flux + level)) / 2;
    left -= front.share;
  }
  return count;
}

/**
 * Writes what a cell evaporates in a step, and how that falls as it cools. Dew falls less as it warms the cell, and ends at
 * the dew point: by the tangent, which is flat where it is cold, a thin coat would be heated far beyond that.
 */
export function writeEvaporation(body: Body, work: Work, { airDrive, dewC }: Carrier, front: Evaporation): void {
  const { water, solids, tempC, faceM2 } = body;
  const { cell, flux, share, given } = front;
  const t = tempC[cell];
  const latent = latentHeat(t) * faceM2;
  front.atC = t;
  front.atW = latent * given;
  if (flux < 0 && dewC - t > SLOPE_K) {
    front.slope = (-latent * flux) / (dewC - t);
    return;
  }
  const belowC = (t < HOTTEST_DIFFUSION_C ? t : HOTTEST_DIFFUSION_C) - SLOPE_K;
  const drive = driveOf(activityAt(water[cell] / solids[cell]), belowC) - airDrive;
  const fall = flux - drive / resistanceOf(body, work, cell, water[cell]);
  front.slope = fall > 0 ? (share * latent * fall) / (t - belowC) : 0;
}
