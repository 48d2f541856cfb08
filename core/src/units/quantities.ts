import { convert } from 'convert';

/** Litre-free kitchen measures that Yellowmist shows, with the spelling of the conversion package. */
const SPOON_UNITS = { cup: 'cup', tbsp: 'tablespoon', tsp: 'teaspoon' } as const;

export type VolumeMeasure = keyof typeof SPOON_UNITS;

/** Volume in ml of `amount` US customary cups, tablespoons or teaspoons. */
export const volumeToMl = (amount: number, measure: VolumeMeasure): number =>
  convert(amount, SPOON_UNITS[measure]).to('ml');

/** Number of US customary cups, tablespoons or teaspoons in `ml` millilitres. */
export const mlToVolume = (ml: number, measure: VolumeMeasure): number => convert(ml, 'ml').to(SPOON_UNITS[measure]);

/** °F from °C. */
export const celsiusToFahrenheit = (tempC: number): number => convert(tempC, 'celsius').to('fahrenheit');

/** °C from °F. */
export const fahrenheitToCelsius = (tempF: number): number => convert(tempF, 'fahrenheit').to('celsius');

/** Inches from mm. */
export const mmToInch = (mm: number): number => convert(mm, 'mm').to('inch');

/** mm from inches. */
export const inchToMm = (inch: number): number => convert(inch, 'inch').to('mm');

/** Ounces (avoirdupois) from g. */
export const gToOz = (grams: number): number => convert(grams, 'g').to('oz');

/** g from ounces (avoirdupois). */
export const ozToG = (oz: number): number => convert(oz, 'oz').to('g');
