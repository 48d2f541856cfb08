import type {
  CauseKey,
  AirPlan,
  Field,
  OtherRecipe,
  PartingTest,
  PlannedDish,
  Seen,
  Text,
  WeighedDish,
} from '@yellowmist/core';

/** How it was, all in all. */
export const OVERALL = ['keeper', 'good', 'so-so', 'failed'] as const;
export type Overall = (typeof OVERALL)[number];

/** Where of a piece the coat is gone. */
export const BALD_PLACES = ['top', 'edges', 'underside'] as const;
export type BaldPlace = (typeof BALD_PLACES)[number];

export const SALTS = ['too little', 'right', 'too much'] as const;
export type Salt = (typeof SALTS)[number];

/** How one dish of a cook came out. Every field can be left out. */
export interface SeenBody extends Seen {
  overall?: Overall;
  baldWhere?: BaldPlace[];
  salt?: Salt;
  /** Taste, in a line. */
  taste?: string;
  /** What was done otherwise, in the cook's words. */
  otherwise?: string;
  /** The change that was proposed after the cook before was made. */
  didChange?: boolean;
  /** What was weighed of its coating, g: all pieces bare and coated; what was left in the last bowl. */
  weighed?: WeighedDish;
}

/** What `PUT /api/cooks/{id}/seen` takes: how it came out, and of which dish where the cook has several. */
export interface SaveSeenRequest extends SeenBody {
  /** Id of the dish; the only one without. */
  dish?: string;
  /** The version that is changed; whatever is there without. 0 where nothing was noted. */
  version?: number;
}

/** How one dish of a cook came out, as it is kept. */
export interface SeenRecord {
  dish: string;
  version: number;
  savedAt: string;
  seen: SeenBody;
}

/** A photograph of a cook as it is kept: upright, small, and with nothing in it but the picture. */
export interface PhotoRecord {
  id: string;
  /** The dish that it shows; null where it shows the whole cook. */
  dish: string | null;
  /** SHA-256 of the kept file, hexadecimal. */
  hash: string;
  widthPx: number;
  heightPx: number;
  bytes: number;
  addedAt: string;
}

/** A cook that was put aside. */
export interface BinnedCook {
  id: string;
  name: string;
  startedAt: string;
  deletedAt: string;
  /** When it is gone for good. */
  goneAt: string;
  photos: number;
}

/** What it was cooked by: its plan, or a packet's or another recipe's word. */
export type CookedBy = { what: 'plan' } | ({ what: 'other'; name?: string } & OtherRecipe);

/** A cook that is entered when it is over. */
export interface Afterwards {
  /** When it was on the table, ISO 8601; now without. */
  at?: string;
  by: CookedBy;
}

/** One dish of a cook, in the list of all cooks. */
export interface LoggedDish {
  dish: string;
  name: string;
  fryer: string;
  tempC: number;
  minutes: number;
  batches: number;
  /** null where nothing was noted. */
  record: SeenRecord | null;
}

/** What `POST /api/diagnose` takes: a dish with the plan that it was cooked by, and what was seen of it. */
export interface DiagnoseRequest {
  conversion: PlannedDish;
  seen: Seen;
}

/** Sentences as plain text, and in parts whose quantities can be told in other units. */
interface Evidence {
  for: string[];
  against: string[];
  parts: { for: Text[]; against: Text[] };
}

/** One possible cause. */
export interface CauseAnswer extends Evidence {
  cause: CauseKey;
  words: string;
  /** How likely it is, 0–1. */
  share: number;
  /** It is known that this was done otherwise. */
  known: boolean;
}

/** One thing to do otherwise next time. */
export interface MendAnswer {
  text: string;
  parts: Text;
  plan: AirPlan;
  /** Causes whose failure it cures. */
  cures: CauseKey[];
  /** How likely it is to cure it, 0–1. */
  chance: number;
  /** The plan stays: it is done by hand. */
  byHand: boolean;
}

/** A reading that tells the likeliest causes apart. */
export interface TestAnswer {
  field: Field;
  text: string;
  parts: Text;
  when: PartingTest['when'];
  /** Causes that it tells apart. */
  apart: CauseKey[];
}

/** What went wrong. */
export interface DiagnoseAnswer {
  complaints: string[];
  causes: CauseAnswer[];
  /** How likely it is that it was none of them, 0–1. */
  none: number;
  change: MendAnswer | null;
  test: TestAnswer | null;
}

/** What the change after the cook before has done. */
export interface FollowUp {
  cook: string;
  change: string;
  helped: 'yes' | 'no' | 'worse' | 'unknown';
  /** What is believed of the cook before by now. */
  moved: { cause: CauseKey; words: string; before: number; after: number }[];
}

/** What `GET /api/cooks/{id}/diagnosis` answers. */
export interface CookDiagnosis extends DiagnoseAnswer {
  dish: string;
  /** The change that was proposed after the cook of this dish before; null without one. */
  proposedBefore: { cook: string; text: string; parts: Text; byHand: boolean } | null;
  followUp: FollowUp | null;
}
