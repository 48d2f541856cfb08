import type {
  AirPlan,
  ComparedWay,
  ConvertRequest,
  ExperimentResult,
  PlannedExperiment,
  PlannedWay,
  Tasted,
  Text,
} from '@yellowmist/core';
import type { BrokenDocument } from './conversion.js';

/** What `POST /api/experiments` takes: a stored dish, and two to four ways of making it in one batch. */
export interface StartExperimentRequest {
  conversionId: string;
  ways: ComparedWay[];
  /** What the tasters are asked. */
  asks: Tasted;
  /** Pieces among each other, or two halves that change places as the basket is turned round. Default among each other. */
  laying?: 'mixed' | 'halves';
  /** Those who taste. Default none yet. */
  tasters?: string[];
  /** Of the dish and its ways without. */
  name?: string;
}

/** What one taster answered. */
export interface Tasting {
  taster: string;
  at: string;
  /** Codes, the best first; none where they could not be told apart. */
  order: string[];
}

/** What of an experiment is changed afterwards. */
export interface ExperimentNotes {
  name: string;
  tasters: string[];
  tastings: Tasting[];
  note: string;
}

/** A comparison as it was planned, and what came of it. It stands by itself: the dish may change, or go. */
export interface ExperimentBody extends ExperimentNotes {
  /** The dish that it was planned for, as it was then. */
  conversionId: string;
  dishName: string;
  asked: ConvertRequest;
  plan: AirPlan;
  /** Draws the lots of places, codes and orders. */
  seed: number;
  /** Three digits for each way. */
  codes: string[];
  planned: PlannedExperiment;
}

/** A save of what changes, naming the version that it changes. */
export interface SaveExperimentRequest extends ExperimentNotes {
  version: number;
}

/** What the experiment says by now, and what it teaches the dish. */
export interface ExperimentFindings extends Omit<ExperimentResult, 'says'> {
  says: string;
  parts: Text;
  /** Whether the simulation had held the same for the best; null while one of the two does not know. */
  asExpected: boolean | null;
}

/** The order in which one taster is served: codes. */
export interface Serving {
  taster: string;
  order: string[];
}

/** A stored experiment, with what follows from it. */
export interface ExperimentDocument extends ExperimentBody {
  id: string;
  format: number;
  version: number;
  createdAt: string;
  updatedAt: string;
  /** For each taster the next order. */
  serve: Serving[];
  result: ExperimentFindings;
}

/** An experiment in the list of all. */
export interface ListedExperiment {
  id: string;
  name: string;
  dishName: string;
  fryer: string;
  conversionId: string;
  ways: Pick<PlannedWay, 'mark' | 'name'>[];
  createdAt: string;
  updatedAt: string;
  tastings: number;
  sure: ExperimentResult['sure'];
  says: string;
}

/** All experiments, the last touched first; one that cannot be opened says why. */
export type ExperimentInList = ListedExperiment | BrokenDocument;
