import { OIL_UPTAKE, RICH_FROM } from './constants.js';
import { outcomeOf, valueOf, type Judged } from './view.js';
import type { Outcome } from './types.js';

/** Oil of the cooking that one piece keeps, g: taken up in the pot, or sprayed. Fat of the ingredients is not counted. */
export function oilPerPieceG(j: Judged): number {
  const { layers, piece } = j.ready;
  if (j.air) return j.air.oilInAllGm2 * piece.areaM2;
  const poresGm2 = layers.reduce((sum, l) => sum + l.thicknessM * l.poreShare, 0) * OIL_UPTAKE.densityKgM3 * 1000;
  const replacedGm2 = OIL_UPTAKE.waterReplaced * valueOf(j, 'steamGm2');
  return (OIL_UPTAKE.clingingGm2 + OIL_UPTAKE.poresFilled * poresGm2 + replacedGm2) * piece.areaM2;
}

/**
 * Whether a dry finish eats rich or like cooked crumbs: the fat of the crust, its own and the oil on it, as a share of its
 * mass. Undefined in oil and for a wet finish.
 */
export function bite(j: Judged): Outcome | undefined {
  const finish = j.ready.layers.at(-1);
  if (!j.air || !finish || finish.wet) return undefined;
  const value = ((finish.composition.fatG / 100) * finish.pickUpGm2 + j.oilGm2) / (finish.pickUpGm2 + j.oilGm2);
  const rich = value >= RICH_FROM;
  return outcomeOf('bite', value, 'share', rich ? 'good' : 'fair', rich ? 'rich enough' : 'eats dry', () => [
    `With ${Math.round(j.oilGm2)} g of oil per m² the ${finish.name.toLowerCase()} eats dry, like crumbs that were only cooked.`,
    'Spray both sides and the edges, or mix 1 tbsp of oil into each cup of crumbs.',
  ]);
}

/** Oil taken up by one piece, g. An estimate, never dietary advice. */
export const oil = (j: Judged): Outcome => outcomeOf('oil', oilPerPieceG(j), 'g', 'good', 'estimate');
