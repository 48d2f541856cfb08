import Joi from 'joi';
import {
  ALLERGEN_IDS,
  BREAD_WORDS,
  HOT_SPOTS,
  DIETS,
  FAMILIES,
  inPantry,
  ingredient,
  MOST_ON_LABEL_G,
  namedG,
  OWN_PREFIX,
  PANTRY,
  PLAIN_AIR,
  type Label,
} from '@yellowmist/core';
import { RANGES, type RangeName } from './ranges.js';

const within = (name: RangeName): Joi.NumberSchema => {
  const { min, max } = RANGES[name];
  const allowed = `{{#label}} must be a number from ${min} to ${max}`;
  return Joi.number()
    .min(min)
    .max(max)
    .messages({ 'number.min': allowed, 'number.max': allowed, 'number.base': allowed });
};
const whole = (name: RangeName): Joi.NumberSchema => within(name).integer();
const allOf = (keys: Joi.SchemaMap): Joi.ObjectSchema => Joi.object(keys).options({ presence: 'required' });

/** A pantry id; any of them, or only those for which `fits` holds. */
const pantryId = (what: string, fits: (id: string) => boolean): Joi.StringSchema =>
  Joi.string()
    .max(60)
    .custom((id: string, helpers) => (inPantry(id) && fits(id) ? id : helpers.error('any.pantry', { what })))
    .messages({ 'any.pantry': '{{#label}} must be the id of {{#what}} in the pantry' });

/** A coat ingredient that the pantry knows by itself: an own one may not lean on another own one. */
const isKnownCoat = (id: string): boolean => PANTRY.some((i) => i.id === id && !i.food);

const shape = Joi.alternatives().conditional('.kind', {
  switch: [
    {
      is: 'slab',
      then: allOf({
        kind: Joi.valid('slab'),
        lengthMm: within('lengthMm'),
        widthMm: within('lengthMm'),
        thicknessMm: within('thicknessMm'),
      }),
    },
    {
      is: 'disc',
      then: allOf({ kind: Joi.valid('disc'), diameterMm: within('lengthMm'), thicknessMm: within('thicknessMm') }),
    },
    {
      is: 'rod',
      then: allOf({ kind: Joi.valid('rod'), diameterMm: within('thicknessMm'), lengthMm: within('lengthMm') }),
    },
    {
      is: 'ring',
      then: allOf({
        kind: Joi.valid('ring'),
        outerMm: within('lengthMm'),
        innerMm: within('lengthMm').less(Joi.ref('outerMm')),
        thicknessMm: within('thicknessMm'),
      }),
    },
    { is: 'ball', then: allOf({ kind: Joi.valid('ball'), diameterMm: within('thicknessMm') }) },
    {
      is: 'irregular',
      then: allOf({
        kind: Joi.valid('irregular'),
        longestMm: within('lengthMm'),
        thicknessMm: within('thicknessMm'),
        massG: within('massG'),
      }),
    },
  ],
  otherwise: allOf({ kind: Joi.valid('slab', 'disc', 'rod', 'ring', 'ball', 'irregular') }).unknown(true),
});

export const dishSchema = allOf({
  foodId: pantryId('a food', (id) => ingredient(id).food !== undefined),
  shape,
  count: whole('count'),
  startC: within('startC'),
  skin: Joi.valid('dry', 'damp', 'wet'),
  preparation: Joi.valid('raw', 'blanched', 'frozen', 'pre-cooked'),
});

const portion = allOf({
  ingredientId: pantryId('a coat ingredient', (id) => ingredient(id).food === undefined),
  grams: within('grams'),
});

const hasWeight = (portions: { grams: number }[], helpers: Joi.CustomHelpers): unknown =>
  portions.some((p) => p.grams > 0) ? portions : helpers.error('any.weightless');

const layer = Joi.object({
  portions: Joi.array()
    .items(portion)
    .min(RANGES.portions.min)
    .max(RANGES.portions.max)
    .custom(hasWeight)
    .messages({ 'any.weightless': '{{#label}} must hold more than 0 g of something' })
    .required(),
  // Said outright, because the documents around a layer require every other field.
  pressed: Joi.boolean().optional(),
  clumped: Joi.boolean().optional(),
  drainS: within('drainS').optional(),
  standMin: within('standMin').optional(),
  beaten: Joi.boolean().optional(),
  untapped: Joi.boolean().optional(),
  spreadMm: within('spreadMm').optional(),
});

export const layersSchema = Joi.array().items(layer).min(RANGES.layers.min).max(RANGES.layers.max);

export const friedSchema = allOf({
  layers: layersSchema,
  medium: Joi.valid('deep-oil', 'pan-oil'),
  oilId: pantryId('a frying oil', (id) => ingredient(id).roles.includes('frying-oil')),
  tempC: within('oilTempC'),
  minutes: within('oilMinutes'),
});

const basket = Joi.alternatives().conditional('.kind', {
  switch: [{ is: 'round', then: allOf({ kind: Joi.valid('round'), diameterMm: within('basketMm') }) }],
  otherwise: allOf({ kind: Joi.valid('rectangle'), widthMm: within('basketMm'), depthMm: within('basketMm') }),
});

export const fryerSchema = allOf({
  name: Joi.string().trim().min(RANGES.nameLength.min).max(RANGES.nameLength.max),
  kind: Joi.valid('drawer', 'oven-type', 'fan-oven', 'still-oven'),
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

const pantryIds = Joi.array()
  .items(pantryId('an ingredient', () => true))
  .unique()
  .max(300);
const coatIds = Joi.array()
  .items(pantryId('a coat ingredient', (id) => ingredient(id).food === undefined))
  .unique()
  .max(8);

export const limitsSchema = allOf({
  diets: Joi.array()
    .items(Joi.valid(...DIETS))
    .unique(),
  avoidAllergens: Joi.array()
    .items(Joi.valid(...ALLERGEN_IDS))
    .unique(),
  without: Joi.array()
    .items(pantryId('an ingredient', () => true))
    .max(200),
  maxTempC: within('airTempC'),
  maxMinutes: whole('airMinutes').min(4),
  preheat: Joi.boolean(),
  keep: coatIds.optional(),
  atHome: pantryIds.optional(),
});

const turnAtMin = Joi.number().min(0).max(RANGES.airMinutes.max).allow(null);

/** How air is used beyond temperature and time; what is left out is what nobody does. */
const airHabits = {
  turnAtMin,
  under: Joi.valid('basket', 'rack', 'parchment'),
  waterTray: Joi.boolean().optional().default(PLAIN_AIR.waterTray),
  swapEveryMin: within('swapEveryMin').allow(null).optional().default(PLAIN_AIR.swapEveryMin),
  looks: whole('looks').optional().default(PLAIN_AIR.looks),
};

/** A sauce part-way, or a second cook; null or left out without. */
const second = allOf({
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
const laidPiece = allOf({
  piece: Joi.number().integer().min(0).max(RANGES.count.max),
  xMm: within('placeMm'),
  yMm: within('placeMm'),
  turn: Joi.number().min(-7).max(7),
});

export const airPlanSchema = allOf({
  layers: layersSchema,
  restMin: within('restMin'),
  oilGm2: within('oilGm2'),
  settings: allOf({
    tempC: within('airTempC'),
    minutes: within('airMinutes'),
    preheated: Joi.boolean(),
    ...airHabits,
  }),
  second,
  station: allOf({ handling: Joi.valid('hands', 'fork', 'shaker'), surplus: within('surplus') }).optional(),
  afterwards: Joi.valid('rack', 'at-once', 'held').optional(),
  laying: allOf({
    gapMm: within('gapMm'),
    laid: Joi.array().items(Joi.array().items(laidPiece).max(RANGES.count.max)).max(RANGES.racks.max).allow(null),
  }).optional(),
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

const chosenSchema = Joi.object({
  family: Joi.valid(...FAMILIES, 'own').required(),
  by: Joi.valid('search', 'cook').required(),
  plan: airPlanSchema.required(),
});

const nameSchema = Joi.string().trim().min(RANGES.nameLength.min).max(RANGES.nameLength.max);

/** The parts of a conversion that a cook writes and the server stores. */
export const conversionBodySchema = Joi.object({
  name: nameSchema.required(),
  note: Joi.string().max(RANGES.noteLength.max).allow('').default(''),
  dish: dishSchema.required(),
  fried: friedSchema.required(),
  fryer: fryerSchema.required(),
  limits: limitsSchema.required(),
  chosen: chosenSchema.allow(null).default(null),
  versions: Joi.array()
    .items(allOf({ id: Joi.number().integer().min(1), name: nameSchema, chosen: chosenSchema }))
    .unique('id')
    .max(RANGES.versions.max)
    .default([]),
});

/** A save: the body and the version that it changes. */
export const saveRequestSchema = conversionBodySchema.keys({
  version: Joi.number().integer().min(1).required(),
});

const per100g = within('per100g');

/** What a packet says must fit into its 100 g, and sugar is a part of the carbohydrate. */
const fitsLabel = (label: Label, helpers: Joi.CustomHelpers): unknown => {
  if (namedG(label) > MOST_ON_LABEL_G) return helpers.error('label.full');
  return label.sugarG > label.carbohydrateG + 0.05 ? helpers.error('label.sugar') : label;
};

const labelSchema = allOf({
  id: Joi.string()
    .pattern(/^own-[a-z0-9-]{1,50}$/)
    .message(`{{#label}} must begin with "${OWN_PREFIX}" and hold small letters, digits and hyphens`),
  name: nameSchema,
  likeId: Joi.string()
    .max(60)
    .custom((id: string, helpers) => (isKnownCoat(id) ? id : helpers.error('any.pantry')))
    .messages({ 'any.pantry': '{{#label}} must be the id of a known coat ingredient that it behaves like' }),
  fatG: per100g,
  carbohydrateG: per100g,
  sugarG: per100g,
  fibreG: per100g,
  proteinG: per100g,
  saltG: per100g,
  allergens: Joi.array()
    .items(Joi.valid(...ALLERGEN_IDS))
    .unique(),
  origin: Joi.valid('none', 'egg', 'milk', 'honey', 'meat', 'fish'),
  cupG: within('cupG').allow(null),
})
  .custom(fitsLabel)
  .messages({
    'label.full': `{{#label}} names more than ${MOST_ON_LABEL_G} g in 100 g: fat, carbohydrate, fibre, protein and salt together must be 100 g or less`,
    'label.sugar': '{{#label}} has more sugar than carbohydrate: sugarG must be carbohydrateG or less',
  });

/** A save of the pantry, naming the version that it changes. What it has and never uses may be its own. */
export const savePantrySchema = allOf({
  version: Joi.number().integer().min(0),
  have: Joi.array().items(Joi.string().max(60)).unique().max(300),
  never: Joi.array().items(Joi.string().max(60)).unique().max(300),
  own: Joi.array().items(labelSchema).unique('id').max(RANGES.ownIngredients.max),
});

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
});
