import type { CoatLayer } from '../coat/index.js';
import { GRAVITY } from '../units/index.js';
import type { Body } from './body.js';
import {
  FUSION_HEAT,
  LAST_FILM_M,
  OIL_DENSITY_HOT,
  VISCOSITY_FALL_PER_K,
  YIELD_FALL_PER_K,
  ALL_SET,
} from './constants/index.js';
import type { Face } from './face.js';
import type { Flows } from './flows.js';

/** Share of the film's lower edge that its mean is: ∫√ over the face (Jeffreys' film). */
const MEAN_OF_FILM = 2 / 3;

/** A wet layer that nothing holds: what it needs to drain. */
export interface Running {
  layer: number;
  densityKgM3: number;
  viscosityPaS: number;
  yieldPa: number;
  lengthM: number;
}

/**
 * Mean film after `stepS` more seconds of draining, m: Jeffreys' film, 1/δ² growing by ρg·t/(μL), no thinner than the
 * yield film of this temperature, and only in the share that has not set.
 */
export function drainedTo(
  filmM: number,
  running: Running,
  tempC: number,
  set: number,
  inOil: boolean,
  stepS: number,
): number {
  if (set >= ALL_SET || filmM <= LAST_FILM_M) return filmM;
  const warmer = Math.max(0, tempC - 20);
  const viscosity = running.viscosityPaS * Math.exp(-VISCOSITY_FALL_PER_K * warmer);
  const yieldPa = running.yieldPa * Math.exp(-YIELD_FALL_PER_K * warmer);
  const weight = (running.densityKgM3 - (inOil ? OIL_DENSITY_HOT : 0)) * GRAVITY;
  const edge = filmM / MEAN_OF_FILM;
  const thinner = 1 / (edge * edge) + ((1 - set) * weight * stepS) / (viscosity * running.lengthM);
  const free = MEAN_OF_FILM / Math.sqrt(thinner);
  return Math.min(filmM, Math.max(free, yieldPa / weight, LAST_FILM_M));
}

/** What of a coat can run: its last layer, when it is wet. `lengthM` is the face it drains from. */
export function runningOf(layers: readonly CoatLayer[], lengthM: number): Running | null {
  const last = layers.at(-1);
  if (!last?.wet || last.sheet) return null;
  const { bulkKgM3: densityKgM3, viscosityPaS, yieldPa } = last;
  return { layer: layers.length - 1, densityKgM3, viscosityPaS, yieldPa, lengthM };
}

/** Thins the cells of one layer on one face to `share` of what they are; what leaves is counted in `flows`. */
export function thinLayer(
  body: Body,
  layer: number,
  face: Face,
  share: number,
  heat: Float64Array,
  flows: Flows,
): void {
  const { dx, volume, water, ice, solids, fat, capacity, dryHeat, solidsVolume } = body;
  for (let i = face.from; i < face.to; i++) {
    if (body.layer[i] !== layer) continue;
    flows.outKg += water[i] * (1 - share);
    flows.outJ += (1 - share) * (heat[i] * body.tempC[i] - ice[i] * FUSION_HEAT);
    dx[i] *= share;
    volume[i] *= share;
    water[i] *= share;
    ice[i] *= share;
    solids[i] *= share;
    fat[i] *= share;
    capacity[i] *= share;
    dryHeat[i] *= share;
    solidsVolume[i] *= share;
    heat[i] *= share;
  }
}
