import type { Vessel } from '@yellowmist/core';
import type { KitchenDocument, ScaleHand, Sprayer, Tray } from '../types.js';
import { RANGES } from '../ranges.js';
import { allOf, nameSchema, oneOf, versionSchema, whole, within } from './fields.js';
import { fryerSchema } from './fryer.js';
import { Joi } from './joi.js';

/** What oil is sprayed with. */
export const sprayerSchema = allOf<Sprayer>({
  name: nameSchema,
  kind: oneOf('pump', 'can', 'brush'),
  gPerStroke: within('gPerStroke').allow(null),
});

/** A save of the kitchen, naming the version that it changes. */
export const saveKitchenSchema = allOf<KitchenDocument>({
  version: versionSchema(0),
  fryers: Joi.array().items(fryerSchema).unique('name').max(RANGES.fryers.max),
  sprayers: Joi.array().items(sprayerSchema).unique('name').max(RANGES.fryers.max),
  bowls: Joi.array()
    .items(allOf<Vessel>({ name: nameSchema, diameterMm: within('vesselMm'), ml: within('vesselMl') }))
    .unique('name')
    .max(RANGES.vessels.max)
    .optional()
    .default([]),
  trays: Joi.array()
    .items(allOf<Tray>({ name: nameSchema, widthMm: within('vesselMm'), depthMm: within('vesselMm') }))
    .unique('name')
    .max(RANGES.vessels.max)
    .optional()
    .default([]),
  thermometer: Joi.boolean().optional().default(true),
});

/** What a hand does to the simulated scale. */
export const scaleHandSchema = Joi.object<ScaleHand, true>({
  deed: oneOf('put', 'take', 'press', 'knock', 'unplug', 'plug').required(),
  strokes: whole('strokes').when('deed', { is: 'press', then: Joi.required(), otherwise: Joi.forbidden() }),
});
