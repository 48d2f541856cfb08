import { mixDensity, type Part } from '../foods/index.js';
import { bisect, GRAVITY } from '../units/index.js';
import type { Flow } from './batter.js';
import { SPREAD_DROP_M3, SPREAD_SECONDS, SPREADING } from './constants/index.js';

/**
 * Diameter of a drop on a level plate after a minute, mm: the smaller of what a thin liquid reaches by then (Huppert
 * 1982, from memory: R = 0.894 (gV³/3ν)^⅛ t^⅛) and of where its yield stress stops it (R = (15V/8π)^⅖ (ρg/2τ₀)^⅕).
 * @param dropM3 volume of the drop, m³; a level tablespoon without more
 */
export function spreadMm(flow: Flow, densityKgM3: number, dropM3 = SPREAD_DROP_M3): number {
  const nu = flow.viscosityPaS / densityKgM3;
  const runs = SPREADING.factor * ((GRAVITY * dropM3 ** 3 * SPREAD_SECONDS) / (3 * nu)) ** (1 / 8);
  const stops =
    flow.yieldPa > 0
      ? ((15 * dropM3) / (8 * Math.PI)) ** SPREADING.ofVolume *
        ((densityKgM3 * GRAVITY) / (2 * flow.yieldPa)) ** SPREADING.ofYield
      : Infinity;
  return 2000 * Math.min(runs, stops);
}

/** How many times thicker or thinner than its recipe a bowl is taken to be, at most. */
const MOST_TIMES = 30;

/**
 * How many times as thick as its recipe the real bowl is, from the measured diameter of its drop: the factor on
 * viscosity and yield stress with which the drop would have spread so far. Within 1/30 and 30.
 */
export function thicknessFromSpread(flow: Flow, portions: readonly Part[], measuredMm: number): number {
  const density = mixDensity(portions);
  const at = (factor: number): number =>
    spreadMm({ ...flow, viscosityPaS: flow.viscosityPaS * factor, yieldPa: flow.yieldPa * factor }, density);
  const most = Math.log(MOST_TIMES);
  return Math.exp(bisect(-most, most, (logFactor) => at(Math.exp(logFactor)) <= measuredMm));
}
