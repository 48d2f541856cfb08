import Joi from 'joi';
import { ingredient } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { allOf, pantryId, within } from './fields.js';

const portion = allOf({
  ingredientId: pantryId('a coat ingredient', (id) => ingredient(id).food === undefined),
  grams: within('grams'),
});

const hasWeight = (portions: { grams: number }[], helpers: Joi.CustomHelpers): unknown =>
  portions.some((p) => p.grams > 0) ? portions : helpers.error('any.weightless');

/** A layer of a coat: what it is made of, and how it is put on. */
export const layer = Joi.object({
  portions: Joi.array()
    .items(portion)
    .min(RANGES.portions.min)
    .max(RANGES.portions.max)
    .custom(hasWeight)
    .messages({ 'any.weightless': '{{#label}} must hold more than 0 g of something' })
    .required(),
  // Said outright, because the documents around a layer require every other field.
  pressed: Joi.boolean().optional(),
  clumped: Joi.boolean().optional(),
  drainS: within('drainS').optional(),
  standMin: within('standMin').optional(),
  beaten: Joi.boolean().optional(),
  untapped: Joi.boolean().optional(),
  spreadMm: within('spreadMm').optional(),
});

/** A coat, from the skin outward. */
export const layersSchema = Joi.array().items(layer).min(RANGES.layers.min).max(RANGES.layers.max);

/** An oil to fry, rub or spray with. */
export const oilSchema = pantryId('a frying oil', (id) => ingredient(id).roles.includes('frying-oil'));

/** The dish as it is fried today. */
export const friedSchema = allOf({
  layers: layersSchema,
  medium: Joi.valid('deep-oil', 'pan-oil'),
  oilId: oilSchema,
  tempC: within('oilTempC'),
  minutes: within('oilMinutes'),
});
