import { totalGrams, type Ingredient, type Part } from '../foods/index.js';
import { bisect } from '../units/index.js';
import { consistencyOf, flowOf, type Consistency } from './batter.js';
import { FORK_VISCOSITY } from './constants/index.js';

/** What brings a batter to a consistency: so much of its own liquid, or of its own flour. */
export interface Correction {
  ingredientId: string;
  name: string;
  grams: number;
  /** The same in ml, for a liquid. */
  ml: number | null;
}

/** A share of the bowl that makes no difference at the fork. */
const NOT_WORTH_IT = 0.005;
/** At most this many times what is in the bowl is added. */
const MOST_ADDED = 3;

const withMore = (portions: readonly Part[], ingredient: Ingredient, grams: number): Part[] => [
  ...portions,
  { ingredientId: ingredient.id, ingredient, grams },
];

const mainOf = (portions: readonly Part[], fits: (i: Ingredient) => boolean): Ingredient | undefined =>
  portions
    .filter((p) => fits(p.ingredient))
    .reduce<Part | undefined>((a, b) => (a && a.grams >= b.grams ? a : b), undefined)?.ingredient;

/**
 * What to stir into a bowl of `bowlG` g of this batter so that it passes the fork's test for `wanted`: its main liquid
 * when it is too thick, its main flour when it is too thin. Null when it is right, or cannot be brought there.
 * @param seen what the fork says of the real bowl, where that is not what the recipe should give: the same bowl is then
 * taken to be as thick as it behaves
 */
export function correctionFor(
  portions: readonly Part[],
  bowlG: number,
  wanted: Exclude<Consistency, 'liquid'>,
  standMin = 0,
  seen?: Exclude<Consistency, 'liquid'>,
): Correction | null {
  const scale = bowlG / totalGrams(portions);
  const bowl = portions.map((p) => ({ ...p, grams: p.grams * scale }));
  const recipe = flowOf(bowl, standMin).viscosityPaS;
  // Flour and weather differ: a bowl that behaves thicker than its recipe is corrected by that factor.
  const differs = seen ? FORK_VISCOSITY[seen].middle / recipe : 1;
  const target = FORK_VISCOSITY[wanted].middle;
  const thickness = (added: Part[]): number => flowOf(added, standMin).viscosityPaS * differs;
  const now = thickness(bowl);
  if (consistencyOf({ ...flowOf(bowl, standMin), viscosityPaS: now }).word === wanted) return null;
  const tooThick = now > target;
  const item = mainOf(bowl, (i) => (tooThick ? i.wet !== undefined && i.group !== 'fat' : i.dry !== undefined));
  if (!item) return null;
  const reaches = (grams: number): boolean => {
    const then = thickness(withMore(bowl, item, grams));
    return tooThick ? then <= target : then >= target;
  };
  const most = MOST_ADDED * bowlG;
  if (!reaches(most)) return null;
  const needed = bisect(0, most, reaches);
  if (needed < NOT_WORTH_IT * bowlG) return null;
  const ml = tooThick ? (needed / item.densityKgM3) * 1000 : null;
  return { ingredientId: item.id, name: item.name, grams: needed, ml };
}
