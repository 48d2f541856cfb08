import { isWetLayer, layerOf, type LayerSpec } from '../coat/index.js';
import { allowed, functionOf, ingredient, type Ingredient, type Pantry, type Use } from '../foods/index.js';
import { STARCH_IN_PLANT_GLUE } from './constants.js';
import type { Choice } from './types.js';

/** Whether an ingredient that the cook insists on can serve a use. */
const SERVES: Record<Use, (item: Ingredient) => boolean> = {
  dust: (item) => functionOf(item) === 'powder',
  starch: ({ dry }) => dry?.grain === 'starch',
  'batter-flour': ({ dry }) => dry?.grain === 'powder',
  crumbs: (item) => functionOf(item) === 'finish',
  glue: (item) => functionOf(item) === 'glue',
  oil: (item) => functionOf(item) === 'oil',
};

/** What is tried for a use, the usual first. */
const usualFor = (pantry: Pantry, use: Use): string[] =>
  pantry.shelf
    .filter((i) => i.uses?.[use] !== undefined)
    .sort((a, b) => a.uses![use]! - b.uses![use]!)
    .map((i) => i.id);

/** All that may serve a use: what the cook insists on first, then the usual, as far as it is eaten and in the house. */
export function optionsFor(choice: Choice, use: Use): string[] {
  const { pantry, keep } = choice;
  const kept = keep.filter((id) => SERVES[use](ingredient(pantry, id)));
  return [...new Set([...kept, ...usualFor(pantry, use)])].filter((id) => allowed(id, choice));
}

/** The first that may serve a use; undefined when nothing is left. */
export const firstFor = (choice: Choice, use: Use): string | undefined => optionsFor(choice, use)[0];

/** A layer of ingredients and grams, with what is done to it. */
export const layer = (portions: [string, number][], extra: Partial<LayerSpec> = {}): LayerSpec => ({
  ...layerOf(...portions),
  ...extra,
});

/** Whether a binder's own protein sets it: egg. A milk or plant one wants starch. */
export const setsByItself = ({ origin, per100g }: Ingredient): boolean => origin === 'egg' && per100g.proteinG > 8;

/** A dip that glues: egg, or a milk or plant one that starch thickens. Undefined when nothing that glues is left. */
export function gluingLayer(choice: Choice, glue = firstFor(choice, 'glue')): LayerSpec | undefined {
  if (!glue) return undefined;
  if (setsByItself(ingredient(choice.pantry, glue))) return layer([[glue, 50]]);
  const starch = firstFor(choice, 'starch');
  return starch
    ? layer([
        [glue, 100],
        [starch, STARCH_IN_PLANT_GLUE],
      ])
    : layer([[glue, 100]]);
}

/** Whether a layer is a batter: wet, with flour or starch in it. */
export const isBatter = (pantry: Pantry, l: LayerSpec): boolean =>
  isWetLayer(pantry, l) && l.portions.some((p) => ingredient(pantry, p.ingredientId).dry);
