import { OF_NOTHING } from './constants/index.js';
import type { Composition } from '../foods/index.js';

/**
 * Thermal properties of food components as polynomials in °C: Choi and Okos (1986), as printed in the ASHRAE
 * Refrigeration handbook, from memory. Valid −40 to 150 °C. k in W/(m K), ρ in kg/m³, c in J/(kg K).
 */
const COMPONENTS = {
  waterG: {
    k: [0.57109, 1.7625e-3, -6.7036e-6],
    rho: [997.18, 3.1439e-3, -3.7574e-3],
    c: [4176.2, -0.0909, 5.4731e-3],
  },
  proteinG: { k: [0.17881, 1.1958e-3, -2.7178e-6], rho: [1329.9, -0.5184, 0], c: [2008.2, 1.2089, -1.3129e-3] },
  fatG: { k: [0.18071, -2.7604e-4, -1.7749e-7], rho: [925.59, -0.41757, 0], c: [1984.2, 1.4733, -4.8008e-3] },
  carbohydrateG: { k: [0.20141, 1.3874e-3, -4.3312e-6], rho: [1599.1, -0.31046, 0], c: [1548.8, 1.9625, -5.9399e-3] },
  fibreG: { k: [0.18331, 1.2497e-3, -3.1683e-6], rho: [1311.5, -0.36589, 0], c: [1845.9, 1.8306, -4.6509e-3] },
  ashG: { k: [0.32962, 1.4011e-3, -2.9069e-6], rho: [2423.8, -0.28063, 0], c: [1092.6, 1.8896, -3.6817e-3] },
} as const;

type Part = keyof typeof COMPONENTS;
const PARTS = Object.keys(COMPONENTS) as Part[];

const at = ([a, b, c]: readonly [number, number, number], tempC: number): number => a + b * tempC + c * tempC * tempC;

/** Conductivity of water and of fat by themselves at `tempC`, W/(m K). */
export const waterConductivity = (tempC: number): number => at(COMPONENTS.waterG.k, tempC);
export const fatConductivity = (tempC: number): number => at(COMPONENTS.fatG.k, tempC);

export interface Properties {
  conductivity: number;
  densityKgM3: number;
  heatCapacity: number;
}

/**
 * Conductivity W/(m K), density kg/m³ and specific heat J/(kg K) of an unfrozen food without pores, from its
 * composition (any scale): conductivity in parallel by volume, volumes and heats add.
 */
export function propertiesOf(composition: Composition, tempC: number, parts: readonly Part[] = PARTS): Properties {
  let mass = 0;
  let volume = 0;
  let heat = 0;
  let conductance = 0;
  for (const part of parts) {
    const { k, rho, c } = COMPONENTS[part];
    const grams = composition[part];
    const v = grams / at(rho, tempC);
    mass += grams;
    volume += v;
    heat += grams * at(c, tempC);
    conductance += v * at(k, tempC);
  }
  if (mass <= 0) return OF_NOTHING;
  return { conductivity: conductance / volume, densityKgM3: mass / volume, heatCapacity: heat / mass };
}

/** The same for the dry solids without fat. */
export const solidsOf = (composition: Composition, tempC: number): Properties =>
  propertiesOf(composition, tempC, ['proteinG', 'carbohydrateG', 'fibreG', 'ashG']);
