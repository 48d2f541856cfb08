import type { Fryer, Label, OilTool, Pace, ScaleReading, StrokesWeighed, Vessel } from '@yellowmist/core';

/** What one of a market's unit weighs here, where that is not the usual. */
export interface UsualWeight {
  foodId: string;
  /** A unit that the food is sold by: "medium-onion". */
  unit: string;
  grams: number;
}

/** What a kitchen has and never uses, and its own ingredients. */
export interface PantryBody {
  /** Pantry ids that are in the house. */
  have: string[];
  /** Pantry ids that are never used. */
  never: string[];
  own: Label[];
  /** Usual weights that were changed; all as usual without. */
  weights?: UsualWeight[];
}

/** The stored pantry; there is one. */
export interface PantryDocument extends PantryBody {
  version: number;
}

/** A kitchen's pantry of which nobody has said anything yet. */
export const EMPTY_PANTRY: PantryBody = { have: [], never: [], own: [] };

/** How oil comes onto the coat: a pump bottle, a propellant can, a brush. */
export interface Sprayer {
  name: string;
  kind: OilTool;
  /** g of oil that a stroke of the pump, or a second of the can, gives; null when it was not weighed, or for a brush. */
  gPerStroke: number | null;
  /** How often it was weighed, and what came of it, the latest last; `gPerStroke` is what all of them come to. */
  weighings?: StrokesWeighed[];
}

/** What a kitchen scale tells: a reading, or null while it is gone. */
export interface ScaleMessage {
  reading: ScaleReading | null;
}

/** What a hand does to the simulated scale; `strokes` of the pump with 'press'. */
export interface ScaleHand {
  deed: 'put' | 'take' | 'press' | 'knock' | 'unplug' | 'plug';
  strokes?: number;
}

/** The cook's own kitchen. */
export interface KitchenBody {
  fryers: Fryer[];
  sprayers: Sprayer[];
  bowls: Vessel[];
  trays: Tray[];
  /** Whether there is one for the centre. */
  thermometer: boolean;
  /** How long work takes here, where that is not the usual. */
  paces?: Partial<Pace>;
}

/** A tray or rack on which coated pieces rest. */
export interface Tray {
  name: string;
  widthMm: number;
  depthMm: number;
}

/** A kitchen of which nobody has said anything yet. */
export const EMPTY_KITCHEN: KitchenBody = { fryers: [], sprayers: [], bowls: [], trays: [], thermometer: true };

/** The stored kitchen; there is one. */
export interface KitchenDocument extends KitchenBody {
  version: number;
}
