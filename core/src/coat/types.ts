import type { Composition, Grain, Part, Portion } from '../foods/index.js';
import type { Text } from '../units/index.js';

/** What a recipe writes for a bowl, and for how many pieces. */
export interface WrittenAmounts {
  portions: Portion[];
  /** Pieces that the recipe is for. */
  pieces: number;
}

/** A part of a bowl that is taken out and seasoned otherwise: half the batter with chilli. */
export interface DividedBowl {
  /** Share of the bowl, 0–1, and so of the pieces. */
  share: number;
  /** What is stirred into it beside, in g for the whole dish. */
  portions: Portion[];
}

/** One layer as the cook makes it, named from the skin outward by its place in the list. */
export interface LayerSpec {
  portions: Portion[];
  /** What the recipe says of this bowl; what the area takes is reckoned without it. */
  written?: WrittenAmounts;
  /** A part of it is made otherwise. */
  divided?: DividedBowl;
  /** Crumbs pressed on with the palm. */
  pressed?: boolean;
  /** Left lying in the dry bowl until it clumps. */
  clumped?: boolean;
  /** A dust whose surplus was not tapped off. */
  untapped?: boolean;
  /** Measured diameter of a tablespoon of this batter on a plate after a minute, mm; what the recipe gives without. */
  spreadMm?: number;
  /** How long a wet layer drips from the hand, s. Default 8. */
  drainS?: number;
  /** How long a batter has stood before it is used, min: its flour goes on swelling. Default 0. */
  standMin?: number;
  /** A batter that was beaten smooth and not folded: its gluten makes it chewy. */
  beaten?: boolean;
}

/** What the food's skin is like when the first layer meets it. */
export type SkinWater = 'dry' | 'damp' | 'wet';

/** One layer as it lies on the piece. */
export interface CoatLayer {
  name: string;
  wet: boolean;
  /** A wet layer that holds flour or starch: it runs as one mass and sets as one skin. */
  batter: boolean;
  /** A sheet that was wrapped round the food: it lies where it is put. */
  sheet?: true;
  /** g of the layer per m² of piece. */
  pickUpGm2: number;
  thicknessM: number;
  bulkKgM3: number;
  /** Share of air in the layer, 0–1. */
  poreShare: number;
  composition: Composition;
  /** Mass shares of what it is made of, adding up to 1. */
  portions: Part[];
  /** Crunch of its dried shell, 0–1; see foods/types. */
  structure: number;
  /** Browning speed against coarse crumbs = 1. */
  browning: number;
  /** Browning B that it brings along. */
  startColour: number;
  grain: Grain | null;
  /** Pressed on with the palm. */
  pressed: boolean;
  /** How easily moving air carries a loose grain off, 0–1. */
  light: number;
  viscosityPaS: number;
  yieldPa: number;
  /** Gluten that was worked up in a wet layer, 0–1 of a beaten batter of plain wheat flour. */
  gluten: number;
  /** Share of the skin's or lower layer's area that it really grips, 0–1: crumbs on a dry skin do not. */
  grip: number;
}

/** A complaint of the coat's grammar, about the layer at `at` (0 = next to the skin). */
export interface GrammarNote {
  at: number;
  rule:
    | 'dry-on-dry'
    | 'wet-last'
    | 'crumbs-on-dry-skin'
    | 'wet-over-crumbs'
    | 'no-binder'
    | 'dry-starch'
    | 'burns-in-finish';
  text: Text;
  repair: Text;
}

/** How pieces are moved through the bowls. */
export type Handling = 'hands' | 'fork' | 'shaker' | 'tossed';
export type Hand = 'left' | 'right';

/** How the cook sets the bowls out. */
export interface Station {
  handling: Handling;
  /** Multiplies the working surplus of every bowl, 0.5–2. */
  surplus: number;
}

export const PLAIN_STATION: Station = { handling: 'hands', surplus: 1 };
