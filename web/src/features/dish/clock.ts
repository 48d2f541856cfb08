import type { AirPlan, FriedCook } from '@yellowmist/core';

/** 4.25 min as "4:15". */
export function clock(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** Minutes of an air plan from the first heat to the last, a second cook and its pause counted. */
export const airMinutes = ({ settings, second }: AirPlan): number =>
  settings.minutes + (second ? second.coolMin + second.minutes : 0);

/** Minutes of the longer of two cooks: the end of their shared time. */
export const longestOf = (fried: FriedCook, plan: AirPlan | null): number =>
  Math.max(fried.minutes, plan ? airMinutes(plan) : 0);
