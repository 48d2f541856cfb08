import type { Text } from '@yellowmist/core';

/** What is asked of learning: whether it is used, which cooks are weighed out, and from when on a fryer is listened to. */
export interface LearningBody {
  on: boolean;
  /** "cook.dish": cooks that teach nothing. */
  leftOut: string[];
  /** Fryers that were forgotten, and when: cooks before that teach nothing of them. */
  since: { fryer: string; at: string }[];
  /** When the hands were forgotten: what was weighed and timed before teaches nothing; null where they never were. */
  handsSince: string | null;
}

/** A value that was learned, and one standard deviation of it. */
export interface LearnedValue {
  is: number;
  off: number;
}

/** What one cook taught of its fryer. */
export interface TaughtCook {
  /** "cook.dish", as it is weighed out. */
  id: string;
  cook: string;
  dish: string;
  name: string;
  at: string;
  leftOut: boolean;
  /** What it alone would make one believe; null where it was not listened to. */
  alone: { offsetC: number; air: number; browning: number } | null;
  /** The farthest of what was told of it from what all make of it, in spreads: beyond 3 it hardly counts. */
  farthest: number;
}

/** What was learned of one fryer. */
export interface FryerLearning {
  fryer: string;
  /** In words. */
  says: string;
  parts: Text;
  /** Its thermostat, °C; its air and browning as factors on its page and on the simulation. */
  offsetC: LearnedValue;
  air: LearnedValue;
  browning: LearnedValue;
  /** Of the lower of two racks beside that; null where there is none, or nothing was told of it. */
  lower: LearnedValue | null;
  cooks: TaughtCook[];
  /** It is another fryer, or was repaired, since then; null where nothing speaks for that. */
  changed: { at: string; beforeC: number; sinceC: number } | null;
}

/** What was learned of the hands of this kitchen. */
export interface HandsLearning {
  /** In words; empty where nothing was weighed or timed. */
  says: string;
  parts: Text;
  /** What sticks of wet layers and of dry ones, against what usually does. */
  dips: LearnedValue;
  crumbs: LearnedValue;
  /** Seconds of one piece through three bowls. */
  coatPieceS: LearnedValue;
  /** Weighings and batches that say so. */
  weighed: number;
  timed: number;
}

/** What `GET` and `PUT /api/learning` answer. */
export interface LearningDocument extends LearningBody {
  version: number;
  fryers: FryerLearning[];
  hands: HandsLearning;
}

/** Something that was noted of a cook, beside what was to be expected of it. */
export interface ForetoldAnswer {
  /** "cook.dish". */
  id: string;
  name: string;
  at: string;
  /** A colour as a logarithm of B, a centre in °C, minutes until it was so brown, a bald share of 0–1. */
  what: 'colour' | 'centre' | 'minutes' | 'bald';
  told: number;
  /** By the fryer's page, and by the cooks before this one alone; ± one standard deviation. */
  byPage: number;
  byCooks: number;
  off: number;
}

/** How far what was noted lay off on average, and of how many cooks. */
export interface MeanOff {
  byPage: number;
  byCooks: number;
  noted: number;
}

/** How right plans have been for one fryer. */
export interface FryerHonesty {
  fryer: string;
  foretold: ForetoldAnswer[];
  /** Of its 80 % ranges, how many held. */
  held: number;
  colour: MeanOff | null;
  centre: MeanOff | null;
  minutes: MeanOff | null;
  bald: MeanOff | null;
}

/** What `GET /api/learning/honesty` answers. */
export interface HonestyAnswer {
  fryers: FryerHonesty[];
}
