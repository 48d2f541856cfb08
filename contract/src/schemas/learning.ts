import { RANGES } from '../ranges.js';
import type * as T from '../types.js';
import { allOf, nameSchema, oneOf, versionSchema } from './fields.js';
import { Joi } from './joi.js';

const value = allOf<T.LearnedValue>({ is: Joi.number(), off: Joi.number().min(0) });

const moment = Joi.string()
  .isoDate()
  .messages({ 'string.isoDate': '{{#label}} must be a date and time, as 2026-03-26T18:30:00Z' });

const body = {
  on: Joi.boolean().required(),
  leftOut: Joi.array().items(Joi.string().max(120)).unique().max(RANGES.leftOut.max).required(),
  since: Joi.array()
    .items(allOf<T.LearningBody['since'][number]>({ fryer: nameSchema, at: moment }))
    .unique('fryer')
    .max(RANGES.forgotten.max)
    .required(),
  handsSince: moment.allow(null).optional().default(null),
};

/** What `PUT /api/learning` takes. */
export const saveLearningSchema = Joi.object<T.LearningBody & { version: number }>({
  ...body,
  version: versionSchema(0).required(),
});

const hands = allOf<T.HandsLearning>({
  says: Joi.string().allow(''),
  parts: Joi.array(),
  dips: value,
  crumbs: value,
  coatPieceS: value,
  weighed: Joi.number(),
  timed: Joi.number(),
});

/** What it answers. */
export const learningSchema = allOf<T.LearningDocument>({
  ...body,
  version: Joi.number(),
  hands,
  fryers: Joi.array().items(
    allOf<T.FryerLearning>({
      fryer: nameSchema,
      says: Joi.string(),
      parts: Joi.array(),
      offsetC: value,
      air: value,
      browning: value,
      lower: value.allow(null),
      cooks: Joi.array().items(
        allOf<T.TaughtCook>({
          id: Joi.string(),
          cook: Joi.string(),
          dish: Joi.string(),
          name: Joi.string(),
          at: Joi.string(),
          leftOut: Joi.boolean(),
          alone: allOf<NonNullable<T.TaughtCook['alone']>>({
            offsetC: Joi.number(),
            air: Joi.number(),
            browning: Joi.number(),
          }).allow(null),
          farthest: Joi.number(),
        }),
      ),
      changed: allOf<NonNullable<T.FryerLearning['changed']>>({
        at: Joi.string(),
        beforeC: Joi.number(),
        sinceC: Joi.number(),
      }).allow(null),
    }),
  ),
});

const meanOff = allOf<T.MeanOff>({ byPage: Joi.number(), byCooks: Joi.number(), noted: Joi.number() }).allow(null);

/** What `GET /api/learning/honesty` answers. */
export const honestySchema = allOf<T.HonestyAnswer>({
  fryers: Joi.array().items(
    allOf<T.FryerHonesty>({
      fryer: nameSchema,
      foretold: Joi.array().items(
        allOf<T.ForetoldAnswer>({
          id: Joi.string(),
          name: Joi.string(),
          at: Joi.string(),
          what: oneOf('colour', 'centre', 'minutes', 'bald'),
          told: Joi.number(),
          byPage: Joi.number(),
          byCooks: Joi.number(),
          off: Joi.number().min(0),
        }),
      ),
      held: Joi.number(),
      colour: meanOff,
      centre: meanOff,
      minutes: meanOff,
      bald: meanOff,
    }),
  ),
});
