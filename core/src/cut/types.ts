import type { PieceShape } from '../piece/index.js';

/** What a whole one is like, by proportions; its size follows from its weight. */
export type WholeBody =
  | { kind: 'ball' }
  /** Length over diameter. */
  | { kind: 'rod'; slender: number }
  /** Length, width and thickness, in any unit. */
  | { kind: 'slab'; sides: readonly [number, number, number] }
  /** An uneven lump that fills an ellipsoid of these axes. */
  | { kind: 'lump'; sides: readonly [number, number, number] }
  /** Hollow, with a wall of so many mm. */
  | { kind: 'tube'; slender: number; wallMm: number };

/** As a market sells it and a recipe counts it: "medium onion", "head". */
export interface MarketUnit {
  id: string;
  /** One of them. */
  name: string;
  /** Several of them. */
  plural: string;
  /** g of one, as bought. */
  grams: number;
  /** Share that is left of it when it is made ready, where that is not the food's. */
  trimmed?: number;
}

/** What a cut is called. */
export const CUT_IDS = [
  'whole',
  'rings',
  'rounds',
  'slabs',
  'strips',
  'cubes',
  'bite-size',
  'florets',
  'halves',
  'halved-flat',
  'butterflied',
  'wedges',
  'torn',
  'balls',
  'rods',
  'patties',
  'portions',
] as const;
export type CutId = (typeof CUT_IDS)[number];

/** A cut of a food, in the cook's words. */
export interface FoodCut {
  id: CutId;
  /** "rings", "large florets": as it follows the food in a sentence. */
  name: string;
  /** The length that the cook chooses, mm: a ring's thickness, a floret's width. Null where the whole decides. */
  sizeMm: number | null;
  /** Share of what was trimmed that becomes pieces, 0–1; the rest is kept for something else. */
  share: number;
  /** Pieces of one whole; by weight without. */
  perWhole?: number;
  /** How far a strip or a portion is long at most, mm. Default as long as the whole. */
  longestMm?: number;
  /** Wall of a ring, mm; that of the body without. */
  wallMm?: number;
  /** A torn piece's thickness against its length; the usual one without. */
  flatness?: number;
  /** Where the knife goes. */
  how: string;
  /** What is kept for something else, and what breaks. */
  keep?: string;
}

/** How a food is sold and cut. */
export interface Sold {
  units: readonly MarketUnit[];
  body: WholeBody;
  /** Share of what is bought that is left when it is peeled, cored, boned; 1 = all. */
  trimmed: number;
  cuts: readonly FoodCut[];
  /** How it is left where so many are said and no cut: eight thighs are not diced. As in the first of the cuts without. */
  countedCut?: CutId;
  /** It comes cut as well: so many and more, without a word of their cut, are pieces: "20 fried pickles". Our choice. */
  piecesFrom?: number;
  /** What a dish begins with: so many of the first unit in the first cut, and its minutes in the pot. */
  usual: { amount: number; minutes: number };
  /** Share of the skin that stays bare: a tail, a bone. */
  bareShare?: number;
  /** Comes wet from the knife. */
  skin?: 'wet';
  source: string;
}

/** How much of it there is: a number of a market unit, or g. */
export interface Amount {
  /** A market unit's id; 'g' for a weight as bought, 'g-cut' as it lies there cut, 'piece' for so many pieces, cut. */
  unit: string;
  amount: number;
}

/** A food as it is bought and cut: what a dish is entered by. */
export interface BoughtAs extends Amount {
  cut: CutId;
  /** The cut's own length, mm; the usual one without. */
  sizeMm?: number;
}

/** What becomes of it under the knife. */
export interface CutUp {
  shape: PieceShape;
  count: number;
  /** g of one piece. */
  pieceG: number;
  /** g as bought, in pieces, and left for something else. */
  boughtG: number;
  usedG: number;
  leftG: number;
}
