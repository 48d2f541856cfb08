import type * as J from 'joi';
import {
  CUTTABLE,
  CUT_IDS,
  cuttableAt,
  foodOf,
  GRAMS_CUT,
  KNOWN,
  PIECES,
  PREPARATIONS,
  SIDE_USES,
  soldAs,
  uncuttable,
  type AlsoFood,
  type BoughtAs,
  type Dish,
  type Hands,
  type PieceShape,
  type SideBowl,
} from '@yellowmist/core';
import { RANGES } from '../ranges.js';
import { servedPortions } from './coat.js';
import { allOf, nameSchema, oneOf, pantryId, whole, within } from './fields.js';
import { Joi } from './joi.js';

type Shape<K extends PieceShape['kind']> = Extract<PieceShape, { kind: K }>;

/** A piece that a knife can cut; what is wrong is told at its very length. */
const canBeCut = (shape: PieceShape, helpers: J.CustomHelpers): unknown => {
  const wrong = uncuttable(shape);
  if (!wrong) return shape;
  const { state } = helpers;
  const at = state.localize!([...(state.path ?? []), wrong.field], state.ancestors);
  return helpers.error('shape.uncuttable', { must: wrong.must }, at as unknown as J.State);
};

const shape = Joi.alternatives()
  .conditional('.kind', {
    switch: [
      {
        is: 'slab',
        then: allOf<Shape<'slab'>>({
          kind: oneOf('slab'),
          lengthMm: within('lengthMm'),
          widthMm: within('lengthMm'),
          thicknessMm: within('thicknessMm'),
        }),
      },
      {
        is: 'disc',
        then: allOf<Shape<'disc'>>({
          kind: oneOf('disc'),
          diameterMm: within('lengthMm'),
          thicknessMm: within('thicknessMm'),
        }),
      },
      {
        is: 'rod',
        then: allOf<Shape<'rod'>>({
          kind: oneOf('rod'),
          diameterMm: within('thicknessMm'),
          lengthMm: within('lengthMm'),
        }),
      },
      {
        is: 'ring',
        then: allOf<Shape<'ring'>>({
          kind: oneOf('ring'),
          outerMm: within('lengthMm'),
          innerMm: within('lengthMm'),
          thicknessMm: within('thicknessMm'),
        }),
      },
      { is: 'ball', then: allOf<Shape<'ball'>>({ kind: oneOf('ball'), diameterMm: within('thicknessMm') }) },
      {
        is: 'irregular',
        then: allOf<Shape<'irregular'>>({
          kind: oneOf('irregular'),
          longestMm: within('lengthMm'),
          thicknessMm: within('thicknessMm'),
          massG: within('massG'),
        }),
      },
    ],
    otherwise: allOf<Pick<PieceShape, 'kind'>>({
      kind: oneOf('slab', 'disc', 'rod', 'ring', 'ball', 'irregular'),
    }).unknown(true),
  })
  .custom(canBeCut)
  .messages({ 'shape.uncuttable': '{{#label}} {{#must}}' });

/** A unit and a cut that the dish's food is known in. */
const fitsFood = (bought: BoughtAs, helpers: J.CustomHelpers): unknown => {
  const { foodId } = helpers.state.ancestors[0] as Partial<Dish>;
  if (!foodId || !KNOWN.byId.get(foodId)?.food) return bought;
  const { units, cuts } = soldAs(foodOf(KNOWN, foodId));
  const unitIds = ['g', GRAMS_CUT, PIECES, ...units.map((u) => u.id)];
  const cutIds = cuts.map((c) => c.id);
  if (!unitIds.includes(bought.unit)) return helpers.error('bought.unit', { allowed: unitIds.join(', ') });
  return cutIds.includes(bought.cut) ? bought : helpers.error('bought.cut', { allowed: cutIds.join(', ') });
};

/** How a food was bought and cut. */
const bought = allOf<BoughtAs>({
  unit: Joi.string().max(60),
  amount: within('bought'),
  cut: oneOf(...CUT_IDS),
  sizeMm: within('cutSizeMm').optional(),
})
  .custom(fitsFood)
  .messages({
    'bought.unit': '{{#label}}.unit must be one that this food is sold by: {{#allowed}}',
    'bought.cut': '{{#label}}.cut must be one that this food is known in: {{#allowed}}',
  });

/** A bowl beside the coat. */
export const sideBowlSchema = allOf<SideBowl>({
  name: nameSchema,
  use: oneOf(...SIDE_USES),
  portions: servedPortions,
  wantedG: within('grams').min(1).optional(),
});

/** A second food in the same coat and basket. */
const also = allOf<AlsoFood>({
  foodId: pantryId('a food', (item) => item.food !== undefined),
  shape,
  count: whole('count'),
  bought: bought.optional(),
});

/** What is coated: food, cut, pieces, and how it was made ready. */
export const dishSchema = allOf<Dish>({
  foodId: pantryId('a food', (item) => item.food !== undefined),
  shape,
  count: whole('count'),
  smaller: allOf<NonNullable<Dish['smaller']>>({
    count: whole('count')
      .custom((n: number, helpers) => {
        const { count } = helpers.state.ancestors[1] as { count: number };
        return n < count ? n : helpers.error('smaller.all');
      })
      .messages({ 'smaller.all': '{{#label}} must be less than count: some pieces are of the usual size' }),
    scale: within('smallerScale')
      .custom((scale: number, helpers) => {
        const { shape: whole } = helpers.state.ancestors[1] as { shape: PieceShape };
        return cuttableAt(whole, scale) ? scale : helpers.error('smaller.crumbs', { least: CUTTABLE.smallestMm });
      })
      .messages({ 'smaller.crumbs': '{{#label}} must leave the smaller pieces {{#least}} mm on every side at least' }),
  }).optional(),
  startC: within('startC'),
  skin: oneOf('dry', 'damp', 'wet'),
  preparation: oneOf(...PREPARATIONS),
  readyCoated: Joi.boolean().optional(),
  prepMin: within('prepMin').optional(),
  hand: allOf<Hands>({ dips: within('hand'), crumbs: within('hand') }).optional(),
  bought: bought.optional(),
  bareShare: within('bareShare').optional(),
  also: also.optional(),
  beside: Joi.array().items(sideBowlSchema).max(RANGES.beside.max).unique('name').optional(),
  servings: whole('servings').optional(),
});
