import { isWetLayer, type LayerSpec } from '../coat/index.js';
import { allowed, functionOf, ingredient, type Asks, type Ingredient } from '../foods/index.js';
import type { Limits } from './types.js';

/** What a coat needs something for. */
export type Use = 'dust' | 'glue' | 'crumbs' | 'starch' | 'batter-flour' | 'oil';

/** What is tried for each use, the usual first. Common practice, no source. */
const USUAL: Record<Use, readonly string[]> = {
  dust: ['wheat-flour', 'rice-flour', 'chickpea-flour', 'corn-starch', 'potato-starch'],
  glue: ['egg', 'soured-soy-milk', 'aquafaba', 'buttermilk', 'egg-white', 'yoghurt'],
  crumbs: [
    'coarse-crumbs',
    'gluten-free-crumbs',
    'cornflakes',
    'puffed-rice',
    'fine-crumbs',
    'polenta',
    'cracker-crumbs',
    'rolled-oats',
  ],
  starch: ['potato-starch', 'corn-starch', 'tapioca-starch', 'rice-flour'],
  'batter-flour': ['chickpea-flour', 'wheat-flour', 'rice-flour', 'buckwheat-flour'],
  oil: ['rapeseed-oil', 'sunflower-oil', 'olive-oil'],
};

/** Whether an ingredient that the cook insists on can serve this use. */
const serves = (item: Ingredient, use: Use): boolean => {
  const does = functionOf(item);
  switch (use) {
    case 'dust':
      return does === 'powder';
    case 'starch':
      return item.dry?.grain === 'starch';
    case 'batter-flour':
      return item.dry?.grain === 'powder';
    case 'crumbs':
      return does === 'finish';
    case 'glue':
      return does === 'glue';
    case 'oil':
      return does === 'oil';
  }
};

/** What the cook asks for of a limits' ingredients. */
export const asksOf = ({ diets, avoidAllergens, without }: Limits): Asks => ({ diets, avoidAllergens, without });

/** All that may serve a use: what the cook insists on first, then the usual, as far as it is eaten and in the house. */
export function optionsFor(limits: Limits, use: Use): string[] {
  const kept = (limits.keep ?? []).filter((id) => serves(ingredient(id), use));
  return [...new Set([...kept, ...USUAL[use]])].filter((id) => allowed(id, asksOf(limits)));
}

/** The first that may serve a use; undefined when nothing is left. */
export const firstFor = (limits: Limits, use: Use): string | undefined => optionsFor(limits, use)[0];

/** A layer of ingredients and grams. */
export const layer = (portions: [string, number][], extra: Partial<LayerSpec> = {}): LayerSpec => ({
  portions: portions.map(([ingredientId, grams]) => ({ ingredientId, grams })),
  ...extra,
});

/** Starch that gives a plant binder its body, g per 100 g. Common practice, no source: "more starch when it will not thicken". */
export const STARCH_IN_PLANT_GLUE = 10;

/** A dip that glues: egg, or a milk or plant one that starch thickens. Undefined when nothing that glues is left. */
export function gluingLayer(limits: Limits, glue = firstFor(limits, 'glue')): LayerSpec | undefined {
  if (!glue) return undefined;
  if (['egg', 'egg-white'].includes(glue)) return layer([[glue, 50]]);
  const starch = firstFor(limits, 'starch');
  return starch
    ? layer([
        [glue, 100],
        [starch, STARCH_IN_PLANT_GLUE],
      ])
    : layer([[glue, 100]]);
}

/** Whether a layer is a batter: wet, with flour or starch in it. */
export const isBatter = (l: LayerSpec): boolean =>
  isWetLayer(l) && l.portions.some((p) => ingredient(p.ingredientId).dry);
