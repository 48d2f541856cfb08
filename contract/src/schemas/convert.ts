import type { ConvertRequest, Limits } from '@yellowmist/core';
import type { SimulatedInAir, SimulatedInOil, SimulateRequest } from '../types.js';
import { RANGES } from '../ranges.js';
import { friedSchema, layersSchema } from './coat.js';
import { dishSchema } from './dish.js';
import { allergensSchema, allOf, coatId, dietsSchema, oneOf, pantryIds, whole, within } from './fields.js';
import { fryerSchema } from './fryer.js';
import { Joi } from './joi.js';
import { airHabits, second } from './plan.js';

/** What the cook will not have in the coat or the cook. */
export const limitsSchema = allOf<Limits>({
  diets: dietsSchema,
  avoidAllergens: allergensSchema,
  without: pantryIds(RANGES.pantryIds.max),
  maxTempC: within('airTempC'),
  maxMinutes: whole('airMinutes').min(4),
  preheat: Joi.boolean(),
  keep: Joi.array().items(coatId).unique().max(RANGES.layers.max).optional(),
  atHome: pantryIds(RANGES.pantryIds.max).optional(),
});

/** What `POST /api/convert` takes. */
export const convertRequestSchema = allOf<ConvertRequest>({
  dish: dishSchema,
  fried: friedSchema,
  fryer: fryerSchema,
  limits: limitsSchema,
});

const simulatedCook = Joi.alternatives().conditional('.medium', {
  switch: [
    {
      is: 'air',
      then: allOf<SimulatedInAir>({
        medium: oneOf('air'),
        fryer: fryerSchema,
        tempC: within('airTempC'),
        minutes: within('airMinutes'),
        preheated: Joi.boolean(),
        preheatC: within('airTempC').optional(),
        ...airHabits,
        second,
        oilGm2: within('oilGm2'),
        restMin: within('restMin'),
      }),
    },
  ],
  otherwise: allOf<SimulatedInOil>({
    medium: oneOf('deep-oil', 'pan-oil', 'air'),
    tempC: within('oilTempC'),
    minutes: within('oilMinutes'),
  }).unknown(false),
});

/** What `POST /api/simulate` takes: one piece, one coat, one cook. */
export const simulateRequestSchema = allOf<SimulateRequest>({
  dish: dishSchema,
  layers: layersSchema,
  cook: simulatedCook.required(),
});
