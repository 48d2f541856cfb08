import type { Outcome } from './types.js';
import { valueOf, type Judged } from './view.js';

/** Share of a coat's pores that is full of oil when it is lifted out, and what clings outside, g/m². From memory, order of magnitude. */
const PORES_FILLED = 0.45;
const CLINGING_GM2 = 50;
/** Share of the water that left which oil takes the place of. From memory: water lost makes room for oil. */
const WATER_REPLACED = 0.3;
const OIL_DENSITY = 915;

/** Oil of the cooking that one piece keeps, g: taken up in the pot, or sprayed. Fat of the ingredients is not counted. */
export function oilPerPieceG(j: Judged): number {
  const { layers, piece } = j.ready;
  if (j.medium === 'air') {
    const mixed = layers.reduce((sum, l) => sum + l.pickUpGm2 * oilShare(l.portions), 0);
    return (j.oilGm2 + mixed) * piece.areaM2;
  }
  const pores = layers.reduce((sum, l) => sum + l.thicknessM * l.poreShare, 0) * OIL_DENSITY * 1000;
  return (CLINGING_GM2 + PORES_FILLED * pores + WATER_REPLACED * valueOf(j, 'steamGm2')) * piece.areaM2;
}

const FRYING_OILS = ['rapeseed-oil', 'sunflower-oil', 'peanut-oil', 'olive-oil', 'clarified-butter'];
const oilShare = (portions: readonly { ingredientId: string; grams: number }[]): number =>
  portions.filter((p) => FRYING_OILS.includes(p.ingredientId)).reduce((sum, p) => sum + p.grams, 0);

/** Oil taken up by one piece, g. An estimate, never dietary advice. */
export function oil(j: Judged): Outcome {
  const value = oilPerPieceG(j);
  return { key: 'oil', value, unit: 'g', band: 'good', word: 'estimate', reasons: [] };
}
