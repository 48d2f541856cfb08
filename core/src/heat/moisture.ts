import type { Body } from './body.js';
import type { Work } from './conduct.js';
import {
  GAS_CONSTANT,
  LIQUID_APART,
  LIQUID_JOINED_FROM,
  WATER_DIFFUSION_ENERGY,
  WATER_DIFFUSIVITY_25C,
  WATER_HEAT,
  ZERO_C,
} from './constants/index.js';
import { tabulated } from './table.js';
import { solveChain } from './tridiagonal.js';

const thawed = tabulated(
  (tempC) =>
    WATER_DIFFUSIVITY_25C *
    Math.exp((WATER_DIFFUSION_ENERGY / GAS_CONSTANT) * (1 / (25 + ZERO_C) - 1 / (tempC + ZERO_C))),
  0,
  260,
  2,
);

/** Diffusivity of liquid water in food, m²/s, at `tempC` (frozen water does not move). Arrhenius. */
export const waterDiffusivity = (tempC: number): number => (tempC <= 0 ? 0 : thawed(tempC));

const JOINS = (1 - LIQUID_APART) / LIQUID_JOINED_FROM;

/** How much of the liquid's path is there at a saturation 0–1: the water in a dried crust hangs in separate drops. */
const wetted = (saturation: number): number =>
  saturation >= LIQUID_JOINED_FROM ? 1 : LIQUID_APART + JOINS * saturation;

/** Keeps two frozen neighbours from dividing nothing by nothing. */
const NO_MOBILITY = 1e-30;

/**
 * Liquid water moves by capillary diffusion down the degree of saturation (water held over water the cell can hold),
 * which is equal on both sides of a contact. One implicit step; water is conserved, and takes its heat along.
 */
export function moveWater(body: Body, work: Work, stepS: number): void {
  const { from, to, water, capacity, volume, dx, faceArea, contact, tempC, wicking } = body;
  const { flow, sweep, target, heat, mobility, diagonal, known } = work;
  for (let i = from; i < to; i++) {
    mobility[i] =
      (wicking[i] * capacity[i] * waterDiffusivity(tempC[i]) * wetted(water[i] / capacity[i])) / (volume[i] * dx[i]) +
      NO_MOBILITY;
  }
  const last = to - 1;
  for (let i = from; i < last; i++) {
    const conductance = (2 * faceArea[i] * mobility[i] * mobility[i + 1]) / (mobility[i] + mobility[i + 1]);
    flow[i] = contact[i] > 0 ? conductance / (1 + conductance * contact[i]) : conductance;
  }
  const perS = 1 / stepS;
  for (let i = from; i < to; i++) {
    diagonal[i] = capacity[i] * perS;
    known[i] = water[i] * perS;
  }
  solveChain(from, to, flow, diagonal, known, sweep, target);
  // `target` is now the saturation; what crosses each face follows from it, and carries its sensible heat upstream.
  for (let i = from; i < last; i++) flow[i] *= (target[i] - target[i + 1]) * stepS;
  // Nothing leaves the last cell.
  flow[last] = 0;
  let arriving = 0;
  let arrivingC = 0;
  for (let i = from; i < to; i++) {
    const leaving = flow[i];
    const cellC = tempC[i];
    const leavingC = leaving >= 0 ? cellC : tempC[i + 1];
    const held = heat[i];
    const now = held + (arriving - leaving) * WATER_HEAT;
    const mixed = (held * cellC + WATER_HEAT * (arriving * arrivingC - leaving * leavingC)) / now;
    // More may pass through a thin cell in a step than it holds: it is never left hotter or colder than what met in it.
    const inC = arriving === 0 ? cellC : arrivingC;
    const coldest = cellC < inC ? (cellC < leavingC ? cellC : leavingC) : inC < leavingC ? inC : leavingC;
    const hottest = cellC > inC ? (cellC > leavingC ? cellC : leavingC) : inC > leavingC ? inC : leavingC;
    water[i] += arriving - leaving;
    heat[i] = now;
    tempC[i] = mixed > hottest ? hottest : mixed < coldest ? coldest : mixed;
    arriving = leaving;
    arrivingC = leavingC;
  }
}

/** Remembers the wettest that each cell has been, kg per kg solids. */
export function rememberWettest(body: Body): void {
  const { from, to, water, solids, wettest } = body;
  for (let i = from; i < to; i++) {
    const x = water[i] / solids[i];
    if (x > wettest[i]) wettest[i] = x;
  }
}
