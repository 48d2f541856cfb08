import type { Body } from './body.js';
import type { Work } from './conduct.js';
import {
  BOILING_WITHIN_K,
  COOLER_THAN_BOILING_C,
  FUSION_HEAT,
  ICE_HEAT,
  THAW_C,
  WATER_HEAT,
} from './constants/index.js';
import { boilingRise, foodBoilingC, latentHeat } from './water.js';

/** Water that boiled inside one half-body in a step, kg: all of it, and what came from the food under the coat. */
export interface Steam {
  all: number;
  fromFood: number;
  /** Latent and sensible heat that left with it, J. */
  heatJ: number;
}

export const noSteam = (): Steam => ({ all: 0, fromFood: 0, heatJ: 0 });

/**
 * No cell passes the boiling point of its water activity while it has water: the excess heat of cells `from` … `to`−1
 * evaporates it. The boiling point rises as the cell dries, hence the slope. The next step holds what boiled (`conductStep`).
 */
export function boil(body: Body, work: Work, from: number, to: number, out: Steam): void {
  const { tempC, water, solids, layer } = body;
  const { heat } = work;
  out.all = 0;
  out.fromFood = 0;
  out.heatJ = 0;
  for (let i = from; i < to; i++) {
    const t = tempC[i];
    if (t <= COOLER_THAN_BOILING_C) continue;
    const x = water[i] / solids[i];
    const boilsAt = foodBoilingC(x);
    if (t <= boilsAt || water[i] <= 0) continue;
    work.boiling[work.boilingCells++] = i;
    const slope = boilingRise(x) / solids[i];
    const latent = latentHeat(boilsAt);
    const kg = Math.min(water[i], (heat[i] * (t - boilsAt)) / (latent + heat[i] * slope));
    tempC[i] = t - (kg * latent) / heat[i];
    water[i] -= kg;
    heat[i] -= kg * WATER_HEAT;
    out.all += kg;
    if (layer[i] < 0) out.fromFood += kg;
    out.heatJ += kg * (latent + WATER_HEAT * tempC[i]);
  }
}

/** Finds the cells that boil after water has come into some of them and gone out of others. */
export function findBoiling({ from, to, tempC, water, solids }: Body, work: Work): void {
  work.boilingCells = 0;
  for (let i = from; i < to; i++) {
    if (tempC[i] <= COOLER_THAN_BOILING_C || water[i] <= 0) continue;
    if (tempC[i] >= foodBoilingC(water[i] / solids[i]) - BOILING_WITHIN_K) work.boiling[work.boilingCells++] = i;
  }
}

/** What a kilogram of ice takes more to warm once it has melted, J/(kg K). */
const MELTING_GAIN = WATER_HEAT - ICE_HEAT;

/** Thaws ice with the heat that a cell has above the thawing point. Returns whether any ice is left. */
export function thaw(body: Body, work: Work): boolean {
  const { from, to, tempC, ice } = body;
  const { heat } = work;
  let left = false;
  for (let i = from; i < to; i++) {
    if (ice[i] <= 0) continue;
    if (tempC[i] > THAW_C) {
      const kg = Math.min(ice[i], (heat[i] * (tempC[i] - THAW_C)) / (FUSION_HEAT + MELTING_GAIN * THAW_C));
      const thawed = heat[i] + kg * MELTING_GAIN;
      tempC[i] = (heat[i] * tempC[i] - kg * FUSION_HEAT) / thawed;
      ice[i] -= kg;
      heat[i] = thawed;
    }
    left ||= ice[i] > 0;
  }
  return left;
}
