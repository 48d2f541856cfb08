import { evaluateAir, KNOWN, evaluateFried, type AirResult, type CookSeries, type FriedResult } from '../src/index.js';
import type { AirPractice, Practice } from './practice.js';

/** Balances that every simulation of these checks has to close within. */
const BALANCE = 0.005;

function closed<T extends { series: CookSeries }>(result: T): T {
  expect(Math.abs(result.series.energyError)).toBeLessThan(BALANCE);
  expect(Math.abs(result.series.waterError)).toBeLessThan(BALANCE);
  return result;
}

const fried = new WeakMap<Practice, FriedResult>();

/** The practised cook in oil, predicted; once for each practice, which nothing changes. */
export function inOil(practice: Practice): FriedResult {
  const before = fried.get(practice);
  if (before) return before;
  const { dish, layers, fried: pot } = practice;
  const result = closed(evaluateFried({ pantry: KNOWN, dish, fried: { ...pot, layers, oilId: 'rapeseed-oil' } }));
  fried.set(practice, result);
  return result;
}

/** A practised cook in air, predicted; `minutes` other than the practised ones when given. */
export const inAir = (practice: Practice, how: AirPractice, minutes = how.settings.minutes): AirResult =>
  closed(
    evaluateAir(
      { pantry: KNOWN, dish: practice.dish, fryer: how.fryer },
      {
        layers: practice.layers,
        restMin: how.restMin,
        oilGm2: how.oilGm2,
        settings: { ...how.settings, minutes },
        second: how.second ?? null,
      },
      inOil(practice),
    ),
  );

/** Mean browning of both sides at the end, 1 = golden. */
export const browningOf = (result: AirResult | FriedResult): number =>
  (result.outcomes.colourTop!.value + result.outcomes.colourUnder!.value) / 2;

/** The cook before any sauce, predicted: what a cook looks at to decide whether it is golden. */
export const beforeSauce = (practice: Practice, how: AirPractice): AirResult =>
  inAir(practice, { ...how, second: null });

const LONGEST_MIN = 45;

/** Minutes at which both sides are golden on average, cooked through in one go; Infinity when not within 45. */
export function goldenAtMin(practice: Practice, how: AirPractice): number {
  const { columns, timeS } = inAir(practice, { ...how, second: null }, LONGEST_MIN).series;
  const at = columns.colourUp.findIndex((b, i) => b + columns.colourDown[i] >= 2);
  return at < 0 ? Infinity : timeS[at] / 60;
}
