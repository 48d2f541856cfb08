import type { Cook, DishOptions, Guest, Pin } from '@yellowmist/core';
import type { BrokenDocument } from './conversion.js';

/** A dish of an evening, and how it is treated there. */
export interface DishAtEvening extends DishOptions {
  /** Id of a stored dish. */
  id: string;
}

/** An evening of several dishes: when, for whom, by whom. */
export interface EveningBody {
  name: string;
  state: 'planned' | 'done';
  /** When all is on the table, ISO 8601 with offset; null to begin at `startAt`, or as soon as it can be. */
  serveAt: string | null;
  /** When it is begun, where that is given in the place of `serveAt`. */
  startAt: string | null;
  /** Time zone of the IANA list, "Europe/Oslo": clocks that are changed that night are told right. */
  timeZone: string;
  cooks: Cook[];
  dishes: DishAtEvening[];
  guests: Guest[];
  /** Dishes come to the table within so many minutes. */
  togetherMin: number;
  /** °C of the kitchen. */
  roomC: number;
  pins: Pin[];
}

/** A stored evening. */
export interface EveningDocument extends EveningBody {
  id: string;
  format: number;
  version: number;
  createdAt: string;
  updatedAt: string;
}

/** An evening in the list of all: whole, or why it cannot be opened. */
export type ListedEvening = EveningDocument | BrokenDocument;

/** A save of an evening, naming the version that it changes. */
export interface SaveEveningRequest extends EveningBody {
  version: number;
}

/** The same evening for another time; null where that is not known yet. */
export interface CopyEveningRequest {
  serveAt: string | null;
}

/** How an evening is written out. */
export const EVENING_FORMS = ['ics', 'markdown', 'text', 'document'] as const;
export type EveningForm = (typeof EVENING_FORMS)[number];
