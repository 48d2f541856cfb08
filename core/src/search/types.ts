import type { AirPlan } from '../dish/index.js';
import type { AirResult, FriedResult } from '../plan/index.js';
import type { Text } from '../units/index.js';

/** The families of coats that are tried, in the order of the kitchen. */
export const FAMILIES = [
  'as-it-is',
  'batter-under-crumbs',
  'dust-egg-crumbs',
  'kept-finish',
  'starch-shell',
  'thick-batter-parchment',
] as const;
export type Family = (typeof FAMILIES)[number];

export type Badge = 'closest' | 'crispest' | 'least-oil' | 'fewest-bowls' | 'no-special-shopping';

export interface Alternative extends AirResult {
  /** Of the cook that it is; see `Candidate`. */
  id: string;
  family: Family;
  /** What differs from the family's first coat: "crushed cornflakes"; empty for that one. */
  variant: string;
  badges: Badge[];
  /** Why this coat, in a sentence. */
  idea: string;
  /** What it gains and gives up against the fried original. */
  against: Text[];
}

/** One cook that the search tried, at its best minute: enough to compare, and to choose it. */
export interface Candidate {
  /** Its family, coat and settings: the same cook has the same id in every search. */
  id: string;
  family: Family;
  /** What differs from the family's first coat; empty for that one. */
  variant: string;
  plan: AirPlan;
  score: number;
  likeness: number;
  crispness: number;
  oilPerPieceG: number;
  minutes: number;
  bowls: number;
  works: boolean;
}

/** What the search of one family came to, the best first. */
export interface FamilyFound {
  family: Family;
  candidates: Candidate[];
  /** Those worth showing, evaluated in full. */
  alternatives: Alternative[];
}

/** What a dish is loved for that cannot come out of air. */
export type KeepPotReason = 'lace' | 'puffs' | 'runs' | 'nothing-near';

/** A dish that is better left in the oil, and the nearest that air can do. */
export interface KeepPot {
  why: KeepPotReason;
  /** Why air cannot do it. */
  reason: Text;
  /** What the nearest in air is, called what it is. */
  nearest: Text;
}

export interface Conversion {
  fried: FriedResult;
  /** Ranked, what works first; the original as it is stands in `original`. */
  alternatives: Alternative[];
  original: Alternative;
  /** Every cook that was tried. */
  candidates: Candidate[];
  simulations: number;
  /** Why this dish is better left in the pot; null for whatever converts. */
  keepPot: KeepPot | null;
}
