import { facesCovered, lyingUp, opposite, touchUpMin, type AirPlan, type FriedCook } from '@yellowmist/core';

/** When a piece is turned: in the air by its plan, in a pan at half time, in deep oil never; null = never. */
export function turnOf(
  { fried, plan }: { fried: FriedCook; plan: AirPlan | null },
  side: 'pot' | 'air',
): number | null {
  if (side === 'air') return plan?.settings.turnAtMin ?? null;
  return fried.medium === 'pan-oil' ? fried.minutes / 2 : null;
}

/** Share of what lies up and down after so many minutes that is wet with oil. */
export function coverNow(plan: AirPlan, minutes: number): { top: number; under: number } {
  const cover = facesCovered(plan, minutes >= touchUpMin(plan.settings));
  const up = lyingUp(plan.settings.turnAtMin, minutes);
  return { top: cover[up], under: cover[opposite(up)] };
}
