import { isWetLayer, type CoatLayer, type LayerSpec } from '../../coat/index.js';
import { functionOf, ingredient, type Pantry, type Portion } from '../../foods/index.js';
import { isBatter } from '../../plan/index.js';
import { listed, spoken, text, type Text } from '../../units/index.js';
import { aligned, alike, type Step } from './align.js';
import type { ChangeId } from './change.js';

/** What was changed in the coat, and the coat without that one change. */
export interface CoatChange {
  id: ChangeId;
  text: Text;
  without: LayerSpec[];
}

/** Two layers that share less than this of their weight are two different things. Our choice. */
const STILL_THE_SAME = 0.4;
/** A batter's liquid that changed by less is not told, as a share. Our choice. */
const SAME_LIQUID = 0.06;

const withAt = (layers: readonly LayerSpec[], at: number, next: LayerSpec): LayerSpec[] =>
  layers.map((l, k) => (k === at ? next : l));

const picked = ({ portions }: LayerSpec, picks: (id: string) => boolean): Portion[] =>
  portions.filter((p) => picks(p.ingredientId));

const gramsOf = (portions: readonly Portion[]): number => portions.reduce((sum, p) => sum + p.grams, 0);

/** What a layer is called, lowered: as it was built. */
type Named = (at: number) => string;

interface Pair {
  pantry: Pantry;
  layers: readonly LayerSpec[];
  own: LayerSpec;
  layer: LayerSpec;
  at: number;
}

/** Ingredients of one kind that the layer has and the cook's own has not. */
const newOnes = ({ own, layer }: Pair, picks: (id: string) => boolean): Portion[] =>
  picked(layer, (id) => picks(id) && !own.portions.some((p) => p.ingredientId === id));

function oiled(pair: Pair, named: Named): CoatChange[] {
  const { pantry, layers, layer, at } = pair;
  const isOil = (id: string): boolean => functionOf(ingredient(pantry, id)) === 'oil';
  const oil = newOnes(pair, isOil);
  if (oil.length === 0 || isWetLayer(pantry, layer)) return [];
  const portions = layer.portions.filter((p) => !oil.includes(p));
  const spoons = Math.round((100 * gramsOf(oil)) / gramsOf(portions));
  return [
    {
      id: 'oil-in-finish',
      text: text`Rub ${spoons} g of oil into every 100 g of ${named(at)} before they go on.`,
      without: withAt(layers, at, { ...layer, portions }),
    },
  ];
}

function starched(pair: Pair): CoatChange[] {
  const { pantry, layers, own, layer, at } = pair;
  const isStarch = (id: string): boolean => ingredient(pantry, id).dry?.grain === 'starch';
  const starch = newOnes(pair, isStarch);
  if (starch.length === 0) return [];
  const isDry = (id: string): boolean => ingredient(pantry, id).dry !== undefined;
  const share = gramsOf(starch) / gramsOf(picked(layer, isDry));
  const kept = layer.portions.filter((p) => !starch.includes(p));
  // Flour comes back in the place of starch.
  const flour = own.portions.find((p) => isDry(p.ingredientId))?.ingredientId;
  const portions = kept.map((p) => (p.ingredientId === flour ? { ...p, grams: p.grams + gramsOf(starch) } : p));
  const names = listed(starch.map((p) => spoken(ingredient(pantry, p.ingredientId).name)));
  return [
    {
      id: 'starch',
      text: text`Let ${names} take the place of ${sharePart(share)} of the flour.`,
      without: withAt(layers, at, { ...layer, portions }),
    },
  ];
}

/** Shares as a cook says them, upper bound first. */
const FLOUR_SHARES: readonly (readonly [number, string])[] = [
  [0.15, 'a tenth'],
  [0.22, 'a fifth'],
  [0.29, 'a quarter'],
  [0.42, 'a third'],
  [0.6, 'half'],
  [Infinity, 'most'],
];
const sharePart = (share: number): string => FLOUR_SHARES.find(([to]) => share <= to)![1];

/** g of liquid to 1 g of what is dry in a batter. */
function liquidTo({ pantry }: Pair, l: LayerSpec): number {
  const wet = picked(l, (id) => ingredient(pantry, id).wet !== undefined);
  return gramsOf(wet) / gramsOf(picked(l, (id) => ingredient(pantry, id).dry !== undefined));
}

function thickened(pair: Pair): CoatChange[] {
  const { pantry, layers, own, layer, at } = pair;
  if (!isBatter(pantry, own) || !isBatter(pantry, layer)) return [];
  const [before, now] = [liquidTo(pair, own), liquidTo(pair, layer)];
  if (Math.abs(now / before - 1) < SAME_LIQUID) return [];
  const factor = before / now;
  const portions = layer.portions.map((p) =>
    ingredient(pantry, p.ingredientId).wet ? { ...p, grams: p.grams * factor } : p,
  );
  const per100 = (ratio: number): number => Math.round(ratio * 20) * 5;
  return [
    {
      id: 'thicker',
      text: text`Mix the batter ${now < before ? 'thicker' : 'thinner'}: ${per100(now)} g of liquid to 100 g of flour instead of ${per100(before)} g.`,
      without: withAt(layers, at, { ...layer, portions }),
    },
  ];
}

function handled({ layers, own, layer, at }: Pair, named: Named): CoatChange[] {
  const out: CoatChange[] = [];
  if (layer.pressed && !own.pressed) {
    const without = withAt(layers, at, { ...layer, pressed: false });
    out.push({ id: 'pressed', text: text`Press the ${named(at)} on with a flat hand.`, without });
  }
  if (layer.clumped && !own.clumped) {
    const without = withAt(layers, at, { ...layer, clumped: false });
    out.push({ id: 'clumped', text: text`Let it lie in the ${named(at)} until that clumps.`, without });
  }
  return out;
}

function altered(pair: Pair, named: Named, ownName: string): CoatChange[] {
  const { layers, own, layer, at } = pair;
  if (alike(own, layer) < STILL_THE_SAME) {
    const said = text`Take ${named(at)} instead of ${ownName}.`;
    return [{ id: 'replaced', text: said, without: withAt(layers, at, own) }];
  }
  return [...thickened(pair), ...starched(pair), ...oiled(pair, named), ...handled(pair, named)];
}

/** Layers that were added one right after the other are one change. */
function added(
  pantry: Pantry,
  layers: readonly LayerSpec[],
  run: readonly number[],
  named: Named,
  food: string,
): CoatChange {
  const without = layers.filter((_, k) => !run.includes(k));
  const [first] = run;
  const names = run.map(named);
  const dry = run.every((k) => !isWetLayer(pantry, layers[k]));
  const last = run.at(-1) === layers.length - 1;
  if (dry && first === 0) return { id: 'dust-first', text: text`Dust the ${food} with ${names[0]} first.`, without };
  if (run.length > 1 && first > 0) {
    return { id: 'second-dredge', text: text`Coat it a second time: ${names.join(', then ')}.`, without };
  }
  if (dry && last) {
    return { id: 'crumbs-over', text: text`Press ${names[0]} on, over the wet ${named(first - 1)}.`, without };
  }
  return { id: 'added', text: text`Add a layer: ${names.join(', then ')}.`, without };
}

const runsOf = (steps: readonly Step[]): number[][] => {
  const runs: number[][] = [];
  let open = false;
  for (const step of steps) {
    if (step.kind !== 'added') open = false;
    else if (open) runs.at(-1)!.push(step.at);
    else runs.push([step.at]);
    if (step.kind === 'added') open = true;
  }
  return runs;
};

/**
 * In what the layers of a plan differ from the cook's own, from the skin outward, each with the coat without it.
 * @param built the plan's layers as they lie, for their names
 * @param ownBuilt the cook's own
 * @param food the food's name, in small letters
 */
export function coatChanges(
  pantry: Pantry,
  own: readonly LayerSpec[],
  layers: readonly LayerSpec[],
  built: readonly CoatLayer[],
  ownBuilt: readonly CoatLayer[],
  food: string,
): CoatChange[] {
  const named: Named = (at) => spoken(built[at]?.name ?? 'layer');
  const steps = aligned(pantry, own, layers);
  const runs = runsOf(steps);
  return steps.flatMap((step): CoatChange[] => {
    switch (step.kind) {
      case 'same':
        return altered({ pantry, layers, ...step }, named, spoken(ownBuilt[own.indexOf(step.own)]?.name ?? 'yours'));
      case 'added': {
        const run = runs.find(([first]) => first === step.at);
        return run ? [added(pantry, layers, run, named, food)] : [];
      }
      case 'left-out': {
        const without = [...layers.slice(0, step.at), step.own, ...layers.slice(step.at)];
        const name = spoken(ownBuilt[own.indexOf(step.own)]?.name ?? 'layer');
        return [{ id: 'left-out', text: text`Leave out the ${name}.`, without }];
      }
    }
  });
}
