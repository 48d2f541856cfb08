import {
  SIDE_USES,
  type About,
  type BowlPart,
  type Keeping,
  type Serving,
  type SideBowlAmounts,
  type Thickening,
} from '@yellowmist/core';
import { allOf, oneOf } from './fields.js';
import { Joi } from './joi.js';

/** What the API answers of bowls and plates. */

const words = Joi.string().allow('');

/** What is measured into a bowl. */
export const bowlParts = Joi.array().items(
  allOf<BowlPart>({
    ingredientId: words,
    name: words,
    grams: Joi.number(),
    ml: Joi.number().allow(null),
    count: Joi.number().allow(null),
  }),
);

/** A bowl beside the coat, measured out. */
export const sideBowl = allOf<SideBowlAmounts>({
  name: words,
  use: oneOf(...SIDE_USES),
  parts: bowlParts,
  takesG: Joi.number(),
  perBatchG: Joi.number(),
  batches: Joi.number(),
  saysG: Joi.number(),
  thickening: allOf<Thickening>({ starchPer100g: Joi.number(), word: words, minutes: Joi.number() }).allow(null),
  keeping: allOf<Keeping>({ made: oneOf('before', 'ahead', 'while-it-cooks'), days: Joi.number() }),
});

const about = allOf<About>({ value: Joi.number(), off: Joi.number() });
/** What one person eats. */
export const serving = allOf<Serving>({
  people: Joi.number(),
  energyKcal: about,
  proteinG: about,
  fatG: about,
  carbohydrateG: about,
  saltG: about,
});
