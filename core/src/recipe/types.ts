import type { BoughtAs } from '../cut/index.js';
import type { Dish, FriedCook, SideBowl } from '../dish/index.js';
import type { Portion } from '../foods/index.js';

/** A line or a step as it was written, and the heading that it stands under. */
export interface WrittenLine {
  text: string;
  section: string | null;
}

/** A recipe taken apart into what stands in it, before anything of it is understood. */
export interface RecipeText {
  title: string;
  /** People or portions that it says it is for. */
  servings: number | null;
  ingredients: WrittenLine[];
  steps: WrittenLine[];
  /** Headings, yields and times: they say where things belong. */
  headings: string[];
  /** What is neither a title, a heading, an ingredient nor a step. */
  notUsed: string[];
}

/** What a line of a recipe is for. */
export const TAKEN_FOR = [
  'food',
  'dust',
  'binder',
  'batter',
  'finish',
  'seasoning',
  'frying-oil',
  'oil',
  'sauce',
  'dip',
  'garnish',
  'other',
] as const;
export type TakenFor = (typeof TAKEN_FOR)[number];

/** How sure a reading is: by the recipe's own words, by what things do, or by what is usual. */
export const SURE = ['sure', 'likely', 'guess'] as const;
export type Sure = (typeof SURE)[number];

/** A line of the recipe, and what it is taken for. */
export interface ReadLine {
  /** As it is written. */
  text: string;
  takenFor: TakenFor;
  /** Id of the bowl that it goes into, "flour" or "batter"; "food" where it goes onto the food; null where into none. */
  bowl: string | null;
  /** So many of the unit; null where the line does not say. */
  quantity: number | null;
  /** "cup", "gram", "splash"; null where it is counted. */
  unit: string | null;
  /** g of it; null where it is not known. */
  grams: number | null;
  ingredientId: string | null;
  sure: Sure;
  /** Why it is taken so, in a sentence. */
  why: string;
}

/** What stands in a bowl of the recipe. */
export const RECIPE_BOWLS = ['dust', 'binder', 'batter', 'finish', 'marinade', 'sauce', 'dip'] as const;
export type RecipeBowlKind = (typeof RECIPE_BOWLS)[number];

/** A bowl of the recipe. */
export interface RecipeBowl {
  id: string;
  kind: RecipeBowlKind;
  /** What a cook calls it: "Egg", "Batter", "Sauce". */
  name: string;
  portions: Portion[];
  /** Its places in the order of dipping, from the skin outward; none where nothing is dipped into it. */
  layers: number[];
}

/** What was found in a step. */
export const FOUND = [
  'method',
  'dipping',
  'oil-temperature',
  'minutes',
  'cut',
  'drying',
  'soaking',
  'marinating',
  'resting',
  'frozen',
  'cooked-before',
  'mixing',
  'sauce',
] as const;
export type FoundKind = (typeof FOUND)[number];

/** One thing that a step says. */
export interface Found {
  what: FoundKind;
  /** As it is understood: "flour, egg, crumbs", "180 °C", "6 min". */
  text: string;
  /** °C or minutes, where it is a number. */
  value?: number;
}

/** A step, and what was found in it. */
export interface ReadStep {
  text: string;
  found: Found[];
}

/** Something that the recipe does not say, and what was taken for it. */
export interface Guess {
  /** "fried.tempC", "dish.count". */
  field: string;
  why: string;
}

/** What stands in the way of the bench. */
export type TroubleKind = 'no-food' | 'no-coat' | 'baking';

/** A recipe as it is understood. */
export interface RecipeReading {
  title: string;
  servings: number | null;
  lines: ReadLine[];
  steps: ReadStep[];
  bowls: RecipeBowl[];
  /** Null where no food, or no coat, was found. */
  dish: Dish | null;
  fried: FriedCook | null;
  /** The sauce, where there is one; all bowls beside the coat stand in `dish.beside`. */
  sauce: SideBowl | null;
  guesses: Guess[];
  headings: string[];
  notUsed: string[];
  trouble: { kind: TroubleKind; text: string } | null;
}

/** What a cook has put right: what a line is for, and the bowl. */
export interface Moved {
  takenFor: TakenFor;
  /** A bowl's id; that of its kind without. */
  bowl?: string | null;
}

/** A food as it is bought and cut, with its id. */
export interface RecipeFood extends BoughtAs {
  foodId: string;
}
