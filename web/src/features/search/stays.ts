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

/** What lies on the bench when a question is asked, and how it came to lie there. */
export interface OnBench {
  chosen: Chosen | null;
  /** What lay there when the dish was opened. */
  openedWith: Chosen | null;
  /** Something is shown of what was found for an earlier question. */
  shown: boolean;
  /** The cook has changed something of the dish since it was opened. */
  changed: boolean;
}

/**
 * The version that a dish was opened with, where the question is still about the dish as it was opened: the kitchen alone may
 * ask anew, as what it never uses is read or changed elsewhere. Null where the cook changed the dish: what is found then is new.
 */
export function stillOpened({ chosen, openedWith, shown, changed }: OnBench): Chosen | null {
  if (!shown) return chosen;
  return !changed && chosen === openedWith ? chosen : null;
}
