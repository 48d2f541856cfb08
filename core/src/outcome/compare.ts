import { capitalised, lowered, text } from '../units/index.js';
import type { Comparison, OutcomeRule } from './types.js';
import type { Band, Verdict } from './verdict.js';

/** Ways of telling one outcome of two cooks apart. */

const BAND_RANK: Record<Band, number> = { poor: 0, fair: 1, good: 2 };
const bandGapOf = (from: Verdict, to: Verdict): number => BAND_RANK[to.band] - BAND_RANK[from.band];

/** A change of so many steps counts in full, and a band so much. */
const FULL_STEPS = 4;
const PER_BAND = 0.3;

/** "Less crisp: crisp instead of very crisp." or, where the word is the same, "A little less crisp, still very crisp." */
const told = (what: string, from: Verdict, to: Verdict): Comparison['text'] =>
  from.word === to.word
    ? text`A little ${lowered(what)}, still ${to.word}.`
    : text`${what}: ${to.word} instead of ${from.word}.`;

interface Grading {
  more: string;
  less: string;
  /** A change of value that is worth a sentence. */
  step: number;
}

const graded =
  ({ more, less, step }: Grading, largerIsBetter: boolean): OutcomeRule['compare'] =>
  (from, to) => {
    const gap = to.value - from.value;
    const bandGap = bandGapOf(from, to);
    if (Math.abs(gap) < step && bandGap === 0) return null;
    // A fault that neither has is none.
    if (!largerIsBetter && from.band === 'good' && to.band === 'good') return null;
    return {
      text: told(gap > 0 ? more : less, from, to),
      better: gap > 0 === largerIsBetter,
      weight: Math.min(1, Math.abs(gap) / (FULL_STEPS * step) + PER_BAND * Math.abs(bandGap)),
    };
  };

/** An outcome of which more is better. */
export const moreIsBetter = (grading: Grading): OutcomeRule['compare'] => graded(grading, true);
/** A fault: less of it is better, and none that both lack is told. */
export const lessIsBetter = (grading: Grading): OutcomeRule['compare'] => graded(grading, false);

/** An outcome of which the words are compared: "Golden on top instead of straw." */
export const byWord =
  (said: (to: string, from: string) => string, sameBandIsSame = false): OutcomeRule['compare'] =>
  (from, to) => {
    if (from.word === to.word || (sameBandIsSame && from.band === to.band)) return null;
    const gap = bandGapOf(from, to);
    return {
      text: text`${capitalised(said(to.word, from.word))}`,
      better: gap === 0 ? null : gap > 0,
      weight: PER_BAND + PER_BAND * Math.abs(gap),
    };
  };

/** An outcome that is told elsewhere. */
export const untold: OutcomeRule['compare'] = () => null;
