import {
  evaluateAir,
  GOLDEN,
  KNOWN,
  evaluateFried,
  type AirResult,
  type CookSeries,
  type FriedResult,
} from '../src/index.js';
import { filling, type AirPractice, type Practice } from './practice.js';

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
      { pantry: KNOWN, dish: filling(practice.dish, practice.layers, how.fryer), fryer: how.fryer },
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

/** The whole of a longer cook in one go, with the mean browning of both sides at every sample. */
function followed(practice: Practice, how: AirPractice): { timeS: Float64Array; browning: Float32Array } {
  const { columns, timeS } = inAir(practice, { ...how, second: null }, LONGEST_MIN).series;
  return { timeS, browning: columns.colourUp.map((b, i) => (b + columns.colourDown[i]) / 2) };
}

const reachedAtMin = ({ timeS, browning }: ReturnType<typeof followed>, level: number): number => {
  const at = browning.findIndex((b) => b >= level);
  return at < 0 ? Infinity : timeS[at] / 60;
};

/** Minutes at which both sides are golden on average, cooked through in one go; Infinity when not within 45. */
export const goldenAtMin = (practice: Practice, how: AirPractice): number => reachedAtMin(followed(practice, how), 1);

/** Minutes between which both sides are golden on average: from straw on, until dark; Infinity when not within 45. */
export function goldenWindow(practice: Practice, how: AirPractice): { from: number; to: number } {
  const cook = followed(practice, how);
  return { from: reachedAtMin(cook, GOLDEN.from), to: reachedAtMin(cook, GOLDEN.to) };
}
