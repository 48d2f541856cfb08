import {
  BROWNING_ENERGY,
  BROWNING_PLATEAU,
  BROWNING_REFERENCE_K,
  BROWNING_TIME_S,
  CHARRING_ENERGY,
  CHARRING_REFERENCE_K,
  CHARRING_TIME_S,
  COLOUR_DRY_AW,
  COLOUR_FULL_OIL_GM2,
  COLOUR_IN_OIL,
  COLOUR_WET_AW,
  COLOUR_WITHOUT_OIL,
  GAS_CONSTANT,
  SET_ENERGY,
  SET_HALF_LIFE_75C,
  SET_LEAST_WATER,
  SET_REFERENCE_K,
  SOFTENING_ENERGY,
  SOFTENING_PER_MIN_100C,
  SOFTENING_REFERENCE_K,
  ZERO_C,
} from './constants/index.js';
import { tabulated } from './table.js';

const COLDEST_C = -40;
const HOTTEST_C = 260;
const STEP_K = 0.5;

/** exp(−Ea/R·(1/T − 1/T₀)) over the temperatures of a cook, °C. */
const arrhenius = (energy: number, referenceK: number) =>
  tabulated(
    (tempC) => Math.exp((-energy / GAS_CONSTANT) * (1 / (tempC + ZERO_C) - 1 / referenceK)),
    COLDEST_C,
    HOTTEST_C,
    STEP_K,
  );

const setting = arrhenius(SET_ENERGY, SET_REFERENCE_K);
const browning = arrhenius(BROWNING_ENERGY, BROWNING_REFERENCE_K);
const charring = arrhenius(CHARRING_ENERGY, CHARRING_REFERENCE_K);
const softening = arrhenius(SOFTENING_ENERGY, SOFTENING_REFERENCE_K);

/** Above this everything that sets has set: the rate is held, °C. */
const HOTTEST_SETTING_C = 105;

/** Rate at which starch gels and protein coagulates, 1/s, at `tempC`; 0 where `x` (kg water per kg solids) is too little. */
export const settingRate = (tempC: number, x: number): number =>
  x < SET_LEAST_WATER
    ? 0
    : (Math.LN2 / SET_HALF_LIFE_75C) * setting(tempC < HOTTEST_SETTING_C ? tempC : HOTTEST_SETTING_C);

/** How much a water activity lets a surface brown, 0 (wet) to 1 (dry). */
export const drynessForColour = (activity: number): number =>
  Math.min(1, Math.max(0, (COLOUR_WET_AW - activity) / (COLOUR_WET_AW - COLOUR_DRY_AW)));

/** How much the fat on a surface helps it brown: its share of an oiled crumb's speed. */
export const oilForColour = (fatGm2: number, inOil: boolean): number =>
  inOil ? COLOUR_IN_OIL : COLOUR_WITHOUT_OIL + (1 - COLOUR_WITHOUT_OIL) * Math.min(1, fatGm2 / COLOUR_FULL_OIL_GM2);

/**
 * Rate of the first stage, B per s (B = 1 is golden), of a dry oiled crumb of browning 1 at `tempC` that has come to
 * `browned` so far: it slows toward its plateau.
 */
export const browningRate = (tempC: number, browned = 0): number =>
  browned < BROWNING_PLATEAU ? (browning(tempC) / BROWNING_TIME_S) * (1 - browned / BROWNING_PLATEAU) : 0;

/** Rate of the second stage, B per s, of a dry crumb of browning 1 whose edges are at `tempC`: it chars without end. */
export const charringRate = (tempC: number): number => charring(tempC) / CHARRING_TIME_S;

/**
 * Browning B of what browns `times` as fast on the same surface: a surface that has browned to `browned` so far, and
 * charred by `charred`, both at its own speed.
 */
export function colourAtSpeed(browned: number, charred: number, times: number): number {
  const left = Math.max(0, 1 - browned / BROWNING_PLATEAU);
  return BROWNING_PLATEAU * (1 - left ** times) + charred * times;
}

/** Softening of the reference vegetable, 1/s, at `tempC`. */
export const softeningRate = (tempC: number): number => (SOFTENING_PER_MIN_100C / 60) * softening(tempC);
