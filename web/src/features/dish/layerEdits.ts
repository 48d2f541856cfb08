import { ingredient, isWetLayer, type LayerSpec, type Pantry, type Portion } from '@yellowmist/core';

/** Pure edits of a coat's list of layers, 0 next to the skin. */

const replaced = (layers: readonly LayerSpec[], at: number, layer: LayerSpec): LayerSpec[] =>
  layers.map((l, i) => (i === at ? layer : l));

/** Another mixture: what the recipe says of the bowl follows the hand. */
const remixed = (spec: LayerSpec, portions: Portion[]): LayerSpec => ({
  ...spec,
  portions,
  ...(spec.written && { written: { ...spec.written, portions } }),
});

export const withLayer = (layers: readonly LayerSpec[], at: number, change: Partial<LayerSpec>): LayerSpec[] =>
  replaced(layers, at, { ...layers[at], ...change });

/** A list with one item moved to another place; unchanged when that place is not in it. */
export function moved<T>(list: readonly T[], at: number, to: number): T[] {
  if (to < 0 || to >= list.length) return [...list];
  const next = list.filter((_, i) => i !== at);
  next.splice(to, 0, list[at]);
  return next;
}

/** Whether a layer can be split: it needs two ingredients that can stand alone. */
export const canSplit = (pantry: Pantry, spec: LayerSpec): boolean =>
  spec.portions.filter(standsAloneIn(pantry)).length > 1;

const standsAloneIn =
  (pantry: Pantry) =>
  ({ ingredientId }: Portion): boolean => {
    const { dry, wet, group } = ingredient(pantry, ingredientId);
    return dry !== undefined || (wet !== undefined && group !== 'fat');
  };

/** The lightest ingredient that can stand alone goes into a layer of its own, just outside. */
export function splitLayer(pantry: Pantry, layers: readonly LayerSpec[], at: number): LayerSpec[] {
  const spec = layers[at];
  if (!canSplit(pantry, spec)) return [...layers];
  const out = spec.portions.filter(standsAloneIn(pantry)).reduce((a, b) => (b.grams < a.grams ? b : a));
  const rest = remixed(
    spec,
    spec.portions.filter((p) => p !== out),
  );
  return [...layers.slice(0, at), rest, { portions: [out] }, ...layers.slice(at + 1)];
}

/**
 * The pair of a dry and a wet layer that a piece would go through once more, by its inner place; null without one. A
 * binder goes with the dust under it (flour, egg, flour, egg, crumbs), a dust with the binder over it, and a finish with
 * what glues it.
 */
export function pairAt(pantry: Pantry, layers: readonly LayerSpec[], at: number): number | null {
  const isWet = (k: number): boolean => isWetLayer(pantry, layers[k]);
  const pairs = (k: number): boolean => k >= 0 && k + 1 < layers.length && isWet(k) !== isWet(k + 1);
  const inner = at - 1;
  const first = isWet(at) ? [inner, at] : [at, inner];
  return first.find(pairs) ?? null;
}

/** Double dredge: the layer and its partner once more, outside them. */
export function dredgedTwice(pantry: Pantry, layers: readonly LayerSpec[], at: number): LayerSpec[] {
  const first = pairAt(pantry, layers, at);
  if (first === null) return [...layers];
  const pair = layers.slice(first, first + 2);
  return [...layers.slice(0, first + 2), ...pair, ...layers.slice(first + 2)];
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
  replaced(
    layers,
    at,
    remixed(
      layers[at],
      layers[at].portions.map((p, i) => (i === k ? { ...p, ...change } : p)),
    ),
  );

export const withNewPortion = (layers: readonly LayerSpec[], at: number, ingredientId: string): LayerSpec[] =>
  replaced(layers, at, remixed(layers[at], [...layers[at].portions, { ingredientId, grams: 10 }]));

/** Takes an ingredient out; the last one of a layer stays. */
export const withoutPortion = (layers: readonly LayerSpec[], at: number, k: number): LayerSpec[] =>
  layers[at].portions.length === 1
    ? [...layers]
    : replaced(
        layers,
        at,
        remixed(
          layers[at],
          layers[at].portions.filter((_, i) => i !== k),
        ),
      );
