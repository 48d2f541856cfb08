import { mlToVolume, type VolumeMeasure } from './quantities.js';

/** The signs that a cook writes a fraction with, and what each is. */
export const FRACTION_SIGNS: Readonly<Record<string, number>> = {
  '⅛': 1 / 8,
  '¼': 1 / 4,
  '⅓': 1 / 3,
  '½': 1 / 2,
  '⅔': 2 / 3,
  '¾': 3 / 4,
};
/**
 * Fractions that a set of cups and spoons can measure: cups come as a quarter, a third and a half, the tablespoon with a
 * half, the teaspoon with a half, a quarter and an eighth. Common practice, no source.
 */
const MEASURED: Readonly<Record<VolumeMeasure, readonly string[]>> = {
  cup: ['¼', '⅓', '½', '⅔', '¾'],
  tbsp: ['½'],
  tsp: ['¼', '½', '¾'],
};
/** The smallest of the teaspoon's set, of which nobody takes three. */
const SMALLEST = { sign: '⅛', value: FRACTION_SIGNS['⅛'] };

/** `2.27` teaspoons as `2¼`: the nearest amount, > 0, that a set of measures can show. Nothing as `0`. */
export function toKitchenFraction(amount: number, measure: VolumeMeasure): string {
  if (amount === 0) return '0';
  const whole = Math.floor(amount);
  const rest = amount - whole;
  const choices = [{ sign: '', value: 0 }, ...MEASURED[measure].map((sign) => ({ sign, value: FRACTION_SIGNS[sign] }))];
  if (whole === 0) choices[0] = SMALLEST;
  const nearest = choices.reduce((best, c) => (Math.abs(c.value - rest) < Math.abs(best.value - rest) ? c : best));
  if (1 - rest < Math.abs(nearest.value - rest)) return String(whole + 1);
  return `${whole === 0 ? '' : whole}${nearest.sign}`;
}

/** Of a measure, the least that is told in it: below it the next smaller one is read more easily. Our choice. */
const LEAST = { cup: 0.23, tbsp: 0.95, tsp: 0.1 } as const;
/** Up to here an amount is one cup, not several. Our choice. */
const ONE_CUP = 1.06;

/**
 * A volume in the largest measure that a cook would reach for: cups from ¼ cup up, tablespoons from 1 tbsp up, else
 * teaspoons. `ml` ≥ 0; below ⅛ tsp it is "a pinch".
 */
export function mlAsSpoons(ml: number): string {
  const pick = (measure: VolumeMeasure): string => {
    const amount = mlToVolume(ml, measure);
    const several = measure === 'cup' && amount > ONE_CUP;
    return `${toKitchenFraction(amount, measure)} ${measure}${several ? 's' : ''}`;
  };
  if (mlToVolume(ml, 'cup') >= LEAST.cup) return pick('cup');
  if (mlToVolume(ml, 'tbsp') >= LEAST.tbsp) return pick('tbsp');
  return mlToVolume(ml, 'tsp') >= LEAST.tsp ? pick('tsp') : 'a pinch';
}
