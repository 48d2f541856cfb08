import { isWetLayer, type LayerSpec } from '../../coat/index.js';
import { totalGrams, type Pantry } from '../../foods/index.js';

/** How the layers of a plan stand against those of the cook's own coat, from the skin outward. */
export type Step =
  | { kind: 'same'; own: LayerSpec; layer: LayerSpec; at: number }
  | { kind: 'added'; layer: LayerSpec; at: number }
  /** `at` is the place of the plan's layer before which it lay. */
  | { kind: 'left-out'; own: LayerSpec; at: number };

/** What a layer more or less costs against two that differ in everything (1): two of those are rather one replaced. */
const GAP = 0.55;

const shares = ({ portions }: LayerSpec): Map<string, number> => {
  const all = totalGrams(portions);
  return new Map(portions.map((p) => [p.ingredientId, p.grams / all]));
};

/** Share of two layers that is of the same ingredients, 0–1. */
export function alike(a: LayerSpec, b: LayerSpec): number {
  const of = shares(b);
  return [...shares(a)].reduce((sum, [id, share]) => sum + Math.min(share, of.get(id) ?? 0), 0);
}

/** What it costs to take one layer for the other: never a dip for a dredge. */
const apart = (pantry: Pantry, a: LayerSpec, b: LayerSpec): number =>
  isWetLayer(pantry, a) === isWetLayer(pantry, b) ? 1 - alike(a, b) : Infinity;

/**
 * The cheapest way from the cook's own layers to a plan's: which layer stands for which, which are new, which are gone.
 * Of ways that cost the same, the one that keeps the inner layers.
 */
export function aligned(pantry: Pantry, own: readonly LayerSpec[], layers: readonly LayerSpec[]): Step[] {
  // cost[i][j]: from own[i…] to layers[j…].
  const cost = Array.from({ length: own.length + 1 }, () => new Array<number>(layers.length + 1).fill(0));
  const ways = (i: number, j: number): [number, number, number] => [
    i < own.length && j < layers.length ? apart(pantry, own[i], layers[j]) + cost[i + 1][j + 1] : Infinity,
    j < layers.length ? GAP + cost[i][j + 1] : Infinity,
    i < own.length ? GAP + cost[i + 1][j] : Infinity,
  ];
  for (let i = own.length; i >= 0; i--) {
    for (let j = layers.length; j >= 0; j--) {
      if (i < own.length || j < layers.length) cost[i][j] = Math.min(...ways(i, j));
    }
  }
  const steps: Step[] = [];
  let [i, j] = [0, 0];
  while (i < own.length || j < layers.length) {
    const [keep, add] = ways(i, j);
    if (keep === cost[i][j]) steps.push({ kind: 'same', own: own[i++], layer: layers[j], at: j++ });
    else if (add === cost[i][j]) steps.push({ kind: 'added', layer: layers[j], at: j++ });
    else steps.push({ kind: 'left-out', own: own[i++], at: j });
  }
  return steps;
}
