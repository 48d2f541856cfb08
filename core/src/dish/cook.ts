import {
  airMedium,
  deepOil,
  panOil,
  simulate,
  type CookSeries,
  type Medium,
  type SimulateOptions,
} from '../heat/index.js';
import type { ReadyPiece } from './ready.js';
import type { AirPlan, Dish, FriedCook, Fryer } from './types.js';

/** kg of oil in the pot to one kg of food that goes in at a time. Common practice, no source. */
const OIL_TO_FOOD = 8;

/** What surrounds the piece when it is fried as today. */
export function friedMedium(fried: FriedCook, piece: ReadyPiece['piece']): Medium {
  return fried.medium === 'deep-oil'
    ? deepOil({ tempC: fried.tempC, oilKgPerPiece: (OIL_TO_FOOD * piece.massG) / 1000 })
    : panOil({ tempC: fried.tempC, turnAtMin: fried.minutes / 2 });
}

/** Simulates the dish as it is fried today: freshly coated, straight into the oil. */
export const fryInOil = (ready: ReadyPiece, dish: Dish, fried: FriedCook, options?: SimulateOptions): CookSeries =>
  simulate(
    {
      ...ready,
      startC: dish.startC,
      restMin: 0,
      oilGm2: 0,
      medium: friedMedium(fried, ready.piece),
      minutes: fried.minutes,
    },
    options,
  );

/** Simulates the dish in the air of one fryer whose ground it covers to `coverage` (0–1). */
export const cookInAir = (
  ready: ReadyPiece,
  dish: Dish,
  plan: AirPlan,
  fryer: Fryer,
  coverage: number,
  options?: SimulateOptions,
): CookSeries =>
  simulate(
    {
      ...ready,
      startC: dish.startC,
      restMin: plan.restMin,
      oilGm2: plan.oilGm2,
      medium: airMedium({
        fryer: fryer.kind,
        ...plan.settings,
        coverage,
        airFactor: fryer.airFactor,
        offsetK: fryer.offsetC,
      }),
      minutes: plan.settings.minutes,
    },
    options,
  );
