import Joi from 'joi';
import { RANGES } from '../ranges.js';
import { allOf, nameSchema, whole, within } from './fields.js';
import { fryerSchema } from './fryer.js';

const sprayerSchema = allOf({
  name: nameSchema,
  kind: Joi.valid('pump', 'can', 'brush'),
  gPerStroke: within('gPerStroke').allow(null),
});

/** A save of the kitchen, naming the version that it changes. */
export const saveKitchenSchema = allOf({
  version: Joi.number().integer().min(0),
  fryers: Joi.array().items(fryerSchema).unique('name').max(RANGES.fryers.max),
  sprayers: Joi.array().items(sprayerSchema).unique('name').max(RANGES.fryers.max),
  bowls: Joi.array()
    .items(allOf({ name: nameSchema, diameterMm: within('vesselMm'), ml: within('vesselMl') }))
    .unique('name')
    .max(RANGES.vessels.max)
    .optional()
    .default([]),
  trays: Joi.array()
    .items(allOf({ name: nameSchema, widthMm: within('vesselMm'), depthMm: within('vesselMm') }))
    .unique('name')
    .max(RANGES.vessels.max)
    .optional()
    .default([]),
  thermometer: Joi.boolean().optional().default(true),
});

/** What a hand does to the simulated scale. */
export const scaleHandSchema = Joi.object({
  deed: Joi.valid('put', 'take', 'press', 'knock', 'unplug', 'plug').required(),
  strokes: whole('strokes').when('deed', { is: 'press', then: Joi.required(), otherwise: Joi.forbidden() }),
});
