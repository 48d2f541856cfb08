import { layerOf } from '../../src/index.js';
import { ball, COARSE, disc, EGG, everyday, FINE, FLOUR, rod, slab, type Everyday } from './dish.js';

/** The list that was written down beside the first and only checked: nothing was fitted on it. Common practice, no source. */
export const CHECKED: readonly Everyday[] = [
  everyday('pork chops 18 mm, coarse crumbs', 'pork-loin', slab(110, 80, 18), [FLOUR, EGG, COARSE], [200, 13], {
    expects: ['coarse'],
    pot: [170, 6],
  }),
  everyday('meatballs 30 mm, fine crumbs', 'meatball', ball(30), [FLOUR, EGG, FINE], [195, 12], {
    expects: ['fine'],
    pot: [170, 6],
  }),
  everyday(
    'chicken breast 15 mm, coarse crumbs with hard cheese',
    'chicken-breast',
    slab(130, 90, 15),
    [FLOUR, EGG, layerOf(['coarse-crumbs', 60], ['hard-cheese', 25])],
    [195, 12],
    { expects: ['coarse'], pot: [170, 5] },
  ),
  everyday('turkey bites 25 mm, fine crumbs', 'turkey-breast', slab(25, 25, 25), [FLOUR, EGG, FINE], [200, 11], {
    expects: ['fine'],
    pot: [175, 5],
  }),
  everyday('thin beef steaks 7 mm, fine crumbs', 'beef-steak', slab(130, 90, 7), [FLOUR, EGG, FINE], [200, 9], {
    expects: ['fine'],
    pot: [175, 3],
  }),
  everyday('thin white fish 10 mm, fine crumbs', 'cod', slab(140, 60, 10), [FLOUR, EGG, FINE], [200, 9], {
    expects: ['fine'],
    pot: [175, 3],
  }),
  everyday('fish strips 15 mm, coarse crumbs', 'cod', slab(90, 22, 15), [FLOUR, EGG, COARSE], [200, 9.5], {
    expects: ['coarse'],
    pot: [178, 3.5],
  }),
  everyday('butterflied prawns 9 mm, coarse crumbs', 'prawn', slab(70, 40, 9), [FLOUR, EGG, COARSE], [200, 8], {
    expects: ['coarse'],
    pot: [180, 2],
  }),
  everyday('squid strips 8 mm, coarse crumbs', 'squid', slab(70, 15, 8), [FLOUR, EGG, COARSE], [200, 8], {
    expects: ['coarse'],
    pot: [180, 2],
  }),
  everyday('paneer cubes 20 mm, coarse crumbs', 'paneer', slab(20, 20, 20), [FLOUR, EGG, COARSE], [195, 10], {
    expects: ['coarse'],
    pot: [178, 3],
  }),
  everyday('courgette rounds 10 mm, fine crumbs', 'courgette', disc(50, 10), [FLOUR, EGG, FINE], [195, 11], {
    expects: ['fine'],
    pot: [178, 3],
  }),
  everyday('aubergine sticks 15 mm, coarse crumbs', 'aubergine', slab(80, 15, 15), [FLOUR, EGG, COARSE], [195, 12], {
    expects: ['coarse'],
  }),
  everyday(
    'oyster mushrooms 16 mm, coarse crumbs',
    'oyster-mushroom',
    { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 },
    [FLOUR, EGG, COARSE],
    [190, 10],
    { expects: ['coarse'] },
  ),
  everyday(
    'pepper rings 12 mm, coarse crumbs',
    'bell-pepper',
    { kind: 'ring', outerMm: 75, innerMm: 63, thicknessMm: 12 },
    [FLOUR, EGG, COARSE],
    [195, 10],
    { expects: ['coarse'], pot: [180, 3] },
  ),
  everyday('mash balls 35 mm, coarse crumbs', 'mash-filling', ball(35), [FLOUR, EGG, COARSE], [195, 12], {
    expects: ['coarse'],
  }),
  everyday(
    'tofu strips 18 mm, crushed cornflakes',
    'tofu',
    slab(70, 20, 18),
    [FLOUR, EGG, layerOf(['cornflakes', 80])],
    [190, 13],
    {
      expects: ['flake'],
      pot: [175, 4],
    },
  ),
  everyday('okra halves 12 mm, coarse crumbs', 'okra', rod(12, 60), [FLOUR, EGG, COARSE], [195, 10], {
    expects: ['coarse'],
  }),
  everyday('green tomato slices 9 mm, coarse crumbs', 'green-tomato', disc(65, 9), [FLOUR, EGG, COARSE], [200, 10], {
    expects: ['coarse'],
    pot: [180, 3],
  }),
  everyday('chicken thighs 20 mm, coarse crumbs', 'chicken-thigh', slab(100, 70, 20), [FLOUR, EGG, COARSE], [190, 14], {
    expects: ['coarse'],
    pot: [170, 6],
  }),
  everyday('salmon 18 mm, sesame', 'salmon', slab(90, 50, 18), [FLOUR, EGG, layerOf(['sesame-seeds', 80])], [190, 10], {
    expects: ['nuts'],
    pot: [170, 4],
  }),
  everyday(
    'white fish 18 mm, chopped hazelnuts and crumbs',
    'cod',
    slab(100, 50, 18),
    [FLOUR, EGG, layerOf(['chopped-hazelnuts', 60], ['fine-crumbs', 40])],
    [190, 11],
    { expects: ['nuts', 'fine'], pot: [170, 4] },
  ),
  everyday(
    'onion rings 12 mm, coarse crumbs',
    'onion',
    { kind: 'ring', outerMm: 80, innerMm: 62, thicknessMm: 12 },
    [FLOUR, EGG, COARSE],
    [195, 10],
    { expects: ['coarse'], pot: [180, 3] },
  ),
  everyday('pork strips 16 mm, fine crumbs', 'pork-loin', slab(80, 20, 16), [FLOUR, EGG, FINE], [200, 10.5], {
    expects: ['fine'],
  }),
  everyday(
    'chicken strips 20 mm, coarse crumbs, oven-type',
    'chicken-breast',
    slab(100, 28, 20),
    [FLOUR, EGG, COARSE],
    [200, 14],
    {
      expects: ['coarse'],
      pot: [175, 5],
      oven: true,
    },
  ),
  everyday(
    'chicken thigh bites 28 mm, egg and potato starch',
    'chicken-thigh',
    slab(50, 40, 28),
    [EGG, layerOf(['potato-starch', 60], ['salt', 3])],
    [195, 15],
    { expects: ['starch'], pot: [172, 6] },
  ),
  everyday(
    'chicken strips 20 mm, buttermilk and flour',
    'chicken-breast',
    slab(100, 30, 20),
    [layerOf(['buttermilk', 120]), { ...layerOf(['wheat-flour', 100], ['paprika', 5], ['salt', 5]), clumped: true }],
    [190, 14],
    { expects: ['flour'], pot: [172, 6] },
  ),
  everyday(
    'white fish 18 mm, cornmeal',
    'cod',
    slab(110, 60, 18),
    [layerOf(['buttermilk', 60]), layerOf(['cornmeal', 90], ['wheat-flour', 20], ['salt', 3])],
    [200, 12],
    { expects: ['meal'] },
  ),
  everyday('tempeh slices 12 mm, coarse crumbs', 'tempeh', slab(60, 40, 12), [FLOUR, EGG, COARSE], [190, 11], {
    expects: ['coarse'],
  }),
];
