import type { AirPlan } from '../../dish/index.js';
import type { Text } from '../../units/index.js';
import type { Put } from '../put.js';
import type { DidField } from '../did.js';

/** What a cook does otherwise next time. */
export interface Mend {
  text: Text;
  /** The plan with it. */
  plan: AirPlan;
  /** What is no cause any more when it is done: it is done otherwise by hand. */
  removes: readonly CauseKey[];
}

/** Everything that can be the cause of a failure. */
export const CAUSE_KEYS = [
  'as-it-went',
  'wet-surface',
  'no-dust',
  'no-rest',
  'untapped',
  'thin-batter',
  'thick-batter',
  'unpressed',
  'turned-early',
  'little-oil',
  'uneven-oil',
  'too-hot',
  'too-cool',
  'too-long',
  'too-short',
  'not-preheated',
  'opened-often',
  'crowded',
  'no-turn',
  'parchment',
  'upper-rack',
  'thick-pieces',
  'thin-pieces',
  'cold-food',
  'wet-food',
  'burning-early',
  'sauce-much',
  'sauce-hot',
  'plate',
] as const;
export type CauseKey = (typeof CAUSE_KEYS)[number];

/** What can have gone otherwise, how it is put into the simulation, and what mends it. */
export interface Cause {
  key: CauseKey;
  /** What happened, as a sentence without its full stop: "The skin was wet". */
  words: string;
  /** How common it is against the others, before anything is seen. 1 is as common as most. Common practice, no source. */
  prior: number;
  /** How much of it there may have been: least, usual and most, in its own unit; one where there is no more or less of it. */
  sizes: readonly number[];
  /** The cook with so much of it; null where it cannot have been: what was never dusted lacks no dust. */
  put: (meant: Put, size: number) => Put | null;
  /** What one does about it, of a size as it is believed. */
  mend: (meant: Put, size: number) => Mend | null;
  /** What was done otherwise, and so shows whether it was this one. */
  shows: DidField | null;
  /** Size of it where that field was told: `value` where `meant` was meant. 1 without. */
  sizeOf?: (value: number, meant: number) => number;
}
