import {
  comparedWords,
  findIngredients,
  foodOf,
  inPantry,
  recognise,
  type Food,
  type Ingredient,
  type Pantry,
  type Recognised,
} from '../foods/index.js';
import {
  cutUp,
  soldAs,
  GRAMS_CUT,
  PIECES,
  type Amount,
  type BoughtAs,
  type CutId,
  type FoodCut,
  type MarketUnit,
  type OwnWeights,
} from '../cut/index.js';
import { FRACTION_SIGNS, inchToMm, Refusal } from '../units/index.js';
import { readAmount, type LineAmount } from './amount.js';
import { birdIn } from './bird.js';
import { FEAST_TIMES, MOST_FOOD_G, MOST_LIKELY } from './constants.js';
import {
  CONTAINERS,
  COUNTED_CUTS,
  CUT_WORDS,
  cutSaid,
  ENDS_ON_PIECES,
  FLORET_MM,
  FLORET_SIZE,
  hasWords,
  PACKS,
  PIECES_FROM,
} from './cutWords.js';
import { wordsApart } from './describing.js';
import { PARCELS, uncoatedIn, type Uncoated } from './uncoated.js';

/** A food as it is bought and cut. */
export interface Bought extends BoughtAs {
  foodId: string;
}

/** Why a food is asked about again. */
export type FoodDoubt =
  Uncoated | 'unknown' | 'another-kind' | 'which-pieces' | 'how-much' | 'nothing' | 'too-much' | 'measure' | 'size';

/** What was understood of the words for a food. */
export interface FoodReading {
  typed: string;
  /** What it is; null where it is asked about. */
  bought: Bought | null;
  doubt?: FoodDoubt;
  /** The likeliest answers, the best first; at most four. */
  likely: Bought[];
}

/** What a household buys of a food that is asked about, g. Common practice, no source. */
const USUAL_WEIGHTS_G = [500, 750];
/** Lengths of a cut that a knife makes, mm. */
export const CUT_SIZE_MM = { min: 4, max: 120 };

const NUMBER = String.raw`(\d+(?:\.\d+)?(?: \d\/\d)?|\d\/\d|[½¼¾⅓⅔⅛]|\d[½¼¾⅓⅔⅛])`;
const IN_MM = new RegExp(String.raw`\b${NUMBER} ?-?(mm|millimetres?|cm|centimetres?)\b`);
const IN_INCH = new RegExp(String.raw`${NUMBER} ?-?(inch(?:es)?|in\b|"|”|″)`);

const figure = (text: string): number =>
  text.split(' ').reduce((sum, part) => {
    const sign = FRACTION_SIGNS[part.slice(-1)];
    if (sign !== undefined) return sum + sign + Number(part.slice(0, -1) || 0);
    const [over, under] = part.split('/');
    return sum + Number(over) / Number(under ?? 1);
  }, 0);

/** The length that stands in the words, mm, and the words without it. */
function sizeIn(text: string): { sizeMm?: number; text: string } {
  const metric = IN_MM.exec(text);
  if (metric) {
    return { sizeMm: figure(metric[1]) * (metric[2].startsWith('c') ? 10 : 1), text: text.replace(metric[0], ' ') };
  }
  const inches = IN_INCH.exec(text);
  if (inches) return { sizeMm: inchToMm(figure(inches[1])), text: text.replace(inches[0], ' ') };
  return { text };
}

/** Prawns by the pound: "16/20". */
const COUNT_TO_POUND = /\b(\d{1,2})\s?[/–-]\s?(\d{2})\b/;

/** The market's unit that the words name: the one with the most of its words in them. */
function unitSaid(units: readonly MarketUnit[], food: Food, text: string): MarketUnit | null {
  const words = new Set([...comparedWords(text), ...comparedWords(food.name)]);
  const typed = new Set(comparedWords(text));
  const fitting = units.filter((u) => hasWords(words, u.name) && comparedWords(u.name).some((w) => typed.has(w)));
  const most = (u: MarketUnit): number => comparedWords(u.name).filter((w) => typed.has(w)).length;
  return fitting.reduce<MarketUnit | null>((best, u) => (best === null || most(u) > most(best) ? u : best), null);
}

/** What a size word alone says: "2 large onions" by "large". */
const sizeWord = (units: readonly MarketUnit[], text: string): MarketUnit | undefined => {
  const size = /\b(small|medium|large|big)\b/.exec(text)?.[1].replace('big', 'large');
  return size === undefined ? undefined : units.find((u) => u.name.startsWith(size));
};

const usual = (food: Food): Bought => {
  const { units, cuts, usual: u } = soldAs(food);
  return { foodId: food.id, unit: units[0].id, amount: u.amount, cut: cuts[0].id };
};

const usualEach = (pantry: Pantry, ids: readonly string[]): Bought[] => ids.map((id) => usual(foodOf(pantry, id)));

const asked = (typed: string, doubt: FoodDoubt, likely: Bought[]): FoodReading => ({
  typed,
  bought: null,
  doubt,
  likely: likely.slice(0, MOST_LIKELY),
});

/** No food by its name; foods whose names are near to words of it are offered. */
function noSuchFood(pantry: Pantry, typed: string, words: string): FoodReading {
  const fits = (item: Ingredient): boolean => item.food !== undefined;
  const near = words === '' ? [] : findIngredients(pantry, words, { fits });
  const ids = near.map(({ id }) => id);
  return asked(typed, 'unknown', usualEach(pantry, ids));
}

/** So many of each, where a number was said that a household fries. */
const soMany = (pantry: Pantry, each: Bought[], count: number | null): Bought[] =>
  each.map((bought) => {
    if (count === null || count <= 0) return bought;
    const many = { ...bought, amount: count };
    return cutUp(foodOf(pantry, bought.foodId), many, many.cut).boughtG > MOST_FOOD_G ? bought : many;
  });

/** Amounts that a cook usually means, in this cut: answers to "how much". */
const usualAmounts = (food: Food, base: Bought): Bought[] => {
  const { amount, unit } = usual(food);
  const by = (a: number, u: string): Bought => ({ ...base, amount: a, unit: u });
  return [by(amount, unit), ...USUAL_WEIGHTS_G.map((g) => by(g, 'g')), by(2 * amount, unit)];
};

/** Cuts of which a weight is that of the pieces: "500 g of florets", "300 g of squid rings". */
const WEIGHED_CUT: readonly CutId[] = ['florets', 'rings'];

/** What says that it is of no animal, and what a cook may mean by it. Common practice, no source. */
const MEATLESS = /\b(vegan|vegetarian|veggie|veg|meat ?-?free|meatless|plant ?-?based|mock)\b/;
const MEATLESS_IDS = ['seitan', 'tofu', 'soya-chunks', 'bean-patty'];

/** Foods without animals, as much of each by weight as was said, else as usual. */
const meatless = (pantry: Pantry, { quantity, measure }: LineAmount): Bought[] =>
  MEATLESS_IDS.filter((id) => inPantry(pantry, id)).map((id) => {
    const bought = usual(foodOf(pantry, id));
    return measure.by === 'weight' ? { ...bought, unit: 'g', amount: (quantity ?? 0) * measure.grams } : bought;
  });

/** So many are twice as many. */
const IN_TWO = /\b(halved|in half|in two)\b/;

/** Words beside the name that make another food of it: "pork belly", "vegan prawns"; none of them says a cut or a measure. */
function wordsOfAnother(found: Recognised): string[] {
  const { units, cuts } = soldAs(found.item);
  const known = new Set(
    [...units.flatMap((u) => [u.name, u.plural]), ...cuts.map((c) => c.name)].flatMap(comparedWords),
  );
  return wordsApart(found).filter((word) => !known.has(word) && !CUT_WORDS.some(([pattern]) => pattern.test(word)));
}

/** How many of what a line says, `head` of it before how it is cut; null where its measure says nothing of a food. */
function amountSaid(food: Food, said: LineAmount, text: string, head: string, cut?: FoodCut): Amount | null {
  const { units, piecesFrom = Infinity } = soldAs(food);
  const quantity = said.quantity ?? 0;
  if (said.measure.by === 'weight') {
    return { unit: cut && WEIGHED_CUT.includes(cut.id) ? GRAMS_CUT : 'g', amount: quantity * said.measure.grams };
  }
  if (said.measure.by === 'volume') {
    const cup = units.find((u) => u.id === 'cup');
    return cup ? { unit: cup.id, amount: quantity } : null;
  }
  if (said.eachG !== null) return { unit: 'g', amount: quantity * said.eachG };
  const perPound = COUNT_TO_POUND.exec(text);
  const graded = perPound && units.find((u) => u.id === `${perPound[1]}-${perPound[2]}`);
  if (graded) return { unit: graded.id, amount: quantity };
  const named = unitSaid(units, food, text) ?? sizeWord(units, text);
  const counted = COUNTED_CUTS.includes(cutSaid(food, head)?.id ?? 'whole');
  if (CONTAINERS.test(head.trim()) && (counted || !PACKS.test((named ?? units[0]).name))) return null;
  // "8 mozzarella sticks" are bought as sticks and eaten as sticks; "8 egg halves" are no halves of eight.
  const ofCut = !named || cut?.name === named.plural || hasWords(new Set(comparedWords(food.name)), named.name);
  if (cut && cut.id !== 'whole' && ofCut && ENDS_ON_PIECES.test(head.trim())) {
    return { unit: PIECES, amount: IN_TWO.test(text) ? 2 * quantity : quantity };
  }
  if (!cut && quantity >= piecesFrom) return { unit: PIECES, amount: quantity };
  if (named) return { unit: named.id, amount: quantity };
  return {
    unit: PACKS.test(units[0].name) && (counted || quantity >= PIECES_FROM) ? PIECES : units[0].id,
    amount: quantity,
  };
}

/** Names of a food that as often say how another one is cut: "seitan steaks". */
const CUT_NAMES: ReadonlySet<string> = new Set(
  'steak fillet burger patty ball bite stick cake nugget cutlet escalope schnitzel chop finger tender roll croquette'.split(
    ' ',
  ),
);

/** Said before the name or behind a comma. */
const BONE_IN = /\bbone[- ]in\b|\bon the bone\b/;

/**
 * The food that words name; a cut's name gives way to another food beside it. Null when no run of words is a name.
 * @param whole all that was said: "8 chicken thighs, bone-in" are another piece than those without
 */
export function recogniseFood(pantry: Pantry, text: string, whole = text): Recognised | null {
  const fits = (item: Ingredient): boolean => item.food !== undefined;
  const boned = BONE_IN.test(whole.toLowerCase()) ? recognise(pantry, `bone in ${text}`, { fits }) : null;
  const found = boned ?? recognise(pantry, text, { fits });
  if (!found || found.called.length > 1 || !CUT_NAMES.has(found.called[0])) return found;
  const other = recognise(pantry, found.beside.join(' '), { fits });
  return other ? { ...other, beside: [...other.beside, ...found.called] } : found;
}

/**
 * A food as it is bought and cut, from a cook's words: "1½ lb thighs, bite-size", "1 large onion in 13 mm rings", "12 prawns
 * 16/20". What is not understood is asked about with the likeliest answers.
 * @param weights usual weights that this kitchen has changed, g by unit id, for a food
 */
export function readFood(
  pantry: Pantry,
  typed: string,
  weights: (foodId: string) => OwnWeights = () => ({}),
): FoodReading {
  const said = readAmount(typed);
  const lower = typed.toLowerCase();
  const { sizeMm, text } = sizeIn(lower);
  const words = sizeIn(said.words).text.replace(COUNT_TO_POUND, ' ');
  const isCount = said.quantity !== null && said.measure.by === 'count' && said.eachG === null;
  const uncoated = uncoatedIn(lower);
  if (uncoated) {
    const parcels = uncoated === 'pastry' ? usualEach(pantry, PARCELS) : [];
    return asked(typed, uncoated, soMany(pantry, parcels, isCount ? said.quantity : null));
  }
  // What stands behind a comma or "cut into" says how, and only in need what.
  const [head] = words.split(/,|\b(?:cut|sliced|in|into|as)\b/);
  const found = recogniseFood(pantry, head, lower) ?? recogniseFood(pantry, words);
  if (!found) return noSuchFood(pantry, typed, comparedWords(words).slice(-2).join(' '));
  const food = foodOf(pantry, found.item.id);
  const cutWord = cutSaid(food, text);
  const { cuts, countedCut } = soldAs(food);
  const cut = cutWord ?? (isCount ? cuts.find((c) => c.id === countedCut) : undefined) ?? cuts[0];
  const floret = cut.id === 'florets' ? FLORET_MM.find(([pattern]) => pattern.test(lower))?.[1] : undefined;
  const size = cut.sizeMm === null ? undefined : (sizeMm ?? floret);
  const base: Bought = { ...usual(food), cut: cut.id, ...(size !== undefined && { sizeMm: size }) };
  if (said.quantity === null) return asked(typed, 'how-much', usualAmounts(food, base));
  if (food.origin !== 'none' && MEATLESS.test(lower)) return asked(typed, 'another-kind', meatless(pantry, said));
  const bird = birdIn(lower);
  if (bird) {
    const each = usualEach(
      pantry,
      bird.ids.filter((id) => inPantry(pantry, id)),
    );
    return asked(typed, 'which-pieces', soMany(pantry, each, bird.pieces));
  }
  const another = wordsOfAnother(found);
  // "4 tuna steaks": of tuna nothing is known, and no beef is meant.
  if (another.length > 0 && found.called.every((word) => CUT_NAMES.has(word))) {
    return noSuchFood(pantry, typed, another.join(' '));
  }
  if (another.length > 0) {
    return asked(typed, 'another-kind', [{ ...base, ...amountSaid(food, said, text, head, cutWord) }]);
  }
  if (said.quantity <= 0) return asked(typed, 'nothing', usualAmounts(food, base));
  const amount = amountSaid(food, said, text.replace(FLORET_SIZE, ' '), head, cutWord);
  if (amount === null) return asked(typed, 'measure', usualAmounts(food, base));
  if (size !== undefined && (size < CUT_SIZE_MM.min || size > CUT_SIZE_MM.max)) {
    return asked(typed, 'size', [{ ...base, ...amount, sizeMm: cut.sizeMm! }]);
  }
  const bought = { ...base, ...amount };
  const { boughtG } = cutUp(food, bought, bought.cut, bought.sizeMm, weights(food.id));
  if (boughtG > MOST_FOOD_G) {
    const meant = boughtG > FEAST_TIMES * MOST_FOOD_G ? [] : [bought];
    return asked(typed, 'too-much', [...usualAmounts(food, base).slice(0, MOST_LIKELY - 1), ...meant]);
  }
  return { typed, bought, likely: [] };
}

/** The pieces of what was bought. @throws Refusal for an unknown food, unit or cut */
export function piecesOf(pantry: Pantry, bought: Bought, weights: OwnWeights = {}): ReturnType<typeof cutUp> {
  if (bought.sizeMm !== undefined && (bought.sizeMm < CUT_SIZE_MM.min || bought.sizeMm > CUT_SIZE_MM.max)) {
    throw new Refusal(`A cut must be ${CUT_SIZE_MM.min} to ${CUT_SIZE_MM.max} mm.`);
  }
  return cutUp(foodOf(pantry, bought.foodId), bought, bought.cut, bought.sizeMm, weights);
}
