import { layerOf, type Dish, type FriedCook, type Fryer, type LayerSpec, type Limits } from '../../src/index.js';
import { filling, ovenType, drawer } from '../practice.js';

/** What a home cook fries every day, and how the same is air-fried where people are used to it. Common practice, no source. */

/** Kinds of finish that a cook tells apart at a glance. */
export type Expected = 'fine' | 'coarse' | 'flake' | 'meal' | 'flour' | 'starch' | 'nuts' | 'sheet' | 'batter';

export interface Everyday {
  what: string;
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  practised: { tempC: number; minutes: number };
  /** Finishes that a cook would expect to be told, the first one most. */
  expects: readonly Expected[];
}

interface More {
  dish?: Partial<Dish>;
  oven?: boolean;
  /** °C and minutes in the pot. */
  pot?: readonly [number, number];
  expects?: readonly Expected[];
}

export const FLOUR = layerOf(['wheat-flour', 60], ['salt', 4]);
export const EGG = layerOf(['egg', 50]);
export const FINE = layerOf(['fine-crumbs', 80]);
export const COARSE = layerOf(['coarse-crumbs', 80]);

export const slab = (lengthMm: number, widthMm: number, thicknessMm: number): Dish['shape'] => ({
  kind: 'slab',
  lengthMm,
  widthMm,
  thicknessMm,
});
export const ball = (diameterMm: number): Dish['shape'] => ({ kind: 'ball', diameterMm });
export const rod = (diameterMm: number, lengthMm: number): Dish['shape'] => ({ kind: 'rod', diameterMm, lengthMm });
export const disc = (diameterMm: number, thicknessMm: number): Dish['shape'] => ({
  kind: 'disc',
  diameterMm,
  thicknessMm,
});

/** A dish that fills the fryer, from the fridge and patted. */
export function everyday(
  what: string,
  foodId: string,
  shape: Dish['shape'],
  layers: LayerSpec[],
  [tempC, minutes]: readonly [number, number],
  more: More = {},
): Everyday {
  const fryer = { ...(more.oven ? ovenType : drawer), stepC: 5 };
  const dish: Dish = { foodId, shape, count: 1, startC: 6, skin: 'damp', preparation: 'raw', ...more.dish };
  const [oilC, oilMin] = more.pot ?? [177, 4];
  return {
    what,
    dish: filling(dish, layers, fryer),
    fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: oilC, minutes: oilMin },
    fryer,
    practised: { tempC, minutes },
    expects: more.expects ?? [],
  };
}

/** A cook who has everything and rules out nothing. */
export const NO_LIMITS: Limits = {
  diets: [],
  avoidAllergens: [],
  without: [],
  maxTempC: 230,
  maxMinutes: 30,
  preheat: true,
};
