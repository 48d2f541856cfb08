import type { AirSettings, Dish, FriedCook, Fryer, LayerSpec } from '../src/index.js';

/** What cooks do, for tests only. Common practice, no source: C1, C2 and C3 are numbered as in the model's document. */

export const layer = (...parts: [string, number][]): LayerSpec => ({
  portions: parts.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});

export const drawer: Fryer = {
  name: 'A drawer fryer',
  kind: 'drawer',
  basket: { kind: 'rectangle', widthMm: 220, depthMm: 220 },
  racks: 1,
  minTempC: 80,
  maxTempC: 210,
  stepC: 1,
  airFactor: 1,
  offsetC: 0,
};
export const ovenType: Fryer = { ...drawer, name: 'An oven-type fryer', kind: 'oven-type', racks: 2 };
export const stillOven: Fryer = {
  ...drawer,
  name: 'A still oven',
  kind: 'still-oven',
  maxTempC: 250,
  basket: { kind: 'rectangle', widthMm: 400, depthMm: 340 },
};

export const dish = (foodId: string, shape: Dish['shape'], count: number, more: Partial<Dish> = {}): Dish => ({
  foodId,
  shape,
  count,
  startC: 12,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});

export const air = (tempC: number, minutes: number, more: Partial<AirSettings> = {}): AirSettings => ({
  tempC,
  minutes,
  preheated: false,
  turnAtMin: null,
  under: 'basket',
  ...more,
});

export const deep = (tempC: number, minutes: number, layers: LayerSpec[]): FriedCook => ({
  layers,
  medium: 'deep-oil',
  oilId: 'rapeseed-oil',
  tempC,
  minutes,
});

/** C1: courgette rounds 13 mm, 680 g; flour, egg, coarse crumbs. */
export const C1 = {
  dish: dish('courgette', { kind: 'disc', diameterMm: 50, thicknessMm: 13 }, 28),
  layers: [layer(['wheat-flour', 63]), layer(['egg', 100]), layer(['coarse-crumbs', 90])],
};

/** C2: blanched cauliflower about 25 mm; flour, egg with water, coarse crumbs with hard cheese. */
export const C2 = {
  dish: dish('cauliflower', { kind: 'ball', diameterMm: 25 }, 40, { preparation: 'blanched', startC: 20 }),
  layers: [
    layer(['wheat-flour', 60]),
    layer(['egg', 50], ['water', 10]),
    layer(['coarse-crumbs', 60], ['hard-cheese', 25]),
  ],
};

/** C3: cauliflower about 30 mm; flour and water alone. */
export const C3 = {
  dish: dish('cauliflower', { kind: 'ball', diameterMm: 30 }, 30),
  layers: [layer(['wheat-flour', 125], ['water', 237])],
};
