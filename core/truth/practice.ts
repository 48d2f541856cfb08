import {
  layerOf,
  coveredBy,
  KNOWN,
  loadOf,
  PLAIN_AIR,
  readyPiece,
  type AirSettings,
  type Dish,
  type FriedCook,
  type Fryer,
  type LayerSpec,
  type SecondPlan,
} from '../src/index.js';

/** What cooks do, for tests only. Common practice, no source. */

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
export const ovenType: Fryer = { ...drawer, name: 'An oven-type fryer', kind: 'oven-type', racks: 2, maxTempC: 230 };
export const oven: Fryer = {
  ...drawer,
  name: 'An oven',
  kind: 'still-oven',
  maxTempC: 250,
  basket: { kind: 'rectangle', widthMm: 400, depthMm: 340 },
};

/** More than go in at once. */
const MANY = 60;

/** A dish of as many pieces as fill the fryer: practised minutes are those of a full basket. */
export const filling = (dish: Dish, layers: readonly LayerSpec[], fryer: Fryer): Dish => ({
  ...dish,
  count: loadOf({ footprint: coveredBy(readyPiece(KNOWN, dish, layers)), count: MANY }, fryer).piecesPerBatch,
});

const dish = (foodId: string, shape: Dish['shape'], more: Partial<Dish> = {}): Dish => ({
  foodId,
  shape,
  count: 9,
  startC: 12,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});

const air = (tempC: number, minutes: number, more: Partial<AirSettings> = {}): AirSettings => ({
  tempC,
  minutes,
  preheated: false,
  turnAtMin: null,
  under: 'basket',
  ...PLAIN_AIR,
  ...more,
});

/** How a dish is cooked in practice: in a fryer or oven, with oil put on it or without. */
export interface AirPractice {
  fryer: Fryer;
  settings: AirSettings;
  oilGm2: number;
  restMin: number;
  second?: SecondPlan | null;
}

export interface Practice {
  name: string;
  what: string;
  dish: Dish;
  layers: LayerSpec[];
  fried: Pick<FriedCook, 'medium' | 'tempC' | 'minutes'>;
  air?: AirPractice;
  oven?: AirPractice;
  /** Whether a test tunes on it (the others are only checked). */
  tuned: boolean;
}

const inDrawer = (settings: AirSettings, oilGm2: number, restMin = 5): AirPractice => ({
  fryer: drawer,
  settings,
  oilGm2,
  restMin,
});
const inOven = (settings: AirSettings, oilGm2: number): AirPractice => ({
  fryer: oven,
  settings: { ...settings, preheated: true },
  oilGm2,
  restMin: 5,
});
const FLORET: Dish['shape'] = { kind: 'ball', diameterMm: 25 };
const FLOUR = layerOf(['wheat-flour', 63]);
const EGG = layerOf(['egg', 50]);
const COARSE = layerOf(['coarse-crumbs', 60]);

/** Breaded courgette rounds, 13 mm, 680 g. */
export const C1: Practice = {
  name: 'C1',
  what: 'breaded courgette rounds, 13 mm',
  dish: dish('courgette', { kind: 'disc', diameterMm: 50, thicknessMm: 13 }),
  layers: [FLOUR, EGG, COARSE],
  fried: { medium: 'pan-oil', tempC: 177, minutes: 4 },
  air: inDrawer(air(188, 11.5), 20),
  oven: inOven(air(218, 19, { turnAtMin: 10 }), 20),
  tuned: true,
};

export const C2: Practice = {
  name: 'C2',
  what: 'blanched cauliflower, 25 mm, crumbs with hard cheese, no oil',
  dish: dish('cauliflower', FLORET, { preparation: 'blanched', startC: 20 }),
  layers: [FLOUR, layerOf(['egg', 50], ['water', 10]), layerOf(['coarse-crumbs', 60], ['hard-cheese', 25])],
  fried: { medium: 'deep-oil', tempC: 180, minutes: 3 },
  air: inDrawer(air(200, 9), 0),
  tuned: true,
};

export const C3: Practice = {
  name: 'C3',
  what: 'cauliflower, 30 mm, flour and water alone, on parchment',
  dish: dish('cauliflower', { kind: 'ball', diameterMm: 30 }),
  layers: [layerOf(['wheat-flour', 125], ['water', 237])],
  fried: { medium: 'deep-oil', tempC: 180, minutes: 4 },
  air: {
    ...inDrawer(air(204, 20, { under: 'parchment' }), 0, 0),
    second: { sauce: layerOf(['hot-sauce', 100]), sauceGm2: 400, coolMin: 5, tempC: 204, minutes: 10 },
  },
  tuned: true,
};

export const C4: Practice = {
  name: 'C4',
  what: 'cauliflower, chickpea batter under crumbs',
  dish: dish('cauliflower', { kind: 'ball', diameterMm: 30 }),
  layers: [layerOf(['chickpea-flour', 140], ['corn-starch', 8], ['water', 130], ['hot-sauce', 30]), COARSE],
  fried: { medium: 'deep-oil', tempC: 180, minutes: 4 },
  air: {
    ...inDrawer(air(190, 15), 0),
    second: { sauce: layerOf(['hot-sauce', 100]), sauceGm2: 300, coolMin: 3, tempC: 180, minutes: 5 },
  },
  tuned: true,
};

export const C5: Practice = {
  name: 'C5',
  what: 'butterflied prawns, coconut and crumbs, two racks',
  dish: dish('prawn', { kind: 'slab', lengthMm: 70, widthMm: 40, thicknessMm: 9 }, { count: 22 }),
  layers: [EGG, { ...layerOf(['desiccated-coconut', 40], ['coarse-crumbs', 40]), pressed: true }],
  fried: { medium: 'deep-oil', tempC: 180, minutes: 2 },
  air: { fryer: ovenType, settings: air(200, 15, { under: 'rack', swapEveryMin: 4.5 }), oilGm2: 30, restMin: 5 },
  tuned: false,
};

export const C6: Practice = {
  name: 'C6',
  what: 'bell pepper rings, chickpea batter under crumbs',
  dish: dish('bell-pepper', { kind: 'ring', outerMm: 75, innerMm: 63, thicknessMm: 13 }),
  layers: [layerOf(['chickpea-flour', 105], ['rice-flour', 10], ['water', 140]), COARSE],
  fried: { medium: 'deep-oil', tempC: 180, minutes: 2.5 },
  // 10–15 minutes at 204 °C beside C1's 18–20 at 218 °C: an oven with a fan.
  oven: { ...inOven(air(204, 12.5, { turnAtMin: 6 }), 15), fryer: { ...oven, name: 'A fan oven', kind: 'fan-oven' } },
  tuned: true,
};

export const C7: Practice = {
  name: 'C7',
  what: 'jackfruit parcels, soured plant milk and crumbs',
  dish: dish('jackfruit', { kind: 'slab', lengthMm: 60, widthMm: 40, thicknessMm: 20 }, { startC: 20 }),
  layers: [FLOUR, layerOf(['soured-soy-milk', 120], ['aquafaba', 60], ['corn-starch', 16]), COARSE],
  fried: { medium: 'deep-oil', tempC: 175, minutes: 4 },
  air: inDrawer(air(188, 15), 12),
  tuned: true,
};

const C8_LAYERS = [
  layerOf(['chickpea-flour', 105], ['water', 237]),
  layerOf(['coarse-crumbs', 60], ['rapeseed-oil', 14]),
];

export const C8: Practice = {
  name: 'C8',
  what: 'frozen small florets, chickpea batter, oiled crumbs',
  dish: dish('cauliflower', FLORET, { preparation: 'frozen', startC: -18 }),
  layers: C8_LAYERS,
  fried: { medium: 'deep-oil', tempC: 180, minutes: 4 },
  air: { fryer: drawer, settings: air(199, 10.5, { preheated: true }), oilGm2: 0, restMin: 0 },
  oven: { fryer: ovenType, settings: air(204, 20, { turnAtMin: 10, under: 'rack' }), oilGm2: 0, restMin: 0 },
  tuned: false,
};

export const C9: Practice = {
  name: 'C9',
  what: 'large florets, pre-roasted, flour with puffed rice',
  dish: dish('cauliflower', { kind: 'ball', diameterMm: 45 }, { preparation: 'pre-cooked', startC: 30 }),
  layers: [
    FLOUR,
    layerOf(['soured-soy-milk', 120], ['egg-replacer-mix', 40]),
    layerOf(['wheat-flour', 60], ['puffed-rice', 40]),
  ],
  fried: { medium: 'deep-oil', tempC: 163, minutes: 4.5 },
  tuned: false,
};

export const PRACTICES: readonly Practice[] = [C1, C2, C3, C4, C5, C6, C7, C8, C9];
