import type { Text } from '../units/index.js';
import type { Verdict } from './verdict.js';
import type { Judged } from './view.js';

/** In what a second cook differs from a first. */
export interface Comparison {
  text: Text;
  /** Whether the second is better in it; null where that is a matter of taste. */
  better: boolean | null;
  /** How much it matters, 0–1, to sort by. */
  weight: number;
}

/** Verdicts of a cook by the outcomes' keys. */
export type Verdicts = Readonly<Record<string, Verdict | undefined>>;

/** What an outcome is worth when a cook is weighed. */
export interface Worth {
  /** Its factor of the likeness of an air cook to the fried original, 0–1. */
  likeness?: (air: Verdicts, fried: Verdicts) => number;
  /** What it takes off a cook that is not right yet, 0 when it is. */
  shortfall?: (verdict: Verdict) => number;
  /** Of a finish with nothing that browns it is let off. */
  ofBrowning?: true;
}

/** Everything that is known of one outcome: how it is judged, how two are told apart, in which words, and what it is worth. */
export interface OutcomeRule {
  /** Undefined where it does not apply to the food, the coat or the cook. */
  judge: (judged: Judged) => Verdict | undefined;
  /** Null where nobody would notice. */
  compare: (from: Verdict, to: Verdict) => Comparison | null;
  /** What the cook calls it. */
  words: string;
  weight: Worth;
}
