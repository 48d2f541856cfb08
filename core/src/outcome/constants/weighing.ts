/** What an outcome is worth: in a likeness, in what is still missing, and in what is told. Each: what it is, @unit, @range in which it may be meant to lie, @source. */

/**
 * Likeness to the pot: exponent of crispness; offset at which a value that falls behind counts as a share of the other; how
 * a gap of colours, beyond what nobody sees, costs, from which B on the pot was on its way to golden and what is meant then; what uneven sides cost; what runs off and stays floury costs; what
 * each unit of chew beyond a bite costs; what each share of missing fat costs.
 * @unit –
 * @range 0–3
 * @source our judgement
 */
export const LIKENESS = {
  crispExponent: 0.8,
  offset: 0.15,
  colour: { perGap: 0.6, unseenGap: 0.3, onItsWay: 0.3, meant: 0.65 },
  uneven: { most: 0.35, offset: 0.3 },
  runOff: 0.8,
  leak: 0.7,
  floury: 0.8,
  chew: { from: 0.8, each: 0.25 },
  dry: 2,
} as const;
/**
 * What a cook that is not right yet costs, in likeness: a centre that is unsafe or short; each share of firmness too much or
 * too little; each B of paleness or darkness beyond the bounds; something that burns; each share of juice too little; what has run
 * out; each share of hold too little.
 * @unit share
 * @range 0.3–4
 * @source our judgement
 */
export const SHORTFALL = {
  centre: { poor: 2, fair: 0.6 },
  firmness: { each: 3, soft: 0.1 },
  colour: { pale: 0.7, perPale: 1.5, dark: 1.6, perDark: 0.9 },
  burning: 0.4,
  juice: 3,
  leak: 0.8,
  adhesion: 0.6,
} as const;
/**
 * Bands of what should be small: batter that runs off, pieces that stick, powder that stays floury, crumbs that fly, chew;
 * and of adhesion, which should be large. Good and fair from there.
 * @unit share
 * @range 0.05–1.5
 * @source our judgement
 */
export const BANDS = {
  runOff: { good: 0.15, fair: 0.4 },
  leak: { good: 0.1, fair: 0.35 },
  stick: { good: 0.15, fair: 0.4 },
  dryPatches: { good: 0.15, fair: 0.4 },
  blowOff: { good: 0.1, fair: 0.25 },
  chew: { good: 0.8, fair: 1.3 },
  adhesion: { good: 0.65, fair: 0.45 },
} as const;
/**
 * Pulls on a coat below this are not told.
 * @unit share
 * @range 0.05–0.2
 * @source our judgement
 */
export const WORTH_TELLING = 0.12;
/**
 * Added to two brownings before they are divided, so that pale ones do not differ without end.
 * @unit B
 * @range 0.05–0.2
 * @source our choice
 */
export const NO_DIVISION = 0.1;
/**
 * Differences of an outcome between two cooks that nobody would notice are smaller than this, by the outcome.
 * @unit that of the outcome
 * @range half to twice
 * @source our judgement
 */
export const NOTICED = {
  racks: 0.2,
  places: 0.2,
  dryPatches: 0.05,
  burning: 0.1,
  runOff: 0.04,
  leak: 0.08,
  sticking: 0.1,
  blown: 0.08,
  chew: 0.2,
  crispness: 0.08,
  bite: 0.05,
  adhesion: 0.08,
  juice: 0.04,
} as const;
