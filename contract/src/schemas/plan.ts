import {
  PLAIN_AIR,
  type AirPlan,
  type AirSettings,
  type BasketLaying,
  type LaidPiece,
  type MadeOtherwise,
  type Oiling,
  type SecondPlan,
  type Station,
} from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { layer, layersSchema, oilSchema, portion } from './coat.js';
import { allOf, oneOf, whole, within } from './fields.js';
import { Joi } from './joi.js';

const turnAtMin = Joi.number().min(0).max(RANGES.airMinutes.max).allow(null);

/** How air is used beyond temperature and time; what is left out is what nobody does. */
export const airHabits = {
  turnAtMin,
  under: oneOf('basket', 'rack', 'parchment'),
  waterTray: Joi.boolean().optional().default(PLAIN_AIR.waterTray),
  swapEveryMin: within('swapEveryMin').allow(null).optional().default(PLAIN_AIR.swapEveryMin),
  looks: whole('looks').optional().default(PLAIN_AIR.looks),
  basketTurned: Joi.boolean().optional(),
};

/** A sauce part-way, or a second cook; null or left out without. */
export const second = allOf<SecondPlan>({
  sauce: layer.allow(null),
  sauceGm2: within('sauceGm2'),
  coolMin: within('coolMin'),
  tempC: within('airTempC'),
  minutes: within('airMinutes'),
})
  .allow(null)
  .optional()
  .default(null);

/** A piece where it lies on its rack, mm from the rack's middle, and its turn in radians. */
const laidPiece = allOf<LaidPiece>({
  piece: Joi.number().integer().min(0).max(RANGES.count.max),
  xMm: within('placeMm'),
  yMm: within('placeMm'),
  turn: Joi.number().min(-7).max(7),
});

/** What is done to the food that is not done today. */
export const making = allOf<MadeOtherwise>({
  patted: Joi.boolean().optional(),
  halved: Joi.boolean().optional(),
  frozen: Joi.boolean().optional(),
  later: Joi.array().items(portion).max(RANGES.portions.max).optional(),
});

/** A coat and a cook for the air fryer. */
export const airPlanSchema = allOf<AirPlan>({
  making: making.optional(),
  layers: layersSchema,
  restMin: within('restMin'),
  oilGm2: within('oilGm2'),
  oiling: allOf<Oiling>({
    oilId: oilSchema,
    tool: oneOf('pump', 'can', 'brush'),
    rubGm2: within('oilGm2'),
    touchUpGm2: within('oilGm2'),
    basketG: within('basketOilG'),
  }).optional(),
  settings: allOf<AirSettings>({
    tempC: within('airTempC'),
    minutes: within('airMinutes'),
    preheated: Joi.boolean(),
    preheatC: within('airTempC').optional(),
    ...airHabits,
  }),
  second,
  station: allOf<Station>({
    handling: oneOf('hands', 'fork', 'shaker', 'tossed'),
    surplus: within('surplus'),
  }).optional(),
  afterwards: oneOf('rack', 'at-once', 'held').optional(),
  forCrust: Joi.boolean().optional(),
  saltedWhen: oneOf('at-once', 'after-rest', 'in-bowls').optional(),
  laying: allOf<BasketLaying>({
    gapMm: within('gapMm'),
    laid: Joi.array().items(Joi.array().items(laidPiece).max(RANGES.count.max)).max(RANGES.racks.max).allow(null),
    nest: Joi.boolean().optional(),
  }).optional(),
});
