import Joi from 'joi';
import { FAMILIES } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { friedSchema } from './coat.js';
import { limitsSchema } from './convert.js';
import { dishSchema } from './dish.js';
import { allOf, nameSchema } from './fields.js';
import { fryerSchema } from './fryer.js';
import { airPlanSchema } from './plan.js';

/** An air version, and who chose it. */
export const chosenSchema = Joi.object({
  family: Joi.valid(...FAMILIES, 'own').required(),
  by: Joi.valid('search', 'cook').required(),
  plan: airPlanSchema.required(),
});

/** The parts of a conversion that a cook writes and the server stores. */
export const conversionBodySchema = Joi.object({
  name: nameSchema.required(),
  note: Joi.string().max(RANGES.noteLength.max).allow('').default(''),
  dish: dishSchema.required(),
  fried: friedSchema.required(),
  fryer: fryerSchema.required(),
  limits: limitsSchema.required(),
  chosen: chosenSchema.allow(null).default(null),
  versions: Joi.array()
    .items(allOf({ id: Joi.number().integer().min(1), name: nameSchema, chosen: chosenSchema }))
    .unique('id')
    .max(RANGES.versions.max)
    .default([]),
});

/** A save: the body and the version that it changes. */
export const saveRequestSchema = conversionBodySchema.keys({
  version: Joi.number().integer().min(1).required(),
});
