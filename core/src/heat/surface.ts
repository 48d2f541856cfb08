import type { Body } from './body.js';
import type { End, Work } from './conduct.js';
import { EDGE_FOOT, WATER_HEAT } from './constants/index.js';
import type { Face } from './face.js';
import type { Flows } from './flows.js';
import type { Surroundings } from './media.js';
import { tabulated } from './table.js';
import {
  activityAt,
  humidityRatio,
  latentHeat,
  massCoefficient,
  moistureAt,
  saturationAt,
  saturationPa,
  vapourDrive,
  waterActivity,
} from './water.js';

/** Behind a cell as wet as this (95 % water activity) no deeper one can give more: it is as moist, cooler and farther in. */
const WET_X = moistureAt(0.95);
/** The slope is that of a fall by so much below what drives most, K: just below boiling the curve is too steep for a tangent. */
const SLOPE_K = 4;
/** A hot surface that is drier than the air draws no dew: it is only dry. */
const DEW_BELOW_C = 60;
/** The part of a cell's water that one step may take, so that it never falls below nothing. */
const MOST_PER_STEP = 0.8;
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
interface Carrier {
  layer: number;
  airDrive: number;
}
const carrier: Carrier = { layer: 1, airDrive: 0 };

/**
 * Finds the drying front of a face: the cell from which most vapour gets out through the pores of what has dried
 * outside it. Notes it. Returns what gets out, kg/(m² s); less than nothing where dew falls.
 */
function findFront(body: Body, { poreResistance }: Work, face: Face, { layer, airDrive }: Carrier): number {
  const { outer, inward } = face;
  const { water, solids, capacity, tempC } = body;
  const pastCentre = (body.n >> 1) - (inward > 0 ? 0 : 1);
  let most = -Infinity;
  let dried = layer;
  for (let i = outer; i !== pastCentre; i += inward) {
    const x = water[i] / solids[i];
    const hot = tempC[i] >= HOTTEST_DIFFUSION_C;
    const drive = hot ? hotDriveOf(x) : vapourDrive(activityAt(x) * saturationAt(tempC[i]));
    const across = poreResistance[i];
    // A cell that is half dry is dry in its outer half: vapour from it has that way to go as well.
    const dry = 1 - water[i] / capacity[i];
    const own = dry > 0 ? dried + dry * across : dried;
    const flux = (drive - airDrive) / own;
    if (flux > most) {
      most = flux;
      face.front = i;
      face.frontResistance = own;
    }
    // A surface below the dew point of the air draws dew, and draws it outermost.
    if (x > WET_X || (i === outer && flux < 0 && tempC[i] < DEW_BELOW_C)) break;
    dried += across;
  }
  face.frontActivity = activityAt(water[face.front] / solids[face.front]);
  return most;
}

/**
 * Sets up one end of the chain for a step: heat from the surroundings (hc, hr in W/m²K), and evaporation from the
 * drying front by the part `vent` of hc.
 */
export function setEnd(
  body: Body,
  work: Work,
  face: Face,
  vent: number,
  hc: number,
  hr: number,
  around: Surroundings,
  inOil: boolean,
  end: End,
): void {
  const { outer } = face;
  const h = hc + hr;
  end.h = h;
  end.envC = h > 0 ? (hc * around.airC + hr * around.wallC) / h : around.airC;
  end.conductance = h > 0 ? body.faceM2 / (1 / h + body.dx[outer] / (2 * work.conductivity[outer])) : 0;
  end.wetCell = face.front = outer;
  end.evaporationW = 0;
  end.evaporationSlope = 0;
  if (inOil || vent <= 0) return;
  const { vapourPa } = around;
  carrier.layer = 1 / massCoefficient(vent, humidityRatio(vapourPa));
  carrier.airDrive = vapourDrive(vapourPa);
  const flux = findFront(body, work, face, carrier);
  const t = body.tempC[face.front];
  if (flux < 0 && t >= DEW_BELOW_C) return;
  const latent = latentHeat(t) * body.faceM2;
  const belowC = (t < HOTTEST_DIFFUSION_C ? t : HOTTEST_DIFFUSION_C) - SLOPE_K;
  const fall = flux - (driveOf(face.frontActivity, belowC) - carrier.airDrive) / face.frontResistance;
  end.wetCell = face.front;
  end.wetC = t;
  end.evaporationW = latent * flux;
  end.evaporationSlope = fall > 0 ? (latent * fall) / (t - belowC) : 0;
}

/**
 * Takes the water that the solved step evaporated out of the drying front, and out of the cells behind it when the front
 * runs dry within the step. Heat for which there was no water at all goes back into the cells, as far as they are cooler
 * than what heats them; what is left after that was never taken in.
 */
export function evaporate(body: Body, work: Work, face: Face, end: End, stepS: number, flows: Flows): void {
  const { water, ice, tempC } = body;
  const { heat } = work;
  const front = end.wetCell;
  const evaporatedJ = stepS * end.evaporatedW;
  if (evaporatedJ === 0) return;
  const latent = latentHeat(end.wetC);
  let wantedKg = evaporatedJ / latent;
  for (let i = front; i >= face.from && i < face.to; i += face.inward) {
    const kg = Math.min(wantedKg, (water[i] - ice[i]) * MOST_PER_STEP);
    flows.outKg += kg;
    flows.outJ += kg * (latent + WATER_HEAT * tempC[i]);
    heat[i] -= kg * WATER_HEAT;
    water[i] -= kg;
    wantedKg -= kg;
    if (wantedKg <= 0) return;
  }
  flows.outJ += giveBack(body, work, face, end.envC, wantedKg * latent);
}

/** Warms the cells of a half-body by `heatJ`, from the front inward, none above the hottest there is. Returns what is left, J. */
function giveBack({ tempC }: Body, { heat }: Work, face: Face, envC: number, heatJ: number): number {
  let hottestC = envC;
  for (let i = face.from; i < face.to; i++) hottestC = Math.max(hottestC, tempC[i]);
  let left = heatJ;
  for (let i = face.outer; i >= face.from && i < face.to && left > 0; i += face.inward) {
    const given = Math.min(left, heat[i] * (hottestC - tempC[i]));
    tempC[i] += given / heat[i];
    left -= given;
  }
  return left;
}

/** Notes the temperature of the very surface and of the edges that stand out of it, °C. */
export function readSurface(body: Body, work: Work, face: Face, end: End): void {
  const { outer } = face;
  const inside = (2 * work.conductivity[outer]) / body.dx[outer];
  face.surfaceC = (end.h * end.envC + inside * body.tempC[outer]) / (end.h + inside);
  face.edgeC = (end.h * end.envC + EDGE_FOOT * face.surfaceC) / (end.h + EDGE_FOOT);
}
