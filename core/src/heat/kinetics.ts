import {
  COLOUR_DRY_AW,
  COLOUR_ENERGY,
  COLOUR_FULL_OIL_GM2,
  COLOUR_IN_OIL,
  COLOUR_REFERENCE_K,
  COLOUR_TIME_S,
  COLOUR_WET_AW,
  COLOUR_WITHOUT_OIL,
  GAS_CONSTANT,
  SET_ENERGY,
  SET_HALF_LIFE_75C,
  SET_LEAST_WATER,
  SOFTENING_ENERGY,
  SOFTENING_PER_MIN_100C,
  ZERO_C,
} from './constants.js';

const arrhenius = (energy: number, tempC: number, referenceK: number): number =>
  Math.exp((-energy / GAS_CONSTANT) * (1 / (tempC + ZERO_C) - 1 / referenceK));

/** Rate at which starch gels and protein coagulates, 1/s, at `tempC`; 0 where `x` (kg water per kg solids) is too little. */
export const settingRate = (tempC: number, x: number): number =>
  x < SET_LEAST_WATER || tempC < 45
    ? 0
    : (Math.LN2 / SET_HALF_LIFE_75C) * arrhenius(SET_ENERGY, Math.min(tempC, 105), 348.15);

/** How much a water activity lets a surface brown, 0 (wet) to 1 (dry). */
export const drynessForColour = (activity: number): number =>
  Math.min(1, Math.max(0, (COLOUR_WET_AW - activity) / (COLOUR_WET_AW - COLOUR_DRY_AW)));

/** How much the fat on a surface helps it brown: its share of an oiled crumb's speed. */
export const oilForColour = (fatGm2: number, inOil: boolean): number =>
  inOil ? COLOUR_IN_OIL : COLOUR_WITHOUT_OIL + (1 - COLOUR_WITHOUT_OIL) * Math.min(1, fatGm2 / COLOUR_FULL_OIL_GM2);

/** Browning rate, B per s (B = 1 is golden), of a dry oiled crumb of browning 1 at `tempC`. */
export const browningRate = (tempC: number): number =>
  arrhenius(COLOUR_ENERGY, tempC, COLOUR_REFERENCE_K) / COLOUR_TIME_S;

/** Softening of the reference vegetable, 1/s, at `tempC`. */
export const softeningRate = (tempC: number): number =>
  tempC < 50 ? 0 : (SOFTENING_PER_MIN_100C / 60) * arrhenius(SOFTENING_ENERGY, tempC, 373.15);
