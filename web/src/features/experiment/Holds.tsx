import { ALLERGENS, listed, type PlannedExperiment } from '@yellowmist/core';

/**
 * What the ways hold that somebody may not eat. Whoever tastes is not told which way it is: what any of them holds, all of
 * them are taken to hold.
 */
export function Holds({ planned: { ways } }: { planned: PlannedExperiment }) {
  const all = [...new Set(ways.flatMap((w) => w.allergens))];
  return (
    <p role="note" className="border-l-4 border-error pl-2 text-sm">
      <b>Blind does not mean unasked:</b>{' '}
      {all.length === 0
        ? 'by their ingredients none of these holds one of the listed allergens; packets decide.'
        : `one or more of these hold ${listed(all.map((a) => ALLERGENS[a].name))}. Whoever avoids any of it does not taste; packets decide, and one basket is shared.`}
    </p>
  );
}
