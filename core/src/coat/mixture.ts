import { massMean, totalGrams, type DryTraits, type Part } from '../foods/index.js';
import { lowered, NEXT_TO_NOTHING } from '../units/index.js';
import { BROWNING_OF_A_DIP, BROWNING_OF_SUGAR, CLUMPED_CRUNCH, LIGHTNESS } from './constants/index.js';

/** What the ingredients of one layer come to together: its name, its crunch, its browning. */

/** "Beaten egg", "Plain wheat flour and beer batter": the one or two ingredients that make a layer what it is. */
export function nameOf(portions: readonly Part[], batter: boolean): string {
  const main = [...portions]
    .sort((a, b) => b.grams - a.grams)
    .filter((p) => !['seasoning', 'leavening', 'fat'].includes(p.ingredient.group))
    .slice(0, 2)
    .map((p) => p.ingredient);
  if (batter) main.sort((a, b) => Number(b.dry !== undefined) - Number(a.dry !== undefined));
  const names = main.map((i, k) => (k === 0 ? i.name : lowered(i.name)));
  return names.join(' and ') + (batter ? ' batter' : '');
}

/** Mean of something over the dry ingredients of a layer, by weight; 0 where it holds none. */
export const dryMean = (portions: readonly Part[], of: (p: Part) => number): number => {
  const dry = portions.filter((p) => p.ingredient.dry);
  const total = totalGrams(dry);
  return total === 0 ? 0 : dry.reduce((sum, p) => sum + (p.grams / total) * of(p), 0);
};

/** How easily moving air carries a grain off, 0–1. */
export const lightnessOf = ({ light, grain }: DryTraits): number => light ?? LIGHTNESS[grain];

/** Crunch of a dried shell, 0–1. */
export const structureOf = (portions: readonly Part[]): number => dryMean(portions, (p) => p.ingredient.dry!.structure);

/** The same of a flour that was let clump. */
export const clumpedStructure = (portions: readonly Part[]): number =>
  structureOf(portions) + CLUMPED_CRUNCH * (1 - structureOf(portions));

/** Speed of browning against coarse crumbs = 1; sugar speeds it. */
export function browningOf(portions: readonly Part[]): number {
  const base = dryMean(portions, (p) => p.ingredient.dry!.browning) || BROWNING_OF_A_DIP;
  const solidsG = (massMean(portions, (i) => 100 - i.per100g.waterG) / 100) * totalGrams(portions);
  const sugarG = (massMean(portions, (i) => i.sugarG ?? 0) / 100) * totalGrams(portions);
  return base + BROWNING_OF_SUGAR * (sugarG / Math.max(NEXT_TO_NOTHING, solidsG));
}

/** Ingredients by mass shares that add up to 1. */
export function normalised(portions: readonly Part[]): Part[] {
  const total = totalGrams(portions);
  return portions.map((p) => ({ ...p, grams: p.grams / total }));
}
