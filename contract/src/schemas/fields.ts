import Joi from 'joi';
import { ALLERGEN_IDS, DIETS, inPantry } from '@yellowmist/core';
import { RANGES, type RangeName } from '../ranges.js';

/** Fields that several documents have. */

/** A number within its range of ranges.ts; the error says which. */
export const within = (name: RangeName): Joi.NumberSchema => {
  const { min, max } = RANGES[name];
  const allowed = `{{#label}} must be a number from ${min} to ${max}`;
  return Joi.number()
    .min(min)
    .max(max)
    .messages({ 'number.min': allowed, 'number.max': allowed, 'number.base': allowed });
};
/** The same for a whole number. */
export const whole = (name: RangeName): Joi.NumberSchema => within(name).integer();
/** An object of which every field is required that does not say otherwise. */
export const allOf = (keys: Joi.SchemaMap): Joi.ObjectSchema => Joi.object(keys).options({ presence: 'required' });

/** What the cook calls something. */
export const nameSchema = Joi.string().trim().min(RANGES.nameLength.min).max(RANGES.nameLength.max);

/** A pantry id; any of them, or only those for which `fits` holds. */
export const pantryId = (what: string, fits: (id: string) => boolean): Joi.StringSchema =>
  Joi.string()
    .max(60)
    .custom((id: string, helpers) => (inPantry(id) && fits(id) ? id : helpers.error('any.pantry', { what })))
    .messages({ 'any.pantry': '{{#label}} must be the id of {{#what}} in the pantry' });

/** Diets, each once. */
export const dietsSchema = Joi.array()
  .items(Joi.valid(...DIETS))
  .unique();
/** Allergens of the lists, each once. */
export const allergensSchema = Joi.array()
  .items(Joi.valid(...ALLERGEN_IDS))
  .unique();
