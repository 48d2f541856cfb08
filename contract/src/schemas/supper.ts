import type { Guest } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import type { SupperDocument } from '../types.js';
import { allergensSchema, allOf, dietsSchema, nameSchema, versionSchema } from './fields.js';
import { Joi } from './joi.js';

/** A save of the supper, naming the version that it changes. */
export const saveSupperSchema = allOf<SupperDocument>({
  version: versionSchema(0),
  name: nameSchema,
  dishIds: Joi.array().items(Joi.string().max(60)).unique().max(RANGES.supperDishes.max),
  guests: Joi.array()
    .items(
      allOf<Guest>({
        name: nameSchema,
        avoidAllergens: allergensSchema,
        diets: dietsSchema,
      }),
    )
    .unique('name')
    .max(RANGES.guests.max),
});
