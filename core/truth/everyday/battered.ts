import { layerOf } from '../../src/index.js';
import { ball, disc, EGG, everyday, FINE, FLOUR, rod, slab, type Everyday } from './dish.js';

/** What is fried in a batter every day: what converts, and what a cook leaves to the pot. Common practice, no source. */

const BEER = layerOf(['wheat-flour', 100], ['beer', 140], ['baking-powder', 3], ['salt', 3]);
const MILK = layerOf(['wheat-flour', 100], ['milk', 130], ['egg', 50], ['salt', 3]);
const TEMPURA = layerOf(['wheat-flour', 70], ['corn-starch', 30], ['sparkling-water', 160]);
const RING = { kind: 'ring', outerMm: 80, innerMm: 62, thicknessMm: 12 } as const;

/** Crumbs over the batter carry it over: these have to be converted. */
export const BATTERED: readonly Everyday[] = [
  everyday('white fish in beer batter', 'cod', slab(120, 55, 20), [FLOUR, BEER], [200, 12], { pot: [180, 5] }),
  everyday('onion rings in beer batter', 'onion', RING, [FLOUR, BEER], [195, 11], { pot: [180, 3] }),
  everyday(
    'oyster mushrooms in beer batter',
    'oyster-mushroom',
    { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 },
    [BEER],
    [190, 10],
    { pot: [180, 4] },
  ),
  everyday(
    'cauliflower in flour and water',
    'cauliflower',
    ball(30),
    [layerOf(['wheat-flour', 100], ['water', 150], ['salt', 3])],
    [190, 14],
    { pot: [177, 4] },
  ),
  everyday(
    'cauliflower in chickpea batter',
    'cauliflower',
    ball(30),
    [layerOf(['chickpea-flour', 100], ['water', 130], ['salt', 3])],
    [190, 14],
    { pot: [177, 4] },
  ),
  everyday('mushrooms in egg batter', 'button-mushroom', ball(28), [FLOUR, MILK], [190, 11], { pot: [178, 3] }),
  everyday('courgette sticks in egg batter', 'courgette', slab(80, 13, 13), [FLOUR, MILK], [190, 10], {
    pot: [180, 3.5],
  }),
  everyday(
    'chicken strips in buttermilk batter',
    'chicken-breast',
    slab(100, 28, 20),
    [FLOUR, layerOf(['wheat-flour', 100], ['buttermilk', 150], ['egg', 50], ['salt', 4])],
    [195, 13],
    { pot: [172, 6] },
  ),
  everyday('tofu in beer batter', 'tofu', slab(60, 35, 18), [FLOUR, BEER], [195, 12], { pot: [178, 4] }),
  everyday('halloumi in beer batter', 'halloumi', slab(80, 16, 16), [FLOUR, BEER], [195, 9], { pot: [178, 3] }),
  everyday('green beans in egg batter', 'green-bean', rod(9, 90), [FLOUR, MILK], [190, 9], { pot: [178, 3] }),
];

/** What such a dish is loved for cannot come out of air. */
export const POT: readonly (Everyday & { why: string })[] = [
  {
    why: 'lace',
    ...everyday(
      'prawns in a thin batter of starch and sparkling water',
      'prawn',
      slab(60, 22, 12),
      [TEMPURA],
      [190, 8],
      { pot: [178, 2.5] },
    ),
  },
  {
    why: 'lace',
    ...everyday(
      'courgette in a thin batter of starch and sparkling water',
      'courgette',
      disc(50, 8),
      [TEMPURA],
      [190, 8],
      { pot: [176, 2.5] },
    ),
  },
  {
    why: 'lace',
    ...everyday(
      'green beans in thin rice batter',
      'green-bean',
      rod(8, 90),
      [layerOf(['rice-flour', 100], ['sparkling-water', 160])],
      [190, 8],
      { pot: [178, 2.5] },
    ),
  },
  {
    why: 'lace',
    ...everyday(
      'sweet potato in flour, egg and cold water',
      'sweet-potato',
      disc(60, 6),
      [layerOf(['wheat-flour', 100], ['water', 160], ['egg', 50])],
      [190, 10],
      { pot: [176, 3] },
    ),
  },
  {
    why: 'puffs',
    ...everyday(
      'banana fritters',
      'banana',
      slab(60, 30, 12),
      [layerOf(['self-raising-flour', 100], ['milk', 120], ['sugar', 10])],
      [190, 9],
      { pot: [180, 3] },
    ),
  },
  {
    why: 'puffs',
    ...everyday(
      'pineapple fritters',
      'pineapple',
      { kind: 'ring', outerMm: 85, innerMm: 30, thicknessMm: 10 },
      [layerOf(['wheat-flour', 100], ['sparkling-water', 130], ['sugar', 5])],
      [190, 9],
      { pot: [180, 3] },
    ),
  },
  {
    why: 'puffs',
    ...everyday(
      'apple fritters',
      'apple',
      { kind: 'ring', outerMm: 75, innerMm: 20, thicknessMm: 8 },
      [layerOf(['wheat-flour', 100], ['milk', 120], ['egg', 50], ['baking-powder', 3])],
      [190, 9],
      { pot: [176, 3] },
    ),
  },
  {
    why: 'runs',
    ...everyday('mozzarella in beer batter', 'mozzarella', slab(80, 15, 15), [FLOUR, BEER], [200, 7], {
      pot: [185, 1.5],
    }),
  },
];

/** A freezer, a second coat and a hot fryer keep this one in. */
export const FROZEN_FIRST: Everyday = everyday(
  'mozzarella sticks in fine crumbs',
  'mozzarella',
  slab(80, 15, 15),
  [FLOUR, EGG, FINE],
  [200, 7],
  { pot: [185, 1.5] },
);
