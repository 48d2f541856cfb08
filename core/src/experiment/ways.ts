import { crumbsOiled, withoutOil } from '../advice/index.js';
import { isWetLayer, type LayerSpec } from '../coat/index.js';
import type { AirPlan } from '../dish/index.js';
import { functionOf, ingredient, substitutesFor, type CoatFunction } from '../foods/index.js';
import { choiceOf, withSwap, type Asked } from '../plan/index.js';
import { counted, lowered, Refusal } from '../units/index.js';
import { RESTED_MIN, SPRAYED_GM2 } from './constants.js';

/** One way of making a dish, as it is compared with another: never another heat, since all lie in one basket. */
export type ComparedWay =
  | { what: 'planned' }
  | { what: 'oil'; how: 'sprayed' | 'in-crumbs' | 'none' }
  | { what: 'swap'; layer: number; from: string; to: string }
  | { what: 'rest'; min: number }
  | { what: 'patted'; patted: boolean }
  /** Something that the simulation does not know. */
  | { what: 'own'; says: string };

const swapped = ({ layers }: AirPlan, way: ComparedWay & { what: 'swap' }, asked: Asked): LayerSpec[] => {
  const layer = layers[way.layer] as LayerSpec | undefined;
  if (!layer?.portions.some((p) => p.ingredientId === way.from))
    throw new Refusal(`Layer ${way.layer + 1} of this coat has no ${way.from} that another could stand in for.`);
  const { pantry, limits } = asked;
  const asks = { pantry, diets: limits.diets, avoidAllergens: limits.avoidAllergens, without: [] };
  return layers.map((l, at) => (at === way.layer && way.from !== way.to ? withSwap(l, way.from, way.to, asks) : l));
};

function oiled(plan: AirPlan, { how }: ComparedWay & { what: 'oil' }, { pantry }: Asked): AirPlan {
  const layers = withoutOil(pantry, plan.layers);
  if (how === 'none') return { ...plan, layers, oilGm2: 0 };
  if (how === 'sprayed') return { ...plan, layers, oilGm2: plan.oilGm2 || SPRAYED_GM2 };
  const inCrumbs = crumbsOiled(pantry, layers, plan.oiling?.oilId ?? 'rapeseed-oil');
  if (!inCrumbs) throw new Refusal('This coat has no dry finish that oil could be mixed into.');
  return { ...plan, layers: inCrumbs, oilGm2: 0 };
}

/**
 * A plan made in one of the ways; as planned where the simulation does not know it.
 * @throws Refusal where the plan has nothing that could be made so, or for an unknown ingredient
 */
export function planBy(asked: Asked, plan: AirPlan, way: ComparedWay): AirPlan {
  switch (way.what) {
    case 'oil':
      return oiled(plan, way, asked);
    case 'swap':
      return { ...plan, layers: swapped(plan, way, asked) };
    case 'rest':
      return { ...plan, restMin: way.min };
    case 'patted':
      return { ...plan, making: { ...plan.making, patted: way.patted || undefined } };
    default:
      return plan;
  }
}

/** What a way is called, in a few words. */
export function wayName(asked: Asked, way: ComparedWay): string {
  switch (way.what) {
    case 'planned':
      return 'as planned';
    case 'oil':
      return { sprayed: 'oil sprayed on', 'in-crumbs': 'oil in the crumbs', none: 'no oil' }[way.how];
    case 'swap':
      return lowered(ingredient(asked.pantry, way.to).name);
    case 'rest':
      return way.min === 0 ? 'not rested' : `rested ${counted(way.min, 'minute')}`;
    case 'patted':
      return way.patted ? 'patted dry' : 'not patted';
    case 'own':
      return way.says;
  }
}

/** A comparison that suits a plan, with its ways. */
export interface Suits {
  id: 'oil' | 'rest' | 'patted' | `swap-${number}`;
  says: string;
  ways: ComparedWay[];
}

/** What in a bowl a cook is curious about. */
const CURIOUS: readonly CoatFunction[] = ['powder', 'finish', 'glue'];
const MOST_STAND_INS = 3;

/** What of one bowl could be compared: what most of it is, and what could stand in for that. */
function swapsIn(asked: Asked, plan: AirPlan, layer: number): Suits[] {
  const { pantry, limits } = asked;
  const most = [...plan.layers[layer].portions].sort((a, b) => b.grams - a.grams)[0];
  const own = ingredient(pantry, most.ingredientId);
  if (!CURIOUS.includes(functionOf(own))) return [];
  const others = substitutesFor(own.id, choiceOf({ pantry, limits })).slice(0, MOST_STAND_INS);
  if (others.length === 0) return [];
  const ways = [own, ...others].map((i): ComparedWay => ({ what: 'swap', layer, from: own.id, to: i.id }));
  return [{ id: `swap-${layer}`, says: `what else could stand in for the ${lowered(own.name)}`, ways }];
}

/** Comparisons that suit a plan, the ones that cooks argue about first. */
export function comparisonsFor(asked: Asked, plan: AirPlan): Suits[] {
  const finish = plan.layers.at(-1);
  const dry = finish !== undefined && !isWetLayer(asked.pantry, finish);
  const rest = plan.restMin === 0 ? RESTED_MIN : plan.restMin;
  return [
    ...(dry
      ? [
          {
            id: 'oil' as const,
            says: 'oil sprayed on, or mixed into the crumbs',
            ways: [{ what: 'oil', how: 'sprayed' } as ComparedWay, { what: 'oil', how: 'in-crumbs' } as ComparedWay],
          },
        ]
      : []),
    {
      id: 'rest' as const,
      says: 'rested before it goes in, or not',
      ways: [{ what: 'rest', min: rest } as ComparedWay, { what: 'rest', min: 0 } as ComparedWay],
    },
    ...(asked.dish.skin === 'wet'
      ? [
          {
            id: 'patted' as const,
            says: 'patted dry before it is coated, or not',
            ways: [{ what: 'patted', patted: true } as ComparedWay, { what: 'patted', patted: false } as ComparedWay],
          },
        ]
      : []),
    ...plan.layers.flatMap((_, layer) => swapsIn(asked, plan, layer)),
  ];
}
