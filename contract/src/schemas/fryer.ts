import Joi from 'joi';
import { BREAD_WORDS, HOT_SPOTS, FRYER_KINDS } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { allOf, nameSchema, whole, within } from './fields.js';

const basket = Joi.alternatives().conditional('.kind', {
  switch: [{ is: 'round', then: allOf({ kind: Joi.valid('round'), diameterMm: within('basketMm') }) }],
  otherwise: allOf({ kind: Joi.valid('rectangle'), widthMm: within('basketMm'), depthMm: within('basketMm') }),
});

/** One appliance, with what was measured of it. */
export const fryerSchema = allOf({
  name: nameSchema,
  kind: Joi.valid(...FRYER_KINDS),
  basket,
  racks: whole('racks'),
  minTempC: within('fryerTempC')
    .custom((c: number, helpers) => {
      const { maxTempC } = helpers.state.ancestors[0] as { maxTempC: number };
      return c > maxTempC ? helpers.error('fryer.cold') : c;
    })
    .messages({ 'fryer.cold': '{{#label}} must not be above maxTempC' }),
  maxTempC: within('fryerTempC').min(RANGES.airTempC.min),
  stepC: within('stepC'),
  airFactor: within('airFactor'),
  offsetC: within('offsetC'),
  powerW: within('powerW').optional(),
  presets: Joi.array()
    .items(allOf({ name: nameSchema, tempC: within('fryerTempC'), minutes: within('airMinutes') }))
    .unique('name')
    .max(RANGES.presets.max)
    .optional(),
  preheats: Joi.boolean().optional(),
  timeLimitMin: within('timeLimitMin').optional(),
  hotSpots: Joi.array()
    .items(
      Joi.number()
        .integer()
        .min(0)
        .max(BREAD_WORDS.length - 1),
    )
    .length(HOT_SPOTS)
    .optional(),
  readings: Joi.array()
    .items(allOf({ setC: within('fryerTempC'), readC: within('fryerTempC') }))
    .max(RANGES.readings.max)
    .optional(),
});
