import Joi from 'joi';
import { ingredient } from '@yellowmist/core';
import { friedSchema, layersSchema } from './coat.js';
import { dishSchema } from './dish.js';
import { allOf, allergensSchema, dietsSchema, pantryId, whole, within } from './fields.js';
import { fryerSchema } from './fryer.js';
import { airHabits, second } from './plan.js';

const pantryIds = Joi.array()
  .items(pantryId('an ingredient', () => true))
  .unique()
  .max(300);
const coatIds = Joi.array()
  .items(pantryId('a coat ingredient', (id) => ingredient(id).food === undefined))
  .unique()
  .max(8);

/** What the cook will not have in the coat or the cook. */
export const limitsSchema = allOf({
  diets: dietsSchema,
  avoidAllergens: allergensSchema,
  without: Joi.array()
    .items(pantryId('an ingredient', () => true))
    .max(200),
  maxTempC: within('airTempC'),
  maxMinutes: whole('airMinutes').min(4),
  preheat: Joi.boolean(),
  keep: coatIds.optional(),
  atHome: pantryIds.optional(),
});

/** What `POST /api/convert` takes. */
export const convertRequestSchema = allOf({
  dish: dishSchema,
  fried: friedSchema,
  fryer: fryerSchema,
  limits: limitsSchema,
});

const simulatedCook = Joi.alternatives().conditional('.medium', {
  switch: [
    {
      is: 'air',
      then: allOf({
        medium: Joi.valid('air'),
        fryer: fryerSchema,
        tempC: within('airTempC'),
        minutes: within('airMinutes'),
        preheated: Joi.boolean(),
        ...airHabits,
        second,
        oilGm2: within('oilGm2'),
        restMin: within('restMin'),
      }),
    },
  ],
  otherwise: allOf({
    medium: Joi.valid('deep-oil', 'pan-oil', 'air'),
    tempC: within('oilTempC'),
    minutes: within('oilMinutes'),
  }).unknown(false),
});

/** What `POST /api/simulate` takes: one piece, one coat, one cook. */
export const simulateRequestSchema = allOf({ dish: dishSchema, layers: layersSchema, cook: simulatedCook });
