import { EMPTY_PANTRY, type PantryDocument } from '@yellowmist/contract';
import type { ConvertRequest, Label, Limits } from '@yellowmist/core';
import { usePantryQuery } from './api';

const EMPTY: PantryDocument = { version: 0, ...EMPTY_PANTRY };

/** The kitchen's pantry as the server has it; empty until it is there. */
export const usePantryDocument = (): PantryDocument => usePantryQuery().data ?? EMPTY;

/** A dish's limits with what the kitchen never uses and what it has. */
export const withPantry = (limits: Limits, { never, have }: PantryDocument): Limits => ({
  ...limits,
  without: [...new Set([...limits.without, ...never])],
  atHome: have,
});

/** What is asked of a dish in this kitchen. */
export const requestOf = (
  { dish, fried, fryer, limits }: ConvertRequest,
  pantry: PantryDocument,
): ConvertRequest & { own: Label[] } => ({
  dish,
  fried,
  fryer,
  limits: withPantry(limits, pantry),
  own: pantry.own,
});

/** The same for a search: what stands beside the coat and how the food was bought change nothing of it. */
export const searchOf = (
  { dish, ...rest }: ConvertRequest,
  pantry: PantryDocument,
): ConvertRequest & { own: Label[] } =>
  requestOf({ ...rest, dish: { ...dish, beside: undefined, servings: undefined, bought: undefined } }, pantry);
