import {
  KNOWN,
  layerOf,
  partsOf,
  PLAIN_AIR,
  type AirCook,
  type AirPlan,
  type Choice,
  type Dish,
  type FriedCook,
  type Fryer,
  type LayerSpec,
  type Limits,
  type Part,
  type Portion,
} from '../src/index.js';

/** Plain things that many tests begin with; a test names what it changes of them. */

/** A drawer fryer like any other. */
export const PLAIN_FRYER: Fryer = {
  name: 'Test drawer',
  kind: 'drawer',
  basket: { kind: 'round', diameterMm: 220 },
  racks: 1,
  minTempC: 80,
  maxTempC: 200,
  stepC: 5,
  airFactor: 1,
  offsetC: 0,
};

/** A layer of ingredients and grams. */
export const spec = layerOf;

/** Flour, egg, coarse crumbs, from the skin outward. */
export const BREADED: LayerSpec[] = [spec(['wheat-flour', 60]), spec(['egg', 50]), spec(['coarse-crumbs', 60])];

/** Portions with the known ingredients that they name. */
export const parts = (portions: readonly Portion[]): Part[] => partsOf(KNOWN, portions);

/** Everything known is eaten and in the house. */
export const ANYTHING: Choice = { pantry: KNOWN, diets: [], avoidAllergens: [], without: [], keep: [] };

/** Eight slabs of a food, cold and patted; with `more`, otherwise. */
export const slabsOf = (foodId: string, more: Partial<Dish> = {}): Dish => ({
  foodId,
  shape: { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 16 },
  count: 8,
  startC: 6,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});

/** A dozen oyster mushrooms, as they come apart. */
export const MUSHROOMS: Dish = slabsOf('oyster-mushroom', {
  shape: { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 },
  count: 12,
  startC: 8,
});

/** They are fried in a thin beer batter. */
export const BEER_BATTERED: FriedCook = {
  layers: [spec(['wheat-flour', 150], ['beer', 210], ['salt', 3])],
  medium: 'deep-oil',
  oilId: 'rapeseed-oil',
  tempC: 185,
  minutes: 5,
};

/** Flour, egg and crumbs, cooked as in any drawer fryer. */
export const BREADED_PLAN: AirPlan = {
  layers: BREADED,
  restMin: 5,
  oilGm2: 15,
  settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: false, turnAtMin: 6, under: 'basket' },
  second: null,
};

/** That plan, otherwise. */
export const planOf = (more: Partial<AirPlan> = {}, settings: Partial<AirPlan['settings']> = {}): AirPlan => ({
  ...BREADED_PLAN,
  ...more,
  settings: { ...BREADED_PLAN.settings, ...settings },
});

/** The same in the pot. */
export const BREADED_POT: FriedCook = {
  layers: BREADED,
  medium: 'deep-oil',
  oilId: 'rapeseed-oil',
  tempC: 175,
  minutes: 4,
};

/** Nothing is ruled out. */
export const NO_LIMITS: Limits = {
  diets: [],
  avoidAllergens: [],
  without: [],
  maxTempC: 200,
  maxMinutes: 30,
  preheat: false,
};

/** A drawer fryer at work, as the physics sees it: eight pieces that cover half of it. */
export const AT_WORK: AirCook = {
  fryer: 'drawer',
  tempC: 190,
  preheated: false,
  turnAtMin: null,
  under: 'basket',
  roundness: 0,
  waterTray: false,
  opensAtMin: [],
  level: 'only',
  swapEveryMin: null,
  coverage: 0.5,
  pieces: 8,
  airFactor: 1,
  offsetK: 0,
};
