import { convertInSteps, evaluateAir, evaluateFried, type Conversion, type ConvertRequest } from '@yellowmist/core';
import type { AirPlan, AirResult, Dish, FriedCook, FriedResult, Fryer } from '@yellowmist/core';
import { expose } from 'comlink';

/** What the bench shows of a dish: the fried original, and the chosen air version when there is one. */
export interface Question {
  dish: Dish;
  fried: FriedCook;
  fryer: Fryer;
  plan: AirPlan | null;
  /** Record every cell, for the cutaways. */
  profiles: boolean;
}

export interface Answer {
  fried: FriedResult;
  air: AirResult | null;
}

export interface Progress {
  done: number;
  of: number;
  found: number;
}

const SLICE_MS = 40;

/** Lets messages in: a newer question stops the search that runs. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

let newest = 0;

const service = {
  evaluate({ dish, fried, fryer, plan, profiles }: Question): Answer {
    const friedResult = evaluateFried(dish, fried, { profiles });
    return { fried: friedResult, air: plan ? evaluateAir(dish, plan, fryer, friedResult, { profiles }) : null };
  },

  /** The whole conversion; null when a newer one or `stop` overtook it. */
  async convert(request: ConvertRequest, onProgress: (progress: Progress) => void): Promise<Conversion | null> {
    const mine = ++newest;
    const steps = convertInSteps(request);
    let since = performance.now();
    for (let next = steps.next(); ; next = steps.next()) {
      if (next.done) return next.value;
      if (performance.now() - since > SLICE_MS) {
        onProgress({ done: next.value.done, of: next.value.of, found: next.value.found.length });
        await breathe();
        if (mine !== newest) return null;
        since = performance.now();
      }
    }
  },

  stop(): void {
    newest += 1;
  },
};

export type CoreService = typeof service;

expose(service);
