import { CAUSES, causeOf, type Cause, type CauseKey } from './causes/index.js';
import { NONE_OF_THESE, PLAINLY_OTHERWISE, RARELY_TWO, RULED_OUT, SIZES_BETWEEN } from './constants.js';
import { isDid } from './did.js';
import type { Put } from './put.js';
import { FIELD_SCALES, type Did, type Observation } from './seen.js';
import { atRandom, logLikelihood } from './likelihood.js';
import type { Aims } from './aims.js';
import type { TriedCook, Simulated } from './simulated.js';
import { between, type ValueOf } from './values.js';

/** Something that was done otherwise than planned, and is known. */
export interface KnownCause {
  cause: Cause;
  size: number;
}

/** What may have been: a cause of a size, simulated. */
export interface Hypothesis {
  cause: Cause;
  size: number;
  /** What it would have come to. */
  values: ValueOf;
  /** Of all that may have been, 0–1. */
  share: number;
}

/** What is believed of a cook. */
export interface Posterior {
  simulated: Simulated;
  aims: Aims;
  observations: readonly Observation[];
  /** Done otherwise than planned, by what was told. */
  known: readonly KnownCause[];
  /** The cook as it is known to have gone. */
  asItWent: Put;
  hypotheses: readonly Hypothesis[];
  /** Share of each cause; what was none of them is missing to 1. */
  shares: ReadonlyMap<CauseKey, number>;
}

/** How likely causes are before anything is seen, beside what is common: by this cook's past. */
export type Priors = Partial<Record<CauseKey, number>>;

const asNumber = (told: number | boolean): number => Number(told);

/** What was told to be done otherwise than planned, as causes with their sizes. */
export function knownCauses(meant: Put, asMeant: TriedCook, did: Did = {}): KnownCause[] {
  return CAUSES.flatMap((cause): KnownCause[] => {
    const { shows } = cause;
    if (shows === null) return [];
    const [told, planned] = [did[shows], asMeant.did[shows]];
    if (told === undefined || planned === undefined) return [];
    const value = asNumber(told);
    const { scaled, off } = FIELD_SCALES[shows];
    const gap = scaled(value) - scaled(planned);
    if (Math.abs(gap) < PLAINLY_OTHERWISE * off) return [];
    const size = cause.sizeOf ? cause.sizeOf(value, planned) : 1;
    const [least] = cause.sizes;
    const way = cause.sizeOf ? Math.sign(least - cause.sizeOf(planned, planned)) : Math.sign(gap);
    const same = !cause.sizeOf || way === 0 || Math.sign(size - cause.sizeOf(planned, planned)) === way;
    return same && cause.put(meant, size) ? [{ cause, size }] : [];
  });
}

/** The cook with all of these in it. */
export const putAll = (put: Put, known: readonly KnownCause[]): Put =>
  known.reduce((before, { cause, size }) => cause.put(before, size) ?? before, put);

/** Key of a cook among all that are simulated of one. */
export const keyOf = (known: readonly KnownCause[], more = ''): string =>
  `${known.map(({ cause, size }) => `${cause.key} ${size}`).join(', ')} ${more}`;

/** A cause in sizes: a few are simulated, and what lies between them is between them. */
function sizedValues(
  simulated: Simulated,
  asItWent: Put,
  known: readonly KnownCause[],
  observations: readonly Observation[],
  cause: Cause,
): { size: number; values: ValueOf }[] {
  // What was told of the doing rules most causes out, and needs no simulation.
  const doing = (put: Put): number => simulated.doingLikely(put, observations);
  const told = doing(asItWent);
  // Beside what is known to have gone otherwise a second mistake is looked at in its usual size alone.
  const simulatedSizes = known.length > 0 ? [cause.sizes[Math.floor(cause.sizes.length / 2)]] : cause.sizes;
  const ends = simulatedSizes.flatMap((size) => {
    const put = cause.put(asItWent, size);
    if (!put || (cause.key !== 'as-it-went' && doing(put) < told - RULED_OUT)) return [];
    return [{ size, values: simulated.valuesOf(keyOf([...known, { cause, size }]), put) }];
  });
  return ends.flatMap((to, k) => {
    const from = ends[k - 1];
    if (!from) return [to];
    const inner = SIZES_BETWEEN.map((share) => ({
      size: from.size + (to.size - from.size) * share,
      values: between(from.values, to.values, share),
    }));
    return [...inner, to];
  });
}

/**
 * What may have been the cause of what was seen: each that is known, put into the simulation in several sizes and compared
 * with all that was told, by Bayes.
 * @param priors how much likelier than usual each cause is for this cook
 */
export function posteriorOf(
  simulated: Simulated,
  observations: readonly Observation[],
  did: Did | undefined,
  priors: Priors = {},
): Posterior {
  const { aims } = simulated;
  const known = knownCauses(simulated.meant, simulated.asMeant, did);
  const asItWent = putAll(simulated.meant, known);
  const isKnown = (key: CauseKey): boolean => known.some(({ cause }) => cause.key === key);
  const tried = CAUSES.filter(({ key }) => !isKnown(key)).flatMap((cause) => {
    const sizes = sizedValues(simulated, asItWent, known, observations, cause);
    const alone = cause.key === 'as-it-went' && known.length > 0 ? RARELY_TWO : 1;
    const prior = (alone * cause.prior * (priors[cause.key] ?? 1)) / Math.max(1, sizes.length);
    return sizes.map(({ size, values }) => ({
      cause,
      size,
      values,
      prior,
      log: logLikelihood(values, observations, aims),
    }));
  });
  const all = tried.reduce((sum, t) => sum + t.prior, 0);
  const went = tried.find(({ cause }) => cause.key === 'as-it-went')!;
  const doing = observations.filter((o) => isDid(o.field));
  const noneLog =
    logLikelihood(went.values, doing, null) +
    observations.filter((o) => !doing.includes(o)).reduce((sum, o) => sum + Math.log(atRandom(o)), 0);
  const top = Math.max(noneLog, ...tried.map((t) => t.log));
  const none = NONE_OF_THESE * all * Math.exp(noneLog - top);
  const weights = tried.map((t) => t.prior * Math.exp(t.log - top));
  const whole = none + weights.reduce((sum, w) => sum + w, 0);
  const hypotheses = tried.map(({ cause, size, values }, k) => ({
    cause,
    size,
    values,
    share: weights[k] / whole,
  }));
  return { simulated, aims, observations, known, asItWent, hypotheses, shares: sharesOf(hypotheses) };
}

/** Share of each cause, of all its sizes. */
export function sharesOf(hypotheses: readonly Hypothesis[]): Map<CauseKey, number> {
  const shares = new Map<CauseKey, number>();
  for (const { cause, share } of hypotheses) shares.set(cause.key, (shares.get(cause.key) ?? 0) + share);
  return shares;
}

/** The size of a cause as it is believed. */
export function believedSize({ hypotheses, known }: Posterior, key: CauseKey): number {
  const told = known.find(({ cause }) => cause.key === key);
  if (told) return told.size;
  const own = hypotheses.filter(({ cause }) => cause.key === key);
  const whole = own.reduce((sum, h) => sum + h.share, 0);
  if (whole <= 0) return own[0]?.size ?? causeOf(key).sizes[0];
  return own.reduce((sum, h) => sum + h.share * h.size, 0) / whole;
}
