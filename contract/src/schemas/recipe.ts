import {
  FOUND,
  RECIPE_BOWLS,
  SURE,
  TAKEN_FOR,
  type Found,
  type Guess,
  type ReadLine,
  type ReadStep,
  type RecipeBowl,
  type RecipeReading,
} from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import type { ReadRecipeRequest } from '../types.js';
import { friedSchema, portion } from './coat.js';
import { dishSchema, sideBowlSchema } from './dish.js';
import { allOf, oneOf } from './fields.js';
import { Joi } from './joi.js';

const words = Joi.string().allow('');
const wordList = Joi.array().items(words);

/** What `POST /api/recipes/read` takes: one of a text, a page, or JSON. */
export const readRecipeSchema = Joi.object<ReadRecipeRequest>({
  text: Joi.string().allow('').max(RANGES.recipeText.max),
  html: Joi.string().allow('').max(RANGES.recipeHtml.max),
  // A foreign document of any shape: it is read with care, and not checked.
  json: Joi.alternatives().try(Joi.string().max(RANGES.recipeHtml.max), Joi.any()),
})
  .xor('text', 'html', 'json')
  .messages({
    'object.missing': 'text, html or json must be given: the recipe to read',
    'object.xor': 'text, html and json cannot be given together: send one of them',
  });

const line = allOf<ReadLine>({
  text: words,
  takenFor: oneOf(...TAKEN_FOR),
  bowl: words.allow(null),
  quantity: Joi.number().allow(null),
  unit: words.allow(null),
  grams: Joi.number().allow(null),
  ingredientId: words.allow(null),
  sure: oneOf(...SURE),
  why: words,
});

const found = allOf<Found>({ what: oneOf(...FOUND), text: words, value: Joi.number().optional() });

const bowl = allOf<RecipeBowl>({
  id: words,
  kind: oneOf(...RECIPE_BOWLS),
  name: words,
  portions: Joi.array().items(portion),
  layers: Joi.array().items(Joi.number()),
});

/** What it answers. */
export const recipeReadingSchema = allOf<RecipeReading>({
  title: words,
  servings: Joi.number().allow(null),
  lines: Joi.array().items(line),
  steps: Joi.array().items(allOf<ReadStep>({ text: words, found: Joi.array().items(found) })),
  bowls: Joi.array().items(bowl),
  dish: dishSchema.allow(null),
  fried: friedSchema.allow(null),
  sauce: sideBowlSchema.allow(null),
  guesses: Joi.array().items(allOf<Guess>({ field: words, why: words })),
  headings: wordList,
  notUsed: wordList,
  trouble: allOf<NonNullable<RecipeReading['trouble']>>({
    kind: oneOf('no-food', 'no-coat', 'baking'),
    text: words,
  }).allow(null),
});
