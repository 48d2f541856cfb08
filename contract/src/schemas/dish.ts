import Joi from 'joi';
import { ingredient, PREPARATIONS } from '@yellowmist/core';
import { allOf, pantryId, whole, within } from './fields.js';

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

/** What is coated: food, cut, pieces, and how it was made ready. */
export const dishSchema = allOf({
  foodId: pantryId('a food', (id) => ingredient(id).food !== undefined),
  shape,
  count: whole('count'),
  smaller: allOf({
    count: whole('count')
      .custom((n: number, helpers) => {
        const { count } = helpers.state.ancestors[1] as { count: number };
        return n < count ? n : helpers.error('smaller.all');
      })
      .messages({ 'smaller.all': '{{#label}} must be less than count: some pieces are of the usual size' }),
    scale: within('smallerScale'),
  }).optional(),
  startC: within('startC'),
  skin: Joi.valid('dry', 'damp', 'wet'),
  preparation: Joi.valid(...PREPARATIONS),
  prepMin: within('prepMin').optional(),
});
