import type { SimulateRequest } from '@yellowmist/contract';
import {
  evaluateAir,
  evaluateFried,
  type AirResult,
  type FriedCook,
  type FriedResult,
  type WaitingResult,
} from '@yellowmist/core';
import { outcomesAnswer, seriesAnswer, type SeriesAnswer } from './answers.js';

/** The oil of a simulated pot matters to nothing that is answered. */
const ANY_OIL = 'rapeseed-oil';

export interface SimulationAnswer extends SeriesAnswer {
  outcomes: Record<string, unknown>;
  reasons: FriedResult['reasons'];
  layers: { name: string; pickUpGm2: number; thicknessMm: number }[];
  /** How long it stays crisp where, min; null when longer than half an hour. */
  waiting: WaitingResult[];
}

function run({ dish, layers, cook }: SimulateRequest): FriedResult | AirResult {
  const asFried = (tempC: number, minutes: number, medium: FriedCook['medium']): FriedResult =>
    evaluateFried(dish, { layers, medium, oilId: ANY_OIL, tempC, minutes });
  if (cook.medium !== 'air') return asFried(cook.tempC, cook.minutes, cook.medium);
  const { fryer, restMin, oilGm2, second } = cook;
  const plan = { layers, restMin, oilGm2, second, settings: cook };
  return evaluateAir(dish, plan, fryer, asFried(180, 4, 'deep-oil'), { waits: true });
}

/** What `POST /api/simulate` answers: the series over time and the outcomes at the end. */
export function simulateAnswer(request: SimulateRequest): SimulationAnswer {
  const result = run(request);
  return {
    ...seriesAnswer(result.series),
    outcomes: outcomesAnswer(result.outcomes),
    reasons: result.reasons,
    waiting: result.waiting,
    layers: result.layers.map((l) => ({ name: l.name, pickUpGm2: l.pickUpGm2, thicknessMm: l.thicknessM * 1000 })),
  };
}
