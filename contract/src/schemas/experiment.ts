import type * as J from 'joi';
import {
  TASTED,
  type ComparedWay,
  type ConvertRequest,
  type PlannedExperiment,
  type PlannedWay,
} from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import type * as T from '../types.js';
import { bowlSchema } from './answers.js';
import { convertRequestSchema } from './convert.js';
import { allOf, brokenSchema, coatId, nameSchema, oneOf, stamps, versionSchema, whole, within } from './fields.js';
import { basketSchema } from './fryer.js';
import { Joi } from './joi.js';
import { airPlanSchema } from './plan.js';

const WAYS = ['planned', 'oil', 'swap', 'rest', 'patted', 'own'] as const satisfies ComparedWay['what'][];
const only = (what: (typeof WAYS)[number]) => ({ is: what, then: Joi.required(), otherwise: Joi.forbidden() });

/** One way of making a dish; which fields it has depends on what is done otherwise. */
const waySchema = Joi.object({
  what: oneOf(...WAYS).required(),
  how: oneOf('sprayed', 'in-crumbs', 'none').when('what', only('oil')),
  layer: whole('wayLayer').when('what', only('swap')),
  from: coatId.when('what', only('swap')),
  to: coatId.when('what', only('swap')),
  min: within('restMin').when('what', only('rest')),
  patted: Joi.boolean().when('what', only('patted')),
  says: nameSchema.when('what', only('own')),
});

const codeSchema = Joi.string()
  .pattern(/^\d{3}$/)
  .messages({ 'string.pattern.base': '{{#label}} must be one of the codes of three digits' });
const tastersSchema = Joi.array().items(nameSchema).unique().max(RANGES.tasters.max);
const marksSchema = Joi.string().length(1);

/** What `POST /api/experiments` takes. */
export const startExperimentSchema = allOf<T.StartExperimentRequest>({
  conversionId: Joi.string().guid(),
  ways: Joi.array().items(waySchema).min(RANGES.ways.min).max(RANGES.ways.max),
  asks: oneOf(...TASTED),
  laying: oneOf('mixed', 'halves').optional(),
  tasters: tastersSchema.optional(),
  name: nameSchema.optional(),
});

const notes = {
  name: nameSchema,
  tasters: tastersSchema,
  tastings: Joi.array()
    .items(
      allOf<T.Tasting>({
        taster: nameSchema,
        at: Joi.string().isoDate(),
        order: Joi.array().items(codeSchema).unique().max(RANGES.ways.max),
      }),
    )
    .max(RANGES.tastings.max),
  note: Joi.string().allow('').max(RANGES.noteLength.max),
};

/** What `PUT /api/experiments/{id}` takes. */
export const saveExperimentSchema = allOf<T.SaveExperimentRequest>({ ...notes, version: versionSchema(1) });

const plannedWaySchema = allOf<PlannedWay>({
  way: waySchema as never,
  mark: marksSchema,
  name: nameSchema,
  plan: airPlanSchema,
  pieces: Joi.number().integer().min(0),
  sprayOilG: Joi.number(),
  allergens: Joi.array().items(Joi.string()),
  unsafe: allOf<NonNullable<PlannedWay['unsafe']>>({ centreC: Joi.number(), minimumC: Joi.number() }).allow(null),
  expected: Joi.number().allow(null),
});

const place = {
  piece: Joi.number().integer().min(0),
  xMm: Joi.number(),
  yMm: Joi.number(),
  turn: Joi.number(),
};

const plannedSchema = allOf<PlannedExperiment>({
  ways: Joi.array().items(plannedWaySchema).min(RANGES.ways.min).max(RANGES.ways.max),
  bowls: Joi.array().items(
    allOf<PlannedExperiment['bowls'][number]>({ ways: Joi.array().items(Joi.number().integer()), bowl: bowlSchema }),
  ),
  asks: oneOf(...TASTED),
  laying: oneOf('mixed', 'halves'),
  over: Joi.number().integer().min(0),
  basket: basketSchema,
  racks: Joi.array().items(
    Joi.array().items(
      allOf<PlannedExperiment['racks'][number][number]>({
        ...place,
        way: Joi.number().integer().min(0).less(RANGES.ways.max).allow(null),
      }),
    ),
  ),
  footprints: Joi.array().items(
    Joi.array().items(
      allOf<PlannedExperiment['footprints'][number][number]>({
        halfLengthMm: Joi.number(),
        halfWidthMm: Joi.number(),
        radiusMm: Joi.number(),
        holeMm: Joi.number(),
      }),
    ),
  ),
  hotPercent: Joi.number(),
  sidePercent: Joi.number(),
  tested: Joi.boolean(),
  fair: Joi.boolean(),
  expects: Joi.number().integer().allow(null),
  steps: Joi.array().items(Joi.array()),
});

const body = {
  ...notes,
  conversionId: Joi.string().guid(),
  dishName: nameSchema,
  asked: convertRequestSchema as J.ObjectSchema<ConvertRequest>,
  plan: airPlanSchema,
  seed: Joi.number().integer().min(0),
  codes: Joi.array().items(codeSchema).unique().min(RANGES.ways.min).max(RANGES.ways.max),
  planned: plannedSchema,
};

/** An experiment as it is stored, and as a kitchen's file brings it. */
export const experimentBodySchema = allOf<T.ExperimentBody>(body);

/** What the routes of one experiment answer. */
export const experimentDocumentSchema = allOf<T.ExperimentDocument>({
  ...body,
  ...stamps,
  format: Joi.number().integer().min(1),
  serve: Joi.array().items(allOf<T.Serving>({ taster: nameSchema, order: Joi.array().items(codeSchema) })),
  result: allOf<T.ExperimentFindings>({
    told: Joi.number(),
    alike: Joi.number(),
    first: Joi.array().items(Joi.number()),
    meanRank: Joi.array().items(Joi.number().allow(null)),
    ahead: Joi.number().allow(null),
    test: oneOf('sign', 'ranks'),
    chance: Joi.number().min(0).max(1),
    sure: oneOf('nothing', 'leaning', 'sure'),
    more: Joi.number().allow(null),
    says: Joi.string(),
    parts: Joi.array(),
    asExpected: Joi.boolean().allow(null),
  }),
});

/** What `GET /api/experiments` answers. */
export const experimentListSchema = Joi.array().items(
  allOf<T.ListedExperiment>({
    id: Joi.string(),
    name: nameSchema,
    dishName: nameSchema,
    fryer: nameSchema,
    conversionId: Joi.string(),
    ways: Joi.array().items(allOf<T.ListedExperiment['ways'][number]>({ mark: marksSchema, name: nameSchema })),
    createdAt: Joi.string(),
    updatedAt: Joi.string(),
    tastings: Joi.number(),
    sure: oneOf('nothing', 'leaning', 'sure'),
    says: Joi.string(),
  }),
  brokenSchema,
);
