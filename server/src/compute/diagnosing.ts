import type { DiagnoseAnswer, FollowUp } from '@yellowmist/contract';
import {
  causeOf,
  plain,
  type CauseKey,
  type DiagnosedChange,
  type Diagnosis,
  type Helped,
  type Text,
} from '@yellowmist/core';

/** What is told of a belief that moved, and no more. */
const MOST_MOVED = 3;

const both = (said: Text) => ({ text: plain(said), parts: said });

/** A change as it is answered. @param plan the plan that was cooked by: a change that leaves it is made by hand */
const changeAnswer = (
  { text, plan, cures, chance }: DiagnosedChange,
  byHand: boolean,
): NonNullable<DiagnoseAnswer['change']> => ({ ...both(text), plan, cures, chance, byHand });

export const isByHand = ({ removes }: DiagnosedChange): boolean => removes.length > 0;

/** A diagnosis as it is answered: sentences in plain text, and in their parts. */
export const diagnosisAnswer = ({ complaints, causes, none, change, test }: Diagnosis): DiagnoseAnswer => ({
  complaints: complaints.map(plain),
  causes: causes.map(({ for: pro, against, ...cause }) => ({
    ...cause,
    for: pro.map(plain),
    against: against.map(plain),
    parts: { for: pro, against },
  })),
  none,
  change: change && changeAnswer(change, isByHand(change)),
  test: test && { field: test.field, ...both(test.text), when: test.when, apart: test.parts },
});

/** What a change has done, as it is answered. */
export function followUpAnswer(cook: string, change: DiagnosedChange, { helped, before, after }: Helped): FollowUp {
  const moved = [...before]
    .map(([cause, share]: [CauseKey, number]) => ({
      cause,
      words: causeOf(cause).words,
      before: share,
      after: after.get(cause) ?? 0,
    }))
    .sort((a, b) => Math.max(b.before, b.after) - Math.max(a.before, a.after))
    .slice(0, MOST_MOVED);
  return { cook, change: plain(change.text), helped, moved };
}
