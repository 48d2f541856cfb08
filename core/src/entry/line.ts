import {
  comparedWords,
  findIngredients,
  namesOf,
  recognise,
  type Ingredient,
  type Pantry,
  type Recognised,
} from '../foods/index.js';
import { gramsOf, readAmount, type LineAmount } from './amount.js';
import { FRYING_OIL_FROM_G, MOST_COUNTED, MOST_IN_BOWL_G, MOST_LIKELY } from './constants.js';

/** Why a line is asked about again. */
export type Doubt = 'unknown' | 'two-things' | 'how-much' | 'nothing' | 'too-much' | 'a-food';

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
  /** Oil to fry in or to spray: nothing of the coat. */
  notCoat?: true;
  doubt?: Doubt;
  /** The likeliest answers to the doubt, the best first; at most four. */
  likely: Likely[];
}

/** g that are meant where nothing is said, by what it is: "salt and pepper". Common practice, no source. */
const USUAL_PINCH_G = { salt: 3, leavening: 3, seasoning: 1 };

const isCoat = (item: Ingredient): boolean => item.food === undefined;
const isFood = (item: Ingredient): boolean => !isCoat(item);

/** What is meant where no amount is written, g; null where it cannot be guessed. */
function usualOf({ id, group }: Ingredient): number | null {
  if (id === 'salt') return USUAL_PINCH_G.salt;
  if (group === 'leavening') return USUAL_PINCH_G.leavening;
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

function unknownLine(pantry: Pantry, typed: string, amount: LineAmount): BowlLine {
  const food = recognise(pantry, amount.words, { fits: isFood });
  const near = findIngredients(pantry, amount.words, { fits: isCoat });
  const likely = near.map((item) => ({ ingredientId: item.id, grams: gramsOf(item, amount) }));
  return asked(typed, food && near.length === 0 ? 'a-food' : 'unknown', likely);
}

/** Of a coat's things the one that is named; a food's name that is longer than it wins, and is none of the coat's. */
function namedIn(pantry: Pantry, words: string): Recognised | null {
  const coat = recognise(pantry, words, { fits: isCoat });
  const food = recognise(pantry, words, { fits: isFood });
  return coat && food && food.beside.length < coat.beside.length ? null : coat;
}

/**
 * Another thing that is named beside one: "sriracha mayo". Words that the thing's own names have are none ("garlic chilli
 * sauce"), and neither are words that only say how it is ("grated", "smoked").
 */
function otherThing(pantry: Pantry, { item, beside }: Recognised): Ingredient | null {
  const own = new Set(namesOf(item).flatMap(comparedWords));
  const rest = beside.filter((word) => !own.has(word) && !HOW_IT_IS.has(word));
  if (rest.length === 0) return null;
  const other = recognise(pantry, rest.join(' '), { fits: isCoat });
  return other && other.item.id !== item.id ? other.item : null;
}
/** Names of things that as often say how another one is. Common practice, no source. */
const HOW_IT_IS: ReadonlySet<string> = new Set(['crumb', 'cracker', 'cream', 'oil', 'water', 'salt', 'herb', 'oat']);

/**
 * One thing of a bowl: "½ cup plain flour" as 62.5 g of wheat flour. What is not understood, is nothing, or is more than a
 * household's bowl takes is asked about with the likeliest answers, and never guessed in silence.
 * @param amounts whether any amount is written at all: where none is, each thing is taken as a bowl of it usually holds,
 * and marked as a guess
 */
export function readLine(pantry: Pantry, typed: string, amounts = true): BowlLine {
  const amount = readAmount(typed);
  const found = namedIn(pantry, amount.words);
  if (!found) return unknownLine(pantry, typed, amount);
  const { item } = found;
  const other = otherThing(pantry, found);
  if (other) {
    const either = [item, other].map((i) => ({ ingredientId: i.id, grams: gramsOf(i, amount) }));
    return asked(typed, 'two-things', either);
  }
  const grams = gramsOf(item, amount);
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
