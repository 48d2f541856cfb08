import { flowOf, isWetLayer, type LayerSpec } from '../coat/index.js';
import {
  allowed,
  functionOf,
  ingredient,
  substitutesFor,
  totalGrams,
  type Asks,
  type Ingredient,
  type Pantry,
  type Portion,
  partsOf,
} from '../foods/index.js';
import { bisect } from '../units/index.js';
import { STARCH_IN_PLANT_GLUE } from './constants.js';

/** One ingredient that gave way to another, or to nothing. */
export interface Swap {
  fromId: string;
  toId: string | null;
}

export interface Adapted {
  layers: LayerSpec[];
  swaps: Swap[];
}

const isLiquid = (pantry: Pantry, id: string): boolean =>
  ['glue', 'thin-liquid', 'sharp-liquid'].includes(functionOf(ingredient(pantry, id)));

const withLiquid = (pantry: Pantry, portions: readonly Portion[], factor: number): Portion[] =>
  portions.map((p) => (isLiquid(pantry, p.ingredientId) ? { ...p, grams: p.grams * factor } : p));

/** Its liquid may grow or shrink so much at most to keep a batter's consistency. */
const MOST_LIQUID = 4;

/** The portions with so much of their liquid that they are as thick as `before` was: another flour drinks more or less. */
export function asThickAs(pantry: Pantry, before: readonly Portion[], portions: readonly Portion[]): Portion[] {
  const thick = (of: readonly Portion[]): number => flowOf(partsOf(pantry, of)).viscosityPaS;
  const wanted = thick(before);
  const most = Math.log(MOST_LIQUID);
  const factor = Math.exp(
    bisect(-most, most, (logFactor) => thick(withLiquid(pantry, portions, Math.exp(logFactor))) <= wanted),
  );
  return withLiquid(pantry, portions, factor).map((p) =>
    isLiquid(pantry, p.ingredientId) ? { ...p, grams: Math.max(1, Math.round(p.grams)) } : p,
  );
}

const isBatterOf = (pantry: Pantry, portions: Portion[]): boolean =>
  isWetLayer(pantry, { portions }) &&
  portions.some((p) => isLiquid(pantry, p.ingredientId)) &&
  portions.some((p) => ingredient(pantry, p.ingredientId).dry);

/** Egg sets by its protein: whatever takes its place without any needs starch to do it. */
const losesGlue = (from: Ingredient, to: Ingredient): boolean =>
  functionOf(from) === 'glue' && from.per100g.proteinG > 8 && to.per100g.proteinG < 8;

/**
 * One layer with an ingredient swapped for another of its function: a batter keeps its consistency, and a plant binder
 * in the place of egg gets starch.
 */
export function withSwap(spec: LayerSpec, fromId: string, toId: string, asks: Asks): LayerSpec {
  const { pantry } = asks;
  const swapped = merged(spec.portions.map((p) => (p.ingredientId === fromId ? { ...p, ingredientId: toId } : p)));
  const starch = starchFor(asks);
  const hasPowder = swapped.some((p) => ingredient(pantry, p.ingredientId).dry);
  if (losesGlue(ingredient(pantry, fromId), ingredient(pantry, toId)) && !hasPowder && starch) {
    const grams = (totalGrams(swapped) * STARCH_IN_PLANT_GLUE) / 100;
    return { ...spec, portions: [...swapped, { ingredientId: starch, grams }] };
  }
  const portions =
    isBatterOf(pantry, spec.portions) && isBatterOf(pantry, swapped)
      ? asThickAs(pantry, spec.portions, swapped)
      : swapped;
  return { ...spec, portions };
}

/** The starch that thickens a plant binder: the first of the shelf that is eaten here. */
const starchFor = ({ pantry, ...asks }: Asks): string | undefined =>
  pantry.shelf.find((i) => i.uses?.starch !== undefined && i.group === 'starch' && allowed(i.id, { pantry, ...asks }))
    ?.id;

/** The same ingredient twice in a bowl is one portion. */
function merged(portions: readonly Portion[]): Portion[] {
  const grams = new Map<string, number>();
  for (const p of portions) grams.set(p.ingredientId, (grams.get(p.ingredientId) ?? 0) + p.grams);
  return [...grams].map(([ingredientId, g]) => ({ ingredientId, grams: g }));
}

const dropped = (spec: LayerSpec, id: string): LayerSpec => ({
  ...spec,
  portions: spec.portions.filter((p) => p.ingredientId !== id),
});

/**
 * The coat with everything that breaks what is asked given way to the nearest of its function, or left out where
 * nothing of its function is left. Nothing that breaks what is asked is ever in it.
 */
export function adaptCoat(layers: readonly LayerSpec[], asks: Asks): Adapted {
  const swaps: Swap[] = [];
  const adapted = layers.map((spec) => {
    let next = spec;
    for (const { ingredientId } of spec.portions) {
      if (allowed(ingredientId, asks)) continue;
      const toId = substitutesFor(ingredientId, asks)[0]?.id ?? null;
      if (!swaps.some((s) => s.fromId === ingredientId)) swaps.push({ fromId: ingredientId, toId });
      next = toId ? withSwap(next, ingredientId, toId, asks) : dropped(next, ingredientId);
    }
    return next;
  });
  return { layers: adapted.filter((l) => totalGrams(l.portions) > 0), swaps };
}
