import { FAMILIES, type TakenAs } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import type { Chosen, ConversionBody, NamedVersion, SaveRequest } from '../types.js';
import { friedSchema } from './coat.js';
import { limitsSchema } from './convert.js';
import { dishSchema } from './dish.js';
import { allOf, nameSchema, oneOf, versionSchema, within } from './fields.js';
import { fryerSchema } from './fryer.js';
import { Joi } from './joi.js';
import { airPlanSchema } from './plan.js';

/** An air version, and who chose it. */
export const chosenSchema = allOf<Chosen>({
  family: oneOf(...FAMILIES, 'own'),
  by: oneOf('search', 'cook'),
  plan: airPlanSchema,
  meantFor: allOf<TakenAs>({
    offsetC: within('offsetC'),
    airFactor: within('airFactor'),
    browning: within('browning'),
  }).optional(),
});

const namedVersion = allOf<NamedVersion>({
  id: Joi.number().integer().min(1),
  name: nameSchema,
  chosen: chosenSchema,
});

/** The parts of a conversion that a cook writes and the server stores. */
export const conversionBodySchema = allOf<ConversionBody>({
  name: nameSchema,
  note: Joi.string().max(RANGES.noteLength.max).allow('').optional().default(''),
  dish: dishSchema,
  fried: friedSchema,
  fryer: fryerSchema,
  limits: limitsSchema,
  chosen: chosenSchema.allow(null).optional().default(null),
  versions: Joi.array().items(namedVersion).unique('id').max(RANGES.versions.max).optional().default([]),
  tags: Joi.array()
    .items(Joi.string().trim().min(RANGES.tagLength.min).max(RANGES.tagLength.max))
    .unique()
    .max(RANGES.tags.max)
    .optional(),
  archived: Joi.boolean().optional(),
});

/** A save: the body and the version that it changes. */
export const saveRequestSchema = conversionBodySchema.append<SaveRequest>({ version: versionSchema(1).required() });
