import {
  AIR_HEAT,
  BOUND_BELOW_X,
  LEWIS_TWO_THIRDS,
  OSWIN_K,
  OSWIN_N,
  PRESSURE_PA,
  VAPOUR_HEAT,
} from './constants/index.js';
import { tabulated } from './table.js';

/** Coefficients of Buck's equation (1981/1996), Pa and °C, from memory. */
const BUCK = { pa: 611.21, a: 18.678, b: 234.5, c: 257.14 } as const;
/** Heat of evaporation at 0 °C, and how it falls, MJ/kg and MJ/kg K: a line through the steam tables. */
const EVAPORATION = { atZero: 2.501, perK: 0.00236 } as const;
/** Antoine's coefficients of water above 100 °C for mmHg and °C, and a mmHg in Pa; from memory. */
const ANTOINE = { a: 8.14019, b: 1810.94, c: 244.485, paPerMmHg: 133.322 } as const;

/** Saturation vapour pressure over water, Pa, at `tempC` (−40–110 °C). Buck (1981/1996), from memory. */
export const saturationPa = (tempC: number): number =>
  BUCK.pa * Math.exp((BUCK.a - tempC / BUCK.b) * (tempC / (BUCK.c + tempC)));

/** Saturation pressure by table, for the time loop; held at −40 and 120 °C outside. Over ice it is taken as over water: a tenth more at −10 °C. */
export const saturationAt = tabulated(saturationPa, -40, 120, 0.5);

/** Heat of evaporation of water, J/kg, at `tempC`. Linear fit to the steam tables. */
export const latentHeat = (tempC: number): number => (EVAPORATION.atZero - EVAPORATION.perK * tempC) * 1e6;

/** Water activity 0–1 over a food that holds `x` kg water per kg dry solids: Oswin's isotherm turned round. */
export function waterActivity(x: number): number {
  if (x <= 0) return 0;
  const r = Math.pow(x / OSWIN_K, 1 / OSWIN_N);
  return r / (1 + r);
}

/** What a food holds at a water activity of 0–1 (less than 1), kg water per kg dry solids: Oswin's isotherm. */
export const moistureAt = (activity: number): number => OSWIN_K * Math.pow(activity / (1 - activity), OSWIN_N);

/** Boiling point of pure water under `pressurePa`, °C: Antoine's equation above 100 °C (from memory), 1–20 bar. */
export const boilingPointC = (pressurePa: number): number =>
  ANTOINE.b / (ANTOINE.a - Math.log10(pressurePa / ANTOINE.paPerMmHg)) - ANTOINE.c;

const STEP_X = 0.002;
const LAST_X = 0.6;
/** A food so dry that its last water would boil above this is left as it is, °C. */
const HOTTEST_BOIL_C = 320;
/** Wetter than the table, water is free. */
const FREE_ACTIVITY = 0.99;

const boiling = tabulated(
  (x) => {
    const activity = waterActivity(Math.max(x, STEP_X / 2));
    return activity * 60 < 1 ? HOTTEST_BOIL_C : Math.min(HOTTEST_BOIL_C, boilingPointC(PRESSURE_PA / activity));
  },
  0,
  LAST_X,
  STEP_X,
);
/** Temperature at which the water of a food with `x` kg per kg solids boils, °C (100 when wet, more as it dries). */
export const foodBoilingC = boiling;

/** The rise is that over so much less water, kg/kg. */
const RISE_X = 0.004;
/** How much hotter a food with `x` kg water per kg solids boils for each kg per kg that it loses, K; 0 while its water is free. */
export const boilingRise = (x: number): number =>
  x < BOUND_BELOW_X ? (foodBoilingC(x - RISE_X) - foodBoilingC(x)) / RISE_X : 0;

const activity = tabulated(waterActivity, 0, LAST_X, STEP_X);

/** Water activity by table, for the time loop. */
export const activityAt = (x: number): number => (x >= LAST_X ? FREE_ACTIVITY : activity(x));

/** Molar mass of water against that of dry air. */
const MOLAR_RATIO = 0.622;
/** Share of the pressure up to which vapour is reckoned as mixed with air, and the step of its table. Our choice. */
const BELOW_BOILING = 0.985;
const DRIVE_STEP = 0.0025;
const PER_PRESSURE = 1 / PRESSURE_PA;

/** Moisture of air, kg vapour per kg dry air, whose vapour pressure is `vapourPa`; the pressure is held below boiling. */
export function humidityRatio(vapourPa: number): number {
  const p = Math.min(vapourPa, BELOW_BOILING * PRESSURE_PA);
  return (MOLAR_RATIO * p) / (PRESSURE_PA - p);
}

/**
 * What drives vapour through air: ln(1/(1−p/P)) times the ratio of molar masses. The vapour that streams out carries
 * more along (Stefan flow); where there is little of it this is the humidity ratio. Held below boiling.
 */
const driving = tabulated((share) => -MOLAR_RATIO * Math.log(1 - share), 0, BELOW_BOILING, DRIVE_STEP);
export const vapourDrive = (vapourPa: number): number => driving(vapourPa * PER_PRESSURE);

/** Mass transfer coefficient for humidity ratio, kg/(m² s), beside a heat transfer coefficient (W/m²K), by Lewis' relation. */
export const massCoefficient = (hc: number, airHumidityRatio: number): number =>
  hc / ((AIR_HEAT + airHumidityRatio * VAPOUR_HEAT) * LEWIS_TWO_THIRDS);
