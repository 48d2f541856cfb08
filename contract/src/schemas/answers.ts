import {
  ALLERGEN_IDS,
  COLUMNS,
  FAMILIES,
  OUTCOME_KEYS,
  PLACES,
  QUANTITY_KINDS,
  type Bowl,
  type Energy,
  type Ingredient,
  type KeptCoat,
  type KeptCook,
  type LayerSpec,
  type Quantity,
  type Text,
  type WaitingResult,
} from '@yellowmist/core';
import type * as J from 'joi';
import type * as A from '../answers.js';
import { RANGES } from '../ranges.js';
import type { BinnedConversion, ConversionDocument, FieldError, ListedDish, Problem } from '../types.js';
import { layer } from './coat.js';
import { conversionBodySchema } from './conversion.js';
import { allOf, dietsSchema, nameSchema, oneOf, brokenSchema, stamps } from './fields.js';
import { Joi } from './joi.js';
import { airPlanSchema, making, second } from './plan.js';
import { bowlParts, serving, sideBowl } from './plate.js';

/** What the API answers, for its documentation and for tests that hold the answers to it. */

const words = Joi.string().allow('');
const wordList = Joi.array().items(words);
const bands = oneOf('good', 'fair', 'poor');
const families = oneOf(...FAMILIES);
const turnAtMin = Joi.number().allow(null);

const quantity = allOf<Quantity>({
  kind: oneOf(...Object.keys(QUANTITY_KINDS)),
  value: Joi.number(),
  digits: Joi.number().optional(),
  stepC: Joi.number().optional(),
});
/** A sentence as words and quantities. (Joi's types take a readonly list for an object.) */
const parts = Joi.array().items(Joi.string(), quantity) as unknown as J.ObjectSchema<Text>;

const reason = allOf<A.ReasonAnswer>({
  about: oneOf(...OUTCOME_KEYS),
  weight: Joi.number().valid(0, 1, 2),
  text: words,
  textParts: parts,
  move: words,
  moveParts: parts,
});
const reasons = Joi.array().items(reason);

const outcome = allOf<A.OutcomeAnswer>({
  key: oneOf(...OUTCOME_KEYS),
  value: Joi.number().allow(null).description('null where it never comes: a coat that does not set in this cook'),
  unit: oneOf('°C', 'min', 'share', 'B', 'g', 'ratio'),
  band: bands,
  word: words,
  bound: Joi.number().optional(),
  reasons,
});
const outcomes = Joi.object<A.OutcomesAnswer>().pattern(oneOf(...OUTCOME_KEYS), outcome);

const cook = { outcomes, reasons, oilPerPieceG: Joi.number() };
const laid = { name: words, pickUpGm2: Joi.number(), thicknessMm: Joi.number() };

const waiting = Joi.array().items(
  allOf<Omit<WaitingResult, 'crispness' | 'centreC'>>({
    place: oneOf(...PLACES),
    sauced: Joi.boolean(),
    crispMin: Joi.number().allow(null).description('null where it is longer than half an hour'),
  }),
);

const numbers = Joi.array().items(Joi.number());

/** What `POST /api/simulate` answers. */
export const simulateAnswerSchema = allOf<A.SimulateAnswer>({
  timeS: numbers,
  columns: Joi.object(Object.fromEntries(COLUMNS.map((c) => [c, numbers]))),
  liesUp: oneOf('up', 'down'),
  outcomes,
  reasons,
  layers: Joi.array().items(allOf<A.LaidLayer>(laid)),
  waiting,
});

/** One bowl, measured out. */
export const bowlSchema = allOf<Bowl>({
  layerAt: Joi.number(),
  visits: numbers,
  name: words,
  parts: bowlParts,
  onFoodG: Joi.number(),
  lostG: Joi.number(),
  totalG: Joi.number(),
  leftG: Joi.number(),
  weighedEggG: Joi.number().allow(null),
  reachesPieces: Joi.number(),
});

const settings = airPlanSchema.extract('settings') as never;

const alternative = allOf<A.AlternativeAnswer>({
  ...cook,
  id: words,
  family: families,
  variant: words,
  idea: words,
  works: Joi.boolean(),
  unsafe: allOf<NonNullable<A.AlternativeAnswer['unsafe']>>({ centreC: Joi.number(), minimumC: Joi.number() }).allow(
    null,
  ),
  likeness: Joi.number(),
  badges: wordList,
  against: wordList,
  againstParts: Joi.array().items(parts),
  layers: Joi.array().items(layer.append<LayerSpec & A.LaidLayer>(laid)),
  settings,
  second,
  making: making.allow(null),
  restMin: Joi.number(),
  oilGm2: Joi.number(),
  sprayOilG: Joi.number(),
  bowls: Joi.array().items(bowlSchema),
  beside: Joi.array().items(sideBowl),
  perServing: allOf<A.AlternativeAnswer['perServing']>({ air: serving, pot: serving }),
  seasoning: allOf<A.SeasoningAnswer>({
    perLayerG: numbers,
    inFoodG: Joi.number(),
    share: Joi.number(),
    word: words,
    move: words,
  }),
  allergens: Joi.array().items(oneOf(...ALLERGEN_IDS)),
  piecesPerBatch: Joi.number(),
  batches: Joi.number(),
  racksUsed: Joi.number(),
  energy: allOf<Energy>({
    airKwh: Joi.number(),
    potKwh: Joi.number(),
    airOilKcal: Joi.number(),
    potOilKcal: Joi.number(),
  }),
  grammar: Joi.array().items(
    allOf<A.GrammarAnswer>({
      at: Joi.number(),
      rule: words,
      text: words,
      textParts: parts,
      repair: words,
      repairParts: parts,
    }),
  ),
  steps: wordList,
  stepParts: Joi.array().items(parts),
  cautions: Joi.array().items(
    allOf<A.CautionAnswer>({ about: words, text: words, textParts: parts, tempC: Joi.number().optional() }),
  ),
});

/** What `POST /api/convert` answers. */
export const convertAnswerSchema = allOf<A.ConvertAnswer>({
  fried: allOf<A.CookAnswer>(cook),
  original: alternative,
  alternatives: Joi.array().items(alternative),
  changes: Joi.array().items(
    allOf<A.ChangeAnswer>({
      id: words,
      text: words,
      textParts: parts,
      buys: wordList,
      buysParts: Joi.array().items(parts),
      gain: Joi.number(),
      needed: Joi.boolean(),
    }),
  ),
  keepPot: allOf<A.KeepPotAnswer>({
    why: oneOf('lace', 'puffs', 'runs', 'nothing-near'),
    reason: words,
    reasonParts: parts,
    nearest: words,
    nearestParts: parts,
  }).allow(null),
  tried: Joi.array().items(
    allOf<A.TriedAnswer>({
      id: words,
      family: families,
      variant: words,
      likeness: Joi.number(),
      crispness: Joi.number(),
      oilPerPieceG: Joi.number(),
      minutes: Joi.number(),
      bowls: Joi.number(),
      works: Joi.boolean(),
      tempC: Joi.number(),
      turnAtMin,
      oilGm2: Joi.number(),
    }),
  ),
  simulations: Joi.number(),
  complete: Joi.boolean().description('false where time ran out before all families were looked at'),
});

/** A stored dish. */
export const conversionDocumentSchema = conversionBodySchema.append<ConversionDocument>({
  ...stamps,
  format: Joi.number(),
});

/** All dishes: one that cannot be opened says why. */
export const conversionListSchema = Joi.array().items(
  (conversionDocumentSchema.fork('versions', () => Joi.forbidden()) as unknown as J.ObjectSchema<ListedDish>).append({
    diets: dietsSchema.required(),
  }),
  brokenSchema,
);

/** What was put aside, the last first. */
export const binSchema = Joi.array().items(allOf<BinnedConversion>({ id: words, name: words, deletedAt: words }));

const keptCoat = allOf<KeptCoat>({ family: families, variant: nameSchema.allow(''), plan: airPlanSchema });
const share = Joi.number().min(-1000).max(1000);

/** A search as it is kept with its dish. */
export const searchAnswerSchema = allOf<A.SearchAnswer>({
  asked: Joi.string().max(RANGES.nameLength.max),
  model: Joi.string().max(RANGES.nameLength.max),
  simulations: Joi.number().integer().min(0).max(100_000),
  coats: Joi.array().items(keptCoat).max(RANGES.keptCoats.max),
  cooks: Joi.array()
    .items(
      allOf<KeptCook>({
        id: nameSchema,
        coat: Joi.number()
          .integer()
          .min(0)
          .max(RANGES.keptCoats.max - 1),
        tempC: Joi.number().min(RANGES.airTempC.min).max(RANGES.airTempC.max),
        minutes: Joi.number().min(0).max(RANGES.airMinutes.max),
        oilGm2: Joi.number().min(0).max(RANGES.oilGm2.max),
        turnAtMin: Joi.number().min(0).max(RANGES.airMinutes.max).allow(null),
        score: share,
        likeness: share,
        crispness: share,
        oilPerPieceG: share,
        bowls: Joi.number().integer().min(0).max(RANGES.layers.max),
        works: Joi.boolean(),
      }),
    )
    .max(RANGES.keptCooks.max),
  shown: Joi.array().items(keptCoat).min(1).max(RANGES.keptCoats.max),
});

/** The search that is kept with a dish; null when none is. */
export const keptAnswerSchema = allOf<A.KeptAnswer>({ found: searchAnswerSchema.allow(null) });

/** An error of the API (RFC 9457). */
export const problemSchema = allOf<Problem>({
  type: words,
  title: words,
  status: Joi.number(),
  detail: words,
  errors: Joi.array()
    .items(allOf<FieldError>({ field: words, message: words }))
    .optional(),
  currentVersion: Joi.number().optional(),
});

/** What `GET /api/pantry` answers: every food and ingredient. */
export const ingredientListSchema = Joi.array().items(
  Joi.object<Ingredient>({
    id: words.required(),
    name: words.required(),
    group: words.required(),
    per100g: Joi.object().pattern(words, Joi.number()).required(),
    densityKgM3: Joi.number().required(),
    roles: wordList.required(),
    allergens: wordList.required(),
    origin: words.required(),
    source: words.required(),
    common: Joi.boolean().required(),
  }).unknown(true),
);
