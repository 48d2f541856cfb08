import type { Doubt } from '@yellowmist/core';
import * as texts from '../texts';

/** What is asked about a line of a bowl, by why it is. */
export const LINE_QUESTIONS: Record<Doubt, (typed: string) => string> = {
  unknown: (typed) => texts.isNothingThatIs(typed),
  'another-kind': (typed) => texts.isKindThatIsNot(typed),
  'two-things': (typed) => texts.namesTwoThingsWrite(typed),
  'how-much': (typed) => texts.howMuchDoesNot(typed),
  nothing: (typed) => texts.isNothingTake(typed),
  'too-much': (typed) => texts.isMoreThanBowl(typed),
  'a-food': (typed) => texts.isFoodAndNothing(typed),
};
