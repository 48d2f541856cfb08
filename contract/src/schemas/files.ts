import type * as J from 'joi';
import {
  ANSWERS,
  FILED,
  type DishFile,
  type FiledDish,
  type FiledEvening,
  type ImportConflict,
  type ImportReport,
  type KitchenFile,
} from '../types.js';
import { RANGES } from '../ranges.js';
import { conversionBodySchema } from './conversion.js';
import { allOf, oneOf } from './fields.js';
import { Joi } from './joi.js';
import { labelSchema } from './pantry.js';

/** A dish as a file of its own. */
export const dishFileSchema = conversionBodySchema.append<DishFile>({
  yellowmist: oneOf('dish').required(),
  format: Joi.number().integer().min(1).required(),
  own: Joi.array().items(labelSchema).max(RANGES.ownIngredients.max).required(),
});

const filed = (body: J.Schema): J.ObjectSchema<never> =>
  Joi.object({ format: Joi.number().integer().min(1).required(), body: body.required() }).required() as never;

/** A whole kitchen as one file, before the documents in it are brought up to today and checked one by one. */
export const kitchenFileSchema = allOf<KitchenFile>({
  yellowmist: oneOf('kitchen'),
  format: Joi.number().integer().min(1),
  exportedAt: Joi.string().isoDate(),
  dishes: Joi.array()
    .items(
      allOf<FiledDish>({
        id: Joi.string().guid(),
        format: Joi.number().integer().min(1),
        createdAt: Joi.string().isoDate(),
        updatedAt: Joi.string().isoDate(),
        body: Joi.object().unknown(true),
      }),
    )
    .unique('id')
    .max(RANGES.filedDishes.max),
  kitchen: filed(Joi.object().unknown(true)),
  pantry: filed(Joi.object().unknown(true)),
  evenings: Joi.array()
    .items(
      allOf<FiledEvening>({
        id: Joi.string().guid(),
        format: Joi.number().integer().min(1),
        createdAt: Joi.string().isoDate(),
        updatedAt: Joi.string().isoDate(),
        body: Joi.object().unknown(true),
      }),
    )
    .unique('id')
    .max(RANGES.filedEvenings.max),
});

const words = Joi.string().allow('');

/** What `POST /api/import` answers. */
export const importReportSchema = allOf<ImportReport>({
  tried: Joi.boolean(),
  added: Joi.array().items(allOf<ImportReport['added'][number]>({ what: oneOf(...FILED), name: words })),
  same: Joi.number(),
  conflicts: Joi.array().items(
    allOf<ImportConflict>({
      key: words,
      what: oneOf(...FILED),
      name: words,
      here: words,
      there: words,
      answer: oneOf(...ANSWERS),
    }),
  ),
});
