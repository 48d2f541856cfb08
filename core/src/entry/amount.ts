import { parseIngredient } from 'parse-ingredient';
import { convert } from 'convert';
import type { Ingredient } from '../foods/index.js';
import { US_CUP_ML, volumeToMl } from '../units/index.js';
import {
  BUNCH_CUP,
  DASH_TSP,
  HANDFUL_CUP,
  INCH_TBSP,
  KNOB_TBSP,
  PINCH_TSP,
  SPLASH_TBSP,
  SPRIG_TBSP,
  STICK_G,
} from './constants.js';
import { numbered } from './numbers.js';

/** A measure of a recipe, as so much volume, so much weight, or counted. */
export type Measure = { by: 'volume'; ml: number } | { by: 'weight'; grams: number } | { by: 'count' };

/** How much a line says, and of what. */
export interface LineAmount {
  /** So many of the measure; null when the line says none. The mean of a range. */
  quantity: number | null;
  measure: Measure;
  /** What the measure is called: "cup", "gram", "splash"; null where it is counted or nothing is said. */
  unit: string | null;
  /** What it is of, in the words of the line. */
  words: string;
  /** g that stand in brackets behind a count: "1 block (400 g)", "2 tins of 400 g each". */
  eachG: number | null;
}

const litres = (ml: number): Measure => ({ by: 'volume', ml });
const weight = (grams: number): Measure => ({ by: 'weight', grams });
const COUNT: Measure = { by: 'count' };

/** Measures that the parser knows by id. Volumes are US customary. */
const MEASURES: Readonly<Record<string, Measure>> = {
  gram: weight(1),
  kilogram: weight(1000),
  ounce: weight(convert(1, 'oz').to('g')),
  pound: weight(convert(1, 'lb').to('g')),
  milliliter: litres(1),
  centiliter: litres(10),
  deciliter: litres(100),
  liter: litres(1000),
  teaspoon: litres(volumeToMl(1, 'tsp')),
  tablespoon: litres(volumeToMl(1, 'tbsp')),
  cup: litres(volumeToMl(1, 'cup')),
  pint: litres(2 * volumeToMl(1, 'cup')),
  quart: litres(4 * volumeToMl(1, 'cup')),
  'fluid ounce': litres(volumeToMl(1, 'cup') / 8),
  fluidounce: litres(volumeToMl(1, 'cup') / 8),
  pinch: litres(volumeToMl(PINCH_TSP, 'tsp')),
  dash: litres(volumeToMl(DASH_TSP, 'tsp')),
  drop: litres(0.05),
  stick: weight(STICK_G),
};

/** Small words for an amount. */
const SMALL: readonly (readonly [RegExp, Measure])[] = [
  [/^(pinch|pinches)\b/, litres(volumeToMl(PINCH_TSP, 'tsp'))],
  [/^(dash|dashes|shake|shakes|grind|grinds|grinding|sprinkle|sprinkling)\b/, litres(volumeToMl(DASH_TSP, 'tsp'))],
  [/^(splash|splashes|glug|drizzle|squeeze|slosh|dollop)\b/, litres(volumeToMl(SPLASH_TBSP, 'tbsp'))],
  [/^(knob)\b/, litres(volumeToMl(KNOB_TBSP, 'tbsp'))],
  [/^(handful|handfuls)\b/, litres(volumeToMl(HANDFUL_CUP, 'cup'))],
  [/^((small|large|big|good) )?(bunch|bunches)\b/, litres(volumeToMl(BUNCH_CUP, 'cup'))],
  [/^(sprig|sprigs)\b/, litres(volumeToMl(SPRIG_TBSP, 'tbsp'))],
  [
    /^(inch|inches|thumb)( of| piece| piece of| knob| knob of)?\b(?= (of )?(fresh )?ginger)/,
    litres(volumeToMl(INCH_TBSP, 'tbsp')),
  ],
  [/^(spoon|spoons|spoonful|spoonfuls|dessertspoon|dessertspoons)\b/, litres(volumeToMl(1, 'tbsp'))],
  [/^(tbsps|tblsps?|tbls?)\b/, litres(volumeToMl(1, 'tbsp'))],
  [/^(tsps)\b/, litres(volumeToMl(1, 'tsp'))],
  [/^(kilo|kilos)\b/, weight(1000)],
  [/^(dl)\b/, litres(100)],
  [/^(cl)\b/, litres(10)],
];

/** A measure with nothing behind it, which the parser takes for the thing itself. */
const MEASURE_ALONE: Readonly<Record<string, Measure>> = {
  cup: MEASURES.cup,
  cups: MEASURES.cup,
  tbsp: MEASURES.tablespoon,
  tablespoon: MEASURES.tablespoon,
  tablespoons: MEASURES.tablespoon,
  tsp: MEASURES.teaspoon,
  teaspoon: MEASURES.teaspoon,
  teaspoons: MEASURES.teaspoon,
};

const METRIC: Readonly<Record<string, Measure>> = {
  g: weight(1),
  gr: weight(1),
  kg: weight(1000),
  ml: litres(1),
  l: litres(1000),
  oz: MEASURES.ounce,
  lb: MEASURES.pound,
};
const BRACKET = /\(?\s*(?:of |à )?(\d+(?:\.\d+)?)\s?-?(g|gr|kg|ml|oz|lb)\b\.?(?: each)?\s*\)?/;

/** "1 cup (125 g) flour", "2 x 400 g tins": the weight beside a count or a measure, and the line without it. */
function bracketed(text: string): { text: string; grams: number | null } {
  const inside =
    /\(([^)]*)\)/.exec(text)?.[1] ??
    /^\d+(?:\.\d+)? ?x ?(.*)$/.exec(text)?.[1] ??
    /(?<=\d ?(?:g|kg|ml|oz|lb)) ?\/ ?(.*)/.exec(text)?.[0];
  const weighed = inside === undefined ? null : BRACKET.exec(inside);
  if (!weighed) return { text: text.replace(/\([^)]*\)/g, ' '), grams: null };
  const measure = METRIC[weighed[2]];
  const grams = measure.by === 'weight' ? Number(weighed[1]) * measure.grams : null;
  return {
    text: text
      .replace(/\([^)]*\)/g, ' ')
      .replace(/ ?x ?(?=\d)/, ' ')
      .replace(/\/ ?\d+(\.\d+)? ?(oz|lb|g|kg)\b/, ' ')
      .replace(weighed[0], /^\d+(\.\d+)? ?x/.test(text) ? ' ' : weighed[0]),
    grams,
  };
}

const clean = (words: string): string =>
  words
    .replace(/^\s*(of|x)\s+/, '')
    .replace(/^[\s,.-]+|[\s,.-]+$/g, '')
    .replace(/\s+/g, ' ');

/** Lines that were read lately: what sorts, reads and weighs a line asks for the same one. */
const readLately = new Map<string, LineAmount>();
const MOST_LATELY = 600;

/** How much a line of a recipe says, and of what. Fractions, ranges, number words, "splash of", brackets. */
export function readAmount(line: string): LineAmount {
  const known = readLately.get(line);
  if (known) return known;
  if (readLately.size >= MOST_LATELY) readLately.clear();
  const read = amountIn(line);
  readLately.set(line, read);
  return read;
}

/** A capital T is a tablespoon where a small one is a teaspoon. */
const CAPITAL_T = /(?<=[\d½¼¾⅓⅔⅛])\s?T(?![a-z])/g;
/** A flour of that name, and no gram of another. */
const GRAM_FLOUR = /^\s*gram flour\b/;

function amountIn(line: string): LineAmount {
  const { text: figures, fullness } = numbered(line.replace(CAPITAL_T, ' tbsp'));
  const { text, grams } = bracketed(figures);
  if (GRAM_FLOUR.test(text)) return { quantity: null, measure: COUNT, unit: null, words: clean(text), eachG: grams };
  const [parsed] = parseIngredient(text.trim());
  if (!parsed) return { quantity: null, measure: COUNT, unit: null, words: clean(text), eachG: grams };
  const { quantity, quantity2, unitOfMeasureID, description } = parsed;
  const said = quantity === null ? null : (quantity + (quantity2 ?? quantity)) / 2;
  const alone = unitOfMeasureID === null ? MEASURE_ALONE[clean(description)] : undefined;
  if (alone) return { quantity: said ?? 1, measure: alone, unit: clean(description), words: '', eachG: grams };
  const known = unitOfMeasureID === null ? undefined : MEASURES[unitOfMeasureID];
  if (known) {
    const quantityOf = (said ?? 1) * fullness;
    return { quantity: quantityOf, measure: known, unit: unitOfMeasureID, words: clean(description), eachG: grams };
  }
  const rest = clean(unitOfMeasureID === null ? description : `${parsed.unitOfMeasure} ${description}`);
  const small = SMALL.find(([pattern]) => pattern.test(rest));
  if (small) {
    return {
      quantity: (said ?? 1) * fullness,
      measure: small[1],
      unit: small[0].exec(rest)![0],
      words: clean(rest.replace(small[0], '')),
      eachG: grams,
    };
  }
  return { quantity: said, measure: COUNT, unit: null, words: rest, eachG: grams };
}

/** g in a ml of an ingredient: by its cup, or by its density where nobody measures it by the cup. */
export const gramsPerMl = ({ cupG, densityKgM3 }: Ingredient): number =>
  cupG === undefined ? densityKgM3 / 1000 : cupG / US_CUP_ML;

/** g of so much of an ingredient; null where it is counted and nobody knows what one weighs, or nothing is said. */
export function gramsOf(item: Ingredient, { quantity, measure, eachG }: LineAmount): number | null {
  if (quantity === null) return null;
  if (measure.by === 'weight') return quantity * measure.grams;
  if (eachG !== null) return measure.by === 'count' ? quantity * eachG : eachG;
  if (measure.by === 'volume') return quantity * measure.ml * gramsPerMl(item);
  return item.eachG === undefined ? null : quantity * item.eachG;
}
