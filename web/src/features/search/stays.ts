import type { Chosen } from '@yellowmist/contract';
import { allowed, choiceOf, pantryOf } from '@yellowmist/core';
import type { DishQuestion } from '../../worker/questions';

/**
 * Whether a version that was found before may stand while it is searched anew: it is made of nothing that is not eaten here,
 * or never used.
 */
export function mayStay({ limits, own }: DishQuestion, { plan }: Chosen): boolean {
  const asks = choiceOf({ pantry: pantryOf(own), limits });
  return plan.layers.every(({ portions }) => portions.every(({ ingredientId }) => allowed(ingredientId, asks)));
}
