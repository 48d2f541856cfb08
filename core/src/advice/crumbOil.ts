import { isWetLayer, type LayerSpec } from '../coat/index.js';
import { functionOf, ingredient, totalGrams, type Pantry } from '../foods/index.js';

/** Oil mixed into crumbs: a tablespoon to a cup of them, g. Common practice, no source. */
const OIL_PER_CUP_G = 13.6;
/** What a cup of loose crumbs weighs when nobody says, g. */
const USUAL_CUP_G = 100;

const isOil = (pantry: Pantry, id: string): boolean => functionOf(ingredient(pantry, id)) === 'oil';

/** Whether oil is mixed into a layer. */
export const hasOil = (pantry: Pantry, l: LayerSpec | undefined): boolean =>
  l?.portions.some((p) => isOil(pantry, p.ingredientId)) ?? false;

/** The coat without any oil mixed into it. */
export const withoutOil = (pantry: Pantry, layers: readonly LayerSpec[]): LayerSpec[] =>
  layers
    .map((l) => ({ ...l, portions: l.portions.filter((p) => !isOil(pantry, p.ingredientId)) }))
    .filter((l) => totalGrams(l.portions) > 0);

function oilByCup(pantry: Pantry, finish: LayerSpec): number {
  const cups = finish.portions.reduce(
    (sum, p) => sum + p.grams / (ingredient(pantry, p.ingredientId).cupG ?? USUAL_CUP_G),
    0,
  );
  return Math.round(cups * OIL_PER_CUP_G * 10) / 10;
}

/** The coat with a tablespoon of oil to each cup of its crumbs; null where its finish is wet. */
export function crumbsOiled(pantry: Pantry, layers: readonly LayerSpec[], oilId: string): LayerSpec[] | null {
  const dry = withoutOil(pantry, layers);
  const finish = dry.at(-1);
  if (!finish || isWetLayer(pantry, finish)) return null;
  const portions = [...finish.portions, { ingredientId: oilId, grams: oilByCup(pantry, finish) }];
  return [...dry.slice(0, -1), { ...finish, portions }];
}
