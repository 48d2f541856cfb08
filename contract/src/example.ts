import { PLAIN_AIR, usualMostMinutes, type Fryer, type Limits } from '@yellowmist/core';
import type { ConversionBody } from './types.js';

/** Fryers to begin with, by kind; a cook gives theirs its own size and name. */
export const COMMON_FRYERS: readonly Fryer[] = [
  {
    name: 'Drawer fryer',
    kind: 'drawer',
    basket: { kind: 'rectangle', widthMm: 220, depthMm: 220 },
    racks: 1,
    minTempC: 80,
    maxTempC: 200,
    stepC: 5,
    airFactor: 1,
    offsetC: 0,
  },
  {
    name: 'Oven-type fryer',
    kind: 'oven-type',
    basket: { kind: 'rectangle', widthMm: 270, depthMm: 240 },
    racks: 2,
    minTempC: 80,
    maxTempC: 220,
    stepC: 5,
    airFactor: 1,
    offsetC: 0,
  },
  {
    name: 'Crisping lid',
    kind: 'lid',
    basket: { kind: 'round', diameterMm: 230 },
    racks: 1,
    minTempC: 100,
    maxTempC: 200,
    stepC: 5,
    airFactor: 1,
    offsetC: 0,
  },
  {
    name: 'Fan oven',
    kind: 'fan-oven',
    basket: { kind: 'rectangle', widthMm: 440, depthMm: 360 },
    racks: 1,
    minTempC: 80,
    maxTempC: 250,
    stepC: 5,
    airFactor: 1,
    offsetC: 0,
  },
  {
    name: 'Oven without a fan',
    kind: 'still-oven',
    basket: { kind: 'rectangle', widthMm: 440, depthMm: 360 },
    racks: 1,
    minTempC: 50,
    maxTempC: 250,
    stepC: 10,
    airFactor: 1,
    offsetC: 0,
  },
];

export const OPEN_LIMITS: Limits = {
  diets: [],
  avoidAllergens: [],
  without: [],
  maxTempC: 205,
  maxMinutes: usualMostMinutes({ kind: 'drawer' }),
  preheat: false,
};

/** The filled-in dish that a newcomer starts from and changes. */
export const exampleConversion = (): ConversionBody => ({
  name: 'Oyster mushrooms',
  note: '',
  dish: {
    foodId: 'oyster-mushroom',
    shape: { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 },
    count: 24,
    startC: 8,
    skin: 'damp',
    preparation: 'raw',
  },
  fried: {
    layers: [
      {
        portions: [
          { ingredientId: 'wheat-flour', grams: 150 },
          { ingredientId: 'beer', grams: 210 },
          { ingredientId: 'baking-powder', grams: 4 },
          { ingredientId: 'salt', grams: 3 },
        ],
      },
    ],
    medium: 'deep-oil',
    oilId: 'rapeseed-oil',
    tempC: 185,
    minutes: 5,
  },
  fryer: COMMON_FRYERS[0],
  limits: OPEN_LIMITS,
  chosen: null,
  versions: [],
});

/** An air version of that dish in its own coat, as a cook chooses one by hand: nothing has to be searched for it. */
export function exampleVersion(minutes = 12): NonNullable<ConversionBody['chosen']> {
  const { layers } = exampleConversion().fried;
  const settings = { ...PLAIN_AIR, tempC: 190, minutes, preheated: true, turnAtMin: 6, under: 'basket' as const };
  return { family: 'own', by: 'cook', plan: { layers, restMin: 7, oilGm2: 18, second: null, settings } };
}
