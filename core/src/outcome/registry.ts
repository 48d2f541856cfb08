import { crispLife, crispness } from './crisp.js';
import { burning, colourTop, colourUnder, dryPatches, racks, sizes, spots } from './crust.js';
import { bite, drip, oil } from './fat.js';
import { adhesion, setTime } from './hold.js';
import { centre, doneness, juice } from './inside.js';
import { leak } from './leak.js';
import { blowOff, chew, runOff, stick } from './loose.js';
import type { OutcomeRule } from './types.js';
import type { Because, Verdict } from './verdict.js';

/** Every outcome with its rule, in the order in which they are told. */
export const OUTCOMES = {
  centre,
  doneness,
  setTime,
  runOff,
  leak,
  stick,
  adhesion,
  crispness,
  crispLife,
  colourTop,
  colourUnder,
  racks,
  spots,
  sizes,
  dryPatches,
  bite,
  blowOff,
  burning,
  chew,
  juice,
  drip,
  oil,
} as const satisfies Record<string, OutcomeRule>;

export type OutcomeKey = keyof typeof OUTCOMES;
export const OUTCOME_KEYS = Object.keys(OUTCOMES) as OutcomeKey[];

/** The rule of one outcome. */
export const ruleOf = (key: OutcomeKey): OutcomeRule => OUTCOMES[key];

/** A reason, and the outcome that it is about. */
export interface Reason extends Because {
  about: OutcomeKey;
}

export interface Outcome extends Verdict {
  key: OutcomeKey;
  reasons: Reason[];
}

export type Outcomes = Partial<Record<OutcomeKey, Outcome>>;
