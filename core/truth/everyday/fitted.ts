import { layerOf } from '../../src/index.js';
import { ball, COARSE, disc, EGG, everyday, FINE, FLOUR, rod, slab, type Everyday } from './dish.js';

/** The list on which the converter's judgement was fitted. Middle of what home cooks write down: common practice, no source. */
export const FITTED: readonly Everyday[] = [
  everyday('chicken cutlets 12 mm, fine crumbs', 'chicken-breast', slab(130, 90, 12), [FLOUR, EGG, FINE], [200, 10], {
    expects: ['fine'],
  }),
  everyday(
    'chicken strips 20 mm, coarse crumbs',
    'chicken-breast',
    slab(100, 28, 20),
    [FLOUR, EGG, COARSE],
    [200, 11],
    {
      expects: ['coarse'],
      pot: [175, 5],
    },
  ),
  everyday('chicken bites 24 mm, fine crumbs', 'chicken-breast', slab(24, 24, 24), [FLOUR, EGG, FINE], [200, 10], {
    expects: ['fine'],
  }),
  everyday('pork cutlets 8 mm, fine crumbs', 'pork-loin', slab(130, 90, 8), [FLOUR, EGG, FINE], [200, 10], {
    expects: ['fine'],
  }),
  everyday('turkey escalopes 9 mm, fine crumbs', 'turkey-breast', slab(120, 80, 9), [FLOUR, EGG, FINE], [195, 10], {
    expects: ['fine'],
  }),
  everyday('veal escalopes 6 mm, fine crumbs', 'veal', slab(130, 90, 6), [FLOUR, EGG, FINE], [200, 9], {
    expects: ['fine'],
    pot: [175, 3],
  }),
  everyday('white fish 20 mm, coarse crumbs', 'cod', slab(100, 50, 20), [FLOUR, EGG, COARSE], [200, 11], {
    expects: ['coarse'],
  }),
  everyday('fish fingers 18 mm, fine crumbs', 'cod', slab(90, 25, 18), [FLOUR, EGG, FINE], [200, 10], {
    expects: ['fine'],
  }),
  everyday('salmon pieces 22 mm, coarse crumbs', 'salmon', slab(60, 40, 22), [FLOUR, EGG, COARSE], [190, 11], {
    expects: ['coarse'],
  }),
  everyday('prawns 12 mm, coarse crumbs', 'prawn', slab(60, 22, 12), [FLOUR, EGG, COARSE], [200, 8], {
    expects: ['coarse'],
    pot: [180, 2.5],
  }),
  everyday(
    'squid rings 10 mm, fine crumbs',
    'squid',
    { kind: 'ring', outerMm: 50, innerMm: 30, thicknessMm: 10 },
    [FLOUR, EGG, FINE],
    [200, 8],
    { expects: ['fine'], pot: [180, 2.5] },
  ),
  everyday('halloumi fingers 15 mm, coarse crumbs', 'halloumi', slab(70, 15, 15), [FLOUR, EGG, COARSE], [200, 9], {
    expects: ['coarse'],
    pot: [180, 3],
  }),
  everyday('courgette sticks 13 mm, coarse crumbs', 'courgette', slab(80, 13, 13), [FLOUR, EGG, COARSE], [200, 10], {
    expects: ['coarse'],
    pot: [180, 3],
  }),
  everyday('mushrooms 30 mm, coarse crumbs', 'button-mushroom', ball(30), [FLOUR, EGG, COARSE], [190, 10], {
    expects: ['coarse'],
  }),
  everyday('green beans 9 mm, coarse crumbs', 'green-bean', rod(9, 90), [FLOUR, EGG, COARSE], [195, 9], {
    expects: ['coarse'],
    pot: [180, 3],
  }),
  everyday('cauliflower 30 mm, coarse crumbs', 'cauliflower', ball(30), [FLOUR, EGG, COARSE], [195, 13], {
    expects: ['coarse'],
    pot: [175, 5],
  }),
  everyday('leek croquettes 25 mm, fine crumbs', 'croquette-filling', rod(25, 70), [FLOUR, EGG, FINE], [200, 11], {
    expects: ['fine'],
  }),
  everyday('tofu slabs 15 mm, coarse crumbs', 'tofu', slab(60, 40, 15), [FLOUR, EGG, COARSE], [200, 12], {
    expects: ['coarse'],
  }),
  everyday('aubergine slices 12 mm, fine crumbs', 'aubergine', disc(70, 12), [FLOUR, EGG, FINE], [195, 13], {
    expects: ['fine'],
  }),
  everyday(
    'onion rings 12 mm, batter under crumbs',
    'onion',
    { kind: 'ring', outerMm: 80, innerMm: 62, thicknessMm: 12 },
    [FLOUR, layerOf(['wheat-flour', 100], ['milk', 130], ['salt', 2]), COARSE],
    [190, 11],
    { expects: ['coarse'], pot: [180, 3] },
  ),
  everyday(
    'green tomato slices 10 mm, cornmeal',
    'green-tomato',
    disc(70, 10),
    [FLOUR, layerOf(['buttermilk', 100]), layerOf(['cornmeal', 90], ['wheat-flour', 20])],
    [200, 11],
    { expects: ['meal'] },
  ),
  everyday(
    'okra 14 mm, cornmeal',
    'okra',
    rod(14, 40),
    [layerOf(['buttermilk', 100]), layerOf(['cornmeal', 90], ['wheat-flour', 30], ['salt', 3])],
    [200, 11],
    { expects: ['meal'] },
  ),
  everyday(
    'chicken thighs 25 mm, buttermilk and flour',
    'chicken-thigh',
    slab(100, 70, 25),
    [layerOf(['buttermilk', 120]), { ...layerOf(['wheat-flour', 100], ['paprika', 5], ['salt', 5]), clumped: true }],
    [190, 20],
    { expects: ['flour'], pot: [165, 11] },
  ),
  everyday(
    'chicken strips 22 mm, crushed cornflakes',
    'chicken-breast',
    slab(100, 30, 22),
    [FLOUR, EGG, layerOf(['cornflakes', 80])],
    [190, 13],
    { expects: ['flake'], pot: [170, 6] },
  ),
  everyday(
    'prawns 12 mm, coconut and crumbs',
    'prawn',
    slab(60, 22, 12),
    [FLOUR, EGG, layerOf(['desiccated-coconut', 40], ['coarse-crumbs', 40])],
    [190, 8],
    { expects: ['coarse', 'nuts'], pot: [175, 2.5] },
  ),
  everyday('tofu cubes 20 mm, corn starch', 'tofu', slab(20, 20, 20), [layerOf(['corn-starch', 30])], [200, 14], {
    expects: ['starch'],
    pot: [180, 5],
  }),
  everyday('pork cutlets 8 mm, fine crumbs, oven-type', 'pork-loin', slab(130, 90, 8), [FLOUR, EGG, FINE], [200, 12], {
    expects: ['fine'],
    oven: true,
  }),
  everyday('broccoli 30 mm, coarse crumbs', 'broccoli', ball(30), [FLOUR, EGG, COARSE], [190, 9], {
    expects: ['coarse'],
  }),
];
