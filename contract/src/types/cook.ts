import type { Afterwards, CookedBy, LoggedDish } from './log.js';
import type { BatchReview, CookEvent, InSight, Programme, RecordLine, Saw, Surprise, Text } from '@yellowmist/core';

/** How fast a rehearsal goes. */
export const RATES = [1, 20, 60] as const;
export type Rate = (typeof RATES)[number];

/** Who does the work in a rehearsal: its own hands all of it, all but what is looked at, or nothing. */
export const HELPS = ['all', 'all-but-looks', 'none'] as const;
export type Help = (typeof HELPS)[number];

/** A cook in which nothing is real: simulated fryers, and surprises. It teaches no fryer anything. */
export interface Rehearsal {
  rate: Rate;
  help: Help;
  surprises: Surprise[];
}

/** What `POST /api/cooks` takes: a dish that has an air version, or an evening. */
export interface StartCookRequest {
  conversionId?: string;
  eveningId?: string;
  rehearsal?: Rehearsal;
  /** IANA time zone in which its clock is shown; the evening's own, or UTC, without. */
  timeZone?: string;
  /** It is over: nothing is led, and how it came out is noted. */
  afterwards?: Afterwards;
  /** It began while this server was away, and has been led since by what is told of it. */
  begun?: BegunCook;
}

/** A cook that a page began by itself. Whatever its clock showed: it began `agoMs` before this is told, ms. */
export interface BegunCook extends Pick<CookBody, 'name' | 'programme'> {
  agoMs: number;
}

/** What is kept of a cook beside what happens in it. */
export interface CookBody {
  name: string;
  source: { what: 'conversion' | 'evening'; id: string };
  rehearsal: Rehearsal | null;
  /** ms since 1970 at which its clock began, and what that clock shows then. */
  startedMs: number;
  beginsMs: number;
  timeZone: string;
  programme: Programme;
  /** Of one that was entered when it was over: what it was cooked by. Missing at the counter. */
  cookedBy?: CookedBy;
}

/** An event of a cook with its place in the order in which the server heard it. */
export type StoredCookEvent = CookEvent & { seq: number };

/** A cook with everything that has happened in it. */
export interface CookDocument extends CookBody {
  id: string;
  format: number;
  startedAt: string;
  endedAt: string | null;
  /** Fryers of it that are not there: every fryer of a rehearsal, and practice fryers. */
  simulated: string[];
  events: StoredCookEvent[];
  /** ms since 1970 by the server's clock, now. */
  nowMs: number;
  /** What to know of it: a dish that has been deleted, a fryer that another cook uses. */
  notes: string[];
}

/** A cook in the list of all. */
export interface ListedCook {
  id: string;
  name: string;
  startedAt: string;
  endedAt: string | null;
  rehearsal: Rehearsal | null;
  /** Dishes and fryers by name. */
  dishes: string[];
  fryers: string[];
  /** What it was cooked by; null at the counter. */
  cookedBy: CookedBy | null;
  /** How many photographs it has. */
  photos: number;
  /** How each of its dishes was cooked, and came out. */
  log: LoggedDish[];
}

/** What `POST /api/cooks/{id}/events` takes: one, or several in their order. */
export interface CookEventsRequest {
  events: CookEvent[];
}

/** What became of each: where it stands, whether it had been heard before, and what it could not do. */
export interface CookEventsAnswer {
  events: { id: string; seq: number; known: boolean; note: string | null }[];
  nowMs: number;
}

/** How a cook stands, as other programs read it. */
export interface CookStanding {
  id: string;
  nowS: number;
  rate: number;
  paused: boolean;
  endedHow: 'served' | 'stopped' | null;
  /** What to do now, for each pair of hands. */
  now: { hand: string; step: string | null; text: string; urgent: boolean }[];
  timers: { step: string; batch: string | null; text: string; leftS: number; endsAt: string }[];
  batches: {
    batch: string;
    fryer: string;
    state: 'to-come' | 'in' | 'out';
    plannedS: number;
    takesS: number;
    setC: number | null;
    centreDoneS: number | null;
    centreOffS: number | null;
  }[];
  tableAt: string;
  says: string[];
  probes: { fryer: string; centreC: number; airC: number; says: string | null }[];
  record: { at: string; by: RecordLine['by']; text: string }[];
  notes: { eventId: string; text: string }[];
}

/** What eyes see of a batch in a simulated fryer, and what a good pair of eyes would say. */
export interface SightAnswer extends InSight {
  batch: string;
  atS: number;
}

/** The end of a rehearsal. */
export interface CookReview {
  surprises: { surprise: Surprise; name: string; looks: string; does: string }[];
  /** What the fryers of it really were, against their settings, °C, and what the kitchen page says of them. */
  fryers: { fryer: string; offsetC: number; saidC: number }[];
  batches: (Omit<BatchReview, 'cost'> & { cost: string; costParts: Text })[];
  saws: Saw[];
}
