import type * as J from 'joi';
import {
  isFlesh,
  totalGrams,
  type DividedBowl,
  type FriedCook,
  type LayerSpec,
  type Portion,
  type WrittenAmounts,
} from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { allOf, coatId, oneOf, pantryId, whole, within } from './fields.js';
import { Joi } from './joi.js';

/** An ingredient whose id fits, and how many grams of it. */
const portionOf = (id: J.StringSchema): J.ObjectSchema<Portion> =>
  allOf<Portion>({ ingredientId: id, grams: within('grams') });

/** An ingredient of a coat, and how many grams of it. */
export const portion = portionOf(coatId);

/** Something that can be weighed, and that the largest bowl holds. */
const hasWeight = (portions: Portion[], helpers: J.CustomHelpers): unknown => {
  const together = totalGrams(portions);
  const { min, max } = RANGES.bowlG;
  return together >= min && together <= max ? portions : helpers.error('any.weightless', { min, max });
};

/** Several portions of what fits, of which one at least weighs something. */
const several = (id: J.StringSchema): J.ArraySchema<Portion[]> =>
  Joi.array()
    .items(portionOf(id))
    .min(RANGES.portions.min)
    .max(RANGES.portions.max)
    .custom(hasWeight)
    .messages({ 'any.weightless': '{{#label}} must weigh {{#min}} to {{#max}} g together' });

export const portions = several(coatId);

/** What a bowl beside the coat holds: foods, too, that are eaten as they are. */
export const servedPortions = several(pantryId('something that is no raw meat or fish', (i) => !i.food || !isFlesh(i)));

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
