import {
  findIngredients,
  functionOf,
  isFlesh,
  recognise,
  type Ingredient,
  type Pantry,
  type Recognised,
} from '../foods/index.js';
import { gramsOf, readAmount, type LineAmount } from './amount.js';
import { wordsApart } from './describing.js';
import { piecesOf, readFood } from './food.js';
import { CHOPPED_FILL, FRYING_OIL_FROM_G, MOST_COUNTED, MOST_IN_BOWL_G, MOST_LIKELY } from './constants.js';

/** Why a line is asked about again. */
export type Doubt = 'unknown' | 'another-kind' | 'two-things' | 'how-much' | 'nothing' | 'too-much' | 'a-food';

/** What a cook may have meant: an ingredient, and how much. */
export interface Likely {
  ingredientId: string;
  grams: number | null;
}

/** One thing of a bowl, as it was typed and as it is understood. */
export interface BowlLine {
  /** As it was typed. */
  typed: string;
  /** What it is, and how much; null where it is asked about. */
  portion: { ingredientId: string; grams: number } | null;
  /** Nothing was said of how much, and the usual is taken. */
  guessed?: true;
  /** Of a bowl that was called by its name, "beer batter": what is of one such bowl stays together. */
  of?: string;
  /** Oil to fry in or to spray: nothing of the coat. */
  notCoat?: true;
  doubt?: Doubt;
  /** The likeliest answers to the doubt, the best first; at most four. */
  likely: Likely[];
}

/** g that are meant where nothing is said, by what it is: "salt and pepper". Common practice, no source. */
const USUAL_PINCH_G = { salt: 3, leavening: 3, seasoning: 1, sharp: 15 };

/** What a line is read for. */
export interface LineOptions {
  /**
   * Whether any amount is written at all: where none is, each thing is taken as a bowl of it usually holds, and marked as a
   * guess. Default true.
   */
  amounts?: boolean;
  /** Foods may stand in it that are eaten as they are: gherkins in a dip, mango in a sauce. Default false. */
  foods?: boolean;
}

const isFood = (item: Ingredient): boolean => item.food !== undefined;
const isCoat = (item: Ingredient): boolean => !isFood(item);
/** What a bowl beside the coat may hold: anything but raw meat and fish. */
const isServed = (item: Ingredient): boolean => isCoat(item) || !isFlesh(item);

/** What is meant where no amount is written, g; null where it cannot be guessed. */
function usualOf(item: Ingredient): number | null {
  const { id, group } = item;
  if (id === 'salt') return USUAL_PINCH_G.salt;
  if (group === 'leavening') return USUAL_PINCH_G.leavening;
  // A spoon of vinegar, of lemon, of soy sauce.
  if (functionOf(item) === 'sharp-liquid') return USUAL_PINCH_G.sharp;
  return group === 'seasoning' ? USUAL_PINCH_G.seasoning : null;
}

/** Amounts that a bowl of it usually holds, g: answers to "how much". Common practice, no source. */
function usualBowls(item: Ingredient): number[] {
  if (item.eachG !== undefined) return [1, 2, 3].map((n) => n * item.eachG!);
  const cup = item.cupG ?? item.densityKgM3 / 4;
  return [cup / 2, cup, 1.5 * cup];
}

const asked = (typed: string, doubt: Doubt, likely: Likely[]): BowlLine => ({
  typed,
  portion: null,
  doubt,
  likely: likely.slice(0, MOST_LIKELY),
});

const hasTooMuch = (item: Ingredient, { measure, quantity }: LineAmount, grams: number): boolean =>
  grams > MOST_IN_BOWL_G || (measure.by === 'count' && item.eachG !== undefined && (quantity ?? 0) > MOST_COUNTED);

function unknownLine(pantry: Pantry, typed: string, amount: LineAmount, foods: boolean): BowlLine {
  const food = recognise(pantry, amount.words, { fits: isFood });
  const near = findIngredients(pantry, amount.words, { fits: foods ? isServed : isCoat });
  const likely = near.map((item) => ({ ingredientId: item.id, grams: gramsOf(item, amount) }));
  return asked(typed, food && near.length === 0 ? 'a-food' : 'unknown', likely);
}

/** Of a bowl's things the one that is named; a food's name that is longer than it wins, where foods may stand in the bowl. */
function namedIn(pantry: Pantry, words: string, foods: boolean): Recognised | null {
  const coat = recognise(pantry, words, { fits: isCoat });
  const food = recognise(pantry, words, { fits: isFood });
  if (!food || (coat && food.beside.length >= coat.beside.length)) return coat;
  return foods && isServed(food.item) ? food : null;
}

/** Measures of leaves: a handful of coriander is no seed. */
export const LEAVES = /\b(handfuls?|bunch(es)?|sprigs?|leaves)\b/i;

/** g of a food in a bowl: cut small in a cup, else by what the market's unit leaves of it; null where nothing is said. */
function gramsOfFood(pantry: Pantry, item: Ingredient, typed: string, amount: LineAmount): number | null {
  const { measure, quantity } = amount;
  if (quantity === null || measure.by === 'weight') return gramsOf(item, amount);
  if (measure.by === 'volume') return quantity * measure.ml * (item.densityKgM3 / 1000) * CHOPPED_FILL;
  const { bought } = readFood(pantry, typed);
  return bought && piecesOf(pantry, bought).usedG;
}

/** Another thing that is named beside one: "sriracha mayo". */
function otherThing(pantry: Pantry, item: Ingredient, words: readonly string[]): Ingredient | null {
  const other = recognise(pantry, words.join(' '), { fits: isCoat });
  return other && other.item.id !== item.id ? other.item : null;
}
/**
 * One thing of a bowl: "½ cup plain flour" as 62.5 g of wheat flour. What is not understood, is nothing, or is more than a
 * household's bowl takes is asked about with the likeliest answers, and never guessed in silence.
 */
export function readLine(pantry: Pantry, typed: string, { amounts = true, foods = false }: LineOptions = {}): BowlLine {
  const amount = readAmount(typed);
  const found =
    (LEAVES.test(typed) && namedIn(pantry, `fresh ${amount.words}`, foods)) || namedIn(pantry, amount.words, foods);
  if (!found) return unknownLine(pantry, typed, amount, foods);
  const { item } = found;
  const apart = wordsApart(found);
  if (apart.length > 0) {
    const other = otherThing(pantry, item, apart);
    const either = other ? [item, other] : [item];
    const likely = either.map((i) => ({ ingredientId: i.id, grams: gramsOf(i, amount) }));
    return asked(typed, other ? 'two-things' : 'another-kind', likely);
  }
  const grams = isFood(item) ? gramsOfFood(pantry, item, typed, amount) : gramsOf(item, amount);
  const portion = (g: number) => ({ ingredientId: item.id, grams: Number(g.toFixed(2)) });
  if (amount.quantity === null || grams === null) {
    const usual = usualOf(item);
    if (item.oil) return { typed, portion: null, notCoat: true, likely: [] };
    const guess = usual ?? (amounts ? null : usualBowls(item)[1]);
    if (guess !== null) return { typed, portion: portion(guess), guessed: true, likely: [] };
    return asked(typed, 'how-much', usualBowls(item).map(portion));
  }
  if (grams <= 0) return asked(typed, 'nothing', usualBowls(item).map(portion));
  if (item.oil && grams >= FRYING_OIL_FROM_G) return { typed, portion: null, notCoat: true, likely: [] };
  if (hasTooMuch(item, amount, grams)) {
    return asked(typed, 'too-much', [...usualBowls(item).slice(1).map(portion), portion(grams)]);
  }
  return { typed, portion: portion(grams), likely: [] };
}
