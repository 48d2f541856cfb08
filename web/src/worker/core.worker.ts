import {
  evaluateAir,
  evaluateFried,
  ingredientFromLabel,
  layoutOf,
  lotOf,
  type Layout,
  loadOf,
  movedTo,
  readyPiece,
  schoolAnswer,
  searchFamily,
  stockOwn,
  substitutions,
  widenFamily,
  type AirPlan,
  type AirResult,
  type Asks,
  type ConvertRequest,
  type Dish,
  type Family,
  type FamilyFound,
  type FriedCook,
  type FriedResult,
  type Fryer,
  type Label,
  type Move,
  type SchoolAnswer,
  type Substitute,
  type WaterAdvice,
  waterAdvice,
} from '@yellowmist/core';
import { expose } from 'comlink';

/** What the bench shows of a dish: the fried original, and the chosen air version when there is one. */
export interface Question {
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  plan: AirPlan | null;
  /** Record every cell, for the cutaways. */
  profiles: boolean;
  /** Follow the cooked piece for half an hour: several times the work. */
  waits: boolean;
}

export interface Answer {
  fried: FriedResult;
  air: AirResult | null;
}

const SLICE_MS = 40;

/** Lets messages in: a call to stop is heard between two slices. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** Searches up to this one have been called off. */
let stoppedUpTo = 0;

let lastFried = { key: '', result: null as FriedResult | null };

/** The fried original, simulated anew only when it changed: while air settings are dragged it stays. */
function fryOnce(dish: Dish, fried: FriedCook, profiles: boolean): FriedResult {
  const key = JSON.stringify([dish, fried, profiles]);
  if (!lastFried.result || lastFried.key !== key) {
    lastFried = { key, result: evaluateFried(dish, fried, { profiles }) };
  }
  return lastFried.result!;
}

/** Runs a search in slices, so that a call to stop is heard; tells how many cooks it simulated since it last told. */
async function inSlices<T>(
  job: number,
  steps: Generator<number, T, undefined>,
  onSimulated: (cooks: number) => void | Promise<void>,
): Promise<T | null> {
  let since = performance.now();
  let cooks = 0;
  for (let next = steps.next(); ; next = steps.next()) {
    if (job <= stoppedUpTo) return null;
    if (next.done) {
      // Heard before the answer: they come by different ways.
      await onSimulated(cooks);
      return next.value;
    }
    cooks += 1;
    if (performance.now() - since > SLICE_MS) {
      void onSimulated(cooks);
      cooks = 0;
      await breathe();
      since = performance.now();
    }
  }
}

type Told = (cooks: number) => void | Promise<void>;

const service = {
  /** Puts the kitchen's own ingredients on this worker's shelf. */
  stock(own: Label[]): void {
    stockOwn(own.map(ingredientFromLabel));
  },

  evaluate({ dish, fried, fryer, plan, profiles, waits }: Question): Answer {
    const friedResult = fryOnce(dish, fried, profiles);
    return { fried: friedResult, air: plan ? evaluateAir(dish, plan, fryer, friedResult, { profiles, waits }) : null };
  },

  /** Searches the first coat of one family for search number `job`. Null when called off. */
  search: (job: number, request: ConvertRequest, family: Family, onSimulated: Told): Promise<FamilyFound | null> =>
    inSlices(job, searchFamily(request, family), onSimulated),

  /** Searches the other coats of a family around what its first came to. Null when called off. */
  widen: (
    job: number,
    request: ConvertRequest,
    first: Pick<FamilyFound, 'family' | 'candidates'>,
    onSimulated: Told,
  ): Promise<FamilyFound | null> => inSlices(job, widenFamily(request, first), onSimulated),

  /** What each side of a question on which cooks disagree would cost this plan. */
  school(request: ConvertRequest, plan: AirPlan, schoolId: string): SchoolAnswer {
    const { dish, fried, fryer } = request;
    const friedResult = fryOnce(dish, fried, false);
    const current = evaluateAir(dish, plan, fryer, friedResult, { waits: true });
    return schoolAnswer(request, schoolId, friedResult, current);
  },

  /** What could stand in for one ingredient of a layer of this plan, each simulated. */
  substitutes(request: ConvertRequest, plan: AirPlan, at: number, ingredientId: string, asks: Asks): Substitute[] {
    const { dish, fried, fryer } = request;
    const friedResult = fryOnce(dish, fried, false);
    const current = evaluateAir(dish, plan, fryer, friedResult);
    return substitutions(request, current, friedResult, at, ingredientId, asks);
  },

  /** Every way of dealing with the food's water, simulated through to the plate. */
  water(request: ConvertRequest, plan: AirPlan): WaterAdvice {
    const { dish, fried, fryer } = request;
    const friedResult = fryOnce(dish, fried, false);
    return waterAdvice(request, friedResult, evaluateAir(dish, plan, fryer, friedResult));
  },

  /** Where the pieces of a full batch lie. */
  layout(dish: Dish, plan: AirPlan, fryer: Fryer): Layout {
    const lot = lotOf(readyPiece(dish, plan.layers), dish);
    return layoutOf(lot, loadOf(lot, fryer, plan.laying), fryer, plan.laying);
  },

  /** The plan as it would be cooked in another fryer. */
  move(request: ConvertRequest, plan: AirPlan, fryer: Fryer): Move {
    const friedResult = fryOnce(request.dish, request.fried, false);
    return movedTo(request, fryer, friedResult, evaluateAir(request.dish, plan, request.fryer, friedResult));
  },

  stopUpTo(job: number): void {
    stoppedUpTo = Math.max(stoppedUpTo, job);
  },
};

export type CoreService = typeof service;

expose(service);
