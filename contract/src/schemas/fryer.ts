import {
  BREAD_WORDS,
  FRYER_KINDS,
  HOT_SPOTS,
  type BasketShape,
  type Fryer,
  type LearnedHere,
  type Preset,
} from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { allOf, nameSchema, oneOf, whole, within } from './fields.js';
import { Joi } from './joi.js';

type Basket<K extends BasketShape['kind']> = Extract<BasketShape, { kind: K }>;

/** The ground of a basket or rack. */
export const basketSchema = Joi.alternatives().conditional('.kind', {
  switch: [{ is: 'round', then: allOf<Basket<'round'>>({ kind: oneOf('round'), diameterMm: within('basketMm') }) }],
  otherwise: allOf<Basket<'rectangle'>>({
    kind: oneOf('rectangle'),
    widthMm: within('basketMm'),
    depthMm: within('basketMm'),
  }),
});

/** One appliance, with what was measured of it. */
export const fryerSchema = allOf<Fryer>({
  name: nameSchema,
  kind: oneOf(...FRYER_KINDS),
  basket: basketSchema,
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
    .items(allOf<Preset>({ name: nameSchema, tempC: within('fryerTempC'), minutes: within('airMinutes') }))
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
    .max(HOT_SPOTS)
    .optional(),
  readings: Joi.array()
    .items(allOf<{ setC: number; readC: number }>({ setC: within('fryerTempC'), readC: within('fryerTempC') }))
    .max(RANGES.readings.max)
    .optional(),
  practice: Joi.boolean().valid(true).optional(),
  browning: within('browning').optional(),
  lower: within('browning').optional(),
  learned: allOf<LearnedHere>({
    cooks: whole('learnedCooks'),
    offK: within('learnedOffK'),
    airOff: within('learnedOffLog').optional(),
    browningOff: within('learnedOffLog').optional(),
    page: allOf<LearnedHere['page']>({ offsetC: within('offsetC'), airFactor: within('airFactor') }),
  }).optional(),
});
