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
  const { flow, wick, sweep, target, mobility, diagonal, known } = work;
  for (let i = from; i < to; i++) {
    mobility[i] =
      (wicking[i] * capacity[i] * waterDiffusivity(tempC[i]) * wetted(water[i] / capacity[i])) / (volume[i] * dx[i]) +
      NO_MOBILITY;
  }
  const last = to - 1;
  for (let i = from; i < last; i++) {
    const conductance = (2 * faceArea[i] * mobility[i] * mobility[i + 1]) / (mobility[i] + mobility[i + 1]);
    wick[i] = contact[i] > 0 ? conductance / (1 + conductance * contact[i]) : conductance;
  }
  const perS = 1 / stepS;
  for (let i = from; i < to; i++) {
    diagonal[i] = capacity[i] * perS;
    known[i] = water[i] * perS;
  }
  solveChain(from, to, wick, diagonal, known, sweep, target);
  // `target` is now the saturation; what crosses each face follows from it, and carries its sensible heat upstream.
  for (let i = from; i < last; i++) flow[i] = wick[i] * (target[i] - target[i + 1]) * stepS;
  // Nothing leaves the last cell.
  flow[last] = 0;
  carry(body, work);
}

/**
 * Carries water across the faces (`flow`, kg towards the higher cell), and its heat along. It leaves a cell as hot as the
 * cell has become by what came in, so that however much passes through a thin one, heat is conserved and no cell is left
 * hotter or colder than what met in it (upwind, implicit). What rises is followed upward first, then what sinks.
 */
function carry({ from, to, tempC, water }: Body, { flow, heat }: Work): void {
  let below = 0;
  for (let i = from; i < to; i++) {
    const leaving = flow[i];
    if (leaving >= 0) {
      const held = heat[i];
      if (below > 0) {
        const risen = below * WATER_HEAT;
        tempC[i] = (held * tempC[i] + risen * tempC[i - 1]) / (held + risen);
      }
      water[i] += below - leaving;
      heat[i] = held + (below - leaving) * WATER_HEAT;
    }
    below = leaving;
  }
  for (let i = to - 2; i >= from; i--) {
    const above = flow[i];
    if (above >= 0) continue;
    const entering = i > from ? flow[i - 1] : 0;
    const held = heat[i];
    const sunk = above * WATER_HEAT;
    const risen = entering > 0 ? entering * WATER_HEAT : 0;
    const met = held * tempC[i] - sunk * tempC[i + 1];
    tempC[i] = risen > 0 ? (met + risen * tempC[i - 1]) / (held - sunk + risen) : met / (held - sunk);
    water[i] += entering - above;
    heat[i] = held + (entering - above) * WATER_HEAT;
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
