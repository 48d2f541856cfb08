import { soldAs, usualPotMinutes, type CutUp, type OwnWeights } from '../cut/index.js';
import type { LayerSpec } from '../coat/index.js';
import type { Dish, FriedCook, OilMedium } from '../dish/index.js';
import { foodOf, ingredient, type Pantry } from '../foods/index.js';
import { capitalised, spoken } from '../units/index.js';
import { readBowls, type BowlsReading } from './bowls.js';
import { BATTER_POT_C, DRY_POT_C, FROM_COLD_C } from './constants.js';
import { coatCalled, coatsLike, namedCoat, type NamedCoat } from './coats.js';
import { usualCoat } from './usualCoat.js';
import { piecesOf, readFood, type Bought, type FoodReading } from './food.js';

/** What was understood of the words for a coat: a coat with a name, or bowls. */
export interface CoatReading {
  typed: string;
  named: NamedCoat | null;
  bowls: BowlsReading | null;
  /** Named coats that may be meant, where the words are no bowls. */
  likely: NamedCoat[];
}

/** What a cook says of a dish. */
export interface Said {
  /** "1½ lb thighs, bite-size"; or what was chosen of the answers. */
  food: string | Bought;
  /** "½ cup flour, 2 eggs, 1½ cups crumbs", the name of a coat, or its id; that which the food usually has without. */
  coat?: string;
  /** Minutes in the pot; the usual ones of the piece without. */
  minutes?: number;
  /** A pot or a pan, and °C of the oil; as is usual for the coat without. */
  medium?: OilMedium;
  tempC?: number;
  /** Pieces, where the cook has counted them. */
  count?: number;
}

/** A dish in a cook's words, as it is understood. */
export interface Entered {
  food: FoodReading;
  coat: CoatReading;
  pieces: CutUp | null;
  /** °C when it is coated, skin and the rest as usual. Null while the food is asked about. */
  dish: Dish | null;
  /** Null while a bowl is missing or asked about. */
  fried: FriedCook | null;
  name: string;
}

/** Letters of a dish's name. */
const MOST_LETTERS = 80;

/** What is understood of the words for a coat. */
export function readCoat(pantry: Pantry, typed: string): CoatReading {
  const named = namedCoat(typed) ?? coatCalled(typed) ?? null;
  if (named) return { typed, named, bowls: null, likely: [] };
  const bowls = readBowls(pantry, typed);
  return { typed, named, bowls, likely: bowls.bowls.length === 0 ? coatsLike(typed) : [] };
}

function layersOf({ named, bowls }: CoatReading, pieces: number): LayerSpec[] {
  if (named) return named.layers;
  return (bowls?.bowls ?? []).map(({ portions, lines }) => ({
    portions,
    // What was only guessed is no recipe to be held to.
    ...(lines.every((l) => l.guessed) ? {} : { written: { portions, pieces } }),
  }));
}

const chosenFood = (said: string | Bought): FoodReading | null =>
  typeof said === 'string' ? null : { typed: '', bought: said, likely: [] };

/**
 * A dish from a cook's words: food, amount and cut; coat by name or by bowls; the pot's heat and minutes as usual for the
 * piece where nothing is said. What is not understood is asked about in the readings, and nothing is made up for it.
 * @param weights usual weights that this kitchen has changed
 * @throws Refusal for an unknown food, unit or cut in what was chosen
 */
export function enter(pantry: Pantry, said: Said, weights: (foodId: string) => OwnWeights = () => ({})): Entered {
  const food = chosenFood(said.food) ?? readFood(pantry, said.food as string, weights);
  const { bought } = food;
  const coat = readCoat(pantry, said.coat ?? usualCoat(bought?.foodId).label);
  if (!bought) return { food, coat, pieces: null, dish: null, fried: null, name: '' };
  const item = foodOf(pantry, bought.foodId);
  const cut = piecesOf(pantry, bought, weights(bought.foodId));
  const pieces = { ...cut, count: said.count ?? cut.count };
  const { foodId, ...boughtAs } = bought;
  const dish: Dish = {
    foodId,
    shape: pieces.shape,
    count: pieces.count,
    startC: FROM_COLD_C,
    skin: soldAs(item).skin ?? 'damp',
    preparation: 'raw',
    bought: boughtAs,
    ...(soldAs(item).bareShare !== undefined && { bareShare: soldAs(item).bareShare }),
    ...coat.named?.dish,
  };
  const whole = coat.named !== null || (coat.bowls!.bowls.length > 0 && coat.bowls!.doubts.length === 0);
  const [first] = coat.bowls?.bowls ?? [];
  const fried: FriedCook | null = whole
    ? {
        layers: layersOf(coat, pieces.count),
        medium: said.medium ?? coat.named?.medium ?? 'deep-oil',
        oilId: 'rapeseed-oil',
        tempC: said.tempC ?? coat.named?.tempC ?? (first?.kind === 'batter' ? BATTER_POT_C : DRY_POT_C),
        minutes: said.minutes ?? usualPotMinutes(item, pieces.shape),
      }
    : null;
  const coated = coat.named?.label ?? finishName(pantry, coat);
  return {
    food,
    coat,
    pieces,
    dish,
    fried,
    name: `${capitalised(spoken(item.name))} in ${coated}`.slice(0, MOST_LETTERS).trim(),
  };
}

/** "coarse crumbs": what the outermost bowl is mostly of. */
function finishName(pantry: Pantry, { bowls }: CoatReading): string {
  const last = bowls?.bowls.at(-1);
  if (!last) return 'a coat';
  if (last.kind === 'batter') return 'batter';
  const [most] = [...last.portions].sort((a, b) => b.grams - a.grams);
  return spoken(ingredient(pantry, most.ingredientId).name);
}
