import type {
  AirPlan,
  AirResult,
  Asks,
  ConvertRequest,
  Dish,
  FriedCook,
  FriedResult,
  Fryer,
  Label,
} from '@yellowmist/core';

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
}

export interface Evaluation {
  fried: FriedResult;
  air: AirResult | null;
}

/** A dish to be converted, in its kitchen. */
export interface DishQuestion extends ConvertRequest, InKitchen {}

/** A dish with the plan on the bench, of which more is asked. */
export interface PlanQuestion extends DishQuestion {
  plan: AirPlan;
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

/** Where the pieces of a full batch lie. */
export interface LayoutQuestion extends InKitchen {
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
}
