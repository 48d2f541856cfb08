import type {
  AirPlan,
  AirSettings,
  ConvertRequest,
  Cook,
  Diet,
  Dish,
  DishOptions,
  Family,
  Fryer,
  Guest,
  Label,
  LayerSpec,
  OilMedium,
  OilTool,
  Pace,
  Pin,
  ScaleReading,
  SecondPlan,
  Vessel,
} from '@yellowmist/core';

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

/** A stored dish that cannot be opened here: why, in a sentence. It can be put aside, and nothing of it is lost. */
export interface BrokenConversion {
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
export type ListedConversion = ListedDish | BrokenConversion;

/** A dish in the list, with the diets that it fits by its ingredients: in the air fryer where it is converted. */
export type ListedDish = ConversionDocument & { diets: Diet[] };

export const isBroken = (listed: ListedConversion): listed is BrokenConversion => 'problem' in listed;

export const isWhole = (listed: ListedConversion): listed is ListedDish => !isBroken(listed);

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

/** A dish of an evening, and how it is treated there. */
export interface DishAtEvening extends DishOptions {
  /** Id of a stored dish. */
  id: string;
}

/** An evening of several dishes: when, for whom, by whom. */
export interface EveningBody {
  name: string;
  state: 'planned' | 'done';
  /** When all is on the table, ISO 8601 with offset; null to begin at `startAt`, or as soon as it can be. */
  serveAt: string | null;
  /** When it is begun, where that is given in the place of `serveAt`. */
  startAt: string | null;
  /** Time zone of the IANA list, "Europe/Oslo": clocks that are changed that night are told right. */
  timeZone: string;
  cooks: Cook[];
  dishes: DishAtEvening[];
  guests: Guest[];
  /** Dishes come to the table within so many minutes. */
  togetherMin: number;
  /** °C of the kitchen. */
  roomC: number;
  pins: Pin[];
}

/** A stored evening. */
export interface EveningDocument extends EveningBody {
  id: string;
  format: number;
  version: number;
  createdAt: string;
  updatedAt: string;
}

/** A save of an evening, naming the version that it changes. */
export interface SaveEveningRequest extends EveningBody {
  version: number;
}

/** The same evening for another time; null where that is not known yet. */
export interface CopyEveningRequest {
  serveAt: string | null;
}

/** How an evening is written out. */
export const EVENING_FORMS = ['ics', 'markdown', 'text', 'document'] as const;
export type EveningForm = (typeof EVENING_FORMS)[number];

/** A kitchen of which nobody has said anything yet. */
export const EMPTY_KITCHEN: KitchenBody = { fryers: [], sprayers: [], bowls: [], trays: [], thermometer: true };

/** The stored kitchen; there is one. */
export interface KitchenDocument extends KitchenBody {
  version: number;
}

/** A cook in oil to be simulated. */
export interface SimulatedInOil {
  medium: OilMedium;
  tempC: number;
  minutes: number;
}

/** A cook in air to be simulated. */
export interface SimulatedInAir extends AirSettings {
  medium: 'air';
  fryer: Fryer;
  oilGm2: number;
  restMin: number;
  second: SecondPlan | null;
}

export type SimulatedCook = SimulatedInOil | SimulatedInAir;

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

/** A recipe to be read: one of a text, a page, or JSON. */
export interface ReadRecipeRequest {
  /** Plain words or Markdown. */
  text?: string;
  html?: string;
  /** A document of schema.org, or a dish of Yellowmist; as JSON or as its text. */
  json?: unknown;
}

/** A dish as a file of its own: what a cook writes of it, the format, and the own ingredients that it names. */
export interface DishFile extends ConversionBody {
  yellowmist: 'dish';
  format: number;
  own: Label[];
}

/** How a converted dish is written out. */
export const RECIPE_FORMS = ['json-ld', 'markdown', 'text', 'yellowmist'] as const;
export type RecipeForm = (typeof RECIPE_FORMS)[number];

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
