import type {
  AirPlan,
  AirResult,
  BatchCorrection,
  Asks,
  ConvertRequest,
  Bought,
  BowlsReading,
  CoatLayer,
  CookEvent,
  CookPace,
  CookSeries,
  CutUp,
  Difference,
  Dish,
  Entered,
  EveningRequest,
  Family,
  Food,
  FoodCut,
  FriedCook,
  FriedResult,
  Fryer,
  Label,
  LessonId,
  Values as LessonValues,
  LoggedCook,
  OtherRecipe,
  TakenAs,
  Moved,
  OneLine,
  Programme,
  RecipeReading,
  RecipeSource,
} from '@yellowmist/core';

import type { ConversionBody, UsualWeight } from '@yellowmist/contract';

/** What the workers are asked: plain data, with the kitchen's own ingredients by their labels. */

interface InKitchen {
  own: Label[];
}

/** What a dish comes out like: the fried original, and an air version when there is one. */
export interface EvaluateQuestion extends InKitchen {
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  plan: AirPlan | null;
  /** Record every cell, for the cutaways. */
  profiles: boolean;
  /** Follow the cooked piece for half an hour: several times the work. */
  waits: boolean;
  /** A quick look for a hand that drags: fewer cells. Default false. */
  hurried?: boolean;
}

export interface Evaluation {
  /** The food, and how thick a piece of it is when it is coated, mm. */
  food: Food;
  foodMm: number;
  fried: FriedResult;
  air: AirResult | null;
}

/** Dishes of cooks that are put beside each other. */
export interface TriedQuestion extends InKitchen {
  cooks: LoggedCook[];
}

/** A dish to be converted, in its kitchen. */
export interface DishQuestion extends ConvertRequest, InKitchen {}

/** A dish with the plan on the bench, of which more is asked. */
export interface PlanQuestion extends DishQuestion {
  plan: AirPlan;
}

/** A version of the plan's family that was found before. */
export interface FoundQuestion extends PlanQuestion {
  family: Family;
}

/** A question over which cooks disagree. */
export interface SchoolQuestion extends PlanQuestion {
  schoolId: string;
}

/** What could stand in for an ingredient of a layer. */
export interface SubstituteQuestion extends PlanQuestion {
  at: number;
  ingredientId: string;
  asks: Omit<Asks, 'pantry'>;
}

/** The plan in another fryer. */
export interface MoveQuestion extends PlanQuestion {
  to: Fryer;
}

/** What a plan was meant to give in its fryer as it was taken then. */
export interface MeantThenQuestion extends PlanQuestion {
  then: TakenAs;
}

/** A lesson, played with its controls as they stand. */
export interface LessonQuestion {
  id: LessonId;
  values: LessonValues;
}

/** What of the plan could be compared. */
export type ComparisonsQuestion = PlanQuestion;

/** A packet's word, asked for the fryer on the bench. */
export interface PacketQuestion extends PlanQuestion {
  word: OtherRecipe;
  /** The appliance that it is written for; a usual one of this kind without. */
  writtenFor: Fryer | null;
}

/** Where the pieces of a full batch lie. */
export interface LayoutQuestion extends InKitchen {
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
}

/** An evening to be planned. */
export interface EveningQuestion extends EveningRequest, InKitchen {}

/** One bowl in a cook's words. */
export interface BowlQuestion extends InKitchen {
  text: string;
  /** Whether foods may stand in it: beside the coat. */
  foods: boolean;
}

/** What is understood of it, and its things by id. */
export interface BowlRead {
  reading: BowlsReading;
  things: Record<string, NamedThing>;
}

/** A dish in a cook's words. */
export interface EnterQuestion extends InKitchen {
  food: string | Bought;
  /** What is written for the coat; without, what the words for the food tell of, or what that food usually has. */
  coat?: string;
  /** What is written for the food, whatever was chosen of it: it may tell of coat and frying as well. */
  words?: string;
  minutes?: number;
  count?: number;
  /** The pot of a dish that is there already: what its thickness does is simulated in it. */
  pot?: FriedCook;
  weights: UsualWeight[];
}

/** An answer that may be meant, with what it would give. */
export interface LikelyFood {
  bought: Bought;
  /** "2 medium onions, rings". */
  words: string;
}

/** What is understood of a food, and what can be chosen of it. */
export interface EnteredFood {
  food: Food;
  cut: FoodCut;
  cuts: readonly FoodCut[];
  cutUp: CutUp;
  /** Minutes in the pot after which the centre is done, thinner, as it is, and thicker. */
  thickness: { mm: number; minutes: number }[];
  /** Where its usual weights are from. */
  source: string;
}

/** A thing of the bowls as the page tells it. */
export interface NamedThing {
  name: string;
  /** g in a ml, and g of one, where it is measured or counted. */
  gPerMl: number | null;
  eachG: number | null;
}

/** A dish as it is understood, with all that the page shows of it. */
export interface EnteredDish extends Entered {
  /** Null while the food is asked about. */
  of: EnteredFood | null;
  likelyFoods: LikelyFood[];
  /** The things in the bowls, by id. */
  things: Record<string, NamedThing>;
  /** Coat and frying that the words for the food tell of; null where they do not. */
  oneLine: OneLine | null;
}

/** A recipe, and what the cook has put right of its reading: what a line is for, by its place. */
export interface RecipeQuestion extends InKitchen {
  source: RecipeSource;
  moved: [number, Moved][];
}

/** A recipe as it is understood. */
export interface RecipeAnswer {
  /** The whole dish, where it was brought as a dish of Yellowmist; what is put right leaves it behind. */
  own: ConversionBody | null;
  reading: RecipeReading;
  /** What stands in each bowl, by its id, to be drawn. */
  contents: Record<string, CoatLayer>;
  things: Record<string, NamedThing>;
}

/** A cook as far as it is known. */
export interface CounterQuestion extends InKitchen {
  programme: Programme;
  pace: CookPace;
  events: CookEvent[];
}

/** A batch as it is planned: what a timer and a swatch show of it. */
export interface PlannedBatchLook {
  key: string;
  series: CookSeries;
  wantedC: number;
}

/** What was seen and read of a cook makes of its batches. */
export interface CounterAnswer {
  corrections: BatchCorrection[];
  planned: PlannedBatchLook[];
}

/** A packet's word as it is shown: what is otherwise here, and the plan that gives what was meant. */
export interface PacketLook {
  here: AirPlan;
  differs: Difference[];
  plan: AirPlan;
  unsafe: AirResult['unsafe'];
  left: Difference[];
}
