import { grainOf, isWetLayer, type LayerSpec } from '../coat/index.js';
import { canBeHalved } from '../dish/index.js';
import { foodOf, ingredient, totalGrams, type Portion } from '../foods/index.js';
import { THAW_C } from '../heat/index.js';
import { BURNING_FINISH, choiceOf, firstFor, gluingLayer, isBatter, layer, type Asked } from '../plan/index.js';
import { CLUMP_REST_MIN, HOTTER_START_K, STARCH_SHARES } from './constants.js';
import { isCrumb, oiledFinish, type Coat } from './families.js';

/**
 * The moves by which cooks make a coat of their own work in air: each changes one thing of a coat, in the order of the
 * work. Common practice, no source.
 */
export interface CoatMove {
  id: string;
  /** It wants more heat for a shorter time: hotter cooks are tried with it. */
  hotter?: true;
  /** The coat with it, for a cook that is best at `tempC` so far; undefined where it is so already or makes no sense. */
  make: (asked: Asked, coat: Coat, tempC: number) => Coat | undefined;
}

const withLayers = (coat: Coat, layers: LayerSpec[], more: Partial<Coat> = {}): Coat => ({ ...coat, ...more, layers });

const withLast = (coat: Coat, change: (l: LayerSpec) => LayerSpec, more: Partial<Coat> = {}): Coat =>
  withLayers(coat, [...coat.layers.slice(0, -1), change(coat.layers.at(-1)!)], more);

const isFlour = ({ pantry }: Asked, { ingredientId }: Portion): boolean =>
  ingredient(pantry, ingredientId).dry?.grain === 'powder' && ingredient(pantry, ingredientId).group === 'flour';

const isStarchy = ({ pantry }: Asked, { ingredientId }: Portion): boolean =>
  ingredient(pantry, ingredientId).dry?.grain === 'starch';

/** Flour or starch outermost, with no crumb in it. */
function endsInFlour(asked: Asked, { layers }: Coat): boolean {
  const last = layers.at(-1);
  return last !== undefined && !isWetLayer(asked.pantry, last) && grainOf(asked.pantry, last) === 'powder';
}

/** The layer whose flour makes the crust: the batter, or the flour outermost; −1 without. */
function crustAt(asked: Asked, coat: Coat): number {
  const batter = coat.layers.findIndex((l) => isBatter(asked.pantry, l));
  if (batter >= 0) return batter;
  return endsInFlour(asked, coat) ? coat.layers.length - 1 : -1;
}

/** A layer with `share` of its flour given way to starch. */
function starched(asked: Asked, l: LayerSpec, starch: string, share: number): LayerSpec {
  const flourG = totalGrams(l.portions.filter((p) => isFlour(asked, p)));
  const rest = l.portions.map((p) => (isFlour(asked, p) ? { ...p, grams: Math.round(p.grams * (1 - share)) } : p));
  return { ...l, portions: [...rest, { ingredientId: starch, grams: Math.round(flourG * share) }] };
}

const starchShare = (share: number): CoatMove => ({
  id: `starch-${share}`,
  make: (asked, coat) => {
    const at = crustAt(asked, coat);
    const starch = firstFor(choiceOf(asked), 'starch');
    if (at < 0 || !starch || coat.layers[at].portions.some((p) => isStarchy(asked, p))) return undefined;
    if (!coat.layers[at].portions.some((p) => isFlour(asked, p))) return undefined;
    return withLayers(
      coat,
      coat.layers.map((l, k) => (k === at ? starched(asked, l, starch, share) : l)),
    );
  },
});

/** Cheese and sugar of a finish, where there is so much of them that they burn before its crumbs are golden. */
function burningIn({ pantry }: Asked, finish: LayerSpec): Portion[] {
  const burning = finish.portions.filter(({ ingredientId }) => {
    const { origin, sugarG = 0, dry } = ingredient(pantry, ingredientId);
    return sugarG > BURNING_FINISH.sugarG || (origin === 'milk' && dry !== undefined);
  });
  return totalGrams(burning) >= BURNING_FINISH.share * totalGrams(finish.portions) ? burning : [];
}

const runsOut = ({ pantry, dish }: Asked): boolean => foodOf(pantry, dish.foodId).food.runs !== undefined;

/** The coated pieces frozen hard, so that the coat has set before a filling can run. */
const frozen = (asked: Asked, coat: Coat): Coat | undefined =>
  runsOut(asked) && asked.dish.startC > THAW_C && !coat.making?.frozen
    ? { ...coat, making: { ...coat.making, frozen: true } }
    : undefined;

/** Binder and crumbs once more, over the first: a shell that seals. Over a batter the binder is egg, or what stands for it. */
function doubleCrumbs(asked: Asked, coat: Coat): Coat | undefined {
  const last = coat.layers.at(-1);
  const dipped = coat.layers.filter((l) => isWetLayer(asked.pantry, l));
  const wet = dipped.findLast((l) => !isBatter(asked.pantry, l)) ?? gluingLayer(choiceOf(asked));
  return runsOut(asked) && last && wet && dipped.length === 1 && isCrumb(asked, last)
    ? withLayers(coat, [...coat.layers, wet, last])
    : undefined;
}

/** In the order of the work: the food, the layers from the skin outward, the rest, the fryer. */
export const MOVES: readonly CoatMove[] = [
  {
    id: 'patted',
    make: ({ dish }, coat) =>
      dish.skin === 'wet' && !coat.making?.patted ? { ...coat, making: { ...coat.making, patted: true } } : undefined,
  },
  {
    id: 'halved',
    make: ({ dish }, coat) =>
      canBeHalved(dish) && !coat.making?.halved ? { ...coat, making: { ...coat.making, halved: true } } : undefined,
  },
  {
    id: 'dust-first',
    make: (asked, coat) => {
      const dust = firstFor(choiceOf(asked), 'dust');
      const [first] = coat.layers;
      return dust && first && isWetLayer(asked.pantry, first)
        ? withLayers(coat, [layer([[dust, 60]]), ...coat.layers])
        : undefined;
    },
  },
  {
    id: 'binder',
    make: (asked, coat) => {
      const glue = gluingLayer(choiceOf(asked));
      const wet = coat.layers.some((l) => isWetLayer(asked.pantry, l));
      return glue && !wet && coat.layers.length > 0
        ? withLayers(coat, [...coat.layers.slice(0, -1), glue, coat.layers.at(-1)!])
        : undefined;
    },
  },
  ...STARCH_SHARES.map(starchShare),
  {
    id: 'second-dredge',
    make: (asked, coat) => {
      const { layers } = coat;
      const wet = layers.findLast((l) => isWetLayer(asked.pantry, l) && !isBatter(asked.pantry, l));
      const dipped = layers.filter((l) => isWetLayer(asked.pantry, l)).length;
      return wet && dipped === 1 && endsInFlour(asked, coat)
        ? withLayers(coat, [...layers, wet, layers.at(-1)!])
        : undefined;
    },
  },
  {
    id: 'clumped',
    make: (asked, coat) =>
      endsInFlour(asked, coat) && !coat.layers.at(-1)!.clumped && coat.layers.length > 1
        ? withLast(coat, (l) => ({ ...l, clumped: true }), { restMin: Math.max(coat.restMin, CLUMP_REST_MIN) })
        : undefined,
  },
  {
    id: 'pressed',
    make: (asked, coat) => {
      const last = coat.layers.at(-1);
      return last && isCrumb(asked, last) && !last.pressed
        ? withLast(coat, (l) => ({ ...l, pressed: true }))
        : undefined;
    },
  },
  {
    id: 'oil-in-finish',
    make: (asked, coat) => {
      const last = coat.layers.at(-1);
      const oil = firstFor(choiceOf(asked), 'oil');
      if (!last || !isCrumb(asked, last)) return undefined;
      const oiled = oiledFinish(last, oil);
      return oiled === last ? undefined : withLast(coat, () => oiled);
    },
  },
  {
    id: 'parchment',
    make: (asked, coat) => {
      const last = coat.layers.at(-1);
      return last && coat.under === 'basket' && isWetLayer(asked.pantry, last)
        ? { ...coat, under: 'parchment' }
        : undefined;
    },
  },
  {
    id: 'later',
    make: (asked, coat, tempC) => {
      if (tempC <= BURNING_FINISH.aboveC) return undefined;
      const last = coat.layers.at(-1);
      const later = last && !isWetLayer(asked.pantry, last) ? burningIn(asked, last) : [];
      if (!last || later.length === 0 || later.length === last.portions.length) return undefined;
      const rest = last.portions.filter((p) => !later.includes(p));
      return { ...withLast(coat, (l) => ({ ...l, portions: rest })), making: { ...coat.making, later } };
    },
  },
  { id: 'frozen', hotter: true, make: frozen },
  { id: 'double-crumbs', hotter: true, make: doubleCrumbs },
  {
    id: 'frozen-double-crumbs',
    hotter: true,
    make: (asked, coat) => {
      const hard = frozen(asked, coat);
      return hard && doubleCrumbs(asked, hard);
    },
  },
  {
    id: 'hotter-start',
    make: ({ limits, fryer }, coat, tempC) => {
      const hotter = Math.min(tempC + HOTTER_START_K, fryer.maxTempC, limits.maxTempC);
      return limits.preheat && coat.preheatC === undefined && hotter > tempC
        ? { ...coat, preheatC: hotter }
        : undefined;
    },
  },
];
