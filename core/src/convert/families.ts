import { isWetLayer, type LayerSpec } from '../coat/index.js';
import { fitsDiets, ingredient, totalGrams, type Portion } from '../foods/index.js';
import type { UnderFood } from '../heat/index.js';
import { HYDRATION } from './constants.js';
import type { ConvertRequest, Family, Limits } from './types.js';

/** A coat to try: its layers, where it lies, and the thought behind it. */
export interface Coat {
  family: Family;
  layers: LayerSpec[];
  under: UnderFood;
  restMin: number;
  idea: string;
}

const allowed = (id: string, limits: Limits): boolean => {
  const item = ingredient(id);
  return (
    fitsDiets(item, limits.diets) &&
    !item.allergens.some((a) => limits.avoidAllergens.includes(a)) &&
    !limits.without.includes(id)
  );
};

/** The first of several that the cook eats and has; undefined when there is none. */
export const choose = (limits: Limits, ...ids: string[]): string | undefined => ids.find((id) => allowed(id, limits));

/** A layer of ingredients and grams. */
export const layer = (portions: [string, number][], extra: Partial<LayerSpec> = {}): LayerSpec => ({
  portions: portions.map(([ingredientId, grams]) => ({ ingredientId, grams })),
  ...extra,
});

/** Salt that seasons one layer without salting the dish: common practice, no source. */
const SALT = ['salt', 2] as [string, number];

/** The original's layers with what the cook does not eat swapped or left out. */
function withoutForbidden(layers: readonly LayerSpec[], limits: Limits): LayerSpec[] {
  return layers
    .map((l) => ({
      ...l,
      portions: l.portions.flatMap((p): Portion[] => {
        if (allowed(p.ingredientId, limits)) return [p];
        const instead = substituteFor(p.ingredientId, limits);
        return instead ? [{ ...p, ingredientId: instead }] : [];
      }),
    }))
    .filter((l) => totalGrams(l.portions) > 0);
}

/** An ingredient that does the same in a coat and that the cook eats. */
export function substituteFor(id: string, limits: Limits): string | undefined {
  const item = ingredient(id);
  if (item.group === 'flour' || item.group === 'starch')
    return choose(limits, 'rice-flour', 'chickpea-flour', 'corn-starch');
  if (item.group === 'crumb') return choose(limits, 'coarse-crumbs', 'gluten-free-crumbs', 'puffed-rice', 'polenta');
  if (item.group === 'binder') return choose(limits, 'aquafaba', 'soured-soy-milk', 'egg');
  if (item.group === 'liquid') return choose(limits, 'sparkling-water', 'water');
  if (item.group === 'fat') return choose(limits, 'rapeseed-oil', 'sunflower-oil');
  return undefined;
}

/** Crumbs of what the cook eats and has. */
export const crumbsFor = (limits: Limits): string | undefined =>
  choose(limits, 'coarse-crumbs', 'gluten-free-crumbs', 'cornflakes', 'puffed-rice', 'polenta');

const thickened = (l: LayerSpec): boolean => isWetLayer(l) && l.portions.some((p) => ingredient(p.ingredientId).dry);

const ofLiquids = (l: LayerSpec, factor: number): LayerSpec => ({
  ...l,
  portions: l.portions.map((p) =>
    ['liquid', 'binder'].includes(ingredient(p.ingredientId).group) ? { ...p, grams: p.grams * factor } : p,
  ),
});

/** Grams of water to one of flour in a thickened layer. */
function waterToFlour(l: LayerSpec): number {
  const grams = (picks: (id: string) => boolean, of: (p: Portion) => number): number =>
    l.portions.filter((p) => picks(p.ingredientId)).reduce((sum, p) => sum + of(p), 0);
  const water = grams(
    (id) => ingredient(id).wet !== undefined,
    (p) => (p.grams * ingredient(p.ingredientId).per100g.waterG) / 100,
  );
  return (
    water /
    grams(
      (id) => ingredient(id).dry !== undefined,
      (p) => p.grams,
    )
  );
}

/** The original's batter, or one of chickpea flour, with its liquid set to `hydration` g water per g flour. */
function batterOf(request: ConvertRequest, hydration: number): LayerSpec | undefined {
  const { limits } = request;
  const own = withoutForbidden(request.fried.layers, limits).find(thickened);
  if (own) return ofLiquids(own, hydration / waterToFlour(own));
  const flour = choose(limits, 'chickpea-flour', 'wheat-flour', 'rice-flour');
  const starch = choose(limits, 'corn-starch', 'potato-starch');
  if (!flour) return undefined;
  const parts: [string, number][] = [[flour, 100], ['water', 100 * hydration], SALT];
  return layer(starch ? [...parts, [starch, 8]] : parts);
}

function batterUnderCrumbs(request: ConvertRequest): Coat | undefined {
  const batter = batterOf(request, HYDRATION.glue);
  const crumbs = crumbsFor(request.limits);
  if (!batter || !crumbs) return undefined;
  return {
    family: 'batter-under-crumbs',
    layers: [batter, layer([[crumbs, 60]], { pressed: true })],
    under: 'basket',
    restMin: 5,
    idea: 'The batter becomes the glue, made thicker; dry crumbs over it hold it still until it sets and give the crunch it cannot.',
  };
}

/** A dip that glues: beaten egg, or a plant one that starch thickens. */
export function gluingLayer(limits: Limits): LayerSpec | undefined {
  const binder = choose(limits, 'egg', 'soured-soy-milk', 'aquafaba');
  if (!binder) return undefined;
  const starch = choose(limits, 'corn-starch', 'potato-starch') ?? 'rice-flour';
  return binder === 'egg'
    ? layer([['egg', 50]])
    : layer([
        [binder, 100],
        [starch, 10],
      ]);
}

function dustEggCrumbs(request: ConvertRequest): Coat | undefined {
  const { limits } = request;
  const flour = choose(limits, 'wheat-flour', 'rice-flour', 'chickpea-flour', 'corn-starch');
  const crumbs = crumbsFor(limits);
  const glue = gluingLayer(limits);
  if (!flour || !crumbs || !glue) return undefined;
  return {
    family: 'dust-egg-crumbs',
    layers: [layer([[flour, 60], SALT]), glue, layer([[crumbs, 60]], { pressed: true })],
    under: 'basket',
    restMin: 7,
    idea: 'Dust takes up the wet, the binder glues, and crumbs are dry and full of edges before the air ever meets them.',
  };
}

function keptFinish(request: ConvertRequest): Coat | undefined {
  const { limits, fried } = request;
  const layers = withoutForbidden(fried.layers, limits);
  const finish = layers.at(-1);
  if (!finish || isWetLayer(finish)) return undefined;
  const before = layers.slice(0, -1);
  const glues = before.some(isWetLayer);
  const binder = choose(limits, 'egg', 'buttermilk', 'soured-soy-milk', 'aquafaba');
  if (!glues && !binder) return undefined;
  const oil = choose(limits, 'rapeseed-oil', 'sunflower-oil');
  const oiled = oil
    ? { ...finish, portions: [...finish.portions, { ingredientId: oil, grams: totalGrams(finish.portions) * 0.12 }] }
    : finish;
  const under = glues ? before : [...before.filter((l) => !isWetLayer(l)).slice(0, 1), layer([[binder!, 50]])];
  return {
    family: 'kept-finish',
    layers: [...under, { ...oiled, pressed: true }],
    under: 'basket',
    restMin: 7,
    idea: `Your own finish stays, pressed on${glues ? '' : ' over a binder that it lacked'}, with oil mixed into it because no pot brings any.`,
  };
}

function starchShell(request: ConvertRequest): Coat | undefined {
  const { limits } = request;
  const starch = choose(limits, 'potato-starch', 'corn-starch', 'tapioca-starch');
  const flour = choose(limits, 'wheat-flour', 'rice-flour', 'chickpea-flour');
  const binder = choose(limits, 'egg', 'soured-soy-milk', 'aquafaba');
  if (!starch || !binder) return undefined;
  const shell: [string, number][] = flour ? [[starch, 50], [flour, 25], SALT, ['paprika', 2]] : [[starch, 60], SALT];
  return {
    family: 'starch-shell',
    layers: [layer([[binder, 50]]), layer(shell)],
    under: 'basket',
    restMin: 8,
    idea: 'A thin shell of starch with a little flour: light, quick and crackling, without the feel of breading.',
  };
}

function thickBatter(request: ConvertRequest): Coat | undefined {
  const batter = batterOf(request, HYDRATION.staying);
  const flour = choose(request.limits, 'wheat-flour', 'rice-flour', 'chickpea-flour');
  if (!batter || !flour) return undefined;
  return {
    family: 'thick-batter-parchment',
    layers: [layer([[flour, 60]]), batter],
    under: 'parchment',
    restMin: 0,
    idea: 'The batter itself, so thick that it stays where it is put, on parchment until it has set.',
  };
}

/** The coats to try for a request; a family that the cook's limits leave nothing of is missing. */
export function coatsFor(request: ConvertRequest): Coat[] {
  const asItIs: Coat = {
    family: 'as-it-is',
    layers: request.fried.layers,
    under: 'basket',
    restMin: 0,
    idea: 'The coat that you fry, put into the air fryer as it is.',
  };
  const others = [batterUnderCrumbs, dustEggCrumbs, keptFinish, starchShell, thickBatter].map((make) => make(request));
  return [asItIs, ...others.filter((c): c is Coat => c !== undefined)];
}
