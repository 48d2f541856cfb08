import type { Body } from './body.js';
import type { Work } from './conduct.js';
import type { End, Evaporation } from './end.js';
import { EDGE_FOOT } from './constants/index.js';
import type { Face } from './face.js';
import type { Flows } from './flows.js';
import { DEW_BELOW_C, findFronts, shareStep, writeEvaporation } from './front.js';
import type { Surroundings } from './media.js';
import { loseAt } from './seep.js';
import { boilingPointC, humidityRatio, latentHeat, massCoefficient, vapourDrive } from './water.js';

/**
 * Sets up one end of the chain for a step of `stepS` seconds: heat from the surroundings (hc, hr in W/m²K), and
 * evaporation from the drying front by the part `vent` of hc.
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
  stepS: number,
  end: End,
): void {
  const { outer } = face;
  const h = hc + hr;
  end.h = h;
  end.envC = h > 0 ? (hc * around.airC + hr * around.wallC) / h : around.airC;
  end.conductance = h > 0 ? body.faceM2 / (1 / h + body.dx[outer] / (2 * work.conductivity[outer])) : 0;
  end.wet = 0;
  if (inOil || vent <= 0) return;
  const { vapourPa } = around;
  const { air, fronts } = end;
  air.layer = 1 / massCoefficient(vent, humidityRatio(vapourPa));
  air.airDrive = vapourDrive(vapourPa);
  findFronts(body, work, face, end);
  const [{ cell, flux }] = fronts;
  if (flux < 0) {
    if (body.tempC[cell] >= DEW_BELOW_C) return;
    air.dewC = boilingPointC(vapourPa);
  }
  end.wet = shareStep(body, work, end, stepS);
  for (let k = 0; k < end.wet; k++) writeEvaporation(body, work, air, fronts[k]);
}

/**
 * Takes the water that the solved step evaporated out of the cells that did, and of those behind them. Heat for which there
 * was no water at all goes back into the cells, as far as they are cooler than what heats them; what is left after that
 * was never taken in.
 */
export function evaporate(body: Body, work: Work, face: Face, end: End, stepS: number, flows: Flows): void {
  for (let k = 0; k < end.wet; k++) evaporateFrom(body, work, face, end.fronts[k], end.envC, stepS, flows);
}

function evaporateFrom(
  body: Body,
  work: Work,
  face: Face,
  { cell, atC, takenW }: Evaporation,
  envC: number,
  stepS: number,
  flows: Flows,
): void {
  if (takenW === 0) return;
  const latent = latentHeat(atC);
  const missing = loseAt(body, work, face, cell, (stepS * takenW) / latent, stepS, latent, flows);
  if (missing > 0) flows.outJ += giveBack(body, work, face, envC, missing * latent);
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
