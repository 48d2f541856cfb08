import type { AirPlan, ConvertRequest, Diet, Family, TakenAs } from '@yellowmist/core';

/** What a cook writes of a conversion. */
export interface ConversionBody extends ConvertRequest {
  name: string;
  note: string;
  /** The air version that the cook has chosen; null until the first conversion. */
  chosen: Chosen | null;
  /** Air versions that the cook gave a name, the oldest first. */
  versions: NamedVersion[];
  /** The cook's own words to find it by. Default none. */
  tags?: string[];
  /** Put away from the list of every day. Default false. */
  archived?: boolean;
}

/** A save of a conversion, naming the version that it changes. */
export interface SaveRequest extends ConversionBody {
  version: number;
}

/** A stored document that cannot be opened here: why, in a sentence. It can be put aside, and nothing of it is lost. */
export interface BrokenDocument {
  id: string;
  name: string;
  version: number;
  createdAt: string;
  updatedAt: string;
  problem: string;
}

/** A dish that was put aside, and can be brought back. */
export interface BinnedConversion {
  id: string;
  name: string;
  deletedAt: string;
}

/** A dish in the list of all: whole, or why it cannot be opened. */
export type ListedConversion = ListedDish | BrokenDocument;

/**
 * A dish in the list, with the diets that it fits by its ingredients: in the air fryer where it is converted. Versions that
 * were kept under a name come with the dish itself.
 */
export type ListedDish = Omit<ConversionDocument, 'versions'> & { diets: Diet[] };

/** Whether one of a list is no document but why it cannot be opened. */
export const isBroken = (listed: object): listed is BrokenDocument => 'problem' in listed;

export const isWhole = <T extends object>(listed: T | BrokenDocument): listed is T => !isBroken(listed);

/** An air version that was kept under a name, to go back to and to compare. */
export interface NamedVersion {
  /** A number of its own within the dish. */
  id: number;
  name: string;
  chosen: Chosen;
}

/** An air version; one that the search chose gives way to a better one, one that the cook chose stays. */
export interface Chosen {
  family: Family | 'own';
  by: 'search' | 'cook';
  plan: AirPlan;
  /** What the fryer was taken for when the plan was chosen; said by the server when it is saved. */
  meantFor?: TakenAs;
}

/** A stored conversion. */
export interface ConversionDocument extends ConversionBody {
  id: string;
  format: number;
  /** Raised by every save; a save names the version that it changes. */
  version: number;
  createdAt: string;
  updatedAt: string;
}
