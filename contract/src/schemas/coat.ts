import type * as J from 'joi';
import type { DividedBowl, FriedCook, LayerSpec, Portion, WrittenAmounts } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { allOf, coatId, oneOf, pantryId, whole, within } from './fields.js';
import { Joi } from './joi.js';

/** An ingredient of a coat, and how many grams of it. */
export const portion = allOf<Portion>({ ingredientId: coatId, grams: within('grams') });

const hasWeight = (portions: Portion[], helpers: J.CustomHelpers): unknown =>
  portions.some((p) => p.grams > 0) ? portions : helpers.error('any.weightless');

/** Several of them, of which one at least weighs something. */
export const portions = Joi.array()
  .items(portion)
  .min(RANGES.portions.min)
  .max(RANGES.portions.max)
  .custom(hasWeight)
  .messages({ 'any.weightless': '{{#label}} must hold more than 0 g of something' });

/** A layer of a coat: what it is made of, and how it is put on. */
export const layer = allOf<LayerSpec>({
  portions,
  written: allOf<WrittenAmounts>({ portions, pieces: whole('count') }).optional(),
  divided: allOf<DividedBowl>({ share: within('dividedShare'), portions }).optional(),
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
export const oilSchema = pantryId('a frying oil', (item) => item.roles.includes('frying-oil'));

/** The dish as it is fried today. */
export const friedSchema = allOf<FriedCook>({
  layers: layersSchema,
  medium: oneOf('deep-oil', 'pan-oil'),
  oilId: oilSchema,
  tempC: within('oilTempC'),
  minutes: within('oilMinutes'),
});
