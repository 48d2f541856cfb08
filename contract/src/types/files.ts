import type { CookEvent, Label } from '@yellowmist/core';
import type { ConversionBody } from './conversion.js';
import type { CookBody } from './cook.js';
import type { EveningBody } from './evening.js';
import type { ExperimentBody } from './experiment.js';
import type { KitchenBody, PantryBody } from './kitchen.js';
import type { PhotoRecord, SeenRecord } from './log.js';

/** A dish as a file of its own: what a cook writes of it, the format, and the own ingredients that it names. */
export interface DishFile extends ConversionBody {
  yellowmist: 'dish';
  format: number;
  own: Label[];
}

/** A document of a kitchen's file, in the format in which it was stored. */
export interface FiledDocument<Body> {
  format: number;
  body: Body;
}

/** A dish in a kitchen's file, under its own identity. */
export interface FiledDish extends FiledDocument<ConversionBody> {
  id: string;
  createdAt: string;
  updatedAt: string;
}

/** An experiment in a kitchen's file, under its own identity. */
export interface FiledExperiment extends FiledDocument<ExperimentBody> {
  id: string;
  createdAt: string;
  updatedAt: string;
}

/** An evening in a kitchen's file, under its own identity. */
export interface FiledEvening extends FiledDocument<EveningBody> {
  id: string;
  createdAt: string;
  updatedAt: string;
}

/** A cook that is over in a kitchen's file: what led it, what happened in it, how it came out, and its photographs. */
export interface FiledCook extends FiledDocument<CookBody> {
  id: string;
  startedAt: string;
  endedAt: string;
  /** In the order in which they were heard. */
  events: CookEvent[];
  records: SeenRecord[];
  photos: PhotoRecord[];
}

/** A photograph's file in a kitchen's file. */
export interface FiledPhoto {
  /** SHA-256 of the file, hexadecimal. */
  hash: string;
  /** The file, a JPEG, in Base64. */
  data: string;
}

/** A whole kitchen as one file. */
export interface KitchenFile {
  yellowmist: 'kitchen';
  /** Format of the file itself. */
  format: number;
  exportedAt: string;
  dishes: FiledDish[];
  kitchen: FiledDocument<KitchenBody>;
  pantry: FiledDocument<PantryBody>;
  evenings: FiledEvening[];
  experiments: FiledExperiment[];
  cooks: FiledCook[];
  photographs: FiledPhoto[];
  /** Photographs of its cooks whose files are not in it. */
  photographsLeftOut: number;
}

/** What of a kitchen has an identity of its own. */
export const FILED = [
  'dish',
  'fryer',
  'sprayer',
  'bowl',
  'tray',
  'ingredient',
  'weight',
  'evening',
  'cook',
  'experiment',
] as const;
export type Filed = (typeof FILED)[number];

/** What is done with a thing that is here and in the file, and not alike. */
export const ANSWERS = ['keep', 'take', 'both'] as const;
export type ImportAnswer = (typeof ANSWERS)[number];

/** Something that is here and in the file, and not alike: side by side, and what is done with it. */
export interface ImportConflict {
  /** How it is named in `take` and `both`: "dish:5f…", "fryer:Galley". */
  key: string;
  what: Filed;
  name: string;
  /** What is here, and what the file has, in a few words. */
  here: string;
  there: string;
  answer: ImportAnswer;
}

/** What an import does, or would do. */
export interface ImportReport {
  /** Only reported: nothing was changed. */
  tried: boolean;
  /** What was not here before, by its name. */
  added: { what: Filed; name: string }[];
  /** Things that are here just so. */
  same: number;
  conflicts: ImportConflict[];
  /** Photographs that come with its cooks, and those of which the file has only the name: they are left out. */
  photos: { brought: number; missing: number };
}
