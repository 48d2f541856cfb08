import { FAT_DENSITY, type Body } from './body.js';
import type { Work } from './conduct.js';
import {
  AIR_DENSITY,
  LEAST_OPEN_SHARE,
  VAPOUR_DIFFUSIVITY_IN_PORES,
  WATER_HEAT,
  WATER_M3_PER_KG,
  ZERO_C,
} from './constants/index.js';
import { exposureOf, type Cooking } from './cooking.js';
import type { Flows } from './flows.js';
import { solveChain } from './tridiagonal.js';
import type { VapourWork } from './vapourWork.js';
import { activityAt, humidityRatio, latentHeat, massCoefficient, saturationAt } from './water.js';

/** Gas constant of water vapour, J/(kg K). Handbook. */
const VAPOUR_GAS = 461.5;
const SLOPE_X = 0.01;
const VAPOUR_SLOPE_K = 0.5;
/** The part of a cell's water that may leave it in one step. */
const MOST_VAPOUR_PER_STEP = 0.4;

const vapourDensity = (activity: number, tempC: number): number =>
  (activity * saturationAt(tempC)) / (VAPOUR_GAS * (tempC + ZERO_C));

/** Open share of a cell, 0–1: what is neither solid, fat nor water. */
export function openShare(body: Body, i: number): number {
  const filled = body.water[i] * WATER_M3_PER_KG + body.fat[i] / FAT_DENSITY + body.solidsVolume[i];
  return body.openness[i] * Math.max(LEAST_OPEN_SHARE, 1 - filled / body.volume[i]);
}

/**
 * How readily each cell takes vapour up. Two things hold it back: water has to creep into the grain (its sorption time),
 * and what condenses warms the cell, which raises the vapour over it.
 */
function readCells(
  { from, to, tempC, water, solids, sorptionS }: Body,
  work: Work,
  v: VapourWork,
  stepS: number,
): void {
  for (let i = from; i < to; i++) {
    const x = water[i] / solids[i];
    const t = tempC[i];
    const activity = activityAt(x);
    const over = vapourDensity(activity, t);
    const wetter = (vapourDensity(activityAt(x + SLOPE_X), t) - over) / (SLOPE_X * solids[i]);
    // Where the table of pressures ends it has no slope, and what condenses warms the cell all the same.
    const perK = Math.max(0, (vapourDensity(activity, t + VAPOUR_SLOPE_K) - over) / VAPOUR_SLOPE_K);
    const warmer = perK * (latentHeat(t) / work.heat[i]);
    v.over[i] = over;
    v.uptake[i] = stepS / (wetter * sorptionS[i] + stepS * (wetter + warmer));
  }
}

/** Conductance of the air outside a face for vapour, m³/s. */
const outside = (body: Body, hc: number, airRatio: number): number =>
  hc > 0 ? (body.faceM2 * massCoefficient(hc, airRatio)) / AIR_DENSITY : 0;

/**
 * Off the heat, vapour creeps from the hot, moist inside through the pores of the crust: some condenses there and
 * softens it, the rest leaves. Pores store nothing, so that one implicit solve over their vapour gives what every cell
 * takes up, with its latent heat, and what goes out.
 */
export function moveVapour(cook: Cooking, stepS: number): void {
  const { body, work, around, flows, vapour: v } = cook;
  const { from, to, dx, faceArea } = body;
  const { over, pores, uptake, conductance, sweep, diagonal, known } = v;
  readCells(body, work, v, stepS);
  for (let i = from; i < to - 1; i++) {
    const way = dx[i] / openShare(body, i) + dx[i + 1] / openShare(body, i + 1);
    conductance[i] = (2 * faceArea[i] * VAPOUR_DIFFUSIVITY_IN_PORES * stepS) / way;
  }
  for (let i = from; i < to; i++) {
    diagonal[i] = uptake[i];
    known[i] = uptake[i] * over[i];
  }
  const airRatio = humidityRatio(around.vapourPa);
  for (const { face } of cook.sides) {
    const { hc, vent } = exposureOf(cook, face);
    const out = outside(body, hc * vent, airRatio) * stepS;
    diagonal[face.outer] += out;
    known[face.outer] += out * airRatio * AIR_DENSITY;
  }
  solveChain(from, to, conductance, diagonal, known, sweep, pores);
  for (let i = from; i < to; i++) condense(body, work, i, uptake[i] * (pores[i] - over[i]), flows);
}

/** Lets `kg` of vapour condense in cell `i` (evaporate when negative). What all cells lose on balance has left. */
function condense({ water, ice, tempC }: Body, { heat }: Work, i: number, kg: number, flows: Flows): void {
  const taken = Math.max(kg, -MOST_VAPOUR_PER_STEP * (water[i] - ice[i]));
  const latent = latentHeat(tempC[i]);
  flows.outKg -= taken;
  flows.outJ -= taken * (latent + WATER_HEAT * tempC[i]);
  heat[i] += taken * WATER_HEAT;
  tempC[i] += (taken * latent) / heat[i];
  water[i] += taken;
}
