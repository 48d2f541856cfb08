import type { SafetyClass } from '../foods/index.js';

export interface SafeMinimum {
  tempC: number;
  /** Minutes of rest that belong to the temperature. */
  restMin: number;
  source: string;
}

const FSIS = 'USDA FSIS safe minimum internal temperature chart, from memory';

/** Safe minimum internal temperatures; null where softness or pleasure decides. */
const MINIMA: Record<SafetyClass, SafeMinimum | null> = {
  poultry: { tempC: 73.9, restMin: 0, source: FSIS },
  'ground-meat': { tempC: 71.1, restMin: 0, source: FSIS },
  'whole-meat': { tempC: 62.8, restMin: 3, source: FSIS },
  fish: { tempC: 62.8, restMin: 0, source: FSIS },
  'egg-dish': { tempC: 71.1, restMin: 0, source: FSIS },
  reheated: { tempC: 73.9, restMin: 0, source: FSIS },
  vegetable: null,
  ready: null,
};

/** The published safe minimum for the centre of a food of this class, or null when there is none. */
export const safeMinimum = (safety: SafetyClass): SafeMinimum | null => MINIMA[safety];
