import { ingredient, type Portion } from '../foods/index.js';
import { OIL_UPTAKE } from './constants.js';
import { outcomeOf, valueOf, type Judged } from './view.js';
import type { Outcome } from './types.js';

const oilShare = (portions: readonly Portion[]): number =>
  portions.filter((p) => ingredient(p.ingredientId).roles.includes('frying-oil')).reduce((sum, p) => sum + p.grams, 0);

/** Oil of the cooking that one piece keeps, g: taken up in the pot, or sprayed. Fat of the ingredients is not counted. */
export function oilPerPieceG(j: Judged): number {
  const { layers, piece } = j.ready;
  if (j.air) {
    const mixed = layers.reduce((sum, l) => sum + l.pickUpGm2 * oilShare(l.portions), 0);
    return (j.oilGm2 + mixed) * piece.areaM2;
  }
  const poresGm2 = layers.reduce((sum, l) => sum + l.thicknessM * l.poreShare, 0) * OIL_UPTAKE.densityKgM3 * 1000;
  const replacedGm2 = OIL_UPTAKE.waterReplaced * valueOf(j, 'steamGm2');
  return (OIL_UPTAKE.clingingGm2 + OIL_UPTAKE.poresFilled * poresGm2 + replacedGm2) * piece.areaM2;
}

/** Oil taken up by one piece, g. An estimate, never dietary advice. */
export const oil = (j: Judged): Outcome => outcomeOf('oil', oilPerPieceG(j), 'g', 'good', 'estimate');
