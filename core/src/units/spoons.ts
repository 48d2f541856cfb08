import { mlToVolume, type VolumeMeasure } from './quantities.js';

/** Fractions that kitchen cups and spoons are made for. */
const FRACTIONS: readonly { value: number; sign: string }[] = [
  { value: 0, sign: '' },
  { value: 1 / 8, sign: '⅛' },
  { value: 1 / 4, sign: '¼' },
  { value: 1 / 3, sign: '⅓' },
  { value: 1 / 2, sign: '½' },
  { value: 2 / 3, sign: '⅔' },
  { value: 3 / 4, sign: '¾' },
  { value: 1, sign: '' },
];

/** `2.27` as `2¼`: the nearest amount that a set of measures can show. */
export function toKitchenFraction(amount: number): string {
  const whole = Math.floor(amount);
  const rest = amount - whole;
  const nearest = FRACTIONS.reduce((best, f) => (Math.abs(f.value - rest) < Math.abs(best.value - rest) ? f : best));
  const units = nearest.value === 1 ? whole + 1 : whole;
  if (units === 0 && nearest.sign === '') return amount > 0 ? '⅛' : '0';
  return `${units === 0 ? '' : units}${nearest.sign}`;
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
    return `${toKitchenFraction(amount)} ${measure}${several ? 's' : ''}`;
  };
  if (mlToVolume(ml, 'cup') >= LEAST.cup) return pick('cup');
  if (mlToVolume(ml, 'tbsp') >= LEAST.tbsp) return pick('tbsp');
  return mlToVolume(ml, 'tsp') >= LEAST.tsp ? pick('tsp') : 'a pinch';
}
