import {
  ALLERGENS,
  DIETS,
  fitsDiets,
  functionOf,
  type CoatFunction,
  type Diet,
  type Ingredient,
} from '@yellowmist/core';

/** What an ingredient does in a coat, as the heading over its like. */
const FUNCTIONS: Record<CoatFunction, string> = {
  powder: 'Flours and starches: they dust, thicken and crackle',
  finish: 'Finishes: the crunch',
  glue: 'Binders: the glue',
  'thin-liquid': 'Liquids: they thin a batter',
  'sharp-liquid': 'Sharp and salty liquids: they season a batter',
  oil: 'Oils and fats',
  sauce: 'Sauces',
  spice: 'Spices',
  salt: 'Salt',
  lift: 'Leavening',
  food: 'Foods',
};

export const functionWord = (i: Ingredient): string => FUNCTIONS[functionOf(i)];

/** Order of the headings on the page: the order of the layers. */
export const FUNCTION_ORDER: readonly string[] = Object.values(FUNCTIONS);

/** Names under which a law lists what is in it. */
export const listedBy = (i: Ingredient, law: 'eu' | 'us'): string =>
  [...new Set(i.allergens.map((a) => ALLERGENS[a][law]).filter((name) => name !== null))].join(', ');

const BREAKS: Record<Diet, string> = {
  vegan: 'vegan',
  vegetarian: 'vegetarian',
  'gluten-free': 'gluten-free',
  'egg-free': 'egg-free',
  'dairy-free': 'dairy-free',
  'nut-free': 'nut-free',
};

/** Diets that it breaks, by its nature alone. */
export const notFor = (i: Ingredient): string =>
  DIETS.filter((d) => !fitsDiets(i, [d]))
    .map((d) => BREAKS[d])
    .join(', ');
