import type { Body } from './body.js';
import type { Work } from './conduct.js';
import { GAS_CONSTANT, WATER_DIFFUSION_ENERGY, WATER_DIFFUSIVITY_25C, WATER_HEAT, ZERO_C } from './constants.js';

const DIFFUSIVITY_STEP_K = 2;
const diffusivityTable = Float64Array.from({ length: 130 }, (_, i) => {
  const kelvin = i * DIFFUSIVITY_STEP_K + ZERO_C;
  return WATER_DIFFUSIVITY_25C * Math.exp((WATER_DIFFUSION_ENERGY / GAS_CONSTANT) * (1 / 298.15 - 1 / kelvin));
});

/** Diffusivity of liquid water in food, m²/s, at `tempC` (0–250 °C; frozen water does not move). Arrhenius. */
export function waterDiffusivity(tempC: number): number {
  if (tempC <= 0) return 0;
  const i = (tempC / DIFFUSIVITY_STEP_K) | 0;
  return diffusivityTable[i < 129 ? i : 129];
}

/**
 * Liquid water moves by capillary diffusion down the degree of saturation (water held over water the cell can hold),
 * which is equal on both sides of a contact. One implicit step; water is conserved, and takes its heat along.
 */
export function moveWater(body: Body, work: Work, stepS: number): void {
  const { n, water, capacity, volume, dx, faceArea, tempC } = body;
  const { flow, sweep, target, heat } = work;
  for (let i = 0; i < n - 1; i++) {
    const here = (capacity[i] / volume[i]) * waterDiffusivity(tempC[i]);
    const there = (capacity[i + 1] / volume[i + 1]) * waterDiffusivity(tempC[i + 1]);
    const resistance = here > 0 && there > 0 ? dx[i] / here + dx[i + 1] / there : Infinity;
    flow[i] = (2 * faceArea[i]) / resistance;
  }
  const perS = 1 / stepS;
  let left = 0;
  let before = 0;
  for (let i = 0; i < n; i++) {
    const right = i < n - 1 ? flow[i] : 0;
    const pivot = 1 / (capacity[i] * perS + left + right - left * before);
    before = right * pivot;
    sweep[i] = before;
    target[i] = (water[i] * perS + (i > 0 ? left * target[i - 1] : 0)) * pivot;
    left = right;
  }
  for (let i = n - 2; i >= 0; i--) target[i] += sweep[i] * target[i + 1];
  // `target` is now the saturation; what crosses each face follows from it, and carries its sensible heat upstream.
  for (let i = 0; i < n - 1; i++) flow[i] *= (target[i] - target[i + 1]) * stepS;
  let arriving = 0;
  let arrivingC = 0;
  for (let i = 0; i < n; i++) {
    const leaving = i < n - 1 ? flow[i] : 0;
    const leavingC = leaving > 0 ? tempC[i] : i < n - 1 ? tempC[i + 1] : 0;
    const held = heat[i];
    const now = held + (arriving - leaving) * WATER_HEAT;
    const cellC = tempC[i];
    const mixed = (held * cellC + WATER_HEAT * (arriving * arrivingC - leaving * leavingC)) / now;
    water[i] += arriving - leaving;
    heat[i] = now;
    tempC[i] = mixed;
    arriving = leaving;
    arrivingC = leaving > 0 ? cellC : leavingC;
  }
}

/** Remembers the wettest that each cell has been, kg per kg solids. */
export function rememberWettest(body: Body): void {
  const { n, water, solids, wettest } = body;
  for (let i = 0; i < n; i++) {
    const x = water[i] / solids[i];
    if (x > wettest[i]) wettest[i] = x;
  }
}
