import type { Label } from '@yellowmist/core';
import type { ConversionBody } from './conversion.js';
import type { EveningBody } from './evening.js';
import type { KitchenBody, PantryBody } from './kitchen.js';

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

/** An evening in a kitchen's file, under its own identity. */
export interface FiledEvening extends FiledDocument<EveningBody> {
  id: string;
  createdAt: string;
  updatedAt: string;
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
}

/** What of a kitchen has an identity of its own. */
export const FILED = ['dish', 'fryer', 'sprayer', 'bowl', 'tray', 'ingredient', 'weight', 'evening'] as const;
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
}
