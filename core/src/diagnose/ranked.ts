import { causeOf, type CauseKey } from './causes/index.js';
import { missedInAll, missedMore, missedOf, type Missed } from './missed.js';
import { keyOf, putAll, type KnownCause, type Posterior } from './posterior.js';

/** A cause and how likely it is, 0–1. */
export interface RankedCause {
  key: CauseKey;
  share: number;
  /** It is known that this was done otherwise. */
  known: boolean;
}

/**
 * What is known to have been done otherwise gets its part of the share that nothing else was amiss: by how much less would
 * be missed without it. The rest is the plan's own.
 */
function blames({ simulated, aims, known }: Posterior): { plan: number; each: number[] } {
  const missed = (of: readonly KnownCause[]): Missed =>
    missedOf(simulated.valuesOf(keyOf(of), putAll(simulated.meant, of)), aims);
  const all = missed(known);
  const each = known.map((one) => missedMore(all, missed(known.filter((other) => other !== one))));
  const plan = missedInAll(missed([]));
  const whole = plan + each.reduce((sum, e) => sum + e, 0);
  return whole > 0 ? { plan: plan / whole, each: each.map((e) => e / whole) } : { plan: 1, each: each.map(() => 0) };
}

/** Causes by how likely they are. */
export function rankedCauses(posterior: Posterior): RankedCause[] {
  const { known, shares } = posterior;
  const went = shares.get('as-it-went') ?? 0;
  const { plan, each } = blames(posterior);
  const ranked: RankedCause[] = [
    ...known.map(({ cause }, k) => ({ key: cause.key, share: went * each[k], known: true })),
    ...[...shares].map(([key, share]) => ({ key, share: key === 'as-it-went' ? share * plan : share, known: false })),
  ];
  return ranked.sort((a, b) => b.share - a.share || causeOf(b.key).prior - causeOf(a.key).prior);
}
