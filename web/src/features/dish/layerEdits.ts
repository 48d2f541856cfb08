import { ingredient, isWetLayer, type LayerSpec, type Portion } from '@yellowmist/core';

/** Pure edits of a coat's list of layers, 0 next to the skin. */

const replaced = (layers: readonly LayerSpec[], at: number, layer: LayerSpec): LayerSpec[] =>
  layers.map((l, i) => (i === at ? layer : l));

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
export const canSplit = (spec: LayerSpec): boolean => spec.portions.filter(standsAlone).length > 1;

const standsAlone = ({ ingredientId }: Portion): boolean => {
  const { dry, wet, group } = ingredient(ingredientId);
  return dry !== undefined || (wet !== undefined && group !== 'fat');
};

/** The lightest ingredient that can stand alone goes into a layer of its own, just outside. */
export function splitLayer(layers: readonly LayerSpec[], at: number): LayerSpec[] {
  const spec = layers[at];
  if (!canSplit(spec)) return [...layers];
  const out = spec.portions.filter(standsAlone).reduce((a, b) => (b.grams < a.grams ? b : a));
  const rest = { ...spec, portions: spec.portions.filter((p) => p !== out) };
  return [...layers.slice(0, at), rest, { portions: [out] }, ...layers.slice(at + 1)];
}

/** The pair of a dry and a wet layer that a piece would go through once more, by its inner place; null without one. */
export function pairAt(layers: readonly LayerSpec[], at: number): number | null {
  const differ = (a: number, b: number): boolean =>
    layers[a] !== undefined && layers[b] !== undefined && isWetLayer(layers[a]) !== isWetLayer(layers[b]);
  if (differ(at, at + 1)) return at;
  return differ(at - 1, at) ? at - 1 : null;
}

/** Double dredge: the layer and its partner once more, outside them. */
export function dredgedTwice(layers: readonly LayerSpec[], at: number): LayerSpec[] {
  const first = pairAt(layers, at);
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
  withLayer(layers, at, { portions: layers[at].portions.map((p, i) => (i === k ? { ...p, ...change } : p)) });

export const withNewPortion = (layers: readonly LayerSpec[], at: number, ingredientId: string): LayerSpec[] =>
  withLayer(layers, at, { portions: [...layers[at].portions, { ingredientId, grams: 10 }] });

/** Takes an ingredient out; the last one of a layer stays. */
export const withoutPortion = (layers: readonly LayerSpec[], at: number, k: number): LayerSpec[] =>
  layers[at].portions.length === 1
    ? [...layers]
    : withLayer(layers, at, { portions: layers[at].portions.filter((_, i) => i !== k) });
