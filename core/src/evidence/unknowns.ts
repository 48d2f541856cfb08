import type { Fryer } from '../dish/index.js';
import {
  AIR_SPREAD,
  BROWNING_SPREAD,
  FROM_DAY_TO_DAY,
  OFFSET_SPREAD_K,
  SIZE_SPREAD,
  START_SPREAD_K,
} from './constants.js';

/** What a cook does not know before it is read: of the fryer, and of the food in this batch. */
export const UNKNOWNS = ['offsetK', 'airLog', 'browningLog', 'startK', 'sizeLog'] as const;
export type Unknown = (typeof UNKNOWNS)[number];

/** Values of all of them; all 0 is the fryer of the kitchen page and the food as it was said. */
export type Unknowns = Readonly<Record<Unknown, number>>;

export const NOTHING_KNOWN: Unknowns = { offsetK: 0, airLog: 0, browningLog: 0, startK: 0, sizeLog: 0 };

/** What each is not known by, one standard deviation. */
export const SPREADS: Unknowns = {
  offsetK: OFFSET_SPREAD_K,
  airLog: AIR_SPREAD,
  browningLog: BROWNING_SPREAD,
  startK: START_SPREAD_K,
  sizeLog: SIZE_SPREAD,
};

/** What is believed: the likeliest values, and their covariance in the order of `UNKNOWNS`. */
export interface Belief {
  mean: Unknowns;
  covariance: number[][];
}

/** What is believed of a fryer and a batch of which nothing was read. */
export const prior = (spreads: Unknowns = SPREADS): Belief => ({
  mean: NOTHING_KNOWN,
  covariance: UNKNOWNS.map((a, i) => UNKNOWNS.map((_, j) => (i === j ? spreads[a] ** 2 : 0))),
});

/**
 * The same of a fryer that was learned: it is taken as it was learned already, and less is not known of it than of another;
 * but never less than from one evening to the next.
 */
export function priorOf({ learned }: Pick<Fryer, 'learned'>): Belief {
  if (!learned) return prior();
  const { offK, airOff = AIR_SPREAD, browningOff = BROWNING_SPREAD } = learned;
  const still = (of: keyof typeof FROM_DAY_TO_DAY, off: number): number =>
    Math.min(SPREADS[of], Math.hypot(off, FROM_DAY_TO_DAY[of]));
  return prior({
    ...SPREADS,
    offsetK: still('offsetK', offK),
    airLog: still('airLog', airOff),
    browningLog: still('browningLog', browningOff),
  });
}

/** Of the fryer, not of the food that lies in it. */
const OF_FRYER: readonly Unknown[] = ['offsetK', 'airLog', 'browningLog'];

/** What one batch taught of the fryer, for the next batch in it: of that one's food nothing is known yet. */
export function nextBatch({ mean, covariance }: Belief): Belief {
  const fresh = prior();
  const stays = (u: Unknown): boolean => OF_FRYER.includes(u);
  return {
    mean: Object.fromEntries(UNKNOWNS.map((u) => [u, stays(u) ? mean[u] : 0])) as Record<Unknown, number>,
    covariance: UNKNOWNS.map((a, i) =>
      UNKNOWNS.map((b, j) => (stays(a) && stays(b) ? covariance[i][j] : fresh.covariance[i][j])),
    ),
  };
}

/** One standard deviation of what is believed of one of them. */
export const spreadOf = ({ covariance }: Belief, unknown: Unknown): number => {
  const at = UNKNOWNS.indexOf(unknown);
  return Math.sqrt(Math.max(0, covariance[at][at]));
};
