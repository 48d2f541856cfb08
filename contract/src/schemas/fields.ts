import type * as J from 'joi';
import { ALLERGEN_IDS, DIETS, ingredient, inPantry, KNOWN, type Ingredient, type Pantry } from '@yellowmist/core';
import { RANGES, type RangeName } from '../ranges.js';
import type { BrokenDocument } from '../types.js';
import { Joi } from './joi.js';

/** Fields that several documents have. */

/** A number within its range of ranges.ts; the error says which. */
export const within = (name: RangeName): J.NumberSchema => {
  const { min, max } = RANGES[name];
  const allowed = `{{#label}} must be a number from ${min} to ${max}`;
  return Joi.number()
    .min(min)
    .max(max)
    .messages({ 'number.min': allowed, 'number.max': allowed, 'number.base': allowed });
};
/** The same for a whole number. */
export const whole = (name: RangeName): J.NumberSchema =>
  within(name)
    .integer()
    .messages({
      'number.integer': `{{#label}} must be a whole number from ${RANGES[name].min} to ${RANGES[name].max}`,
    });

/** One of some words. */
export const oneOf = (...words: readonly string[]): J.StringSchema => Joi.string().valid(...words);

/**
 * An object of type T of which every field is required that does not say otherwise. A field that T does not have, lacks
 * or holds as another type does not compile.
 */
export const allOf = <T>(keys: J.SchemaMap<T, true>): J.ObjectSchema<T> =>
  Joi.object<T, true>(keys).options({ presence: 'required' });

/** A number of a document's version: the one that a save changes. */
export const versionSchema = (first: 0 | 1): J.NumberSchema =>
  Joi.number().integer().min(first).max(Number.MAX_SAFE_INTEGER);

/** What the cook calls something. */
export const nameSchema = Joi.string().trim().min(RANGES.nameLength.min).max(RANGES.nameLength.max);

/** The pantry that a document is checked against: the known ingredients, and the kitchen's own beside them. */
const pantryIn = ({ prefs }: J.CustomHelpers): Pantry => (prefs.context as { pantry?: Pantry })?.pantry ?? KNOWN;

/** A pantry id; any of them, or only those for which `fits` holds. */
export const pantryId = (what: string, fits: (item: Ingredient) => boolean = () => true): J.StringSchema =>
  Joi.string()
    .max(RANGES.nameLength.max)
    .custom((id: string, helpers) => {
      const pantry = pantryIn(helpers);
      return inPantry(pantry, id) && fits(ingredient(pantry, id)) ? id : helpers.error('any.pantry', { what });
    })
    .messages({ 'any.pantry': '{{#label}} must be the id of {{#what}} in the pantry' });

/** Pantry ids of anything, each once. */
export const pantryIds = (most: number): J.ArraySchema =>
  Joi.array().items(pantryId('an ingredient')).unique().max(most);

/** An id of an ingredient of a coat: anything but a food. */
export const coatId = pantryId('a coat ingredient', (item) => item.food === undefined);

/** Diets, each once. */
export const dietsSchema = Joi.array()
  .items(oneOf(...DIETS))
  .unique()
  .max(DIETS.length);
/** Allergens of the lists, each once. */
export const allergensSchema = Joi.array()
  .items(oneOf(...ALLERGEN_IDS))
  .unique()
  .max(ALLERGEN_IDS.length);

/** What the store adds to every document of which there are many. */
export const stamps = {
  id: Joi.string().guid(),
  version: versionSchema(1),
  createdAt: Joi.string(),
  updatedAt: Joi.string(),
};

/** A document that cannot be opened here, and why. */
export const brokenSchema = allOf<BrokenDocument>({ ...stamps, name: Joi.string().allow(''), problem: Joi.string() });
