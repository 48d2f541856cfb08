import { CAUSES, type CauseKey } from './causes/index.js';
import { HABITS, HELPED, PERSISTS } from './constants.js';
import { complaintsOf } from './diagnose.js';
import { logLikelihood } from './likelihood.js';
import { missedAtLeast, missedInAll, type Missed } from './missed.js';
import { keyOf, sharesOf, type Posterior, type Priors } from './posterior.js';
import type { Put } from './put.js';
import { observationsOf, type Observation, type Seen } from './seen.js';
import { Simulated } from './simulated.js';

/** The cook after a diagnosis: as it was meant with the change, and how it came out. */
export interface NextCook {
  meant: Put;
  seen: Seen;
  /** What is no cause any more, since it was done otherwise by hand. */
  removes: readonly CauseKey[];
}

/** Whether a change has helped, and what is believed of the cook before by now. */
export interface Helped {
  helped: 'yes' | 'no' | 'worse' | 'unknown';
  /** Shares of the causes of the cook before, before and after this one was seen. */
  before: ReadonlyMap<CauseKey, number>;
  after: ReadonlyMap<CauseKey, number>;
}

const missedBySeen = (observations: readonly Observation[], simulated: Simulated): number => {
  const missed = complaintsOf(observations, simulated.aims).map((o) => [o.field, missedAtLeast(o, simulated.aims)]);
  return missedInAll(Object.fromEntries(missed) as Missed, 0);
};

/**
 * What the next cook teaches of the one before: each cause that was possible is put into that cook as well, where the
 * change has not taken it away, and compared with what was seen then.
 */
export function afterNext(first: Posterior, { meant, seen, removes }: NextCook): Helped {
  const simulated = new Simulated(meant, seen.crunchLater !== undefined);
  const observations = observationsOf(seen);
  const before = first.shares;
  if (observations.length === 0) return { helped: 'unknown', before, after: before };
  const without = logLikelihood(simulated.valuesOf('next', meant), observations, null);
  const hypotheses = first.hypotheses.map((h) => {
    const put = removes.includes(h.cause.key) ? null : h.cause.put(meant, h.size);
    const again = put ? logLikelihood(simulated.valuesOf(keyOf([h]), put), observations, null) : without;
    // A mistake need not be made again.
    const likely = PERSISTS * Math.exp(again - without) + (1 - PERSISTS);
    return { ...h, share: h.share * likely };
  });
  const none = 1 - [...before.values()].reduce((sum, s) => sum + s, 0);
  const whole = none + hypotheses.reduce((sum, h) => sum + h.share, 0);
  const after = sharesOf(hypotheses.map((h) => ({ ...h, share: h.share / whole })));
  const [was, is] = [missedBySeen(first.observations, first.simulated), missedBySeen(observations, simulated)];
  const helped = is < was * HELPED.yes ? 'yes' : is > was * HELPED.worse ? 'worse' : 'no';
  return { helped, before, after };
}

/** What was found in one earlier cook, and how many days ago. */
export interface PastCook {
  shares: ReadonlyMap<CauseKey, number>;
  daysAgo: number;
}

/** How much likelier than usual each cause is for a cook with this past: habits stay, and fade. */
export function priorsFrom(past: readonly PastCook[]): Priors {
  return Object.fromEntries(
    CAUSES.filter(({ key }) => key !== 'as-it-went').map(({ key }) => {
      const had = past.reduce((sum, p) => sum + (p.shares.get(key) ?? 0) * 0.5 ** (p.daysAgo / HABITS.halfLifeDays), 0);
      return [key, 1 + HABITS.each * had];
    }),
  );
}
