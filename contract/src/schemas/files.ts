import {
  ANSWERS,
  FILED,
  type DishFile,
  type FiledCook,
  type FiledDocument,
  type FiledPhoto,
  type ImportConflict,
  type ImportReport,
  type KitchenFile,
} from '../types.js';
import { RANGES } from '../ranges.js';
import { conversionBodySchema } from './conversion.js';
import { cookEventSchema } from './cook.js';
import { allOf, oneOf } from './fields.js';
import { Joi } from './joi.js';
import { photoRecordsSchema, seenRecordsSchema } from './log.js';
import { labelSchema } from './pantry.js';

/** A dish as a file of its own. */
export const dishFileSchema = conversionBodySchema.append<DishFile>({
  yellowmist: oneOf('dish').required(),
  format: Joi.number().integer().min(1).required(),
  own: Joi.array().items(labelSchema).max(RANGES.ownIngredients.max).required(),
});

/** A document in the format in which it was stored, before what is in it is checked. */
const filed = { format: Joi.number().integer().min(1), body: Joi.object().unknown(true) };

/** Such documents under their own identities. */
const filedList = (most: number) =>
  Joi.array()
    .items(
      allOf<FiledDocument<object> & Record<'id' | 'createdAt' | 'updatedAt', string>>({
        id: Joi.string().guid(),
        createdAt: Joi.string().isoDate(),
        updatedAt: Joi.string().isoDate(),
        ...filed,
      }),
    )
    .unique('id')
    .max(most);

/** A cook in a kitchen's file. */
const filedCookSchema = allOf<FiledCook>({
  id: Joi.string().guid(),
  startedAt: Joi.string().isoDate(),
  endedAt: Joi.string().isoDate(),
  ...filed,
  events: Joi.array().items(cookEventSchema).max(RANGES.filedEvents.max),
  records: seenRecordsSchema.unique('dish'),
  photos: photoRecordsSchema.unique('id').max(RANGES.photos.max),
});

/** A whole kitchen as one file, before the documents in it are brought up to today and checked one by one. */
export const kitchenFileSchema = allOf<KitchenFile>({
  yellowmist: oneOf('kitchen'),
  format: Joi.number().integer().min(1),
  exportedAt: Joi.string().isoDate(),
  dishes: filedList(RANGES.filedDishes.max),
  kitchen: allOf<FiledDocument<object>>(filed),
  pantry: allOf<FiledDocument<object>>(filed),
  evenings: filedList(RANGES.filedEvenings.max),
  experiments: filedList(RANGES.filedExperiments.max),
  cooks: Joi.array().items(filedCookSchema).unique('id').max(RANGES.filedCooks.max),
  photographs: Joi.array()
    .items(allOf<FiledPhoto>({ hash: Joi.string().hex(), data: Joi.string().base64() }))
    .max(RANGES.filedPhotos.max),
  photographsLeftOut: Joi.number().integer().min(0),
});

const words = Joi.string().allow('');

/** What `POST /api/import` answers. */
export const importReportSchema = allOf<ImportReport>({
  tried: Joi.boolean(),
  added: Joi.array().items(allOf<ImportReport['added'][number]>({ what: oneOf(...FILED), name: words })),
  same: Joi.number(),
  photos: allOf<ImportReport['photos']>({ brought: Joi.number(), missing: Joi.number() }),
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
