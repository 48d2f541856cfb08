import { crumbsOiled, withoutOil } from '../advice/index.js';
import type { LayerSpec } from '../coat/index.js';
import type { AirPlan } from '../dish/index.js';
import {
  functionOf,
  ingredient,
  substitutesFor,
  unlikeness,
  type CoatFunction,
  type Ingredient,
} from '../foods/index.js';
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
  ways: { way: ComparedWay; name: string }[];
}

/** What in a bowl a cook is curious about. */
const CURIOUS: readonly CoatFunction[] = ['powder', 'finish', 'glue'];
const MOST_STAND_INS = 6;
/** What is too unlike is no stand-in: only so many of the nearest are thought of. */
const NEAREST = 9;

/** What most of a bowl is. */
const mostOf = ({ portions }: LayerSpec): string => [...portions].sort((a, b) => b.grams - a.grams)[0].ingredientId;

/** What of one bowl could be compared: what most of it is, and what could stand in for that. */
function swapsIn(asked: Asked, plan: AirPlan, layer: number): ComparedWay[] {
  const { pantry, limits } = asked;
  const own = ingredient(pantry, mostOf(plan.layers[layer]));
  if (!CURIOUS.includes(functionOf(own))) return [];
  const others = substitutesFor(own.id, choiceOf({ pantry, limits }))
    .filter((i) => i.common && isUsual(i))
    .slice(0, NEAREST);
  return unlike(own, others).map(({ id }) => ({ what: 'swap', layer, from: own.id, to: id }));
}

/** A powder that a coat is made of, and not one that seasons it. */
const isUsual = (i: Ingredient): boolean => functionOf(i) !== 'powder' || i.group === 'flour' || i.group === 'starch';

/** One, and those of the others that are most unlike it and each other: a comparison wants differences. */
function unlike(own: Ingredient, others: readonly Ingredient[]): Ingredient[] {
  const picked = [own];
  const gap = (i: Ingredient): number => Math.min(...picked.map((p) => unlikeness(p, i)));
  while (picked.length <= MOST_STAND_INS) {
    const left = others.filter((o) => !picked.includes(o));
    if (left.length === 0) break;
    picked.push(left.reduce((best, one) => (gap(one) > gap(best) ? one : best)));
  }
  return picked;
}

/** Comparisons that suit a plan, the ones that cooks argue about first. */
export function comparisonsFor(asked: Asked, plan: AirPlan): Suits[] {
  const { pantry, dish } = asked;
  const finish = plan.layers.at(-1);
  const found: { id: Suits['id']; says: string; ways: ComparedWay[] }[] = [];
  if (finish && functionOf(ingredient(pantry, mostOf(finish))) === 'finish') {
    const ways = (['sprayed', 'in-crumbs'] as const).map((how): ComparedWay => ({ what: 'oil', how }));
    found.push({ id: 'oil', says: 'Oil sprayed on, or mixed into the crumbs', ways });
  }
  const rested = plan.restMin === 0 ? RESTED_MIN : plan.restMin;
  found.push({
    id: 'rest',
    says: 'Rested before it goes in, or not',
    ways: [rested, 0].map((min): ComparedWay => ({ what: 'rest', min })),
  });
  if (dish.skin === 'wet') {
    const ways = [true, false].map((patted): ComparedWay => ({ what: 'patted', patted }));
    found.push({ id: 'patted', says: 'Patted dry before it is coated, or not', ways });
  }
  // Of a bowl that is visited twice the outer coat is compared.
  const outermost = plan.layers.map(mostOf).map((id, layer, all) => all.lastIndexOf(id) === layer);
  plan.layers.forEach((_, layer) => {
    if (!outermost[layer]) return;
    const ways = swapsIn(asked, plan, layer);
    if (ways.length < 2) return;
    const says = `What else could stand in for the ${wayName(asked, ways[0])}`;
    found.push({ id: `swap-${layer}`, says, ways });
  });
  return found.map((one) => ({ ...one, ways: one.ways.map((way) => ({ way, name: wayName(asked, way) })) }));
}
