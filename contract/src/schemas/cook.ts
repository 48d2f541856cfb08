import { SAWS, SURPRISES, TASK_KINDS, type CookEvent, type DeedName } from '@yellowmist/core';
import type * as J from 'joi';
import { RANGES } from '../ranges.js';
import { HELPS, RATES } from '../types.js';
import type * as T from '../types.js';
import { friedSchema } from './coat.js';
import { dishSchema } from './dish.js';
import { timeZoneSchema } from './evening.js';
import { allOf, nameSchema, oneOf, within } from './fields.js';
import { fryerSchema } from './fryer.js';
import { Joi } from './joi.js';
import { afterwardsSchema, cookedBySchema, loggedDishSchema } from './log.js';
import { airPlanSchema } from './plan.js';

const rehearsalSchema = allOf<T.Rehearsal>({
  rate: Joi.number()
    .valid(...RATES)
    .messages({ 'any.only': `{{#label}} must be one of ${RATES.join(', ')}` }),
  help: oneOf(...HELPS)
    .optional()
    .default('all'),
  surprises: Joi.array()
    .items(oneOf(...SURPRISES))
    .unique()
    .max(SURPRISES.length)
    .optional()
    .default([]),
});

const key = Joi.string().max(300);

/** What each deed says beside its name. */
const DEEDS: Record<DeedName, J.PartialSchemaMap> = {
  done: { step: key.required() },
  undone: { step: key.required() },
  skipped: { step: key.required() },
  seen: {
    batch: key.required(),
    saw: oneOf(...SAWS).required(),
    shown: within('colourB').optional(),
    face: oneOf('up', 'down').optional(),
  },
  centre: { batch: key.required(), centreC: within('centreC').required() },
  time: { batch: key.required(), byS: within('bySeconds').required() },
  paused: {},
  resumed: {},
  late: { byS: within('bySeconds').required() },
  hands: { name: nameSchema.required() },
  reading: {
    fryer: nameSchema.required(),
    centreC: within('sensorC').required(),
    airC: within('sensorC').required(),
    battery: within('battery').optional().default(1),
  },
  ended: { how: oneOf('served', 'stopped').required() },
};

const WHATS = Object.keys(DEEDS) as DeedName[];

const common: J.PartialSchemaMap = {
  id: Joi.string().guid().required(),
  atMs: Joi.number().integer().min(0).max(Number.MAX_SAFE_INTEGER).required(),
  by: oneOf('cook', 'rehearsal', 'device').optional().default('cook'),
};

const anyEvent = Joi.object({ ...common, what: oneOf(...WHATS).required() });

/** One event, its fields by what happened. */
export const cookEventSchema = Joi.alternatives().conditional('.what', {
  switch: WHATS.map((what) => ({ is: what, then: Joi.object({ ...common, what: oneOf(what), ...DEEDS[what] }) })),
  otherwise: anyEvent,
}) as unknown as J.ObjectSchema<CookEvent>;

/** What `POST /api/cooks/{id}/events` takes. */
export const cookEventsSchema = allOf<T.CookEventsRequest>({
  events: Joi.array().items(cookEventSchema).min(RANGES.cookEvents.min).max(RANGES.cookEvents.max),
});

const rehearsalOrNone = rehearsalSchema.allow(null);

const source = allOf<T.CookBody['source']>({ what: oneOf('conversion', 'evening'), id: Joi.string() });

/** A cook as it is kept: its programme is what the planner made of it. */
export const cookBodySchema = allOf<T.CookBody>({
  name: nameSchema,
  source,
  rehearsal: rehearsalOrNone,
  startedMs: Joi.number(),
  beginsMs: Joi.number(),
  timeZone: Joi.string(),
  programme: Joi.object({
    name: Joi.string().required(),
    cooks: Joi.array().required(),
    dishes: Joi.array().required(),
    steps: Joi.array().items(Joi.object().unknown()).required(),
    batches: Joi.array().items(Joi.object().unknown()).required(),
    ahead: Joi.array().required(),
    tableS: Joi.number().required(),
  }),
  cookedBy: cookedBySchema.optional(),
});

const texts = Joi.array().items(Joi.array(), Joi.string().allow(''));
const seconds = Joi.number().required();

/** A step as it is read back from a file: what screens and the counter look at. */
const filedStepSchema = Joi.object({
  id: key.required(),
  kind: oneOf(...TASK_KINDS).required(),
  dishId: Joi.string().allow(null).required(),
  batch: key.allow(null).required(),
  head: Joi.string().required(),
  text: Joi.array().required(),
  reason: Joi.array().required(),
  amounts: Joi.array().items(Joi.object({ name: Joi.string().required(), amount: Joi.array().required() })),
  checks: texts.required(),
  cautions: texts.required(),
  cook: Joi.number().allow(null).required(),
  fryer: Joi.string().allow(null).required(),
  fromS: seconds,
  toS: seconds,
  after: Joi.array().items(key).required(),
  restS: seconds,
}).unknown();

/** The dishes of a programme have it: it holds the list that holds what is looked at. */
const isOfItsProgramme: J.CustomValidator<string> = (id, { state, error }) => {
  const { dishes } = (state.ancestors as [object, object, { dishes?: unknown }])[2];
  const isOne = Array.isArray(dishes) && dishes.some((dish: { id?: unknown } | null) => dish?.id === id);
  return isOne ? id : error('any.only');
};

const filedBatchSchema = Joi.object({
  key: key.required(),
  dishId: Joi.string()
    .custom(isOfItsProgramme)
    .required()
    .messages({ 'any.only': '{{#label}} must be the id of one of its dishes' }),
  pieces: Joi.number().min(0).required(),
  plan: airPlanSchema.required(),
  fryer: fryerSchema.required(),
}).unknown();

/** A programme that comes from outside: all of it is looked at before it is taken. */
const filedProgrammeSchema = Joi.object({
  name: Joi.string().required(),
  cooks: Joi.array()
    .items(Joi.object({ name: nameSchema.required() }).unknown())
    .required(),
  dishes: Joi.array()
    .items(
      Joi.object({
        id: Joi.string().required(),
        name: nameSchema.required(),
        dish: dishSchema.required(),
        fried: friedSchema.required(),
      }),
    )
    .min(1)
    .required(),
  steps: Joi.array().items(filedStepSchema).required(),
  batches: Joi.array().items(filedBatchSchema).min(1).required(),
  ahead: texts.required(),
  tableS: seconds,
});

/** A cook that comes from outside. */
export const filedCookBodySchema = cookBodySchema.append<T.CookBody>({ programme: filedProgrammeSchema });

/** What `POST /api/cooks` takes. */
export const startCookSchema = allOf<T.StartCookRequest>({
  conversionId: Joi.string().guid().optional(),
  eveningId: Joi.string().guid().optional(),
  rehearsal: rehearsalSchema.optional(),
  timeZone: timeZoneSchema.optional(),
  afterwards: afterwardsSchema.optional(),
  begun: allOf<T.BegunCook>({
    name: nameSchema,
    agoMs: within('agoMs').integer(),
    programme: filedProgrammeSchema,
  }).optional(),
})
  .oxor('rehearsal', 'afterwards', 'begun')
  .xor('conversionId', 'eveningId')
  .messages({
    'object.missing': 'conversionId or eveningId must name what is cooked',
    'object.oxor':
      'a rehearsal cannot be entered afterwards, nor begin away from the server: give rehearsal or afterwards or begun, and no two of them',
    'object.xor': 'only one of conversionId and eveningId may be given',
  });

/** What `GET /api/cooks/{id}` answers. */
export const cookDocumentSchema = cookBodySchema.append<T.CookDocument>({
  id: Joi.string().guid(),
  format: Joi.number(),
  startedAt: Joi.string(),
  endedAt: Joi.string().allow(null),
  simulated: Joi.array().items(Joi.string()),
  events: Joi.array().items(Joi.object().unknown()),
  nowMs: Joi.number(),
  notes: Joi.array().items(Joi.string()),
});

export const cookListSchema = Joi.array().items(
  allOf<T.ListedCook>({
    id: Joi.string().guid(),
    name: Joi.string(),
    startedAt: Joi.string(),
    endedAt: Joi.string().allow(null),
    rehearsal: rehearsalOrNone,
    dishes: Joi.array().items(Joi.string()),
    fryers: Joi.array().items(Joi.string()),
    cookedBy: Joi.alternatives(cookedBySchema, null),
    photos: Joi.number(),
    log: Joi.array().items(loggedDishSchema),
  }),
);

export const cookEventsAnswerSchema = allOf<T.CookEventsAnswer>({
  events: Joi.array().items(
    allOf<T.CookEventsAnswer['events'][number]>({
      id: Joi.string(),
      seq: Joi.number(),
      known: Joi.boolean(),
      note: Joi.string().allow(null),
    }),
  ),
  nowMs: Joi.number(),
});

const text = Joi.string().allow('');

/** What `GET /api/cooks/{id}/standing` answers. */
export const cookStandingSchema = allOf<T.CookStanding>({
  id: Joi.string(),
  nowS: Joi.number(),
  rate: Joi.number(),
  paused: Joi.boolean(),
  endedHow: oneOf('served', 'stopped').allow(null),
  now: Joi.array().items(
    allOf<T.CookStanding['now'][number]>({
      hand: text,
      step: text.allow(null),
      text,
      urgent: Joi.boolean(),
    }),
  ),
  timers: Joi.array().items(
    allOf<T.CookStanding['timers'][number]>({
      step: text,
      batch: text.allow(null),
      text,
      leftS: Joi.number(),
      endsAt: text,
    }),
  ),
  batches: Joi.array().items(
    allOf<T.CookStanding['batches'][number]>({
      batch: text,
      fryer: text,
      state: oneOf('to-come', 'in', 'out'),
      plannedS: Joi.number(),
      takesS: Joi.number(),
      setC: Joi.number().allow(null),
      centreDoneS: Joi.number().allow(null),
      centreOffS: Joi.number().allow(null),
    }),
  ),
  tableAt: text,
  says: Joi.array().items(text),
  probes: Joi.array().items(
    allOf<T.CookStanding['probes'][number]>({
      fryer: text,
      centreC: Joi.number(),
      airC: Joi.number(),
      says: text.allow(null),
    }),
  ),
  record: Joi.array().items(allOf<T.CookStanding['record'][number]>({ at: text, by: text, text })),
  notes: Joi.array().items(allOf<T.CookStanding['notes'][number]>({ eventId: text, text })),
});

export const sightSchema = allOf<T.SightAnswer>({
  batch: text,
  atS: Joi.number(),
  top: Joi.number(),
  under: Joi.number(),
  topWord: text,
  underWord: text,
  up: oneOf('up', 'down'),
  floury: Joi.number(),
  ran: Joi.number(),
});

export const cookReviewSchema = Joi.object({
  surprises: Joi.array(),
  fryers: Joi.array(),
  batches: Joi.array(),
  saws: Joi.array(),
});
