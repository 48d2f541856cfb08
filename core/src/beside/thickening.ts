import { massMean, totalGrams, type Part } from '../foods/index.js';
import { BUBBLES_MIN, FLOUR_POWER, THICKENED } from './constants.js';

/** How a sauce thickens when it is heated with the starch in it. */
export interface Thickening {
  /** g of starch, flour counted by its power, in 100 g of what is liquid. */
  starchPer100g: number;
  word: 'thin' | 'coats a spoon' | 'thick and glossy' | 'sets like jelly';
  /** Minutes that it bubbles until it is clear. */
  minutes: number;
}

const THICKENED_WORDS: readonly Thickening['word'][] = ['thin', 'coats a spoon', 'thick and glossy', 'sets like jelly'];

/** g of thickening, as pure starch. */
const starchIn = (parts: readonly Part[]): number =>
  parts.reduce((sum, { ingredient: { group }, grams }) => {
    const power = group === 'starch' ? 1 : group === 'flour' ? FLOUR_POWER : 0;
    return sum + power * grams;
  }, 0);

/**
 * How a sauce of these parts thickens; null where no starch or flour is in it. What is liquid is its water: sugar and fat
 * bind none.
 */
export function thickeningOf(parts: readonly Part[]): Thickening | null {
  const starchG = starchIn(parts);
  if (starchG === 0) return null;
  const waterG = (massMean(parts, (i) => i.per100g.waterG) / 100) * totalGrams(parts);
  const starchPer100g = waterG === 0 ? 100 : (100 * starchG) / waterG;
  const at = THICKENED.findIndex((limit) => starchPer100g < limit);
  return { starchPer100g, word: THICKENED_WORDS[at === -1 ? THICKENED_WORDS.length - 1 : at], minutes: BUBBLES_MIN };
}
