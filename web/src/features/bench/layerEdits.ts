import type { LayerSpec, Portion } from '@yellowmist/core';

/** Pure edits of a coat's list of layers, 0 next to the skin. */

const replaced = (layers: readonly LayerSpec[], at: number, layer: LayerSpec): LayerSpec[] =>
  layers.map((l, i) => (i === at ? layer : l));

export const withLayer = (layers: readonly LayerSpec[], at: number, change: Partial<LayerSpec>): LayerSpec[] =>
  replaced(layers, at, { ...layers[at], ...change });

/** Moves a layer outward (+1) or toward the skin (−1); unchanged at the ends. */
export function movedLayer(layers: readonly LayerSpec[], at: number, by: 1 | -1): LayerSpec[] {
  const to = at + by;
  if (to < 0 || to >= layers.length) return [...layers];
  const next = [...layers];
  [next[at], next[to]] = [next[to], next[at]];
  return next;
}

export const withoutLayer = (layers: readonly LayerSpec[], at: number): LayerSpec[] =>
  layers.filter((_, i) => i !== at);

/** A new layer outside all others, to be changed. */
export const withNewLayer = (layers: readonly LayerSpec[], ingredientId: string): LayerSpec[] => [
  ...layers,
  { portions: [{ ingredientId, grams: 60 }] },
];

export const withPortion = (
  layers: readonly LayerSpec[],
  at: number,
  k: number,
  change: Partial<Portion>,
): LayerSpec[] =>
  withLayer(layers, at, { portions: layers[at].portions.map((p, i) => (i === k ? { ...p, ...change } : p)) });

export const withNewPortion = (layers: readonly LayerSpec[], at: number, ingredientId: string): LayerSpec[] =>
  withLayer(layers, at, { portions: [...layers[at].portions, { ingredientId, grams: 10 }] });

/** Takes an ingredient out; the last one of a layer stays. */
export const withoutPortion = (layers: readonly LayerSpec[], at: number, k: number): LayerSpec[] =>
  layers[at].portions.length === 1
    ? [...layers]
    : withLayer(layers, at, { portions: layers[at].portions.filter((_, i) => i !== k) });
