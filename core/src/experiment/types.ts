import type { Footprint, Laid } from '../basket/index.js';
import type { Bowl } from '../coat/index.js';
import type { AirPlan, BasketShape } from '../dish/index.js';
import type { Allergen } from '../foods/index.js';
import type { AirResult } from '../plan/index.js';
import type { Text } from '../units/index.js';
import type { Tasted } from './result.js';
import type { ComparedWay } from './ways.js';

/** A piece where it lies, and which way it was made; null where it is not compared. */
export type MarkedPiece = Laid & { way: number | null };

/** A bowl, and the ways whose pieces go through it. */
export interface ComparedBowl {
  ways: number[];
  bowl: Bowl;
}

/** What is to be compared. */
export interface ToCompare {
  ways: readonly ComparedWay[];
  asks: Tasted;
  /** Pieces among each other, or two halves that change places as the basket is turned round. */
  laying: 'mixed' | 'halves';
  /** Draws the lots; the same seed plans the same. */
  seed: number;
}

/** One way of a comparison, measured out. */
export interface PlannedWay {
  way: ComparedWay;
  /** Its letter on basket and tray. */
  mark: string;
  name: string;
  plan: AirPlan;
  pieces: number;
  /** Oil to spray onto its pieces, both sides, g. */
  sprayOilG: number;
  allergens: Allergen[];
  unsafe: AirResult['unsafe'];
  /** What the simulation expects of it in what is asked, 0–1; null where it cannot know. */
  expected: number | null;
}

/** A fair comparison in one batch. */
export interface PlannedExperiment {
  ways: PlannedWay[];
  /** In the order of dipping; what is alike in several ways is mixed once. */
  bowls: ComparedBowl[];
  asks: Tasted;
  laying: 'mixed' | 'halves';
  /** Pieces of the batch that are not compared. */
  over: number;
  basket: BasketShape;
  racks: MarkedPiece[][];
  footprints: Footprint[][];
  /** By how much the fastest way browns faster than the slowest by its places alone, %: so laid, and in halves or parts side by side. */
  hotPercent: number;
  sidePercent: number;
  /** Whether a bread test says where it is hot. */
  tested: boolean;
  fair: boolean;
  /** The way that the simulation holds for the best; null where it sees no difference, or cannot know. */
  expects: number | null;
  steps: Text[];
}
