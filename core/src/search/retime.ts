import type { AirPlan } from '../dish/index.js';
import type { Asked, FriedResult } from '../plan/index.js';
import type { Coat } from './families.js';
import { bestMinute, trialOf } from './trial.js';
import type { Candidate } from './types.js';

/**
 * A plan with its minutes searched anew, in full fineness: what a change of habit costs in time. Its turning stays at
 * the minute where it is.
 */
export const retimed = (request: Asked, fried: FriedResult, plan: AirPlan): AirPlan =>
  retimedAt(request, fried, plan, [plan.settings.tempC]);

/** The same with the best of several temperatures, °C: what works goes before what does not. */
export function retimedAt(request: Asked, fried: FriedResult, plan: AirPlan, temperatures: readonly number[]): AirPlan {
  const { layers, restMin, making } = plan;
  const { under, preheatC } = plan.settings;
  const coat: Coat = { family: 'as-it-is', layers, under, restMin, making, preheatC, idea: '', variant: '' };
  const trial = trialOf(request, fried, coat, { exact: true, second: plan.second, laying: plan.laying });
  const minutes = request.limits.maxMinutes;
  const tried = temperatures.map((tempC) =>
    bestMinute(trial, { ...plan, settings: { ...plan.settings, tempC, minutes } }),
  );
  return tried.reduce((a, b) => (isBetter(b, a) ? b : a)).plan;
}

/** Whether a is to be preferred to b. */
const isBetter = (a: Candidate, b: Candidate): boolean => (a.works === b.works ? a.score > b.score : a.works);
