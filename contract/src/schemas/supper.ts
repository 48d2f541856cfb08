import Joi from 'joi';
import { RANGES } from '../ranges.js';
import { allOf, allergensSchema, dietsSchema, nameSchema } from './fields.js';

/** A save of the supper, naming the version that it changes. */
export const saveSupperSchema = allOf({
  version: Joi.number().integer().min(0),
  name: nameSchema,
  dishIds: Joi.array().items(Joi.string().max(60)).unique().max(RANGES.supperDishes.max),
  guests: Joi.array()
    .items(
      allOf({
        name: nameSchema,
        avoidAllergens: allergensSchema,
        diets: dietsSchema,
      }),
    )
    .unique('name')
    .max(RANGES.guests.max),
});
