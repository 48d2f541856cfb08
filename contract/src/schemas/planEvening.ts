import { SHOPS, TASK_KINDS, type DishOptions } from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import type * as A from '../eveningAnswers.js';
import { conversionBodySchema } from './conversion.js';
import {
  cooksSchema,
  dishOptions,
  eveningDocumentSchema,
  guestsSchema,
  momentSchema,
  pinsSchema,
  timeZoneSchema,
} from './evening.js';
import { allOf, oneOf, whole, within } from './fields.js';
import { Joi } from './joi.js';
import { kitchenBodySchema } from './kitchen.js';

const ids = Joi.array().items(Joi.string().max(60)).unique().min(1).max(RANGES.eveningDishes.max);

/** What `POST /api/evenings/plan` takes. */
export const planEveningSchema = allOf<A.PlanEveningRequest>({
  dishIds: ids.optional(),
  dishes: Joi.array()
    .items(conversionBodySchema.append<A.DishToPlan>({ id: Joi.string().max(60).optional() }))
    .min(1)
    .max(RANGES.eveningDishes.max)
    .optional(),
  cooks: whole('cooks').optional().default(1),
  // What an evening does not ask for may be left out.
  kitchen: kitchenBodySchema.fork('sprayers', (field) => field.optional().default([])).optional(),
  guests: guestsSchema.optional().default([]),
  serveAt: momentSchema.optional(),
  startAt: momentSchema.optional(),
  options: allOf<A.PlanEveningOptions>({
    togetherMin: within('togetherMin').optional(),
    roomC: within('roomC').optional(),
    timeZone: timeZoneSchema.optional(),
    now: momentSchema.optional(),
    hands: cooksSchema.optional(),
    pins: pinsSchema.optional(),
    byDish: Joi.object()
      .pattern(Joi.string().max(60), allOf<DishOptions>(dishOptions))
      .max(RANGES.eveningDishes.max)
      .optional(),
  })
    .optional()
    .default({}),
})
  .oxor('dishIds', 'dishes')
  .or('dishIds', 'dishes')
  .oxor('serveAt', 'startAt')
  .messages({
    'object.missing': 'dishIds or dishes must name at least one dish',
    'object.oxor': 'only one of {{#peersWithLabels}} may be given',
  });

const words = Joi.string().allow('');
const said = { text: words, textParts: Joi.array() };

const task = allOf<A.TaskAnswer>({
  id: words,
  dishId: words.allow(null),
  batch: Joi.number().allow(null),
  kind: oneOf(...TASK_KINDS),
  ...said,
  reason: words,
  reasonParts: Joi.array(),
  cook: Joi.number().integer().allow(null),
  fryer: words.allow(null),
  fromAt: words,
  toAt: words,
  fromMin: Joi.number(),
  toMin: Joi.number(),
  after: Joi.array().items(words),
  ahead: Joi.boolean(),
  pinned: Joi.boolean(),
});

const batch = allOf<A.BatchAtTable>({
  dishId: words,
  batch: Joi.number(),
  fryer: words,
  pieces: Joi.number(),
  readyMin: Joi.number(),
  eatenMin: Joi.number(),
  crispness: Joi.number(),
  ifFresh: Joi.number(),
  centreC: Joi.number(),
  how: oneOf('rack', 'held', 'crisped again'),
});

/** What `POST /api/evenings/plan` answers. */
export const eveningAnswerSchema = allOf<A.EveningAnswer>({
  tasks: Joi.array().items(task),
  table: allOf<A.EveningAnswer['table']>({ at: words, atMin: Joi.number(), batches: Joi.array().items(batch) }),
  warnings: Joi.array().items(
    allOf<A.WarningAnswer>({ about: words, dishId: words.allow(null), text: words, textParts: Joi.array() }),
  ),
  cannot: Joi.array().items(
    allOf<A.CannotAnswer>({
      why: words,
      whyParts: Joi.array(),
      cheapest: words,
      cheapestParts: Joi.array(),
      change: Joi.alternatives().try(Joi.object().unknown(true)).allow(null),
    }),
  ),
  order: Joi.array().items(allOf<A.EveningAnswer['order'][number]>({ dishId: words, why: words, wash: words })),
  shopping: Joi.array().items(
    allOf<A.ShopAnswer>({
      shop: oneOf(...SHOPS),
      items: Joi.array().items(
        allOf<A.ShopAnswer['items'][number]>({ id: words, name: words, amount: words, for: Joi.array().items(words) }),
      ),
    }),
  ),
  measuring: Joi.array().items(
    allOf<A.MeasuredAnswer>({
      dishId: words,
      name: words,
      bowls: Joi.array().items(allOf<A.MeasuredAnswer['bowls'][number]>({ bowl: words, parts: words })),
    }),
  ),
  tried: Joi.number(),
});

/** What `GET /api/evenings/{id}` answers: the evening, and its plan, or why there is none. */
export const plannedEveningSchema = eveningDocumentSchema.append<A.PlannedEvening>({
  plan: eveningAnswerSchema.allow(null),
  problem: words,
});
