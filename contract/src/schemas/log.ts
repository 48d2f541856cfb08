import {
  DID_FIELDS,
  FIELD_SCALES,
  type Did,
  type DidField,
  type Field,
  type Seen,
  type WeighedDish,
} from '@yellowmist/core';
import type * as J from 'joi';
import { RANGES, type RangeName } from '../ranges.js';
import { BALD_PLACES, OVERALL, SALTS } from '../types.js';
import type * as T from '../types.js';
import { friedSchema } from './coat.js';
import { dishSchema } from './dish.js';
import { allOf, nameSchema, oneOf, versionSchema, within } from './fields.js';
import { fryerSchema } from './fryer.js';
import { Joi } from './joi.js';
import { airPlanSchema } from './plan.js';

const SHA256_DIGITS = 64;

const wordsOf = (field: Field): string[] => FIELD_SCALES[field].words.map(({ word }) => word);

/** A number within its range, or one of the field's words; with `yesNo` also true and false. */
function told(field: Field, range: RangeName, yesNo: boolean): J.AlternativesSchema {
  const { min, max } = RANGES[range];
  const words = wordsOf(field);
  const allowed = [`a number from ${min} to ${max}`, `one of ${words.join(', ')}`, ...(yesNo ? ['true', 'false'] : [])];
  return Joi.alternatives(
    Joi.number().min(min).max(max),
    Joi.string().valid(...words),
    ...(yesNo ? [Joi.boolean()] : []),
  ).messages({
    'alternatives.match': `{{#label}} must be ${allowed.join(' or ')}`,
    'alternatives.types': `{{#label}} must be ${allowed.join(' or ')}`,
    'alternatives.any': `{{#label}} must be ${allowed.join(' or ')}`,
  });
}

/** Something that was done or not, or a number of it within what can be told. */
function didField(field: DidField): J.Schema {
  const { words, range } = FIELD_SCALES[field];
  if (words.length > 0) return Joi.boolean();
  const [min, max] = range;
  const allowed = `{{#label}} must be a number from ${min} to ${max}`;
  return Joi.number()
    .min(min)
    .max(max)
    .messages({ 'number.min': allowed, 'number.max': allowed, 'number.base': allowed });
}

const didSchema = Joi.object<Did>(Object.fromEntries(DID_FIELDS.map((field) => [field, didField(field)])));

const SEEN_KEYS: J.SchemaMap<Seen, true> = {
  colourTop: told('colourTop', 'seenB', false),
  colourUnder: told('colourUnder', 'seenB', false),
  centreC: within('seenCentreC'),
  atMin: within('seenAtMin'),
  bald: told('bald', 'seenShare', true),
  floury: told('floury', 'seenShare', true),
  soggyUnder: told('soggyUnder', 'seenShare', true),
  stuck: told('stuck', 'seenShare', true),
  ranOff: told('ranOff', 'seenShare', true),
  crumbsOff: told('crumbsOff', 'seenShare', true),
  crunchNow: told('crunchNow', 'seenShare', false),
  crunchLater: told('crunchLater', 'seenShare', false),
  firmness: told('firmness', 'seenShare', false),
  juice: told('juice', 'seenShare', false),
  bite: told('bite', 'seenShare', false),
  chew: told('chew', 'chew', false),
  did: didSchema,
};

const none = (value: unknown): boolean => value === 'none' || value === false || value === 0;

/** What cannot both be so. */
function contradictions(seen: T.SeenBody, helpers: J.CustomHelpers): unknown {
  const wrong = (field: string, why: string): J.ErrorReport => helpers.message({ custom: `${field} ${why}` });
  if (seen.atMin !== undefined && seen.centreC === undefined)
    return wrong('atMin', 'is the minute at which centreC was read: give centreC too, or neither');
  if (none(seen.bald) && (seen.baldWhere?.length ?? 0) > 0)
    return wrong('baldWhere', 'names places where the coat is gone, and bald says that there are none');
  if (seen.did?.turned === false && seen.did.turnedAtMin !== undefined)
    return wrong('did.turnedAtMin', 'is when it was turned, and did.turned says that it was not');
  const { minutes, turnedAtMin } = seen.did ?? {};
  if (typeof minutes === 'number' && typeof turnedAtMin === 'number' && turnedAtMin > minutes)
    return wrong('did.turnedAtMin', `must be at most did.minutes, ${minutes}`);
  return seen;
}

/** How a dish came out, of which every field can be left out. */
export const seenSchema = Joi.object<Seen>(SEEN_KEYS as J.SchemaMap<Seen>)
  .options({ presence: 'optional' })
  .custom(contradictions);

const BODY_KEYS = {
  ...SEEN_KEYS,
  overall: oneOf(...OVERALL),
  baldWhere: Joi.array()
    .items(oneOf(...BALD_PLACES))
    .unique()
    .max(BALD_PLACES.length),
  salt: oneOf(...SALTS),
  taste: Joi.string().trim().allow('').max(RANGES.tasteLength.max),
  otherwise: Joi.string().trim().allow('').max(RANGES.noteLength.max),
  didChange: Joi.boolean(),
  weighed: Joi.object<WeighedDish>({
    rawG: within('weighedG').optional(),
    coatedG: within('weighedG').optional(),
    leftG: within('weighedG').optional(),
  })
    .custom(({ rawG, coatedG, ...rest }: WeighedDish, helpers) =>
      rawG !== undefined && coatedG !== undefined && coatedG <= rawG
        ? helpers.error('weighed.less')
        : { ...(rawG !== undefined && { rawG }), ...(coatedG !== undefined && { coatedG }), ...rest },
    )
    .messages({ 'weighed.less': '{{#label}}.coatedG must be more than rawG: a coat weighs something' }),
};

const seenBodySchema = Joi.object<T.SeenBody>(BODY_KEYS as J.SchemaMap<T.SeenBody>).options({ presence: 'optional' });

/** What `PUT /api/cooks/{id}/seen` takes. */
export const saveSeenSchema = seenBodySchema
  .append<T.SaveSeenRequest>({ dish: Joi.string().max(60), version: versionSchema(0) })
  .custom(contradictions);

/** What it answers. */
export const seenRecordSchema = allOf<T.SeenRecord>({
  dish: Joi.string(),
  version: Joi.number(),
  savedAt: Joi.string(),
  seen: seenBodySchema,
});

/** How the dishes of a cook came out. */
export const seenRecordsSchema = Joi.array().items(seenRecordSchema);

/** A photograph of a cook as it is kept. */
export const photoRecordSchema = allOf<T.PhotoRecord>({
  id: Joi.string().guid(),
  dish: Joi.string().allow(null),
  hash: Joi.string().hex().length(SHA256_DIGITS),
  widthPx: Joi.number().integer().min(1),
  heightPx: Joi.number().integer().min(1),
  bytes: Joi.number().integer().min(1),
  addedAt: Joi.string().isoDate(),
});

/** The photographs of a cook. */
export const photoRecordsSchema = Joi.array().items(photoRecordSchema);

/** Cooks that were put aside. */
export const cookBinSchema = Joi.array().items(
  allOf<T.BinnedCook>({
    id: Joi.string().guid(),
    name: Joi.string(),
    startedAt: Joi.string(),
    deletedAt: Joi.string(),
    goneAt: Joi.string(),
    photos: Joi.number(),
  }),
);

const otherRecipe = {
  name: nameSchema.optional(),
  tempC: within('airTempC').required(),
  minutes: within('airMinutes').required(),
  turned: Joi.boolean().required(),
};

/** What it was cooked by. */
export const cookedBySchema = Joi.alternatives().conditional('.what', {
  is: 'other',
  then: Joi.object({ what: oneOf('other'), ...otherRecipe }),
  otherwise: Joi.object({ what: oneOf('plan', 'other').required() }),
});

/** A cook that is entered when it is over. */
export const afterwardsSchema = allOf<T.Afterwards>({
  at: Joi.string()
    .isoDate()
    .optional()
    .messages({ 'string.isoDate': '{{#label}} must be a date and time, as 2026-03-26T18:30:00Z' }),
  by: cookedBySchema,
});

/** One dish of a cook in the list. */
export const loggedDishSchema = allOf<T.LoggedDish>({
  dish: Joi.string(),
  name: Joi.string(),
  fryer: Joi.string(),
  tempC: Joi.number(),
  minutes: Joi.number(),
  batches: Joi.number(),
  record: seenRecordSchema.allow(null),
});

/** A stored conversion goes as it is: of it dish, original, fryer and plan are read. */
const plannedSchema = Joi.object({
  dish: dishSchema.required(),
  fried: friedSchema.required(),
  fryer: fryerSchema.required(),
  plan: airPlanSchema.optional(),
  chosen: Joi.object({ plan: airPlanSchema.required() }).unknown().optional(),
})
  .unknown()
  .or('plan', 'chosen')
  .messages({ 'object.missing': '{{#label}} must hold plan, or chosen with its plan' })
  .custom(({ dish, fried, fryer, plan, chosen }: Record<string, never>) => ({
    dish,
    fried,
    fryer,
    plan: plan ?? (chosen as { plan: never }).plan,
  }));

/** What `POST /api/diagnose` takes. */
export const diagnoseRequestSchema = Joi.object<T.DiagnoseRequest>({
  conversion: plannedSchema.required(),
  seen: seenSchema.required(),
});

const lines = Joi.array().items(Joi.string());
const texts = Joi.array().items(Joi.array());

const causeSchema = allOf<T.CauseAnswer>({
  cause: Joi.string(),
  words: Joi.string(),
  share: Joi.number().min(0).max(1),
  known: Joi.boolean(),
  for: lines,
  against: lines,
  parts: Joi.object({ for: texts, against: texts }),
});

const changeSchema = allOf<T.MendAnswer>({
  text: Joi.string(),
  parts: Joi.array(),
  plan: airPlanSchema,
  cures: lines,
  chance: Joi.number().min(0).max(1),
  byHand: Joi.boolean(),
});

const testSchema = allOf<T.TestAnswer>({
  field: Joi.string(),
  text: Joi.string(),
  parts: Joi.array(),
  when: oneOf('now', 'next time'),
  apart: lines,
});

/** What `POST /api/diagnose` answers. */
export const diagnoseAnswerSchema = allOf<T.DiagnoseAnswer>({
  complaints: lines,
  causes: Joi.array().items(causeSchema),
  none: Joi.number().min(0).max(1),
  change: changeSchema.allow(null),
  test: testSchema.allow(null),
});

const proposedSchema = allOf<NonNullable<T.CookDiagnosis['proposedBefore']>>({
  cook: Joi.string(),
  text: Joi.string(),
  parts: Joi.array(),
  byHand: Joi.boolean(),
});

const followUpSchema = allOf<T.FollowUp>({
  cook: Joi.string(),
  change: Joi.string(),
  helped: oneOf('yes', 'no', 'worse', 'unknown'),
  moved: Joi.array().items(
    allOf<T.FollowUp['moved'][number]>({
      cause: Joi.string(),
      words: Joi.string(),
      before: Joi.number(),
      after: Joi.number(),
    }),
  ),
});

/** What `GET /api/cooks/{id}/diagnosis` answers. */
export const cookDiagnosisSchema = diagnoseAnswerSchema.append<T.CookDiagnosis>({
  dish: Joi.string().required(),
  proposedBefore: proposedSchema.allow(null).required(),
  followUp: followUpSchema.allow(null).required(),
});
