import type {
  AirPlan,
  AirSettings,
  ConvertRequest,
  Dish,
  Family,
  Fryer,
  Label,
  LayerSpec,
  OilMedium,
  SecondPlan,
} from '@yellowmist/core';

/** The format of a stored conversion; raised when its shape changes, with an upgrade in upgrade.ts. */
export const CONVERSION_FORMAT = 3;

/** What a cook writes of a conversion. */
export interface ConversionBody extends ConvertRequest {
  name: string;
  note: string;
  /** The air version that the cook has chosen; null until the first conversion. */
  chosen: Chosen | null;
  /** Air versions that the cook gave a name, the oldest first. */
  versions: NamedVersion[];
}

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

/** What a kitchen has and never uses, and its own ingredients. */
export interface PantryBody {
  /** Pantry ids that are in the house. */
  have: string[];
  /** Pantry ids that are never used. */
  never: string[];
  own: Label[];
}

/** The stored pantry; there is one. */
export interface PantryDocument extends PantryBody {
  version: number;
}

/** How oil comes onto the coat: a pump bottle, a propellant can, a brush. */
export interface Sprayer {
  name: string;
  kind: 'pump' | 'can' | 'brush';
  /** g of oil that a stroke of the pump, or a second of the can, gives; null when it was not weighed, or for a brush. */
  gPerStroke: number | null;
}

/** The cook's own kitchen. */
export interface KitchenBody {
  fryers: Fryer[];
  sprayers: Sprayer[];
}

/** The stored kitchen; there is one. */
export interface KitchenDocument extends KitchenBody {
  version: number;
}

export type SimulatedCook =
  | { medium: OilMedium; tempC: number; minutes: number }
  | ({ medium: 'air'; fryer: Fryer; oilGm2: number; restMin: number; second: SecondPlan | null } & AirSettings);

export interface SimulateRequest {
  dish: Dish;
  layers: LayerSpec[];
  cook: SimulatedCook;
}

/** An error of the API (RFC 9457), naming the fields that are wrong and what is allowed. */
export interface Problem {
  type: string;
  title: string;
  status: number;
  detail: string;
  errors?: FieldError[];
  /** With 409: the version that is stored now. */
  currentVersion?: number;
}

export interface FieldError {
  /** Path of the field, "dish.shape.thicknessMm". */
  field: string;
  message: string;
}
