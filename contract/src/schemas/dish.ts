import { PREPARATIONS, type Dish, type PieceShape } from '@yellowmist/core';
import { allOf, oneOf, pantryId, whole, within } from './fields.js';
import { Joi } from './joi.js';

type Shape<K extends PieceShape['kind']> = Extract<PieceShape, { kind: K }>;

const shape = Joi.alternatives().conditional('.kind', {
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
        innerMm: within('lengthMm').less(Joi.ref('outerMm')),
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
    scale: within('smallerScale'),
  }).optional(),
  startC: within('startC'),
  skin: oneOf('dry', 'damp', 'wet'),
  preparation: oneOf(...PREPARATIONS),
  readyCoated: Joi.boolean().optional(),
  prepMin: within('prepMin').optional(),
});
