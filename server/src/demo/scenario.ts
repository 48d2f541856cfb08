import {
  EMPTY_EVENING,
  OPEN_LIMITS,
  type ConversionBody,
  type EveningBody,
  type KitchenBody,
} from '@yellowmist/contract';
import {
  layerOf,
  learnedStroke,
  type Dish,
  type DishOptions,
  type FriedCook,
  type Fryer,
  type LayerSpec,
  preheatsByHabit,
} from '@yellowmist/core';

/** The net loft on Harrow Skerry: a made-up kitchen, its two fryers and the dishes of a Thursday supper for six. */

const GALLEY: Fryer = {
  name: 'Galley',
  kind: 'drawer',
  basket: { kind: 'round', diameterMm: 200 },
  racks: 1,
  minTempC: 80,
  maxTempC: 200,
  stepC: 5,
  powerW: 1500,
  presets: [
    { name: 'Chips', tempC: 200, minutes: 20 },
    { name: 'Fish', tempC: 180, minutes: 12 },
  ],
  preheats: true,
  timeLimitMin: 30,
  airFactor: 1.08,
  offsetC: 6,
  readings: [
    { setC: 180, readC: 187 },
    { setC: 200, readC: 205 },
  ],
  // The net loft's bread test: the fan throws its heat to the back.
  hotSpots: [2, 3, 3, 2, 2, 3, 1, 2, 2],
};

const LOFT: Fryer = {
  name: 'Loft',
  kind: 'oven-type',
  basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
  racks: 2,
  minTempC: 60,
  maxTempC: 220,
  stepC: 5,
  airFactor: 1,
  offsetC: 0,
};

/** The pump bottle on the scale, three times. */
const WEIGHINGS = [2.2, 2, 2.1].map((grams) => ({ grams, strokes: 10 }));

/** What the net loft fries and oils with. */
export const NET_LOFT: KitchenBody = {
  fryers: [GALLEY, LOFT],
  sprayers: [
    {
      name: 'Pump bottle',
      kind: 'pump',
      gPerStroke: learnedStroke('pump', WEIGHINGS)!.is,
      weighings: WEIGHINGS,
    },
    { name: 'Oil brush', kind: 'brush', gPerStroke: null },
  ],
  bowls: [
    { name: 'Blue bowl', diameterMm: 180, ml: 900 },
    { name: 'Enamel bowl', diameterMm: 220, ml: 1800 },
    { name: 'Soup plate', diameterMm: 230, ml: 500 },
    { name: 'Pie dish', diameterMm: 240, ml: 1100 },
    { name: 'Tin plate', diameterMm: 220, ml: 400 },
    { name: 'Oak bowl', diameterMm: 200, ml: 1000 },
    { name: 'Jam pan', diameterMm: 260, ml: 2500 },
    { name: 'Deep plate', diameterMm: 240, ml: 600 },
  ],
  trays: [
    { name: 'Slate tray', widthMm: 400, depthMm: 280 },
    { name: 'Wire rack', widthMm: 380, depthMm: 260 },
    { name: 'Baking sheet', widthMm: 420, depthMm: 300 },
    { name: 'Long board', widthMm: 500, depthMm: 220 },
  ],
  thermometer: true,
};

const BEER_BATTER = layerOf(['wheat-flour', 150], ['beer', 210], ['baking-powder', 4], ['salt', 3]);
const FLOUR = layerOf(['wheat-flour', 60], ['salt', 3]);
const EGG = layerOf(['egg', 50]);

const dish = (foodId: string, shape: Dish['shape'], count: number, more: Partial<Dish> = {}): Dish => ({
  foodId,
  shape,
  count,
  startC: 8,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});

const fried = (medium: FriedCook['medium'], tempC: number, minutes: number, ...layers: LayerSpec[]): FriedCook => ({
  layers,
  medium,
  oilId: 'rapeseed-oil',
  tempC,
  minutes,
});

const conversion = (
  name: string,
  note: string,
  fryer: Fryer,
  what: Dish,
  how: FriedCook,
  limits: Partial<ConversionBody['limits']> = {},
): ConversionBody => ({
  name,
  note,
  dish: what,
  fried: how,
  fryer,
  limits: { ...OPEN_LIMITS, maxTempC: fryer.maxTempC, preheat: preheatsByHabit(fryer) ?? false, ...limits },
  chosen: null,
  versions: [],
});

const MUSHROOM: Dish['shape'] = { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 };

/** The demo's dishes, in the order in which they were begun. */
export const SCENARIO: readonly ConversionBody[] = [
  conversion(
    'Green tomato slices',
    'Ines salts them a quarter of an hour before.',
    LOFT,
    dish('green-tomato', { kind: 'disc', diameterMm: 70, thicknessMm: 9 }, 16, { startC: 14, skin: 'wet' }),
    fried(
      'pan-oil',
      180,
      6,
      FLOUR,
      layerOf(['buttermilk', 120], ['egg', 50]),
      layerOf(['cornmeal', 90], ['fine-crumbs', 30]),
    ),
  ),
  conversion(
    'Aubergine slabs in sesame crumbs',
    '',
    LOFT,
    dish('aubergine', { kind: 'slab', lengthMm: 100, widthMm: 70, thicknessMm: 12 }, 12, { startC: 16, skin: 'wet' }),
    fried('pan-oil', 175, 6, FLOUR, EGG, layerOf(['fine-crumbs', 60], ['sesame-seeds', 40])),
  ),
  conversion(
    'Leek-and-ham croquettes',
    'Tobi chills the filling overnight.',
    LOFT,
    dish('croquette-filling', { kind: 'rod', diameterMm: 24, lengthMm: 60 }, 18, { startC: 6 }),
    fried('deep-oil', 175, 4, FLOUR, EGG, layerOf(['fine-crumbs', 80])),
  ),
  conversion(
    'Okra in cornmeal',
    '',
    GALLEY,
    dish('okra', { kind: 'rod', diameterMm: 16, lengthMm: 30 }, 70, { startC: 12 }),
    fried(
      'deep-oil',
      180,
      3.5,
      layerOf(['buttermilk', 120]),
      layerOf(['cornmeal', 100], ['wheat-flour', 30], ['salt', 3]),
    ),
  ),
  conversion(
    'Halloumi fingers',
    'They squeak when they are cold: serve at once.',
    GALLEY,
    dish('halloumi', { kind: 'slab', lengthMm: 80, widthMm: 18, thicknessMm: 18 }, 18, { startC: 6 }),
    fried('deep-oil', 180, 2.5, layerOf(['wheat-flour', 60], ['paprika', 3])),
  ),
  conversion(
    'Pork schnitzel',
    '',
    LOFT,
    dish('pork-loin', { kind: 'slab', lengthMm: 130, widthMm: 95, thicknessMm: 9 }, 6),
    fried('deep-oil', 175, 2.5, FLOUR, EGG, layerOf(['fine-crumbs', 80])),
  ),
  conversion(
    'Oyster mushrooms for Wen’s sister',
    'Vegan and without gluten, by these ingredients: check the labels.',
    GALLEY,
    dish('oyster-mushroom', MUSHROOM, 12),
    fried('deep-oil', 185, 5, BEER_BATTER),
    { diets: ['vegan', 'gluten-free'] },
  ),
  conversion(
    'Oyster mushrooms in beer batter',
    'The first thing that Wen put into Galley as it was. Half of it dripped through.',
    GALLEY,
    dish('oyster-mushroom', MUSHROOM, 24),
    fried('deep-oil', 185, 5, BEER_BATTER),
  ),
];

/** Thursday's supper for six: dishes by name with how they are treated, and who does not eat everything. */
export const THURSDAY: Omit<EveningBody, 'dishes' | 'serveAt'> & { dishes: ({ name: string } & DishOptions)[] } = {
  ...EMPTY_EVENING,
  name: 'Thursday supper for six',
  timeZone: 'UTC',
  cooks: [{ name: 'Ines' }, { name: 'Tobi' }],
  dishes: [
    { name: 'Oyster mushrooms for Wen’s sister' },
    { name: 'Okra in cornmeal', fryer: 'Loft' },
    { name: 'Aubergine slabs in sesame crumbs' },
    { name: 'Pork schnitzel' },
  ],
  guests: [{ name: 'Wen’s sister', avoidAllergens: ['sesame'], diets: ['vegan', 'gluten-free'] }],
};

/** Seven in the evening of the next Thursday, by universal time: Harrow Skerry is on no map. */
export function nextThursday(nowMs: number): string {
  const at = new Date(nowMs);
  const days = (4 - at.getUTCDay() + 7) % 7 || 7;
  return new Date(Date.UTC(at.getUTCFullYear(), at.getUTCMonth(), at.getUTCDate() + days, 19))
    .toISOString()
    .replace('.000Z', '+00:00');
}
