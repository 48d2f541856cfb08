import { DRIPS, LIKENESS, OIL_UPTAKE, RICH_FROM, NOTICED } from './constants/index.js';
import { celsius, grams, lowered, text } from '../units/index.js';
import { moreIsBetter, untold } from './compare.js';
import type { OutcomeRule } from './types.js';
import { oilOn, valueOf, verdict, type Judged } from './view.js';

/** Oil of the cooking that one piece keeps, g: taken up in the pot, or sprayed. Fat of the ingredients is not counted. */
export function oilPerPieceG(j: Judged): number {
  const { layers, piece } = j.ready;
  if (j.air) return j.air.oilInAllGm2 * piece.areaM2;
  const poresGm2 = layers.reduce((sum, l) => sum + l.thicknessM * l.poreShare, 0) * OIL_UPTAKE.densityKgM3 * 1000;
  const replacedGm2 = OIL_UPTAKE.waterReplaced * Math.max(0, valueOf(j, 'steamGm2'));
  return (OIL_UPTAKE.clingingGm2 + OIL_UPTAKE.poresFilled * poresGm2 + replacedGm2) * piece.areaM2;
}

/**
 * Whether a dry finish eats rich or like cooked crumbs: the fat of the crust, its own and the oil on it, as a share of its
 * mass. Undefined in oil and for a wet finish.
 */
export const bite: OutcomeRule = {
  words: 'bite',
  judge(j) {
    const finish = j.ready.layers.at(-1);
    if (!j.air || !finish || finish.wet) return undefined;
    const value = ((finish.composition.fatG / 100) * finish.pickUpGm2 + j.oilGm2) / (finish.pickUpGm2 + j.oilGm2);
    const rich = value >= RICH_FROM;
    return verdict(value, 'share', rich ? 'good' : 'fair', rich ? 'rich enough' : 'eats dry', () => [
      text`With ${oilOn(j)} the ${lowered(finish.name)} eats dry, like crumbs that were only cooked.`,
      text`Spray both sides and the edges, or mix 1 tbsp of oil into each cup of crumbs.`,
    ]);
  },
  compare: moreIsBetter({ more: 'Eats richer', less: 'Eats drier', step: NOTICED.bite }),
  weight: {
    likeness: ({ bite: b }) => 1 - LIKENESS.dry * Math.max(0, RICH_FROM - (b?.value ?? RICH_FROM)),
  },
};

/** Fat of the skin that drips from one piece, g: on hot metal it smokes. Undefined in oil and without a skin. */
export const drip: OutcomeRule = {
  words: 'what drips',
  judge(j) {
    if (!j.air || !j.ready.food.food.skinFatGm2) return undefined;
    const value = valueOf(j, 'drippedGm2') * j.ready.piece.areaM2;
    const smokes = value > DRIPS.fromG && j.tempC >= DRIPS.smokesFromC;
    return verdict(value, 'g', smokes ? 'fair' : 'good', smokes ? 'drips and may smoke' : 'drips', () => [
      text`About ${grams(value, 0)} of fat a piece drips onto the hot metal below; at ${celsius(j.tempC)} it smokes there.`,
      text`Lay a slice of bread or a few spoons of water below it, and pour the fat off between batches.`,
    ]);
  },
  compare: untold,
  weight: {},
};

/** Oil taken up by one piece, g. An estimate, never dietary advice. */
export const oil: OutcomeRule = {
  words: 'oil',
  judge: (j) => verdict(oilPerPieceG(j), 'g', 'good', 'estimate'),
  compare: untold,
  weight: {},
};
