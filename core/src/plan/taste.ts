import type { CoatLayer } from '../coat/index.js';
import type { Ingredient } from '../foods/index.js';
import { lowered } from '../units/index.js';
import { TASTE_COST } from './constants.js';

/** What a coat tastes of: a cook who fries in bread crumbs does not look for corn flakes, however crisp. */

/** A word for what an ingredient tastes of; ingredients that taste alike share it. */
export const tasteOf = ({ taste, id }: Ingredient): string => taste ?? id;

const isMeal = ({ group }: Ingredient): boolean => ['flour', 'starch', 'crumb'].includes(group);
/** Starch has hardly a taste of its own. */
const hasTaste = (item: Ingredient): boolean => isMeal(item) && item.group !== 'starch';
const isGlue = ({ roles }: Ingredient): boolean => roles.includes('binder');

/** Tastes of some of a coat's ingredients with their grams. */
function tastes(layers: readonly CoatLayer[], picks: (item: Ingredient) => boolean): Map<string, number> {
  const sum = new Map<string, number>();
  for (const l of layers) {
    for (const { ingredient: item, grams } of l.portions) {
      if (picks(item)) sum.set(tasteOf(item), (sum.get(tasteOf(item)) ?? 0) + grams * l.pickUpGm2);
    }
  }
  return sum;
}

/** Share of what is in `air` that `fried` tastes of as well; 1 when one of them tastes of nothing. */
function shared(air: ReadonlyMap<string, number>, fried: ReadonlyMap<string, number>): number {
  const all = [...air.values()].reduce((a, b) => a + b, 0);
  if (all === 0 || fried.size === 0) return 1;
  const same = [...air].filter(([taste]) => fried.has(taste)).reduce((a, [, grams]) => a + grams, 0);
  return same / all;
}

/** The outermost layer of flour, starch or crumbs: what is bitten first. */
const finishOf = (coat: readonly CoatLayer[]): CoatLayer[] =>
  coat.filter((l) => l.portions.some((p) => isMeal(p.ingredient))).slice(-1);

/**
 * How much a coat tastes of what the cook's own tastes of, 0–1: its finish, and what glues it. Weights: our judgement,
 * no source.
 */
export function tastesAlike(air: readonly CoatLayer[], fried: readonly CoatLayer[]): number {
  const finish = shared(tastes(finishOf(air), hasTaste), tastes(finishOf(fried), hasTaste));
  const glue = shared(tastes(air, isGlue), tastes(fried, isGlue));
  return 1 - TASTE_COST.finish * (1 - finish) - TASTE_COST.glue * (1 - glue);
}

/** What a coat's finish tastes of that the cook's own does not: names of ingredients. */
export function otherTastes(air: readonly CoatLayer[], fried: readonly CoatLayer[]): string[] {
  const known = tastes(finishOf(fried), hasTaste);
  const parts = finishOf(air).flatMap((l) => l.portions.map((p) => p.ingredient));
  return parts.filter((i) => hasTaste(i) && !known.has(tasteOf(i))).map((i) => lowered(i.name));
}
