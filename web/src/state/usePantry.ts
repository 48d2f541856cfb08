import type { PantryDocument } from '@yellowmist/contract';
import type { Limits } from '@yellowmist/core';
import { usePantryQuery } from './api';

const EMPTY: PantryDocument = { version: 0, have: [], never: [], own: [] };

/** The kitchen's pantry as the server has it; empty until it is there. */
export const usePantry = (): PantryDocument => usePantryQuery().data ?? EMPTY;

/** A dish's limits with what the kitchen never uses and what it has. */
export const withPantry = (limits: Limits, { never, have }: PantryDocument): Limits => ({
  ...limits,
  without: [...new Set([...limits.without, ...never])],
  atHome: have,
});
