import type { Body } from './body.js';
import type { End, Work } from './conduct.js';
import { EDGE_FOOT, VAPOUR_DIFFUSIVITY_IN_PORES, WATER_HEAT } from './constants/index.js';
import type { Face } from './face.js';
import type { Flows } from './flows.js';
import type { Surroundings } from './media.js';
import { openShare } from './vapour.js';
import { activityAt, humidityRatio, latentHeat, massCoefficient, saturationAt, vapourDrive } from './water.js';

/** Behind a cell as wet as this no deeper one can give more: it is as moist, cooler and farther in. */
const WET_AW = 0.95;
/** Air in the hot coat's pores, kg/m³ at about 100 °C. */
const PORE_AIR_DENSITY = 0.95;
/** The slope is that of a fall by so much, K: just below boiling the curve is too steep for a tangent. */
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

/**
 * Finds the drying front of a face: the cell from which most vapour gets out through the pores of what has dried
 * outside it, with `vent` W/m²K of the air's coefficient to carry it off. Notes it and the resistance outside it, m² s per kg of dry air, beyond the boundary layer.
 */
export function findFront(body: Body, face: Face, vent: number, around: Surroundings): void {
  const { outer, inward } = face;
  face.front = outer;
  face.frontResistance = 0;
  if (vent <= 0) return;
  const airRatio = humidityRatio(around.vapourPa);
  const airDrive = vapourDrive(around.vapourPa);
  // A surface below the dew point of the air draws dew, and draws it outermost.
  const outermost = driveOf(activityAt(body.water[outer] / body.solids[outer]), body.tempC[outer]);
  if (body.tempC[outer] < DEW_BELOW_C && outermost < airDrive) return;
  const layer = 1 / massCoefficient(vent, airRatio);
  const pastCentre = (body.n >> 1) - (inward > 0 ? 0 : 1);
  let most = -Infinity;
  let dried = 0;
  for (let i = outer; i !== pastCentre; i += inward) {
    const activity = activityAt(body.water[i] / body.solids[i]);
    const across = body.dx[i] / (VAPOUR_DIFFUSIVITY_IN_PORES * PORE_AIR_DENSITY * openShare(body, i));
    // A cell that is half dry is dry in its outer half: vapour from it has that way to go as well.
    const dry = 1 - body.water[i] / body.capacity[i];
    const own = dry > 0 ? dried + dry * across : dried;
    const flux = (driveOf(activity, body.tempC[i]) - airDrive) / (layer + own);
    if (flux > most) {
      most = flux;
      face.front = i;
      face.frontResistance = own;
    }
    if (activity > WET_AW) break;
    dried += across;
  }
}

/** Sets up one end of the chain for a step: heat from the surroundings (hc, hr in W/m²K), and evaporation from the drying front by the part `vent` of hc. */
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
  const { outer, front } = face;
  const h = hc + hr;
  end.h = h;
  end.envC = h > 0 ? (hc * around.airC + hr * around.wallC) / h : around.airC;
  end.conductance = h > 0 ? body.faceM2 / (1 / h + body.dx[outer] / (2 * work.conductivity[outer])) : 0;
  end.wetCell = front;
  end.evaporationW = 0;
  end.evaporationSlope = 0;
  if (inOil || vent <= 0) return;
  const airRatio = humidityRatio(around.vapourPa);
  const airDrive = vapourDrive(around.vapourPa);
  const resistance = 1 / massCoefficient(vent, airRatio) + face.frontResistance;
  const t = body.tempC[front];
  const activity = activityAt(body.water[front] / body.solids[front]);
  const latent = latentHeat(t);
  const perDrive = (latent * body.faceM2) / resistance;
  const drive = driveOf(activity, t);
  if (drive < airDrive && t >= DEW_BELOW_C) return;
  end.wetC = t;
  end.evaporationW = perDrive * (drive - airDrive);
  end.evaporationSlope = Math.max(0, (perDrive * (drive - driveOf(activity, t - SLOPE_K))) / SLOPE_K);
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
  const evaporatedJ = stepS * (end.evaporationW + end.evaporationSlope * (tempC[front] - end.wetC));
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
