import { madeReady } from '../../dish/index.js';
import { text } from '../../units/index.js';
import type { Put } from '../put.js';
import { byHand, withLayers, withPlan, withUnknowns } from './putting.js';
import type { Cause } from './types.js';

const withDish = (meant: Put, change: Partial<Put['lying']['dish']>): Put => ({
  ...meant,
  lying: { ...meant.lying, dish: { ...meant.lying.dish, ...change } },
});

/** Colder than this nothing comes out of a refrigerator in the middle, °C: partly frozen. */
const PARTLY_FROZEN_C = -4;

/** Ways that take water out of a food before it is coated. */
const DRIES = ['pressed', 'frozen-pressed', 'salted', 'pre-cooked'];

/** What can be otherwise in the food. */
export const FOOD_CAUSES: readonly Cause[] = [
  {
    key: 'wet-surface',
    words: 'The skin was wet under the coat',
    prior: 1.3,
    sizes: [1],
    put: (meant) => {
      const { dish, plan } = meant.lying;
      if (dish.skin === 'wet' && !plan.making?.patted) return null;
      const wet = withDish(meant, { skin: 'wet' });
      return plan.making?.patted ? withPlan(wet, { making: { ...plan.making, patted: false } }) : wet;
    },
    mend: byHand(['wet-surface'], text`Pat every piece dry on all sides, just before its first bowl.`),
    shows: 'wetSkin',
  },
  {
    key: 'wet-food',
    words: 'The water was not taken out of the food first',
    prior: 0.7,
    sizes: [1],
    put: (meant) => {
      const { pantry, dish } = meant.lying;
      if (!DRIES.includes(dish.preparation)) return null;
      return { ...meant, lying: { ...meant.lying, dish: madeReady(pantry, dish, 'raw') } };
    },
    mend: byHand(['wet-food'], text`Give the food its full time of pressing, salting or pre-cooking, and dry it.`),
    shows: 'waterOut',
  },
  {
    key: 'thick-pieces',
    words: 'The pieces were thicker than planned',
    prior: 1,
    sizes: [1.18, 1.31, 1.45],
    put: (meant, times) => withUnknowns(meant, { sizeLog: Math.log(times) }),
    mend: byHand(['thick-pieces'], text`Measure the first piece across, and cut the others like it.`),
    shows: 'thicknessMm',
    sizeOf: (value, meant) => value / meant,
  },
  {
    key: 'thin-pieces',
    words: 'The pieces were thinner than planned',
    prior: 0.6,
    sizes: [0.6, 0.725, 0.85],
    put: (meant, times) => withUnknowns(meant, { sizeLog: Math.log(times) }),
    mend: byHand(['thin-pieces'], text`Measure the first piece across, and cut the others like it.`),
    shows: 'thicknessMm',
    sizeOf: (value, meant) => value / meant,
  },
  {
    key: 'cold-food',
    words: 'The food went in colder than planned',
    prior: 0.8,
    sizes: [6, 11, 16],
    put: (meant, k) => {
      const { startC } = meant.lying.dish;
      return startC > 0 ? withDish(meant, { startC: Math.max(PARTLY_FROZEN_C, startC - k) }) : null;
    },
    mend: byHand(['cold-food'], text`Thaw it through, and take it out of the cold only as it is planned.`),
    shows: 'startC',
    sizeOf: (value, meant) => meant - value,
  },
  {
    key: 'burning-early',
    words: 'What burns was in the finish from the start',
    prior: 1,
    sizes: [1],
    put: (meant) => {
      const { plan } = meant.lying;
      const last = plan.layers.at(-1);
      if (!last || !plan.making?.later?.length) return null;
      const all = [...plan.layers.slice(0, -1), { ...last, portions: [...last.portions, ...plan.making.later] }];
      return withLayers(withPlan(meant, { making: { ...plan.making, later: [] } }), all);
    },
    mend: byHand(['burning-early'], text`Scatter sugar, cheese and ground spice over the hot pieces at the end.`),
    shows: 'burningLater',
  },
];
