import { FAT_DENSITY, type Body } from './body.js';
import {
  BOILING_WITHIN_K,
  HELD_BY,
  ICE_HEAT,
  LEAST_OPEN_SHARE,
  OPEN_UNDER_OIL,
  PORE_DRY_K,
  PORE_OIL_K,
  PORE_STEAM_K,
  PROPERTY_C,
  VAPOUR_DIFFUSIVITY_IN_PORES,
  WATER_HEAT,
  WATER_M3_PER_KG,
} from './constants/index.js';
import type { End } from './end.js';
import { fatConductivity, waterConductivity } from './properties.js';
import { leftAfter, tabulated } from './table.js';
import { solveChain } from './tridiagonal.js';
import { activityAt, boilingRise, foodBoilingC, latentHeat } from './water.js';

const FAT_M3_PER_KG = 1 / FAT_DENSITY;

/** Air in the hot coat's pores, kg/m³ at about 100 °C. */
const PORE_AIR_DENSITY = 0.95;
/** What an open pore of 1 m lets through for 1 of drive, kg/(m s). */
const OPEN_PORES = VAPOUR_DIFFUSIVITY_IN_PORES * PORE_AIR_DENSITY;

/** Logarithm of conductivities in thousandths of a W/mK, and the powers of their ratios, for the time loop. */
const logarithm = tabulated((thousandths) => Math.log(thousandths / 1000), 50, 1000, 0.5);
const exponential = tabulated(Math.exp, -3, 1, 1 / 512);

/** Workspace of the solves along the chain; made once per simulation. */
export interface Work {
  heat: Float64Array;
  conductance: Float64Array;
  conductivity: Float64Array;
  /** What a cell's open pores resist to vapour, m² s per kg of dry air. */
  poreResistance: Float64Array;
  /** What resists vapour of a cell between it and the air, m² s/kg: as its drying front was looked for. */
  outside: Float64Array;
  sweep: Float64Array;
  /** What the solves take: how strongly a cell holds its value, and what is known of it. */
  diagonal: Float64Array;
  known: Float64Array;
  target: Float64Array;
  /** How liquid moved last between a cell and the next one, kg/s for a whole degree of saturation; and what moved, kg. */
  wick: Float64Array;
  flow: Float64Array;
  mobility: Float64Array;
  /** The cells that boiled in the last step, and how many they are. */
  boiling: Int32Array;
  boilingCells: number;
  /** How strongly each of them is held in the solve, W/K, and at what temperature, °C. */
  held: Float64Array;
  boilsAt: Float64Array;
  /**
   * What stays with a cell of the water that is taken out of it and of those before it, from a front inward; the rest
   * comes from behind it. 0–1.
   */
  own: Float64Array;
}

/** So many cells behind a front help to fill it. Our choice: of two or of eight a cook ends alike within its error. */
export const BEHIND = 4;

export const makeWork = (n: number): Work => ({
  heat: new Float64Array(n),
  conductance: new Float64Array(n),
  conductivity: new Float64Array(n),
  poreResistance: new Float64Array(n),
  outside: new Float64Array(n),
  sweep: new Float64Array(n),
  diagonal: new Float64Array(n),
  known: new Float64Array(n),
  target: new Float64Array(n),
  wick: new Float64Array(n),
  flow: new Float64Array(n),
  mobility: new Float64Array(n),
  boiling: new Int32Array(n),
  boilingCells: 0,
  held: new Float64Array(n),
  boilsAt: new Float64Array(n),
  own: new Float64Array(BEHIND + 1),
});

/**
 * Brings each cell's conductivity (W/mK) up to date: components in parallel by volume, pores in by geometric mean
 * (steam where it is moist, gas at rest where it has dried, or oil in the pot), the conductance of every face, W/K, and
 * what its pores resist to vapour.
 */
export function updateConduction(body: Body, work: Work, inOil: boolean): void {
  const { from, to, volume, water, fat, solids, solidsVolume, solidsK, tempC, dx, faceArea, layer, openness } = body;
  const { conductivity, conductance, poreResistance } = work;
  const logSteam = Math.log(PORE_STEAM_K);
  const logDry = Math.log(PORE_DRY_K);
  const logOil = Math.log(PORE_OIL_K);
  const fatK = fatConductivity(PROPERTY_C);
  for (let i = from; i < to; i++) {
    const waterV = water[i] * WATER_M3_PER_KG;
    const fatV = fat[i] * FAT_M3_PER_KG;
    const filled = waterV + fatV + solidsVolume[i];
    const t = tempC[i] < 100 ? tempC[i] : 100;
    const matrix = (waterV * waterConductivity(t) + fatV * fatK + solidsVolume[i] * solidsK[i]) / filled;
    const pores = filled < volume[i] ? 1 - filled / volume[i] : 0;
    const moist = activityAt(water[i] / solids[i]);
    const logPore = inOil && layer[i] >= 0 ? logOil : logDry + (logSteam - logDry) * moist;
    conductivity[i] = pores > 0 ? matrix * exponential(pores * (logPore - logarithm(1000 * matrix))) : matrix;
    const bubbling = i === from || i === to - 1 ? OPEN_UNDER_OIL * (1 - (filled - fatV) / volume[i]) : 0;
    const open = Math.max(pores, bubbling, LEAST_OPEN_SHARE);
    poreResistance[i] = dx[i] / (OPEN_PORES * openness[i] * open);
  }
  for (let i = from; i < to - 1; i++) {
    const resistance = dx[i] / conductivity[i] + dx[i + 1] / conductivity[i + 1];
    conductance[i] = (2 * faceArea[i]) / resistance;
  }
}

/** Brings each cell's heat capacity up to date, J/K. */
export function updateHeatCapacity(body: Body, work: Work): void {
  const { from, to, water, ice, dryHeat } = body;
  for (let i = from; i < to; i++) work.heat[i] = dryHeat[i] + water[i] * WATER_HEAT - ice[i] * (WATER_HEAT - ICE_HEAT);
}

/** Adds what an end does to its outer cell and to those that evaporate. */
function putEnd({ diagonal, known }: Work, end: End, outer: number): void {
  diagonal[outer] += end.conductance;
  known[outer] += end.conductance * end.envC;
  for (let k = 0; k < end.wet; k++) {
    const { cell, atC, atW, slope } = end.fronts[k];
    diagonal[cell] += slope;
    known[cell] += slope * atC - atW;
  }
}

/** Notes what an end did in the step that was solved. */
function readEnd({ tempC }: Body, end: End, outer: number): void {
  end.takenW = end.conductance * (end.envC - tempC[outer]);
  for (let k = 0; k < end.wet; k++) {
    const front = end.fronts[k];
    front.takenW = front.atW + front.slope * (tempC[front.cell] - front.atC);
  }
}

/**
 * Holds the cells that boil at their boiling points, which rise as they dry: what flows into them becomes steam and not
 * heat, so that none of it goes farther inward.
 */
function holdBoiling({ tempC, water, solids }: Body, work: Work, perS: number): void {
  const { diagonal, known, boiling, held, boilsAt } = work;
  for (let k = 0; k < work.boilingCells; k++) {
    const i = boiling[k];
    const x = water[i] / solids[i];
    const at = foodBoilingC(x);
    boilsAt[k] = at;
    held[k] = 0;
    if (water[i] <= 0 || tempC[i] < at - BOILING_WITHIN_K) continue;
    // What it takes to dry the cell until it boils a kelvin hotter; no end of it while water is free.
    const perK = (latentHeat(at) * solids[i]) / boilingRise(x);
    held[k] = Math.min(HELD_BY * diagonal[i], perK * perS);
    diagonal[i] += held[k];
    known[i] += held[k] * at;
  }
}

/**
 * Frees those that boil no more, as heat goes out of them, and those that would boil more water than they have: what is
 * left of the heat must warm them, and keep more from coming. Returns whether there are any, and the step has to be solved
 * once more.
 */
function freeOthers({ tempC, water }: Body, work: Work, stepS: number): boolean {
  const { diagonal, known, boiling, held, boilsAt } = work;
  let freed = false;
  for (let k = 0; k < work.boilingCells; k++) {
    const i = boiling[k];
    const boilingJ = held[k] * (tempC[i] - boilsAt[k]) * stepS;
    if (held[k] === 0 || (boilingJ >= 0 && boilingJ <= water[i] * latentHeat(boilsAt[k]))) continue;
    diagonal[i] -= held[k];
    known[i] -= held[k] * boilsAt[k];
    held[k] = 0;
    freed = true;
  }
  return freed;
}

/** Gives the cells that were held what they held back: they are as hot as if nothing had boiled, and may boil it away. */
function letGo({ tempC }: Body, work: Work, stepS: number): void {
  const { boiling, held, boilsAt, heat } = work;
  for (let k = 0; k < work.boilingCells; k++) {
    const i = boiling[k];
    tempC[i] += (held[k] * (tempC[i] - boilsAt[k]) * stepS) / heat[i];
  }
  work.boilingCells = 0;
}

/**
 * One implicit step of conduction along the chain. `down` acts on the first cell, `up` on the last, and both are told
 * what they did. Cells that boil come out hotter than that by what has to become steam (`boil`).
 */
export function conductStep(body: Body, work: Work, down: End, up: End, stepS: number): void {
  const { from, to, tempC } = body;
  const { heat, conductance, sweep, diagonal, known } = work;
  const perS = 1 / stepS;
  for (let i = from; i < to; i++) {
    const store = heat[i] * perS;
    diagonal[i] = store;
    known[i] = store * tempC[i];
  }
  holdBoiling(body, work, perS);
  putEnd(work, down, from);
  putEnd(work, up, to - 1);
  do solveChain(from, to, conductance, diagonal, known, sweep, tempC);
  while (freeOthers(body, work, stepS));
  readEnd(body, down, from);
  readEnd(body, up, to - 1);
  letGo(body, work, stepS);
}

/**
 * Heat between the two half-bodies other than through the mid-plane: in a rod or ball, equal depths above and below
 * even out around the axis. The lowest harmonic decays with (E−1)·α/r² (Carslaw and Jaeger: 1 for a cylinder, 2 for
 * a sphere, in units of α/r²).
 */
export function evenOutAround(body: Body, work: Work, stepS: number): void {
  const { dimension, foodFrom, foodTo, radius, tempC, volume, n } = body;
  if (dimension <= 1) return;
  for (let up = foodTo - 1, down = foodFrom; down < n / 2; up--, down++) {
    const diffusivity = (work.conductivity[up] * volume[up]) / work.heat[up];
    const keep = leftAfter(((dimension - 1) * diffusivity * stepS) / (radius[up] * radius[up]));
    const hu = work.heat[up];
    const hd = work.heat[down];
    const mean = (hu * tempC[up] + hd * tempC[down]) / (hu + hd);
    tempC[up] = mean + (tempC[up] - mean) * keep;
    tempC[down] = mean + (tempC[down] - mean) * keep;
  }
}
