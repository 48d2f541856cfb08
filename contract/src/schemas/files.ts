import type { DishFile } from '../types.js';
import { RANGES } from '../ranges.js';
import { conversionBodySchema } from './conversion.js';
import { oneOf } from './fields.js';
import { Joi } from './joi.js';
import { labelSchema } from './pantry.js';

/** A dish as a file of its own. */
export const dishFileSchema = conversionBodySchema.append<DishFile>({
  yellowmist: oneOf('dish').required(),
  format: Joi.number().integer().min(1).required(),
  own: Joi.array().items(labelSchema).max(RANGES.ownIngredients.max).required(),
});
