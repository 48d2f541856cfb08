import type { CookDiagnosis, DiagnoseAnswer, DiagnoseRequest } from '@yellowmist/contract';
import {
  diagnose as coreDiagnose,
  diagnoseCook,
  byOtherRecipe,
  causeOf,
  meantBatch,
  meantCook,
  writtenDown,
  plain,
  type CauseKey,
  type LoggedCook,
  type OtherRecipe,
  type Seen,
  type Programme,
} from '@yellowmist/core';
import { diagnosisAnswer, followUpAnswer, isByHand } from '../diagnosing.js';
import { work } from './work.js';

/** What was seen of a dish, without storing anything. */
export const diagnose = work((pantry, { conversion, seen }: DiagnoseRequest): DiagnoseAnswer =>
  diagnosisAnswer(coreDiagnose(meantCook(pantry, conversion), seen)),
);

/** A cook with the cooks around it. */
export interface ToDiagnose {
  cook: LoggedCook;
  past: (LoggedCook & { daysAgo: number })[];
  before: (LoggedCook & { id: string }) | null;
  didChange: boolean;
}

export const diagnoseLogged = work(
  (pantry, { cook, past, before, didChange }: ToDiagnose): Omit<CookDiagnosis, 'dish'> => {
    const { id: _, ...earlier } = before ?? { id: '' };
    const last = before ? (earlier as LoggedCook) : null;
    const { diagnosis, proposed, followUp } = diagnoseCook(pantry, cook, past, last, didChange);
    return {
      ...diagnosisAnswer(diagnosis),
      proposedBefore:
        before && proposed
          ? { cook: before.id, text: plain(proposed.text), parts: proposed.text, byHand: isByHand(proposed) }
          : null,
      followUp: before && proposed && followUp ? followUpAnswer(before.id, proposed, followUp) : null,
    };
  },
);

/** A cook of the demo's past: what went otherwise in it. */
export interface ToWriteDown {
  programme: Programme;
  dish: string;
  recipe: OtherRecipe | null;
  cause: readonly [CauseKey, number] | null;
}

export const writeDown = work((pantry, { programme, dish, recipe, cause }: ToWriteDown): Seen => {
  const batch = programme.batches.find((b) => b.dishId === dish)!;
  const planned = meantBatch(pantry, programme, batch);
  const put = recipe ? byOtherRecipe(planned, recipe) : planned;
  return writtenDown((cause && causeOf(cause[0]).put(put, cause[1])) ?? put);
});
