import { COMMON_FRYERS } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import { useKitchenQuery } from '../../state/api';

/** The kitchen's fryers, with the one that the dish is for; one of each kind to begin with, until the kitchen has its own. */
export function useFryers(current: Fryer): Fryer[] {
  const { data } = useKitchenQuery();
  const own = data?.fryers.length ? data.fryers : COMMON_FRYERS;
  return [...own.filter((f) => f.name !== current.name), current].sort((a, b) => a.name.localeCompare(b.name));
}
