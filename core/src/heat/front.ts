import type { Body } from './body.js';
import type { Evaporation, Work } from './conduct.js';
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

/** What carries vapour off a face: the way through the boundary layer, m² s per kg of dry air, and what the air's own vapour holds against it. */
export interface Carrier {
  layer: number;
  airDrive: number;
}

/** A cell that evaporates: what gets out of it, kg/(m² s), and what resists that on the way into the air, m² s/kg. */
interface Source {
  cell: number;
  flux: number;
  resistance: number;
}

/** The two cells from which most gets out; the part of a step in which the first of them does, 0–1, and its mean flux in it. */
interface Fronts {
  /** What of its resistance lies outside the cell, too. */
  first: Source & { outside: number };
  next: Source;
  share: number;
  meanFlux: number;
}
/** Written anew for every face in every step. */
export const fronts: Fronts = {
  first: { cell: 0, flux: 0, resistance: 1, outside: 0 },
  next: { cell: 0, flux: 0, resistance: 1 },
  share: 1,
  meanFlux: 0,
};

/** Drive of the vapour of a cell that holds `x` kg of water per kg of solids. */
const driveAt = (x: number, tempC: number): number =>
  tempC >= HOTTEST_DIFFUSION_C ? hotDriveOf(x) : vapourDrive(activityAt(x) * saturationAt(tempC));

/**
 * Finds the drying front of a face: the cell from which most vapour gets out through the pores of what has dried
 * outside it, and the one that comes next to it. Their flux is less than nothing where dew falls.
 */
export function findFronts(body: Body, { poreResistance }: Work, face: Face, { layer, airDrive }: Carrier): void {
  const { outer, inward } = face;
  const { water, solids, capacity, tempC } = body;
  const { first, next } = fronts;
  const pastCentre = (body.n >> 1) - (inward > 0 ? 0 : 1);
  let most = -Infinity;
  let second = -Infinity;
  let dried = layer;
  for (let i = outer; i !== pastCentre; i += inward) {
    const x = water[i] / solids[i];
    const across = poreResistance[i];
    // A cell that is half dry is dry in its outer half: vapour from it has that way to go as well.
    const dry = 1 - water[i] / capacity[i];
    const own = dry > 0 ? dried + dry * across : dried;
    const flux = (driveAt(x, tempC[i]) - airDrive) / own;
    if (flux > most) {
      next.cell = first.cell;
      next.resistance = first.resistance;
      first.cell = i;
      first.resistance = own;
      first.outside = dried;
      second = most;
      most = flux;
    } else if (flux > second) {
      next.cell = i;
      next.resistance = own;
      second = flux;
    }
    // A surface below the dew point of the air draws dew, and draws it outermost.
    if (x > WET_X || (i === outer && flux < 0 && tempC[i] < DEW_BELOW_C)) break;
    dried += across;
  }
  first.flux = most;
  next.flux = second;
}

/**
 * Lets the front dry through a step of `stepS` seconds: it gives less and less, and where it would give less than the
 * next cell, that takes over for what is left of the step. Without it every step overdraws the front that it found: what
 * lies outside it ended up too dry, and up to a kelvin too hot.
 */
export function shareStep(
  { water, solids, capacity, tempC, faceM2 }: Body,
  { poreResistance }: Work,
  { airDrive }: Carrier,
  stepS: number,
): void {
  const { first, next } = fronts;
  const { cell, flux, outside } = first;
  fronts.share = 1;
  fronts.meanFlux = flux;
  // What a wet depth gives comes up from behind it as fast: it stays as it is.
  if (flux <= 0 || water[cell] > WET_X * solids[cell]) return;
  const left = Math.max((1 - MOST_PER_STEP) * water[cell], water[cell] - flux * faceM2 * stepS);
  const dry = 1 - left / capacity[cell];
  const resistance = dry > 0 ? outside + dry * poreResistance[cell] : outside;
  const last = Math.max(0, (driveAt(left / solids[cell], tempC[cell]) - airDrive) / resistance);
  if (last < next.flux) fronts.share = (flux - next.flux) / (flux - last);
  fronts.meanFlux = (flux + Math.max(last, next.flux)) / 2;
}

/** Writes what a cell evaporates by `meanFlux` in the part `share` of a step, and how that falls as it cools. */
export function writeEvaporation(
  { water, solids, tempC, faceM2 }: Body,
  { airDrive }: Carrier,
  { cell, flux, resistance }: Source,
  meanFlux: number,
  share: number,
  to: Evaporation,
): void {
  const t = tempC[cell];
  const latent = share * latentHeat(t) * faceM2;
  const belowC = (t < HOTTEST_DIFFUSION_C ? t : HOTTEST_DIFFUSION_C) - SLOPE_K;
  const x = water[cell] / solids[cell];
  const fall = flux - (driveOf(activityAt(x), belowC) - airDrive) / resistance;
  to.cell = cell;
  to.atC = t;
  to.atW = latent * meanFlux;
  to.slope = fall > 0 ? (latent * fall) / (t - belowC) : 0;
}
