import { gramsOf, LEAVES, readAmount, readBowls, readLine, recogniseFood, type LineAmount } from '../entry/index.js';
import { comparedWords, ingredient, recognise, type Ingredient, type Pantry, type Portion } from '../foods/index.js';
import { BOTTLE_ML } from './constants.js';
import type { WrittenLine } from './types.js';

/** What a line says of itself that it is for. */
export type OwnWord = 'frying' | 'serving' | 'dipping' | 'dusting' | null;

/** A line of the recipe as a thing: what it is, how much of it, and what it says of itself. */
export interface Thing extends WrittenLine {
  at: number;
  /** What it is; null where that is not known. */
  item: Ingredient | null;
  /** All that the line names, g of each: "salt and pepper" is two. */
  portions: Portion[];
  quantity: number | null;
  unit: string | null;
  /** g of it, where the line says how much. */
  grams: number | null;
  /** The words of it that are its name, as they are compared. */
  called: string[];
  own: OwnWord;
  /** "divided", "plus more for dredging": a part of it goes elsewhere. */
  parted: boolean;
  optional: boolean;
  /** The line as its amount is read from it. */
  plain: string;
}

const FRYING =
  /\b(for|to) (deep|shallow|pan|stir)?[- ]?(fat )?(frying|fry|cooking|cook)\b|\bfor the (pan|pot|fryer|skillet)\b|\bfrying oil\b|\bfor greasing\b/i;
const DIPPING = /\bfor (dipping|dunking)\b/i;
const SERVING =
  /\b(to|for) (serve|serving|garnish|garnishing|decorate|drizzle|drizzling|finish|finishing|sprinkle|sprinkling|grate|shave|scatter|the table|the top|scattering)\b|\bwedges?\b|\bgarnish\b|\bas a (side|garnish)\b/i;
const DUSTING = /\b(for|to) (dusting|dust|dredging|dredge|coating|coat|flouring|rolling|roll|breading)\b/i;
/** What it is for, and says nothing of what it is. */
const FOR_USE =
  /,?\s*\b(to|for) (serve|serving|garnish|garnishing|decorate|drizzle|drizzling|finish|finishing|sprinkle|sprinkling|the table|scattering|dusting|dust|dredging|dredge|coating|coat|flouring|rolling|breading)\b( with)?/i;
const MORE = /[,;(]?\s*\b(plus|and|\+)\s+(more|extra|additional|some|a little|enough)\b.*$/i;
const PARTED = /\bdivided\b|\bplus (more|extra|additional|some)\b|\bextra for\b|\bin (two|2) (parts|portions|bowls)\b/i;

/** Measures that are told by the size of a letter: "2 T flour" is spoons, "2 t salt" small ones. */
const bySizeOfLetter = (text: string): string =>
  text
    .replace(/(\d|[½¼¾⅓⅔⅛]) ?(Tbsp?|TBSP?|Tbs|TBS|T)\.?(?= )/g, '$1 tbsp')
    .replace(/(\d|[½¼¾⅓⅔⅛]) ?(tsps?|TSP|t)\.?(?= )/g, '$1 tsp')
    .replace(/(\d|[½¼¾⅓⅔⅛]) ?(C|c)\.?(?= [a-zA-Z])/g, '$1 cup');

/** Bottles and cans of what is sold by them, as so many ml. */
const bottled = (text: string): string =>
  text.replace(
    /^(\d|an?|one|half an?|½)?\s*(small )?(bottles?|cans?|tins?) (of )?(?=.*\b(beer|lager|ale|stout|pilsner|cider|soda|sparkling|seltzer|club)\b)/i,
    (_, n: string | undefined) => `${(n && /half|½/.test(n) ? 0.5 : Number(n) || 1) * BOTTLE_ML} ml `,
  );

/** The first of two that the recipe leaves open: "panko or dried crumbs"; the whole where the first alone says nothing. */
function firstOf(pantry: Pantry, text: string): string {
  const counted = text.replace(/\b(\d+) or (\d+)\b/g, '$1-$2');
  const [first, ...rest] = counted.split(/\s+or\s+|\s*\/\s*(?=[a-z]{3})/i);
  if (rest.length === 0) return counted;
  return recognise(pantry, readAmount(first).words) ? first : counted;
}

const SAID_BEHIND =
  /^([a-z][a-z' -]*?)\s*[:,(–-]?\s*((?:\d|[½¼¾⅓⅔⅛])[\d\s/½¼¾⅓⅔⅛.,–-]*(?:\s?(?:g|gr|kg|ml|cl|dl|l|oz|lbs?|cups?|tbsp|tsp|tablespoons?|teaspoons?|pounds?|ounces?|pieces?)\b\.?)?)\)?\s*(.*)$/i;

/** "Flour 100 g", "Apples: 3, peeled": the amount put before what it is of. */
function amountFirst(text: string): string {
  if (readAmount(text).quantity !== null) return text;
  const found = SAID_BEHIND.exec(text);
  if (!found || /\b(in|of|to|for|and|about|x)$/i.test(found[1].trim())) return text;
  return `${found[2].replace(/[,\s]+$/, '')} ${found[1].trim()}${found[3] ? `, ${found[3].replace(/^[,\s]+/, '')}` : ''}`;
}

/** A line without what is said beside its thing, as the amount is read from it. */
function readable(pantry: Pantry, text: string): string {
  const plain = bottled(bySizeOfLetter(text))
    .replace(/[*†‡]+/g, '')
    .replace(/\bS ?& ?P\b/g, 'salt and pepper')
    .replace(/\bw\/ ?/gi, 'with ')
    .replace(/,?\s*\b(lightly |well )?(beaten|whisked|mixed|stirred|combined) (together )?with\b/gi, ' plus')
    .replace(/\s+[–—-]\s+/g, ', ')
    .replace(/\((optional|divided|see notes?[^)]*|or more[^)]*|about \d[^)]*pieces?\)?|to taste)\)?/gi, ' ')
    .replace(/,?\s*\boptional\b/gi, '')
    .replace(/,?\s*\bdivided\b/gi, '')
    .replace(MORE, '')
    .replace(/,?\s*\bor (more )?(to taste|as needed|more|so|to your taste)\b.*$/i, '')
    .replace(/,?\s*\b(to taste|as needed|as required|if (you like|needed|using|desired))\b.*$/i, '')
    .replace(
      /,?\s*\b(blitzed|crushed|whizzed|ground|processed|blended|bashed|pulsed)( up)? (in)?to (fine |coarse |rough )?crumbs\b/i,
      '',
    )
    .replace(FRYING, ' ')
    .replace(DIPPING, ' ')
    .replace(FOR_USE, ' ')
    .replace(/^(about|approx(imately|\.)?|around|roughly|a good|a generous|some|enough|plenty of|lots of)\s+/i, '');
  return amountFirst(firstOf(pantry, plain).replace(/\s+/g, ' ').trim());
}

function ownWord(text: string): OwnWord {
  const main = text.replace(MORE, '');
  if (FRYING.test(main)) return 'frying';
  if (DIPPING.test(main)) return 'dipping';
  if (SERVING.test(main)) return 'serving';
  return DUSTING.test(main) ? 'dusting' : null;
}

const isFood = (item: Ingredient): boolean => item.food !== undefined;

/** The longer name wins; a coat's where both are as long. */
function named(pantry: Pantry, words: string): { item: Ingredient; called: string[] } | null {
  const coat = recognise(pantry, words, { fits: (item) => !isFood(item) });
  const food = recogniseFood(pantry, words);
  if (!coat || !food) return coat ?? food;
  const noun = (r: typeof coat): number => comparedWords(words).lastIndexOf(r.called.at(-1)!);
  if (food.called.length !== coat.called.length) return food.called.length > coat.called.length ? food : coat;
  // "Prawns in their shells, salted": what stands first is the thing, what follows says how it is.
  const [head] = words.split(',');
  if (!recognise(pantry, head, { fits: (item) => !isFood(item) })) return food;
  return noun(food) > noun(coat) && !/,/.test(words.slice(0, words.length)) ? food : coat;
}

/** "1 tsp each salt, pepper and paprika": the amount, and what it is of. */
const OF_EACH = /^(.+?)\s+each:?\s+(?:of\s+)?(.+)$/i;

/** Salt and pepper, or a list of spices, in one line. */
function severalIn(pantry: Pantry, text: string): Portion[] {
  const each = OF_EACH.exec(text);
  const listed = each
    ? each[2]
        .split(/,| and | & /)
        .map((thing) => `${each[1]} ${thing.trim()}`)
        .join(', ')
    : text;
  const { lines } = readBowls(pantry, listed, { foods: true });
  return lines.flatMap((line) => (line.portion ? [line.portion] : []));
}

const SEVERAL = / (and|&|plus|with|\+) |,/i;

function gramsIn(pantry: Pantry, item: Ingredient, text: string, amount: LineAmount): number | null {
  if (isFood(item)) return gramsOf(item, amount);
  const { portion, guessed, likely } = readLine(pantry, text);
  if (portion && !guessed && portion.ingredientId === item.id) return portion.grams;
  const same = likely.find((l) => l.ingredientId === item.id)?.grams ?? null;
  return amount.quantity === null ? null : (gramsOf(item, amount) ?? same);
}

const calledIn = (pantry: Pantry, text: string, item: Ingredient): string[] | undefined =>
  recognise(pantry, text, { fits: (other) => other.id === item.id })?.called;

/** What a line names and how much of it. */
export function thingOf(pantry: Pantry, { text, section }: WrittenLine, at: number): Thing {
  const plain = readable(pantry, text);
  const amount = readAmount(plain);
  const words = amount.words || plain;
  // A handful of coriander is no seed.
  const leaves = LEAVES.test(plain) ? named(pantry, `fresh ${words}`) : null;
  const found = leaves ?? named(pantry, words);
  const item = found?.item ?? null;
  const grams = item && gramsIn(pantry, item, plain, amount);
  const several = item && !isFood(item) && SEVERAL.test(plain) ? severalIn(pantry, plain) : [];
  const one: Portion[] = item && grams !== null ? [{ ingredientId: item.id, grams }] : [];
  const many = new Set(several.map((p) => p.ingredientId)).size > 1;
  const first = many ? ingredient(pantry, several[0].ingredientId) : item;
  return {
    text,
    section,
    at,
    item: first,
    portions: many ? several : one,
    quantity: amount.quantity,
    unit: amount.unit,
    grams,
    called: (many ? calledIn(pantry, plain, first!) : found?.called) ?? comparedWords(words).slice(-1),
    own: ownWord(text),
    parted: PARTED.test(text),
    plain,
    optional: /\boptional\b|if you like|if desired/i.test(text),
  };
}
