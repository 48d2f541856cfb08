import type {
  AirSettings,
  Allergen,
  Badge,
  Bowl,
  Caution,
  Column,
  Energy,
  Family,
  GrammarNote,
  KeepPotReason,
  KeptSearch,
  LayerSpec,
  MadeOtherwise,
  Outcome,
  Reason,
  SecondPlan,
  Serving,
  SideBowlAmounts,
  Seasoning,
  Text,
  WaitingResult,
  WorthChange,
} from '@yellowmist/core';

/** What the API answers. A sentence stands as plain text in SI units, and beside it as words and quantities. */

export interface ReasonAnswer extends Omit<Reason, 'text' | 'move' | 'shared'> {
  text: string;
  textParts: Text;
  move: string;
  moveParts: Text;
}

export interface OutcomeAnswer extends Omit<Outcome, 'value' | 'reasons'> {
  /** null where it never comes: JSON has no infinity. */
  value: number | null;
  reasons: ReasonAnswer[];
}

/** Outcomes by their keys. */
export type OutcomesAnswer = Record<string, OutcomeAnswer>;

/** A cook's series as JSON: seconds, and one array per column (units in its name). */
export interface SeriesAnswer {
  timeS: number[];
  /** "Up" and "Down" name the faces by how they start, through any turning. */
  columns: Record<Column, number[]>;
  /** The face that lies up at the end. */
  liesUp: 'up' | 'down';
}

export interface CookAnswer {
  outcomes: OutcomesAnswer;
  reasons: ReasonAnswer[];
  oilPerPieceG: number;
}

/** A layer as it lies on the piece. */
export interface LaidLayer {
  name: string;
  pickUpGm2: number;
  thicknessMm: number;
}

/** What `POST /api/simulate` answers. */
export interface SimulateAnswer extends SeriesAnswer {
  outcomes: OutcomesAnswer;
  reasons: ReasonAnswer[];
  layers: LaidLayer[];
  /** How long it stays crisp where, min; null when longer than half an hour. */
  waiting: Omit<WaitingResult, 'crispness' | 'centreC'>[];
}

export interface GrammarAnswer extends Omit<GrammarNote, 'text' | 'repair'> {
  text: string;
  textParts: Text;
  repair: string;
  repairParts: Text;
}

export interface CautionAnswer extends Omit<Caution, 'text'> {
  text: string;
  textParts: Text;
}

export interface SeasoningAnswer extends Omit<Seasoning, 'move'> {
  move: string;
}

/** One change to the cook's own coat or cook, and what it alone buys. */
export interface ChangeAnswer extends Pick<WorthChange, 'id' | 'gain' | 'needed'> {
  text: string;
  textParts: Text;
  buys: string[];
  buysParts: Text[];
}

/** Why a dish is better left in the pot. */
export interface KeepPotAnswer {
  why: KeepPotReason;
  reason: string;
  reasonParts: Text;
  nearest: string;
  nearestParts: Text;
}

/** One air version with everything a cook needs of it. */
export interface AlternativeAnswer extends CookAnswer {
  id: string;
  family: Family;
  variant: string;
  idea: string;
  works: boolean;
  /** What the centre comes to, and the safe minimum that it misses, °C; null where it is safe or has none. */
  unsafe: { centreC: number; minimumC: number } | null;
  likeness: number;
  badges: Badge[];
  against: string[];
  againstParts: Text[];
  layers: (LayerSpec & LaidLayer)[];
  settings: AirSettings;
  second: SecondPlan | null;
  /** What is done to the food that is not done today; null for nothing. */
  making: MadeOtherwise | null;
  restMin: number;
  oilGm2: number;
  sprayOilG: number;
  bowls: Bowl[];
  /** Bowls beside the coat, measured out. */
  beside: SideBowlAmounts[];
  /** What one person eats, in air and from the pot, with one standard deviation; estimates. */
  perServing: { air: Serving; pot: Serving };
  seasoning: SeasoningAnswer;
  allergens: Allergen[];
  piecesPerBatch: number;
  batches: number;
  racksUsed: number;
  energy: Energy;
  grammar: GrammarAnswer[];
  steps: string[];
  stepParts: Text[];
  cautions: CautionAnswer[];
}

/** A cook that was tried, at its best minute. */
export interface TriedAnswer {
  id: string;
  family: Family;
  variant: string;
  likeness: number;
  crispness: number;
  oilPerPieceG: number;
  minutes: number;
  bowls: number;
  works: boolean;
  tempC: number;
  turnAtMin: number | null;
  oilGm2: number;
}

/** What `POST /api/convert` answers. */
export interface ConvertAnswer {
  fried: CookAnswer;
  original: AlternativeAnswer;
  alternatives: AlternativeAnswer[];
  /** What the first of the alternatives changes of the cook's own. */
  changes: ChangeAnswer[];
  /** null for whatever converts. */
  keepPot: KeepPotAnswer | null;
  tried: TriedAnswer[];
  simulations: number;
  /** False where time ran out: some families, or other ingredients of some, were not looked at. */
  complete: boolean;
}

/** A search as it is kept with its dish, and what it answered: it is stale once either differs. */
export interface SearchAnswer extends KeptSearch {
  /** Fingerprint of what was asked. */
  asked: string;
  /** Fingerprint of the model that computed it. */
  model: string;
}

/** The search that is kept with a dish; null when none is. */
export interface KeptAnswer {
  found: SearchAnswer | null;
}
