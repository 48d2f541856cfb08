import {
  evaluateFried,
  planExperiment as plan,
  type AirPlan,
  type ConvertRequest,
  type PlannedExperiment,
  type ToCompare,
} from '@yellowmist/core';
import { work } from './work.js';

/** A dish with its plan, and the ways in which it is to be compared. */
export interface ToPlanExperiment extends ConvertRequest {
  plan: AirPlan;
  compare: ToCompare;
}

/** A fair comparison in one batch. */
export const planExperiment = work(
  (pantry, { plan: own, compare, ...request }: ToPlanExperiment): PlannedExperiment => {
    const asked = { ...request, pantry };
    return plan(asked, own, compare, evaluateFried(asked));
  },
);
