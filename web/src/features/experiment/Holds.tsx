import { ALLERGENS, listed, type PlannedExperiment } from '@yellowmist/core';
import * as texts from './texts';

/**
 * What the ways hold that somebody may not eat. Whoever tastes is not told which way it is: what any of them holds, all of
 * them are taken to hold.
 */
export function Holds({ planned: { ways } }: { planned: PlannedExperiment }) {
  const all = [...new Set(ways.flatMap((w) => w.allergens))];
  return (
    <p role="note" className="border-l-4 border-error pl-2 text-sm">
      <b>{texts.blindDoesNotMean}</b>{' '}
      {all.length === 0 ? texts.byTheirIngredientsNone : texts.oneOrMoreOf(listed(all.map((a) => ALLERGENS[a].name)))}
    </p>
  );
}
