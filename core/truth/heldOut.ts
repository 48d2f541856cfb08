import { layerOf, PLAIN_AIR, type AirSettings, type Dish, type LayerSpec } from '../src/index.js';
import { drawer, ovenType, type Practice } from './practice.js';

/**
 * A wider round of cooks: poultry, fish, squid, onion, tofu, pork, in crumbs, batter, starch and corn meal. Middle of what
 * home cooks write down. Common practice, no source.
 *
 * The constants were first tuned without WIDER, and came out too pale under fine finishes. How a dried crust conducts,
 * one edge constant, roughness by grain and the colour that crumbs bring along were then chosen with it in sight. BLIND
 * was written down after that, and nothing was changed for it.
 */

const FLOUR = layerOf(['wheat-flour', 60]);
const EGG = layerOf(['egg', 50]);

interface Held extends Practice {
  /** Golden is not asked of a starch shell: it stays pale. */
  stays?: 'pale';
}

function held(
  what: string,
  foodId: string,
  shape: Dish['shape'],
  layers: LayerSpec[],
  [tempC, minutes]: [number, number],
  more: {
    oilGm2?: number;
    dish?: Partial<Dish>;
    air?: Partial<AirSettings>;
    oven?: boolean;
    stays?: 'pale';
  } = {},
): Held {
  const settings: AirSettings = {
    ...PLAIN_AIR,
    tempC,
    minutes,
    preheated: true,
    turnAtMin: minutes / 2,
    under: more.oven ? 'rack' : 'basket',
    ...more.air,
  };
  const fryer = more.oven ? ovenType : drawer;
  const dish: Dish = { foodId, shape, count: 1, startC: 6, skin: 'damp', preparation: 'raw', ...more.dish };
  return {
    name: what,
    what,
    dish,
    layers,
    fried: { medium: 'deep-oil', tempC: 178, minutes: 4 },
    air: { fryer, settings, oilGm2: more.oilGm2 ?? 18, restMin: 5 },
    tuned: false,
    ...(more.stays ? { stays: more.stays } : {}),
  };
}

const slab = (lengthMm: number, widthMm: number, thicknessMm: number): Dish['shape'] => ({
  kind: 'slab',
  lengthMm,
  widthMm,
  thicknessMm,
});

export const WIDER: readonly Held[] = [
  held(
    'chicken cutlet 13 mm, fine crumbs',
    'chicken-breast',
    slab(130, 90, 13),
    [FLOUR, EGG, layerOf(['fine-crumbs', 80])],
    [195, 11],
  ),
  held(
    'chicken strips 22 mm, coarse crumbs',
    'chicken-breast',
    slab(110, 32, 22),
    [FLOUR, EGG, layerOf(['coarse-crumbs', 80])],
    [195, 12],
  ),
  held(
    'chicken strips 22 mm, crushed cornflakes',
    'chicken-breast',
    slab(110, 32, 22),
    [FLOUR, EGG, layerOf(['cornflakes', 80])],
    [190, 13],
  ),
  held(
    'chicken thigh 28 mm, egg and potato starch with flour',
    'chicken-thigh',
    slab(50, 40, 28),
    [EGG, layerOf(['potato-starch', 50], ['wheat-flour', 25])],
    [195, 15],
    { oilGm2: 30, stays: 'pale' },
  ),
  held(
    'chicken thigh 25 mm, buttermilk and flour with starch',
    'chicken-thigh',
    slab(100, 70, 25),
    [layerOf(['buttermilk', 120]), layerOf(['wheat-flour', 100], ['corn-starch', 20], ['paprika', 6])],
    [190, 20],
    { oilGm2: 35 },
  ),
  held(
    'white fish 22 mm, coarse crumbs',
    'cod',
    slab(100, 50, 22),
    [FLOUR, EGG, layerOf(['coarse-crumbs', 80])],
    [200, 12],
  ),
  held(
    'white fish 18 mm, corn meal over oil',
    'cod',
    slab(110, 60, 18),
    [layerOf(['egg', 50]), layerOf(['cornmeal', 90], ['wheat-flour', 20])],
    [200, 12],
    { oilGm2: 25 },
  ),
  held(
    'squid rings 10 mm, fine crumbs',
    'squid',
    { kind: 'ring', outerMm: 50, innerMm: 30, thicknessMm: 10 },
    [FLOUR, EGG, layerOf(['fine-crumbs', 80])],
    [200, 8],
  ),
  held(
    'onion rings 12 mm, batter under crumbs',
    'onion',
    { kind: 'ring', outerMm: 80, innerMm: 62, thicknessMm: 12 },
    [FLOUR, layerOf(['wheat-flour', 100], ['water', 130]), layerOf(['coarse-crumbs', 60])],
    [190, 11],
  ),
  held('tofu 20 mm, corn starch', 'tofu', slab(20, 20, 20), [layerOf(['corn-starch', 30])], [200, 14], {
    oilGm2: 25,
    stays: 'pale',
  }),
  held(
    'pork cutlet 8 mm, fine crumbs, oven-type',
    'pork-loin',
    slab(130, 90, 8),
    [FLOUR, EGG, layerOf(['fine-crumbs', 80])],
    [200, 13],
    { oven: true },
  ),
  held(
    'frozen white fish fingers 18 mm, crumbs oiled before freezing',
    'cod',
    slab(90, 25, 18),
    [layerOf(['wheat-flour', 60], ['water', 90]), layerOf(['fine-crumbs', 80], ['rapeseed-oil', 10])],
    [200, 11],
    { oilGm2: 0, dish: { startC: -18 } },
  ),
];

export const BLIND: readonly Held[] = [
  held('prawns 12 mm, fine crumbs', 'prawn', slab(60, 22, 12), [FLOUR, EGG, layerOf(['fine-crumbs', 80])], [200, 8]),
  held(
    'button mushrooms 30 mm, coarse crumbs',
    'button-mushroom',
    { kind: 'ball', diameterMm: 30 },
    [FLOUR, EGG, layerOf(['coarse-crumbs', 80])],
    [190, 10],
  ),
  held(
    'croquettes 25 mm, fine crumbs',
    'croquette-filling',
    { kind: 'rod', diameterMm: 25, lengthMm: 70 },
    [FLOUR, EGG, layerOf(['fine-crumbs', 80])],
    [195, 12],
  ),
  held(
    'green beans 9 mm, coarse crumbs',
    'green-bean',
    { kind: 'rod', diameterMm: 9, lengthMm: 90 },
    [FLOUR, EGG, layerOf(['coarse-crumbs', 80])],
    [195, 9],
  ),
  held(
    'pork cutlet 6 mm, fine crumbs',
    'pork-loin',
    slab(130, 90, 6),
    [FLOUR, EGG, layerOf(['fine-crumbs', 80])],
    [200, 10],
  ),
  held(
    'sweet potato slices 8 mm, batter under crumbs',
    'sweet-potato',
    { kind: 'disc', diameterMm: 60, thicknessMm: 8 },
    [layerOf(['wheat-flour', 100], ['water', 130]), layerOf(['coarse-crumbs', 60])],
    [190, 14],
  ),
];
