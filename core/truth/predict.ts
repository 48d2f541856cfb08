import { evaluateAir, evaluateFried, type AirResult, type FriedResult, type Fryer } from '../src/index.js';
import type { AirPractice, Practice } from './practice.js';

/** The practised cook in oil, predicted. */
export const inOil = ({ dish, layers, fried }: Practice): FriedResult =>
  evaluateFried(dish, { ...fried, layers, oilId: 'rapeseed-oil' });

/** A practised cook in air, predicted; `minutes` other than the practised ones when given. */
export const inAir = (practice: Practice, how: AirPractice, minutes = how.settings.minutes): AirResult =>
  evaluateAir(
    practice.dish,
    { layers: practice.layers, restMin: how.restMin, oilGm2: how.oilGm2, settings: { ...how.settings, minutes } },
    how.fryer,
    inOil(practice),
  );

/** Mean browning of both sides, 1 = golden. */
export const browningOf = (result: AirResult | FriedResult): number =>
  (result.outcomes.colourTop!.value + result.outcomes.colourUnder!.value) / 2;

const LONGEST_MIN = 45;

/** Minutes at which both sides are golden on average; Infinity when not within 45. */
export function goldenAtMin(practice: Practice, how: AirPractice): number {
  const { columns, timeS } = inAir(practice, how, LONGEST_MIN).series;
  const at = columns.colourUp.findIndex((b, i) => b + columns.colourDown[i] >= 2);
  return at < 0 ? Infinity : timeS[at] / 60;
}

export const fryerName = ({ kind }: Fryer): string => kind.replace('-', ' ');
