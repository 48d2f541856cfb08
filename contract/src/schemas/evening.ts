import { AHEADS, TASK_KINDS, type Cook, type Guest, type Pin } from '@yellowmist/core';
import { isTimeZone } from '../clock.js';
import { RANGES } from '../ranges.js';
import type { CopyEveningRequest, DishAtEvening, EveningBody, EveningDocument, SaveEveningRequest } from '../types.js';
import {
  allergensSchema,
  allOf,
  brokenSchema,
  dietsSchema,
  nameSchema,
  oneOf,
  stamps,
  versionSchema,
  within,
} from './fields.js';
import { Joi } from './joi.js';

/** Guests who do not eat everything. */
export const guestsSchema = Joi.array()
  .items(allOf<Guest>({ name: nameSchema, avoidAllergens: allergensSchema, diets: dietsSchema }))
  .unique('name')
  .max(RANGES.guests.max);

/** A moment with its offset: without one, nobody knows which it is. */
export const momentSchema = Joi.string()
  .isoDate()
  .pattern(/T.*(Z|[+-]\d\d:?\d\d)$/)
  .messages({
    'string.isoDate': '{{#label}} must be a time of ISO 8601 with its offset, 2026-11-26T19:00:00+01:00',
    'string.pattern.base': '{{#label}} must be a time of ISO 8601 with its offset, 2026-11-26T19:00:00+01:00',
  });

export const timeZoneSchema = Joi.string()
  .max(60)
  .custom((zone: string, helpers) => (isTimeZone(zone) ? zone : helpers.error('any.zone')))
  .messages({ 'any.zone': '{{#label}} must be a time zone as the IANA list names it, "Europe/Oslo"' });

/** How a dish is treated in an evening. */
export const dishOptions = {
  fryer: nameSchema.optional(),
  ahead: Joi.array()
    .items(oneOf(...AHEADS))
    .unique()
    .max(AHEADS.length)
    .optional(),
  buns: Joi.boolean().optional(),
  again: Joi.boolean().optional(),
  with: Joi.string().max(60).optional(),
};

export const cooksSchema = Joi.array()
  .items(
    allOf<Cook>({
      name: nameSchema,
      leaves: Joi.array()
        .items(oneOf(...TASK_KINDS))
        .unique()
        .max(TASK_KINDS.length)
        .optional(),
    }),
  )
  .unique('name')
  .min(RANGES.cooks.min)
  .max(RANGES.cooks.max);

export const pinsSchema = Joi.array()
  .items(allOf<Pin>({ id: Joi.string().max(200), beforeMin: within('beforeMin') }))
  .unique('id')
  .max(RANGES.pins.max);

/** An evening as a cook writes it. */
export const eveningBodySchema = allOf<EveningBody>({
  name: nameSchema,
  state: oneOf('planned', 'done').optional().default('planned'),
  serveAt: momentSchema.allow(null),
  startAt: momentSchema.allow(null).optional().default(null),
  timeZone: timeZoneSchema,
  cooks: cooksSchema,
  dishes: Joi.array()
    .items(allOf<DishAtEvening>({ id: Joi.string().max(60), ...dishOptions }))
    .unique('id')
    .max(RANGES.eveningDishes.max),
  guests: guestsSchema.optional().default([]),
  togetherMin: within('togetherMin').optional().default(5),
  roomC: within('roomC').optional().default(21),
  pins: pinsSchema.optional().default([]),
});

/** A save: the body and the version that it changes. */
export const saveEveningSchema = eveningBodySchema.append<SaveEveningRequest>({
  version: versionSchema(1).required(),
});

/** A stored evening. */
export const eveningDocumentSchema = eveningBodySchema.append<EveningDocument>({ ...stamps, format: Joi.number() });

/** All evenings: one that cannot be opened says why. */
export const eveningListSchema = Joi.array().items(eveningDocumentSchema, brokenSchema);

/** What `POST /api/evenings/{id}/copy` takes. */
export const copyEveningSchema = allOf<CopyEveningRequest>({ serveAt: momentSchema.allow(null) });
