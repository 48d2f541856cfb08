import type { AirPlan } from '../dish/index.js';
import { substitutesFor, type Asks, type Ingredient } from '../foods/index.js';
import { choiceOf, evaluateAir, withSwap, type AirResult, type Asked, type FriedResult } from '../plan/index.js';
import { differences, type Difference } from './compare.js';

/** One ingredient that could stand in, and what it changes by the model. */
export interface Substitute {
  id: string;
  name: string;
  common: boolean;
  plan: AirPlan;
  changes: Difference[];
}

/** More are not shown. */
const MOST_SHOWN = 5;

const planWith = (plan: AirPlan, at: number, fromId: string, toId: string, asks: Asks): AirPlan => ({
  ...plan,
  layers: plan.layers.map((l, i) => (i === at ? withSwap(l, fromId, toId, asks) : l)),
});

/**
 * What could stand in for one ingredient of a layer, the most alike first, each simulated in this dish and fryer:
 * what changes in set, adhesion, crispness, colour and allergens.
 * @param current the plan as it is, evaluated
 * @param asks what the cook eats and has; the request's limits without
 */
export function substitutions(
  request: Asked,
  current: AirResult,
  fried: FriedResult,
  at: number,
  ingredientId: string,
  asks: Asks = choiceOf(request),
): Substitute[] {
  const others: Ingredient[] = substitutesFor(ingredientId, asks).slice(0, MOST_SHOWN);
  return others.map(({ id, name, common }) => {
    const plan = planWith(current.plan, at, ingredientId, id, asks);
    const result = evaluateAir(request, plan, fried);
    return { id, name, common, plan, changes: differences(current, result) };
  });
}
