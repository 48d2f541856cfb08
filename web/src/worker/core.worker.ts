import { evaluateAir, evaluateFried, searchFamily, type Alternative, type ConvertRequest } from '@yellowmist/core';
import type { AirPlan, AirResult, Dish, Family, FriedCook, FriedResult, Fryer } from '@yellowmist/core';
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

const service = {
  evaluate({ dish, fried, fryer, plan, profiles, waits }: Question): Answer {
    const friedResult = fryOnce(dish, fried, profiles);
    return { fried: friedResult, air: plan ? evaluateAir(dish, plan, fryer, friedResult, { profiles, waits }) : null };
  },

  /** Searches one family for search number `job`; tells how many cooks it simulated since it last told. Null when called off. */
  async search(
    job: number,
    request: ConvertRequest,
    family: Family,
    onSimulated: (cooks: number) => void | Promise<void>,
  ): Promise<Alternative | null> {
    const steps = searchFamily(request, family);
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
  },

  stopUpTo(job: number): void {
    stoppedUpTo = Math.max(stoppedUpTo, job);
  },
};

export type CoreService = typeof service;

expose(service);
