import type { Footprint, Load } from '../basket/index.js';
import type { Bowl, CoatLayer, GrammarNote, Seasoning } from '../coat/index.js';
import type { AirPlan, Dish, FriedCook, Fryer } from '../dish/index.js';
import type { Allergen, Diet } from '../foods/index.js';
import type { CookSeries, Place } from '../heat/index.js';
import type { OilAmount } from '../oil/index.js';
import type { Energy, Outcomes, Reason } from '../outcome/index.js';
import type { Caution } from '../safety/index.js';

/** What the cook will not have in the coat or the cook. */
export interface Limits {
  diets: Diet[];
  avoidAllergens: Allergen[];
  /** Pantry ids that are not in the house. */
  without: string[];
  /** Highest temperature to try, °C. */
  maxTempC: number;
  /** Longest cook to try, min. */
  maxMinutes: number;
  /** Whether the fryer is preheated by habit. */
  preheat: boolean;
  /** Pantry ids that every coat must hold. Default none. */
  keep?: string[];
  /** Pantry ids that are in the house, so that they are no special shopping. Default none. */
  atHome?: string[];
}

export interface ConvertRequest {
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  limits: Limits;
}

/** The families of coats that are tried, in the order of the kitchen. */
export const FAMILIES = [
  'as-it-is',
  'batter-under-crumbs',
  'dust-egg-crumbs',
  'kept-finish',
  'starch-shell',
  'thick-batter-parchment',
] as const;
export type Family = (typeof FAMILIES)[number];

/** How a cook was judged at its end: in oil or in air. */
export interface CookResult {
  layers: CoatLayer[];
  series: CookSeries;
  outcomes: Outcomes;
  reasons: Reason[];
  /** Oil of the cooking that one piece keeps, g. */
  oilPerPieceG: number;
  /** Heat that one piece took, J. */
  heatJ: number;
  /** What was brushed on part-way; null without. */
  sauce: CoatLayer | null;
  /** How long it stays crisp where, where that was asked for. */
  waiting: WaitingResult[];
}

/** How long a cooked piece stays crisp in one place. */
export interface WaitingResult {
  place: Place;
  sauced: boolean;
  /** Minutes; null when longer than half an hour. */
  crispMin: number | null;
}

export interface FriedResult extends CookResult {
  /** Minutes until the coat's foot was at 75 °C. */
  footHotMin: number | null;
  /** How it was fried. */
  tempC: number;
  minutes: number;
}

export type Badge = 'closest' | 'crispest' | 'least-oil' | 'fewest-bowls' | 'no-special-shopping';

/** An air plan with everything a cook needs of it. */
export interface AirResult extends CookResult {
  plan: AirPlan;
  grammar: GrammarNote[];
  bowls: Bowl[];
  /** Salt that stays on the food. */
  seasoning: Seasoning;
  /** By the ingredients alone. */
  allergens: Allergen[];
  load: Load;
  /** What one coated piece covers from above. */
  footprint: Footprint;
  /** Oil by place and time for all pieces. */
  oil: OilAmount[];
  /** Oil to spray for all pieces, both sides, g: with what lands beside them. */
  sprayOilG: number;
  /** Electricity and the oil's food energy for the whole dish, against the pot: estimates. */
  energy: Energy;
  steps: string[];
  cautions: Caution[];
  /** Likeness to the fried original, 0–1, and what makes it. */
  likeness: number;
  /** Whether it is safe or tender, golden, stays on and does not burn. */
  works: boolean;
}

export interface Alternative extends AirResult {
  family: Family;
  /** What differs from the family's first coat: "crushed cornflakes"; empty for that one. */
  variant: string;
  badges: Badge[];
  /** Why this coat, in a sentence. */
  idea: string;
  /** What it gains and gives up against the fried original. */
  against: string[];
}

/** One cook that the search tried, at its best minute: enough to compare, and to choose it. */
export interface Candidate {
  family: Family;
  /** What differs from the family's first coat; empty for that one. */
  variant: string;
  plan: AirPlan;
  score: number;
  likeness: number;
  crispness: number;
  oilPerPieceG: number;
  minutes: number;
  bowls: number;
  works: boolean;
}

/** What the search of one family came to, the best first. */
export interface FamilyFound {
  family: Family;
  candidates: Candidate[];
  /** Those worth showing, evaluated in full. */
  alternatives: Alternative[];
}

export interface Conversion {
  fried: FriedResult;
  /** Ranked, what works first; the original as it is stands in `original`. */
  alternatives: Alternative[];
  original: Alternative;
  /** Every cook that was tried. */
  candidates: Candidate[];
  simulations: number;
}
