import { OUTCOME_KEYS, ruleOf, type Outcome, type OutcomeKey, type Outcomes, type Reason } from './registry.js';
import type { Judged } from './view.js';

function outcomeOf(key: OutcomeKey, judged: Judged): Outcome | undefined {
  const verdict = ruleOf(key).judge(judged);
  return verdict && { ...verdict, key, reasons: verdict.reasons.map((r) => ({ ...r, about: key })) };
}

/** All outcomes of a cook at one moment; those that do not apply to the food or coat are left out. */
export function judge(judged: Judged): Outcomes {
  const all = OUTCOME_KEYS.map((key) => [key, outcomeOf(key, judged)] as const);
  return Object.fromEntries(all.filter(([, outcome]) => outcome !== undefined));
}

/** The reasons of all outcomes, worst first; a cause that several share is told once. */
export function reasonsOf(outcomes: Outcomes): Reason[] {
  const told = new Map<string, Reason>();
  const all: Reason[] = [];
  for (const reason of OUTCOME_KEYS.flatMap((key) => outcomes[key]?.reasons ?? [])) {
    const { shared } = reason;
    const before = shared && told.get(shared.cause);
    if (before) before.text = shared.text;
    else {
      const own = { ...reason };
      all.push(own);
      if (shared) told.set(shared.cause, own);
    }
  }
  return all.sort((a, b) => b.weight - a.weight);
}
