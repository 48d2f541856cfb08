import { text, mass, type Text } from '../units/index.js';
import type { Bowl } from './bowls.js';
import { FAR_TOO_MUCH, FAR_TOO_MUCH_G, SCRAPED } from './constants/index.js';
import type { CoatLayer, LayerSpec } from './types.js';

/** How a bowl as the recipe writes it stands to what the pieces take. */
export interface AgainstRecipe {
  /** g that the recipe writes of what is in the bowl, and g of the same that the bowl needs. */
  saysG: number;
  needsG: number;
  /** Pieces that the recipe's amounts reach, at most as many as there are. */
  reachesPieces: number;
  word: 'too-little' | 'right' | 'far-too-much';
  /** g that stay in the bowl beyond its working surplus when it is mixed by the recipe; below zero what is missing. */
  overG: number;
  text: Text;
}

/** g that the recipe writes, by ingredient, over all layers that come from this bowl. */
function writtenFor(bowl: Bowl, layers: readonly LayerSpec[]): Map<string, number> {
  const grams = new Map<string, number>();
  for (const at of bowl.visits) {
    for (const { ingredientId, grams: g } of layers[at]?.written?.portions ?? []) {
      grams.set(ingredientId, (grams.get(ingredientId) ?? 0) + g);
    }
  }
  return grams;
}

/**
 * What the recipe writes for a bowl against what the area takes: pieces that its scarcest ingredient reaches, and what is
 * left over or missing. An ingredient that the recipe does not name is not counted. Null where the recipe says nothing of
 * the bowl.
 * @param laid the layers as they lie, whose bowl it is
 * @param pieces pieces that the bowl is for
 */
export function againstRecipe(
  bowl: Bowl,
  layers: readonly LayerSpec[],
  laid: readonly CoatLayer[],
  pieces: number,
): AgainstRecipe | null {
  const written = writtenFor(bowl, layers);
  const seasons = new Set(
    laid[bowl.layerAt].portions.filter((p) => SEASONING.has(p.ingredient.group)).map((p) => p.ingredientId),
  );
  const shared = bowl.parts.filter((p) => (written.get(p.ingredientId) ?? 0) > 0 && p.grams > 0);
  // Salt and spice are to taste: they say nothing of how far a bowl goes.
  const bulk = shared.filter((p) => !seasons.has(p.ingredientId));
  if (bulk.length === 0) return null;
  const ratio = Math.min(...bulk.map((p) => written.get(p.ingredientId)! / p.grams));
  const taken = bowl.onFoodG + bowl.lostG;
  // A bowl that runs short is scraped out.
  const leftG = SCRAPED * Math.max(0, bowl.totalG - taken);
  const reach = Math.floor(((ratio * bowl.totalG - leftG) / taken) * pieces + REACH_ROUNDING);
  const saysG = bulk.reduce((sum, p) => sum + written.get(p.ingredientId)!, 0);
  const needsG = bulk.reduce((sum, p) => sum + p.grams, 0);
  const reachesPieces = Math.min(pieces, Math.max(0, reach));
  const overG = saysG - needsG;
  if (reachesPieces < pieces) {
    return {
      saysG,
      needsG,
      reachesPieces,
      word: 'too-little',
      overG,
      text: text`Your recipe’s ${mass(saysG)} is enough for ${reachesPieces} of ${pieces} pieces: ${mass(Math.max(1, needsG - saysG))} more.`,
    };
  }
  if (saysG > FAR_TOO_MUCH * needsG && overG > FAR_TOO_MUCH_G) {
    return {
      saysG,
      needsG,
      reachesPieces,
      word: 'far-too-much',
      overG,
      text: text`Your recipe’s ${mass(saysG)} is far too much: ${mass(overG)} more than this bowl needs would be left over.`,
    };
  }
  return {
    saysG,
    needsG,
    reachesPieces,
    word: 'right',
    overG,
    text: text`Your recipe’s ${mass(saysG)} is about right.`,
  };
}

const SEASONING: ReadonlySet<string> = new Set(['seasoning', 'leavening']);
/** A piece that is all but reached is reached. Our choice. */
const REACH_ROUNDING = 0.05;
