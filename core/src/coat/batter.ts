import { massMean, totalGrams, type Part } from '../foods/index.js';
import { GRAVITY } from '../units/index.js';
import {
  BATTER_EXPONENT,
  BATTER_PACKING_LIMIT,
  BATTER_YIELD_AT_PHI,
  BATTER_YIELD_PA,
  BATTER_YIELD_STEEPNESS,
  DOUGH_SHARE,
  FORK_VISCOSITY,
  SERUM_FACTOR,
  STANDING_TAU_MIN,
  THICKEST_FILM_M,
  USUAL_THICKENING,
} from './constants/index.js';

/** How a wet layer flows at 20 °C. */
export interface Flow {
  viscosityPaS: number;
  yieldPa: number;
  /** g water to 1 g flour and starch; Infinity without flour. */
  hydration: number;
  /** Volume share of swollen grains, 0–1. */
  phi: number;
}

/** Whether it pours: what is dipped into. Fat does not count. */
export const isPourable = ({ ingredient: { wet, group } }: Part): boolean => wet !== undefined && group !== 'fat';
const isPowder = (p: Part): boolean => p.ingredient.dry !== undefined;

const logMean = (portions: readonly Part[], of: (p: Part) => number): number => {
  const total = totalGrams(portions);
  return Math.exp(portions.reduce((sum, p) => sum + (p.grams / total) * Math.log(of(p)), 0));
};

/**
 * Flow of a wet layer from its recipe: liquids mix by the logarithm of their viscosity; flour swells to the volume
 * share φ = (1/ρ + swelling)/(1/ρ + hydration) and thickens them by Krieger and Dougherty (1959, from memory), with a
 * yield stress that grows with a power of φ. Needs at least one liquid.
 * @param standMin minutes that it has stood: flour goes on swelling, chickpea flour most
 */
export function flowOf(portions: readonly Part[], standMin = 0): Flow {
  const liquids = portions.filter(isPourable);
  const powders = portions.filter(isPowder);
  const liquidViscosity = logMean(liquids, (p) => p.ingredient.wet!.viscosityPaS);
  const liquidYield = massMean(liquids, (i) => i.wet!.yieldPa);
  const powderG = totalGrams(powders);
  if (powderG === 0) {
    return { viscosityPaS: liquidViscosity, yieldPa: liquidYield, hydration: Infinity, phi: 0 };
  }
  const waterG = liquids.reduce((sum, p) => sum + (p.grams * p.ingredient.per100g.waterG) / 100, 0);
  const hydration = waterG / powderG;
  const dryVolume = 1000 * massMean(powders, (i) => 1 / i.densityKgM3);
  const stood = 1 - Math.exp(-standMin / STANDING_TAU_MIN);
  const swelling = massMean(powders, (i) => i.dry!.swellingGG * (1 + stood * (i.dry!.thickens ?? USUAL_THICKENING)));
  const phi = (dryVolume + swelling) / (dryVolume + Math.max(swelling, hydration));
  const crowding = Math.min(DOUGH_SHARE, phi / BATTER_PACKING_LIMIT);
  return {
    viscosityPaS: liquidViscosity * SERUM_FACTOR * (1 - crowding) ** -BATTER_EXPONENT,
    yieldPa: liquidYield + BATTER_YIELD_PA * (phi / BATTER_YIELD_AT_PHI) ** BATTER_YIELD_STEEPNESS,
    hydration,
    phi,
  };
}

/**
 * Thickness of the film that stays on an upright face, m: the larger of the yield film τ₀/(ρg) and the mean of the
 * draining film, ⅔·√(μL/(ρgt)) (Jeffreys 1930, from memory).
 */
export function drainedFilmM(flow: Flow, densityKgM3: number, lengthM: number, seconds: number): number {
  const weight = densityKgM3 * GRAVITY;
  const draining = (2 / 3) * Math.sqrt((flow.viscosityPaS * lengthM) / (weight * Math.max(1, seconds)));
  return Math.min(THICKEST_FILM_M, Math.max(flow.yieldPa / weight, draining));
}

export type Consistency = 'thick' | 'medium' | 'pancake' | 'thin' | 'liquid';

/** A batter in a cook's words, with the test of the fork. Bands: the practised liquid ratios, common practice, no source. */
export function consistencyOf(flow: Flow): { word: Consistency; forkTest: string } {
  const v = flow.viscosityPaS;
  if (flow.phi === 0) return { word: 'liquid', forkTest: 'drips from the fork like beaten egg' };
  if (v >= FORK_VISCOSITY.thick.from) return { word: 'thick', forkTest: 'falls from the fork in clumps' };
  if (v >= FORK_VISCOSITY.medium.from) return { word: 'medium', forkTest: 'covers the fork; the tines show slowly' };
  if (v >= FORK_VISCOSITY.pancake.from) return { word: 'pancake', forkTest: 'runs off in a ribbon and leaves a film' };
  return { word: 'thin', forkTest: 'coats the fork lightly' };
}
