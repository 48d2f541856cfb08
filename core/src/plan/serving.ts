import { MARINADE_KEPT, type SideBowlAmounts } from '../beside/index.js';
import type { CoatLayer } from '../coat/index.js';
import {
  alsoOf,
  isBrushedInside,
  readyPiece,
  wholeOf,
  type AirPlan,
  type Dish,
  type ReadyPiece,
} from '../dish/index.js';
import { foodOf, ingredient, type Composition, type Ingredient, type Pantry } from '../foods/index.js';
import { allOilGm2 } from '../oil/index.js';
import { KCAL_G, SERVING_UNSURE } from './constants.js';
import type { About, FriedResult, Serving } from './types.js';

type Macro = Pick<Composition, 'proteinG' | 'fatG' | 'carbohydrateG' | 'fibreG'>;

/** One source of what is eaten: so many g, how it is composed, and how sure the amount is. */
interface Source {
  grams: number;
  per100g: Macro;
  saltG: number;
  unsure: number;
}

const FAT: Macro = { proteinG: 0, fatG: 100, carbohydrateG: 0, fibreG: 0 };

const energyOfMacro = ({ proteinG, fatG, carbohydrateG, fibreG }: Macro): number =>
  KCAL_G.protein * proteinG + KCAL_G.fat * fatG + KCAL_G.carbohydrate * carbohydrateG + KCAL_G.fibre * fibreG;

/** A sum over sources with its spread: sources are independent of each other. */
function summed(sources: readonly Source[], people: number, of: (s: Source) => number): About {
  const parts = sources.map((s) => ({ value: (of(s) * s.grams) / 100, unsure: s.unsure }));
  const value = parts.reduce((sum, p) => sum + p.value, 0);
  const off = Math.sqrt(parts.reduce((sum, p) => sum + (p.value * p.unsure) ** 2, 0));
  return { value: value / people, off: off / people };
}

const servingFrom = (sources: readonly Source[], people: number): Serving => ({
  people,
  energyKcal: summed(sources, people, (s) => energyOfMacro(s.per100g)),
  proteinG: summed(sources, people, (s) => s.per100g.proteinG),
  fatG: summed(sources, people, (s) => s.per100g.fatG),
  carbohydrateG: summed(sources, people, (s) => s.per100g.carbohydrateG),
  saltG: summed(sources, people, (s) => s.saltG),
});

const foodSource = (pantry: Pantry, dish: Dish): Source => {
  const food = foodOf(pantry, dish.foodId);
  const { massG } = wholeOf(pantry, { ...dish, preparation: 'raw' });
  return {
    grams: massG * (1 - (food.food.boneShare ?? 0)),
    per100g: food.per100g,
    saltG: food.saltG ?? 0,
    unsure: SERVING_UNSURE.food,
  };
};

const saltIn = (layer: CoatLayer): number =>
  layer.portions.reduce((sum, { grams, ingredient: { saltG = 0 } }) => sum + grams * saltG, 0);

const coatSources = (layers: readonly CoatLayer[], areaM2: number): Source[] =>
  layers.map((layer) => ({
    grams: layer.pickUpGm2 * areaM2,
    per100g: layer.composition,
    saltG: saltIn(layer),
    unsure: SERVING_UNSURE.coat,
  }));

const itemSource = (item: Ingredient, grams: number, unsure: number): Source => ({
  grams,
  per100g: item.per100g,
  saltG: item.saltG ?? 0,
  unsure,
});

const besideSources = (pantry: Pantry, beside: readonly SideBowlAmounts[]): Source[] =>
  beside.flatMap(({ use, parts }) =>
    parts.map(({ ingredientId, grams }) =>
      itemSource(
        ingredient(pantry, ingredientId),
        use === 'marinade' ? MARINADE_KEPT * grams : grams,
        SERVING_UNSURE.beside,
      ),
    ),
  );

const oilSource = (grams: number): Source => ({ grams, per100g: FAT, saltG: 0, unsure: SERVING_UNSURE.oil });

const foodSources = (pantry: Pantry, dish: Dish): Source[] => {
  const also = alsoOf(dish);
  return [foodSource(pantry, { ...dish, also: undefined }), ...(also ? [foodSource(pantry, also)] : [])];
};

/** g of all foods without their bones, and with this coat. */
export function coatedG(pantry: Pantry, dish: Dish, layers: readonly CoatLayer[]): number {
  const { areaM2 } = wholeOf(pantry, dish);
  return [...foodSources(pantry, dish), ...coatSources(layers, areaM2)].reduce((sum, s) => sum + s.grams, 0);
}

/** What the two ways of cooking are compared for: the same people, the same things beside. */
interface AtTable {
  people: number;
  beside: readonly SideBowlAmounts[];
}

const facts = (
  pantry: Pantry,
  dish: Dish,
  layers: readonly CoatLayer[],
  oilGm2: number,
  { people, beside }: AtTable,
): Serving => {
  const { areaM2 } = wholeOf(pantry, dish);
  const coated = [...foodSources(pantry, dish), ...coatSources(layers, areaM2)];
  return servingFrom([...coated, oilSource(oilGm2 * areaM2), ...besideSources(pantry, beside)], people);
};

/** What one person eats of the dish from the air fryer: food, coat, brushed sauce, the oil that stays, what stands beside. */
export const servingFacts = (
  pantry: Pantry,
  dish: Dish,
  { ready, plan }: { ready: ReadyPiece; plan: AirPlan },
  table: AtTable,
): Serving => {
  const brushed = ready.sauce ? [ready.sauce] : [];
  // A bowl that is brushed on inside the cook is in its layers already.
  const beside = table.beside.filter((b) => !isBrushedInside(dish, plan, b.name));
  return facts(pantry, dish, [...ready.layers, ...brushed], allOilGm2(plan, { layers: [] }), { ...table, beside });
};

/** The same from the pot of oil. */
export function potFacts(pantry: Pantry, dish: Dish, fried: FriedResult, table: AtTable): Serving {
  const { areaM2 } = readyPiece(pantry, dish, []).piece;
  return facts(pantry, dish, fried.layers, fried.oilPerPieceG / areaM2, table);
}
