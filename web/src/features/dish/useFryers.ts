import { COMMON_FRYERS } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import { useKitchenInUseQuery } from '../../state/api';

/** All fryers to choose from: those given, then one of each kind that is not among them by name. Each once. */
export function fryersFrom(own: readonly Fryer[]): Fryer[] {
  const all = [...own, ...COMMON_FRYERS];
  return all.filter((fryer, at) => all.findIndex((f) => f.name === fryer.name) === at);
}

/** The kitchen's own fryers, as they were learned. */
export const useOwnFryers = (): readonly Fryer[] =>
  useKitchenInUseQuery(undefined, { refetchOnMountOrArgChange: true }).data?.fryers ?? [];

/** The fryer that the dish is for, the kitchen's own, and one of each kind. */
export function useFryers(current: Fryer): Fryer[] {
  return fryersFrom([current, ...useOwnFryers()]);
}
