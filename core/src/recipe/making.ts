import { readFood, type Bought } from '../entry/index.js';
import { comparedWords, foodOf, recognise, type Food, type Pantry, type Preparation } from '../foods/index.js';
import type { Clause } from './clauses.js';
import { OVERNIGHT_MIN } from './constants.js';
import type { Thing } from './things.js';
import type { Found, FoundKind, RecipeFood } from './types.js';

/** What is done to the food before the coat, as the steps tell it. */
export interface Making {
  preparation: Preparation | null;
  /** Minutes of it; null where none are told. */
  minutes: number | null;
  patted: boolean;
  frozen: boolean;
}

/** Ways of dealing with the food's water, by the words that cooks have for them. */
const WAY_WORDS: readonly (readonly [RegExp, Preparation, FoundKind])[] = [
  [
    /\bfrom frozen\b|\b(still|do not thaw|don.t thaw|without thawing).{0,16}\bfrozen|\bdo ?n.t thaw\b/i,
    'frozen',
    'frozen',
  ],
  [/\bmarinat|\bin the marinade|\bbrine\b/i, 'marinated', 'marinating'],
  [/\bfreeze\b.{0,60}\bthaw\b/i, 'frozen-pressed', 'soaking'],
  [
    /\bpress (the )?(tofu|halloumi|paneer|tempeh|block)|\bpress(ed)? (it )?(under|between|for|with a weight)|\bweigh(t|ed) (it )?down|\btofu press/i,
    'pressed',
    'drying',
  ],
  [
    /\b(salt|sprinkle .{0,30}salt).{0,80}\b(colander|drain|stand|sit|draw|weep|sweat|leave|minutes)/i,
    'salted',
    'drying',
  ],
  [
    /\b(blanch|parboil|par-boil|boil .{0,30}\b(2|3|4|5|two|three|four|five)( to \d)? minutes)/i,
    'blanched',
    'cooked-before',
  ],
  [
    /\b(pre-?roast|roast|steam|boil|simmer|poach|cook)\b.{0,50}\b(until|till)( just| almost| nearly)? (tender|soft|cooked|done)/i,
    'pre-cooked',
    'cooked-before',
  ],
  [/\bsoak\b/i, 'soaked', 'soaking'],
];

const MINUTES =
  /(\d+|an?|one|two|three|four|six|eight|half an?)(?:\s*(?:-|–|to|or)\s*(\d+|two|three|four|six|eight))?\s*(minutes?|mins?|hours?|hrs?|h)\b/i;
const COUNT_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  six: 6,
  eight: 8,
  half: 0.5,
  'half a': 0.5,
  'half an': 0.5,
};
const countOf = (word: string): number => COUNT_WORDS[word.toLowerCase()] ?? Number(word);

/** Minutes that a clause tells; the mean of a range. */
export function minutesIn(text: string): number | null {
  const found = MINUTES.exec(text);
  if (!found) return /\bovernight\b/i.test(text) ? OVERNIGHT_MIN : null;
  const value = (countOf(found[1]) + countOf(found[2] ?? found[1])) / 2;
  return /^h/i.test(found[3]) ? value * 60 : value;
}

const DRY =
  /\b(pat|dab|blot|dry)\b.{0,40}\b(dry|paper|kitchen towel|towels?|cloth|well)\b|\bpat dry\b|\bdry (them|it|the)\b/i;
const REST = /\b(rest|stand|chill|refrigerat|set aside|leave|sit)\b/i;
const CUTS =
  /\b(cut|slice|chop|halve|cube|dice|tear|butterfly|quarter|split|break|separate|shred|trim|divide|pound)\b/i;
const PUTS_SAUCE =
  /\b(toss|coat|dip|turn)\b.{0,50}\b(sauce|glaze)\b|\b(brush|spoon|drizzle|pour)\b.{0,50}\b(sauce|glaze|over)\b/i;

const minText = (minutes: number): string => (minutes >= 90 ? `${Math.round(minutes / 6) / 10} h` : `${minutes} min`);

/** What a clause says of the food before the coat, of its rest and of its sauce. */
export function foundIn({ text, deed }: Clause): Found[] {
  const found: Found[] = [];
  const add = (what: FoundKind, words: string, value?: number): void =>
    void found.push({ what, text: words, ...(value !== undefined && { value }) });
  const minutes = minutesIn(text);
  const way = WAY_WORDS.find(([pattern]) => pattern.test(text));
  if (way && deed !== 'sauce' && deed !== 'serve' && deed !== 'dip')
    add(way[2], minutes === null ? way[1] : `${way[1]}, ${minText(minutes)}`, minutes ?? undefined);
  else if (DRY.test(text)) add('drying', 'patted dry');
  else if (REST.test(text) && minutes !== null && deed !== 'fry') add('resting', minText(minutes), minutes);
  if (CUTS.test(text) && deed !== 'mix' && deed !== 'sauce') add('cut', cutPhrase(text) ?? text);
  if (PUTS_SAUCE.test(text) && deed !== 'dip')
    add(
      'sauce',
      /\bbrush/i.test(text) ? 'brushed on' : /\b(toss|coat|turn|dip)/i.test(text) ? 'tossed in it' : 'over it',
    );
  return found;
}

/** What the clauses say that is done with the food before its coat. */
export function makingOf(clauses: readonly Clause[], food: Food | null, line: string): Making {
  const making: Making = { preparation: null, minutes: null, patted: false, frozen: false };
  const firstDip = clauses.findIndex(({ deed }) => deed === 'dip');
  clauses.forEach(({ text, deed }, at) => {
    if (DRY.test(text) && deed !== 'sauce') making.patted = true;
    const way = WAY_WORDS.find(([pattern]) => pattern.test(text));
    if (!way || making.preparation !== null || deed === 'sauce' || deed === 'serve') return;
    const [, preparation] = way;
    const early = firstDip < 0 || at < firstDip || preparation === 'frozen';
    if (!early || !food?.food.ways.includes(preparation)) return;
    making.preparation = preparation;
    making.minutes = minutesIn(text) ?? minutesIn(clauses[at + 1]?.text ?? '');
  });
  if (
    /\bfrozen\b/i.test(line) &&
    !/\b(thawed|defrosted)\b/i.test(line) &&
    !clauses.some(({ text }) => /\b(thaw|defrost)\b/i.test(text) && !/n.t thaw|not thaw/i.test(text))
  )
    making.frozen = true;
  if (making.preparation === 'frozen') making.frozen = true;
  return making;
}

/** "into 1-inch cubes", "in half flat", "1 cm thick": how a step cuts. */
export function cutPhrase(text: string): string | null {
  const found =
    /\b(?:cut|slice|chop|tear|break|separate|divide|dice|cube|halve|split)\w*\b.{0,60}?\b(into|in)\b (.{3,60})/i.exec(
      text,
    )?.[2] ??
    /\b(butterfl(?:y|ied)|halve horizontally|pound .{3,40}|slice .{0,40}thick\w*|cut .{0,40}thick\w*|cube|dice|tear)\b/i.exec(
      text,
    )?.[0];
  return found?.replace(/[.,;].*$/, '').trim() ?? null;
}

/** The line with what the steps say of its cut, where it says none itself. */
const withCut = (text: string, phrase: string | null): string =>
  phrase === null || saysCut(text) ? text : `${text}, ${phrase}`;

/** Whether a line says a cut by itself. */
const saysCut = (text: string): boolean =>
  /\b(cut|sliced|rings?|strips?|cubes?|cubed|diced|florets?|bite|halved|butterflied|torn|sticks?|fingers?|slices?|wedges?|rounds?|slabs?|chunks?|goujons?|quartered|pounded|tenders|pieces)\b/i.test(
    text,
  );

/** The food as it is bought and cut, by its line and what the steps do to it. */
export interface FoodRead {
  bought: RecipeFood | null;
  /** Why it was guessed; null where it was read. */
  guess: string | null;
}

const DOUBTS: Readonly<Record<string, string>> = {
  'how-much': 'The recipe does not say how much of it: the usual amount is taken.',
  dough: 'Dough that is fried by itself has no coat.',
  pastry: 'What is wrapped in pastry is not computed here: a roll in a thin sheet is taken.',
  'which-pieces': 'The recipe does not say which pieces: the likeliest are taken.',
  'another-kind': 'This kind is not known here: the nearest is taken.',
  unknown: 'This food is not known here: the nearest is taken.',
  nothing: 'The recipe says nothing of it: the usual amount is taken.',
  'too-much': 'That is more than a household cooks at once: the usual amount is taken.',
  measure: 'A cup says little of pieces: the usual amount is taken.',
  size: 'No knife cuts that: the usual cut is taken.',
};

/** @param clauses those that tell how it is cut */
export function readFoodLine(pantry: Pantry, line: Thing, clauses: readonly Clause[]): FoodRead {
  const named = comparedWords(line.text);
  const cutting = clauses.filter(
    ({ text, deed, mentions, words }) =>
      CUTS.test(text) &&
      deed !== 'mix' &&
      (mentions.some((m) => m.things.includes(line)) ||
        words.some((w) => w === 'them' || w === 'it' || named.includes(w))),
  );
  const phrase = cutting.map(({ text }) => cutPhrase(text)).find((p) => p !== null) ?? null;
  const { plain } = line;
  const tries = [withCut(plain, phrase), plain, plain.split(',')[0]];
  const readings = tries.map((typed) => readFood(pantry, typed));
  const read = readings.find((r) => r.bought && r.bought.foodId === line.item?.id) ?? readings.find((r) => r.bought);
  if (read?.bought) return { bought: read.bought, guess: null };
  const [first] = readings;
  const likely: Bought | undefined = first.likely.find((l) => l.foodId === line.item?.id) ?? first.likely[0];
  if (!likely || !line.item) return { bought: null, guess: null };
  const cut = readFood(pantry, `500 g ${tries[0]}`).bought;
  const same =
    cut && cut.foodId === likely.foodId
      ? { cut: cut.cut, ...(cut.sizeMm !== undefined && { sizeMm: cut.sizeMm }) }
      : {};
  return { bought: { ...likely, ...same }, guess: DOUBTS[first.doubt ?? 'unknown'] };
}

/** The food of an id, where there is one. */
export const foodIn = (pantry: Pantry, line: Thing | undefined): Food | null =>
  line?.item?.food ? foodOf(pantry, line.item.id) : null;

const SHAPED_PIECES = /\b(?:makes|into|shape|form)\b[^.\d]{0,24}(\d{1,3})\b/i;

/**
 * Croquettes, cakes and balls that are shaped of a mixture: what the title calls them, as many as the recipe says; the usual
 * number where it says none. Null where the title names none.
 */
export function shapedFood(
  pantry: Pantry,
  title: string,
  told: readonly string[],
  counted: number | null,
): FoodRead | null {
  const named = recognise(pantry, title, { fits: (item) => item.food !== undefined });
  if (!named) return null;
  const many = told.map((text) => SHAPED_PIECES.exec(text)?.[1]).find((n) => n !== undefined) ?? counted ?? undefined;
  const name = named.called.join(' ');
  const { bought, likely } = readFood(pantry, many === undefined ? name : `${many} ${name}`);
  const taken = bought ?? likely[0];
  if (!taken) return null;
  return {
    bought: taken,
    guess: bought ? null : 'The recipe does not say how many are shaped: the usual number is taken.',
  };
}
