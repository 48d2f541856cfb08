import { grainOf, isSheetLayer, isWetLayer, type LayerSpec } from '../coat/index.js';
import { fingerprint, type MadeOtherwise } from '../dish/index.js';
import { ingredient, totalGrams, type Portion, type Use } from '../foods/index.js';
import type { UnderFood } from '../heat/index.js';
import { adaptCoat, choiceOf, gluingLayer, isBatter, layer, optionsFor, type Asked } from '../plan/index.js';
import { lowered } from '../units/index.js';
import { HYDRATION, OIL_IN_FINISH, OTHERS_PER_USE } from './constants.js';
import { withExtras } from './extras.js';
import type { Family } from './types.js';

/** A coat to try: its layers, where it lies, and the thought behind it. */
export interface Coat {
  family: Family;
  layers: LayerSpec[];
  under: UnderFood;
  restMin: number;
  idea: string;
  /** What differs from the family's first coat: "crushed cornflakes"; empty for that one. */
  variant: string;
  /** What is done to the food beside what is done today; see `AirPlan`. */
  making?: MadeOtherwise;
  /** Preheated hotter than it cooks, °C. */
  preheatC?: number;
}

/** What stands for each use in one coat of a family. */
type Cast = Partial<Record<Use, string>>;

type Shape = Omit<Coat, 'family' | 'variant'>;

/** How a family makes its coat of a cast, and the uses that it has for one; undefined when the cast lacks what it needs. */
interface Recipe {
  uses: readonly Use[];
  make: (request: Asked, cast: Cast) => Shape | undefined;
}

const ofLiquids = ({ pantry }: Asked, l: LayerSpec, factor: number): LayerSpec => ({
  ...l,
  portions: l.portions.map((p) =>
    ['liquid', 'binder'].includes(ingredient(pantry, p.ingredientId).group)
      ? { ...p, grams: Math.round(p.grams * factor) }
      : p,
  ),
});

/** Grams of water to one of flour in a thickened layer. */
function waterToFlour({ pantry }: Asked, l: LayerSpec): number {
  const grams = (picks: (id: string) => boolean, of: (p: Portion) => number): number =>
    l.portions.filter((p) => picks(p.ingredientId)).reduce((sum, p) => sum + of(p), 0);
  const water = grams(
    (id) => ingredient(pantry, id).wet !== undefined,
    (p) => (p.grams * ingredient(pantry, p.ingredientId).per100g.waterG) / 100,
  );
  return (
    water /
    grams(
      (id) => ingredient(pantry, id).dry !== undefined,
      (p) => p.grams,
    )
  );
}

const eaten = (request: Asked): LayerSpec[] => adaptCoat(request.fried.layers, choiceOf(request)).layers;

/** The original's batter, or one of the cast's flour, with its liquid set to `hydration` g water per g flour. */
function batterOf(request: Asked, cast: Cast, hydration: number): LayerSpec | undefined {
  const own = eaten(request).find((l) => isBatter(request.pantry, l));
  const flour = cast['batter-flour'];
  if (own && !flour) return ofLiquids(request, own, hydration / waterToFlour(request, own));
  if (!flour) return undefined;
  const parts: [string, number][] = [
    [flour, 100],
    ['water', 100 * hydration],
  ];
  const { starch } = cast;
  return layer(starch && starch !== flour ? [...parts, [starch, 8]] : parts);
}

/** What of the original lies under its batter: a dust stays where it is. */
function underBatter(request: Asked): LayerSpec[] {
  const layers = eaten(request);
  return layers.slice(
    0,
    Math.max(
      0,
      layers.findIndex((l) => isBatter(request.pantry, l)),
    ),
  );
}

const pressedOn = (crumbs: string): LayerSpec => layer([[crumbs, 60]], { pressed: true });

export const isCrumb = ({ pantry }: Asked, l: LayerSpec): boolean =>
  ['meal', 'fine', 'coarse', 'flake'].includes(grainOf(pantry, l) ?? '');

/** A finish with oil mixed into it; as it is where it holds some, or none is to be had. */
export function oiledFinish(finish: LayerSpec, oil: string | undefined): LayerSpec {
  if (!oil || finish.portions.some((p) => p.ingredientId === oil)) return finish;
  const grams = Math.round(totalGrams(finish.portions) * OIL_IN_FINISH);
  return { ...finish, portions: [...finish.portions, { ingredientId: oil, grams }] };
}

const RECIPES: Record<Exclude<Family, 'as-it-is'>, Recipe> = {
  'batter-under-crumbs': {
    uses: ['batter-flour', 'crumbs'],
    make: (request, cast) => {
      const batter = batterOf(request, cast, HYDRATION.glue);
      return batter && cast.crumbs
        ? {
            layers: [...underBatter(request), batter, oiledFinish(pressedOn(cast.crumbs), cast.oil)],
            under: 'basket',
            restMin: 5,
            idea: 'The batter becomes the glue, made thicker; dry crumbs over it hold it still until it sets and give the crunch it cannot.',
          }
        : undefined;
    },
  },
  'dust-egg-crumbs': {
    uses: ['dust', 'glue', 'crumbs'],
    make: (request, { dust, glue, crumbs, oil }) => {
      const binder = gluingLayer(choiceOf(request), glue);
      return dust && binder && crumbs
        ? {
            layers: [layer([[dust, 60]]), binder, oiledFinish(pressedOn(crumbs), oil)],
            under: 'basket',
            restMin: 7,
            idea: 'Dust takes up the wet, the binder glues, and crumbs are dry and full of edges before the air ever meets them.',
          }
        : undefined;
    },
  },
  'kept-finish': {
    uses: ['glue'],
    make: (request, { glue }) => {
      const layers = eaten(request);
      const finish = layers.at(-1);
      if (!finish || isWetLayer(request.pantry, finish)) return undefined;
      const before = layers.slice(0, -1);
      const isWet = (l: LayerSpec): boolean => isWetLayer(request.pantry, l);
      const glues = before.some(isWet) || !isCrumb(request, finish);
      const binder = glue ? layer([[glue, 50]]) : undefined;
      if (!glues && !binder) return undefined;
      const under = glues ? before : [...before.filter((l) => !isWet(l)).slice(0, 1), binder!];
      return {
        layers: [...under, finish],
        under: 'basket',
        restMin: 7,
        idea: glues
          ? 'Your own coat stays, with the changes that make it work in moving air.'
          : 'Your own coat stays, over a binder that it lacked, with the changes that make it work in moving air.',
      };
    },
  },
  'starch-shell': {
    uses: ['starch', 'glue', 'dust'],
    make: (_, { starch, glue, dust }) => {
      if (!starch || !glue) return undefined;
      const shell: [string, number][] =
        dust && dust !== starch
          ? [
              [starch, 50],
              [dust, 25],
            ]
          : [[starch, 60]];
      return {
        layers: [layer([[glue, 50]]), layer(shell)],
        under: 'basket',
        restMin: 8,
        idea: 'A thin shell of starch with a little flour: light, quick and crackling, without the feel of breading.',
      };
    },
  },
  'thick-batter-parchment': {
    uses: ['dust', 'batter-flour'],
    make: (request, cast) => {
      const batter = batterOf(request, cast, HYDRATION.staying);
      return batter && cast.dust
        ? {
            layers: [layer([[cast.dust, 60]]), batter],
            under: 'parchment',
            restMin: 0,
            idea: 'The batter itself, so thick that it stays where it is put, on parchment until it has set.',
          }
        : undefined;
    },
  },
};

/** The cook's own batter is kept at first; another flour is a variant. */
const ownBatter = (request: Asked, use: Use): boolean =>
  use === 'batter-flour' && eaten(request).some((l) => isBatter(request.pantry, l));

/** The first choices, then every other choice of one use at a time. */
function castsFor(request: Asked, uses: readonly Use[]): { cast: Cast; variant: string }[] {
  const options = (use: Use): (string | undefined)[] => [
    ...(ownBatter(request, use) ? [undefined] : []),
    ...optionsFor(choiceOf(request), use),
  ];
  const all = [...new Set<Use>([...uses, 'starch', 'oil'])];
  const first: Cast = Object.fromEntries(all.map((use) => [use, options(use)[0]]));
  const others = uses.flatMap((use) =>
    options(use)
      .slice(1, 1 + OTHERS_PER_USE)
      .map((id) => ({
        cast: { ...first, [use]: id },
        variant: id ? lowered(ingredient(request.pantry, id).name) : '',
      })),
  );
  return [{ cast: first, variant: '' }, ...others];
}

const holds = (coat: Coat, keep: readonly string[]): boolean =>
  keep.every((id) => coat.layers.some((l) => l.portions.some((p) => p.ingredientId === id)));

/** The coat of what is bought with its coat on, and of what is wrapped in a sheet: nothing else is tried. */
export function fixedCoat(request: Asked): Shape | null {
  const { layers } = request.fried;
  const shape = { layers, under: 'basket', restMin: 0 } as const;
  if (request.dish.readyCoated) {
    return { ...shape, idea: 'Its coat is on it already: only heat, oil and minutes are chosen.' };
  }
  return layers.some((l) => isSheetLayer(request.pantry, l))
    ? {
        ...shape,
        idea: 'The sheet stays as it is, brushed with oil: it dries to glass in moving air as it does in oil.',
      }
    : null;
}

/** All coats of one family, its first choice first; empty when the cook's limits leave nothing of it. */
export function coatsOf(request: Asked, family: Family): Coat[] {
  if (family === 'as-it-is') {
    const idea = 'The coat that you fry, put into the air fryer as it is.';
    return [{ family, layers: request.fried.layers, under: 'basket', restMin: 0, idea, variant: '' }];
  }
  const fixed = fixedCoat(request);
  if (fixed) return family === 'kept-finish' ? [{ ...fixed, family, variant: '' }] : [];
  const { uses, make } = RECIPES[family];
  const made = castsFor(request, uses).flatMap(({ cast, variant }): Coat[] => {
    const shape = make(request, cast);
    if (!shape) return [];
    // The cook's own finish keeps its own taste: it is the cook's own bowl.
    const layers = family === 'kept-finish' ? shape.layers : withExtras(request, shape.layers);
    return [{ ...shape, layers, family, variant }];
  });
  const seen = new Set<string>();
  return made.filter((coat) => {
    const key = fingerprint(coat.layers);
    if (seen.has(key) || !holds(coat, request.limits.keep ?? [])) return false;
    seen.add(key);
    return true;
  });
}

/** The first coat of every family that the cook's limits leave something of. */
export const coatsFor = (request: Asked): Coat[] =>
  (['as-it-is', ...Object.keys(RECIPES)] as Family[]).flatMap((family) => coatsOf(request, family).slice(0, 1));
