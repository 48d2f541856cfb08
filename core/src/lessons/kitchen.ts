import { layerOf, type LayerSpec } from '../coat/index.js';
import {
  PLAIN_AIR,
  PLAIN_OILING,
  type AirPlan,
  type AirSettings,
  type Dish,
  type FriedCook,
  type Fryer,
} from '../dish/index.js';
import type { Values } from './types.js';

/** What the lessons cook with: a few plain dishes, a small drawer and a large oven-type fryer. */

export const DUST_OF_FLOUR = layerOf(['wheat-flour', 60], ['salt', 2]);
export const BEATEN_EGG = layerOf(['egg', 50]);
export const FINE_CRUMBS = layerOf(['fine-crumbs', 80]);
export const COARSE_CRUMBS = layerOf(['coarse-crumbs', 80]);

/** Flour, egg and fine crumbs. */
export const CRUMBED = [DUST_OF_FLOUR, BEATEN_EGG, FINE_CRUMBS];

/** One of pork, flat. */
export const SCHNITZEL = { kind: 'slab', lengthMm: 130, widthMm: 95, thicknessMm: 9 } as const;

/** A drawer with a round basket of 200 mm, without ways of its own. */
export const SMALL_FRYER: Fryer = {
  name: 'Small drawer',
  kind: 'drawer',
  basket: { kind: 'round', diameterMm: 200 },
  racks: 1,
  minTempC: 80,
  maxTempC: 220,
  stepC: 5,
  airFactor: 1,
  offsetC: 0,
};

/** One of two racks of 260 × 230 mm. */
export const LARGE_FRYER: Fryer = {
  ...SMALL_FRYER,
  name: 'Large oven-type',
  kind: 'oven-type',
  basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
  racks: 2,
};

/** A dish as it comes from the cold, raw. */
export const dishOf = (foodId: string, shape: Dish['shape'], count: number, more: Partial<Dish> = {}): Dish => ({
  foodId,
  shape,
  count,
  startC: 8,
  skin: 'damp',
  preparation: 'raw',
  ...more,
});

export const inOil = (tempC: number, minutes: number, layers: LayerSpec[]): FriedCook => ({
  layers,
  medium: 'deep-oil',
  oilId: 'rapeseed-oil',
  tempC,
  minutes,
});

/** An air cook that nobody did anything special for: 25 g/m² of oil, preheated, turned at half time. */
export function inAir(
  layers: LayerSpec[],
  { tempC, minutes, ...settings }: Pick<AirSettings, 'tempC' | 'minutes'> & Partial<AirSettings>,
  more: Partial<AirPlan> = {},
): AirPlan {
  return {
    layers,
    restMin: 5,
    oilGm2: 25,
    oiling: PLAIN_OILING,
    second: null,
    settings: {
      ...PLAIN_AIR,
      tempC,
      minutes,
      preheated: true,
      turnAtMin: minutes / 2,
      under: 'basket',
      ...settings,
    },
    ...more,
  };
}

/** A control's number. */
export const numberOf = (values: Values, id: string): number => Number(values[id]);
