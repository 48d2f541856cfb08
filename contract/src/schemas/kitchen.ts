import { PACES, type Pace, type StrokesWeighed, type Vessel } from '@yellowmist/core';
import type { KitchenBody, KitchenDocument, ScaleHand, Sprayer, Tray } from '../types.js';
import { RANGES } from '../ranges.js';
import { allOf, nameSchema, oneOf, versionSchema, whole, within } from './fields.js';
import { fryerSchema } from './fryer.js';
import { Joi } from './joi.js';

/** What oil is sprayed with. */
export const sprayerSchema = allOf<Sprayer>({
  name: nameSchema,
  kind: oneOf('pump', 'can', 'brush'),
  gPerStroke: within('gPerStroke').allow(null),
  weighings: Joi.array()
    .items(allOf<StrokesWeighed>({ grams: within('scaleG').greater(0), strokes: whole('strokes') }))
    .max(RANGES.weighings.max)
    .optional(),
});

/** A sprayer weighed before and after some strokes. */
export interface Weighing {
  beforeG: number;
  afterG: number;
  strokes: number;
}

const { min: LEAST_G, max: MOST_G } = RANGES.gPerStroke;

/** Two weights and the strokes between them, as they come to grams a stroke that a sprayer can give. */
export const weighingSchema = allOf<Weighing>({
  beforeG: within('scaleG'),
  afterG: within('scaleG')
    .less(Joi.ref('beforeG'))
    .messages({ 'number.less': 'The bottle must weigh less after the strokes than before.' }),
  strokes: whole('strokes')
    .min(1)
    .messages({ 'number.min': 'Spray at least one stroke between the two weights.' })
    .custom((strokes: number, helpers) => {
      const { beforeG, afterG } = helpers.state.ancestors[0] as Weighing;
      const grams = (beforeG - afterG) / strokes;
      return grams < LEAST_G || grams > MOST_G ? helpers.error('weighing.odd', { grams: grams.toFixed(2) }) : strokes;
    })
    .messages({ 'weighing.odd': `{{#grams}} g a stroke is no sprayer's: ${LEAST_G} to ${MOST_G} g. Weigh again.` }),
});

const paces = Joi.object<Pace>(
  Object.fromEntries(
    PACES.map(({ id, min, max }) => {
      const allowed = `{{#label}} must be a number from ${min} to ${max}`;
      return [id, Joi.number().min(min).max(max).messages({ 'number.min': allowed, 'number.max': allowed })];
    }),
  ),
).options({ presence: 'optional' });

/** A kitchen as a cook writes it. */
export const kitchenBodySchema = allOf<KitchenBody>({
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
  paces: paces.optional(),
});

/** A save of the kitchen, naming the version that it changes. */
export const saveKitchenSchema = kitchenBodySchema.append<KitchenDocument>({ version: versionSchema(0).required() });

/** What a hand does to the simulated scale. */
export const scaleHandSchema = Joi.object<ScaleHand, true>({
  deed: oneOf('put', 'take', 'press', 'knock', 'unplug', 'plug').required(),
  strokes: whole('strokes').when('deed', { is: 'press', then: Joi.required(), otherwise: Joi.forbidden() }),
});
