import type { Footprint, Load } from '../basket/index.js';
import type { SideBowlAmounts } from '../beside/index.js';
import type { Bowl, CoatLayer, GrammarNote, Seasoning } from '../coat/index.js';
import type { AirPlan, Dish, FriedCook, Fryer } from '../dish/index.js';
import type { Allergen, Asks, Diet, Pantry } from '../foods/index.js';
import type { CookSeries, Place } from '../heat/index.js';
import type { OilAmount } from '../oil/index.js';
import type { Energy, Outcomes, PotLeft, Reason } from '../outcome/index.js';
import type { Caution } from '../safety/index.js';
import type { Text } from '../units/index.js';

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

/** A dish as it is fried today, the fryer that is to cook it, and what is allowed. As it is stored and sent. */
export interface ConvertRequest {
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  limits: Limits;
}

/** A request with the pantry that its ids stand in: put together once, at the door. */
export interface Asked extends ConvertRequest {
  pantry: Pantry;
}

/** Where an air plan is cooked: the dish, the fryer, and the pantry that its ids stand in. */
export type Occasion = Pick<Asked, 'pantry' | 'dish' | 'fryer'>;

/** What a coat may be made of: what is eaten here and in the house, and what it must hold. */
export interface Choice extends Asks {
  /** Pantry ids that every coat must hold. */
  keep: readonly string[];
}

/** What the cook asks for of a coat's ingredients. */
export const choiceOf = ({ pantry, limits }: Pick<Asked, 'pantry' | 'limits'>): Choice => ({
  pantry,
  diets: limits.diets,
  avoidAllergens: limits.avoidAllergens,
  without: limits.without,
  keep: limits.keep ?? [],
});

/** A figure with what it may be off by. */
export interface About {
  value: number;
  /** ± of one standard deviation, in the unit of the value. */
  off: number;
}

/** What one person eats of the whole dish. Estimates; never dietary advice. */
export interface Serving {
  people: number;
  energyKcal: About;
  proteinG: About;
  fatG: About;
  carbohydrateG: About;
  saltG: About;
}

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
  /** Crispness, 0–1, and °C of the centre, every minute from the end of the cook. */
  crispness: number[];
  centreC: number[];
}

export interface FriedResult extends CookResult {
  /** What it left, that a cook in air is held to. */
  pot: PotLeft;
  /** How it was fried. */
  tempC: number;
  minutes: number;
}

/** An air plan with everything a cook needs of it. */
export interface AirResult extends CookResult {
  plan: AirPlan;
  /** Steps in which its fryer is set, °C: for whoever names the setting. */
  stepC: number;
  grammar: GrammarNote[];
  bowls: Bowl[];
  /** Salt that stays on the food. */
  seasoning: Seasoning;
  /** By the ingredients alone. */
  allergens: Allergen[];
  load: Load;
  /** What one coated piece covers from above. */
  footprint: Footprint;
  /** A second food in the same basket: when its centre is done, °C at the end and wanted; null without one. */
  also: { name: string; doneMin: number | null; centreC: number; wantedC: number } | null;
  /** Bowls beside the coat, measured out. */
  beside: SideBowlAmounts[];
  /** What one person eats of the whole dish, in air and from the pot: estimates. */
  perServing: { air: Serving; pot: Serving };
  /** Oil by place and time for all pieces. */
  oil: OilAmount[];
  /** Oil to spray for all pieces, both sides, g: with what lands beside them. */
  sprayOilG: number;
  /** Electricity and the oil's food energy for the whole dish, against the pot: estimates. */
  energy: Energy;
  steps: Text[];
  cautions: Caution[];
  /** What the centre comes to, and the safe minimum that it misses, °C; null where it is safe or has none. */
  unsafe: { centreC: number; minimumC: number } | null;
  /** Likeness to the fried original, 0–1, and what makes it. */
  likeness: number;
  /** Whether it is safe or tender, golden, stays on and does not burn. */
  works: boolean;
}
