import type * as J from 'joi';
import { KNOWN, MOST_ON_LABEL_G, namedG, OWN_PREFIX, soldAs, type Label } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import type { PantryDocument, UsualWeight } from '../types.js';
import { allergensSchema, allOf, nameSchema, oneOf, pantryId, versionSchema, within } from './fields.js';
import { Joi } from './joi.js';

/** A coat ingredient that the pantry knows by itself: an own one may not lean on another own one. */
const isKnownCoat = (id: string): boolean => KNOWN.byId.get(id)?.food === undefined && KNOWN.byId.has(id);

const per100g = within('per100g');

/** What a packet says must fit into its 100 g, and sugar is a part of the carbohydrate. */
const fitsLabel = (label: Label, helpers: J.CustomHelpers): unknown => {
  if (namedG(label) > MOST_ON_LABEL_G) return helpers.error('label.full');
  return label.sugarG > label.carbohydrateG + 0.05 ? helpers.error('label.sugar') : label;
};

/** What a packet says, and the known ingredient that it behaves like. */
export const labelSchema = allOf<Label>({
  id: Joi.string()
    .pattern(/^own-[a-z0-9-]{1,50}$/)
    .message(`{{#label}} must begin with "${OWN_PREFIX}" and hold small letters, digits and hyphens`),
  name: nameSchema,
  likeId: Joi.string()
    .max(60)
    .custom((id: string, helpers) => (isKnownCoat(id) ? id : helpers.error('any.pantry')))
    .messages({ 'any.pantry': '{{#label}} must be the id of a known coat ingredient that it behaves like' }),
  fatG: per100g,
  carbohydrateG: per100g,
  sugarG: per100g,
  fibreG: per100g,
  proteinG: per100g,
  saltG: per100g,
  allergens: allergensSchema,
  origin: oneOf('none', 'egg', 'milk', 'honey', 'meat', 'fish'),
  cupG: within('cupG').allow(null),
})
  .custom(fitsLabel)
  .messages({
    'label.full': `{{#label}} names more than ${MOST_ON_LABEL_G} g in 100 g: fat, carbohydrate, fibre, protein and salt together must be 100 g or less`,
    'label.sugar': '{{#label}} has more sugar than carbohydrate: sugarG must be carbohydrateG or less',
  });

const isSoldBy = (weight: UsualWeight, helpers: J.CustomHelpers): unknown => {
  const units = soldAs({ id: weight.foodId }).units.map((u) => u.id);
  return units.includes(weight.unit) ? weight : helpers.error('weight.unit', { allowed: units.join(', ') });
};

/** What one of a market's unit weighs in this kitchen. */
const usualWeight = allOf<UsualWeight>({
  foodId: pantryId('a food', (item) => item.food !== undefined),
  unit: Joi.string().max(60),
  grams: within('unitG'),
})
  .custom(isSoldBy)
  .messages({ 'weight.unit': '{{#label}}.unit must be one that this food is sold by: {{#allowed}}' });

/** A save of the pantry, naming the version that it changes. What it has and never uses may be its own. */
export const savePantrySchema = allOf<PantryDocument>({
  version: versionSchema(0),
  have: Joi.array().items(Joi.string().max(60)).unique().max(RANGES.pantryIds.max),
  never: Joi.array().items(Joi.string().max(60)).unique().max(RANGES.pantryIds.max),
  own: Joi.array().items(labelSchema).unique('id').max(RANGES.ownIngredients.max),
  weights: Joi.array().items(usualWeight).max(RANGES.weights.max).optional(),
});
