import { FAT_DENSITY, type Body } from './body.js';
import type { End, Work } from './conduct.js';
import { LEAST_OPEN_SHARE, VAPOUR_DIFFUSIVITY_IN_PORES, WATER_HEAT } from './constants.js';
import type { Face } from './face.js';
import type { Surroundings } from './media.js';
import { activityAt, humidityRatio, latentHeat, massCoefficient, saturationAt } from './water.js';

/** What crossed the piece's skin since the cook began: heat in, heat out with vapour and drips, J; water out, kg. */
export interface Flows {
  inJ: number;
  outJ: number;
  outKg: number;
}

/** Behind a cell as wet as this no deeper one can give more: it is as moist, cooler and farther in. */
const WET_AW = 0.95;
/** Air in the hot coat's pores, kg/m³ at about 100 °C. */
const PORE_AIR_DENSITY = 0.95;
const SLOPE_K = 0.5;
/** The part of a cell's water that one step may take, so that it never falls below nothing. */
const MOST_PER_STEP = 0.5;
/** Vapour leaves by diffusion up to here; hotter cells boil, °C. */
const HOTTEST_DIFFUSION_C = 98;

/** Humidity ratio of the air over a cell of this water activity and temperature. */
const vapourRatio = (activity: number, tempC: number): number =>
  humidityRatio(activity * saturationAt(tempC < HOTTEST_DIFFUSION_C ? tempC : HOTTEST_DIFFUSION_C));

/** Open share of a cell, 0–1: what is neither solid, fat nor water. */
function openShare(body: Body, i: number): number {
  const filled = body.water[i] * 1e-3 + body.fat[i] / FAT_DENSITY + body.solidsVolume[i];
  return body.openness[i] * Math.max(LEAST_OPEN_SHARE, 1 - filled / body.volume[i]);
}

/**
 * Finds the drying front of a face: the cell from which most vapour gets out through the pores of what has dried
 * outside it. Notes it and the resistance outside it, m² s per kg of dry air, beyond the boundary layer.
 */
export function findFront(body: Body, face: Face, hc: number, around: Surroundings): void {
  const { outer, inward } = face;
  face.front = outer;
  face.frontResistance = 0;
  if (hc <= 0) return;
  const airRatio = humidityRatio(around.vapourPa);
  const layer = 1 / massCoefficient(hc, airRatio);
  const pastCentre = (body.n >> 1) - (inward > 0 ? 0 : 1);
  let most = -Infinity;
  let dried = 0;
  for (let i = outer; i !== pastCentre; i += inward) {
    const activity = activityAt(body.water[i] / body.solids[i]);
    const across = body.dx[i] / (VAPOUR_DIFFUSIVITY_IN_PORES * PORE_AIR_DENSITY * openShare(body, i));
    // A cell that is half dry is dry in its outer half: vapour from it has that way to go as well.
    const own = dried + 0.5 * (1 - activity) * across;
    const flux = (vapourRatio(activity, body.tempC[i]) - airRatio) / (layer + own);
    if (flux > most) {
      most = flux;
      face.front = i;
      face.frontResistance = own;
    }
    if (activity > WET_AW) break;
    dried += across;
  }
}

/** Sets up one end of the chain for a step: heat from the surroundings (hc, hr in W/m²K) and evaporation from the drying front. */
export function setEnd(
  body: Body,
  work: Work,
  face: Face,
  hc: number,
  hr: number,
  around: Surroundings,
  inOil: boolean,
  stepS: number,
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
  if (inOil || hc <= 0) return;
  const airRatio = humidityRatio(around.vapourPa);
  const resistance = 1 / massCoefficient(hc, airRatio) + face.frontResistance;
  const t = body.tempC[front];
  const activity = activityAt(body.water[front] / body.solids[front]);
  const latent = latentHeat(t);
  const perRatio = (latent * body.faceM2) / resistance;
  const ratio = vapourRatio(activity, t);
  const wanted = perRatio * (ratio - airRatio);
  // No more than the cell can give in this step; above boiling the boiling itself takes over.
  const most = (MOST_PER_STEP * body.water[front] * latent) / stepS;
  end.wetC = t;
  end.evaporationW = Math.min(wanted, most);
  end.evaporationSlope =
    wanted < most ? Math.max(0, (perRatio * (vapourRatio(activity, t + SLOPE_K) - ratio)) / SLOPE_K) : 0;
}

/** Takes the water that the solved step evaporated out of the drying front; gives back heat for which there was no water. */
export function evaporate(body: Body, work: Work, end: End, stepS: number, flows: Flows): void {
  const wet = end.wetCell;
  const evaporatedJ = stepS * (end.evaporationW + end.evaporationSlope * (body.tempC[wet] - end.wetC));
  if (evaporatedJ === 0) return;
  const latent = latentHeat(end.wetC);
  const kg = Math.min(body.water[wet] * MOST_PER_STEP, evaporatedJ / latent);
  const shortJ = evaporatedJ - kg * latent;
  const held = work.heat[wet] - kg * WATER_HEAT;
  flows.outKg += kg;
  flows.outJ += kg * (latent + WATER_HEAT * body.tempC[wet]);
  body.tempC[wet] += shortJ / held;
  work.heat[wet] = held;
  body.water[wet] -= kg;
}

/** Notes the temperature of the very surface and of the edges that stand out of it, °C. */
export function readSurface(body: Body, work: Work, face: Face, end: End, edgeFoot: number): void {
  const { outer } = face;
  const inside = (2 * work.conductivity[outer]) / body.dx[outer];
  face.surfaceC = (end.h * end.envC + inside * body.tempC[outer]) / (end.h + inside);
  face.edgeC = (end.h * end.envC + edgeFoot * face.surfaceC) / (end.h + edgeFoot);
}
