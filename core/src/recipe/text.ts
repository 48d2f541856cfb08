import { comparedWords, recognise, type Pantry } from '../foods/index.js';
import { onlyDescribes, readAmount } from '../entry/index.js';
import { sectionKind } from './sections.js';
import type { RecipeText, WrittenLine } from './types.js';

/** Headings that say what follows. */
const HEADS: readonly (readonly [RegExp, Region])[] = [
  [
    /^(the )?ingredients?\b|^you('ll| will)? need|^what you need|^shopping list|^gather\b|^what goes in/i,
    'ingredients',
  ],
  [
    /^(the )?(method|directions?|instructions?|steps|procedure|preparation|how to (make|cook|do)|to make( it)?$|what to do|here.s how|method of|cooking)\b/i,
    'method',
  ],
  [
    /^(recipe )?(notes?|tips?|nutrition|storage|equipment|tools|variations?|video|comments?|leftovers?|did you|make ahead|more recipes|related|substitutions?|faqs?|make it|per serving)\b/i,
    'notes',
  ],
];
type Region = 'top' | 'ingredients' | 'method' | 'notes';

const BULLET = /^\s*(?:[-–—*•·▢☐◦‣]+|\[[ x]?\])\s+/;
const NUMBERED = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s*(?=[A-Za-z])|^\s*step\s+\d+\s*[:.-]?\s*/i;
const MARKS = /^#{1,6}\s*|\*\*|__|^>\s*/g;
const YIELD = /^(serves|servings?|yield|makes|feeds|portions?|serving size)\b|\bserves \d/i;
const TIMES =
  /^((prep|cook|total|active|resting?|chill(ing)?|marinating|hands.on|ready in)( time)?|time)\b.{0,4}\d|^(difficulty|course|cuisine|author|category|keyword|calories|rating)\b.{0,40}$/i;

/** Words with which a step begins. */
const VERBS = new Set(
  comparedWords(`add arrange assemble bake beat begin blanch blend boil bread bring brush butterfly carefully check chill chop clean
    coat combine cook cool cover crush cube cut deep dice dip discard divide drain dredge drizzle drop dry dunk dust enjoy fill fit flatten flip
    flour fold freeze fry garnish gently get give grate grind halve have heat hold in keep lay leave let lift line lower make marinate
    meanwhile melt mix move once pat peel piece place poach pop pour preheat prepare press pull put quarter refrigerate remove repeat reserve
    rest return rinse roast roll rub salt season separate serve set shake shape shred sift simmer slice slide slip soak spoon spread
    sprinkle squeeze stand start steam stir strip stuff take tap tear thaw thread tip to top toss transfer trim turn twist use using wait warm wash when
    whip whisk wipe wrap work while after before first then next finally now double combine scoop shallow pan bash pound test tenderise crumb`),
);

const clean = (line: string): string =>
  line
    .replace(MARKS, '')
    .replace(/\[([^\]]+)\]\([^)]*\)/g, '$1')
    .replace(/\s+/g, ' ')
    .trim();

const words = (text: string): number => text.split(/\s+/).length;
const firstWord = (text: string): string => comparedWords(text)[0] ?? '';
const isSentence = (text: string): boolean => words(text) > 5 && /[.!](\s|$)/.test(text);
const STARTS_AMOUNT =
  /^(\(?~?\d|[½¼¾⅓⅔⅛⅜]|an? (pinch|handful|splash|few|couple|dash|knob|little|good|large|small|medium|big|generous|whole|bunch|dozen|pound|kilo|cup|bit)\b|half an?\b|(one|two|three|four|five|six|eight|ten|twelve)\b|(few|couple|pinch|handful|splash|dash|knob|juice|zest|squeeze|grating|drizzle|small handful|large handful) (of\b|an?\b|\w+)|(juice|zest|pinch|knob)\b)/i;

/** Names of things that are deeds as well: deeds only with an object behind them. */
const ALSO_THINGS = new Set([
  'salt',
  'flour',
  'bread',
  'crumb',
  'top',
  'stuff',
  'season',
  'line',
  'steam',
  'butter',
  'oil',
]);
const WITH_OBJECT = /^\w+\s+(the|each|it|them|both|all|over|well|generously|lightly|with|and (leave|drain|set|let))\b/i;

const startsWithVerb = (text: string): boolean => {
  const first = firstWord(text);
  if (first === 'deep') return /^deep[- ]?fry\b/i.test(text);
  return VERBS.has(first) && (!ALSO_THINGS.has(first) || WITH_OBJECT.test(text));
};

/** Whether a line names something, and says little else. */
function namesThing(pantry: Pantry, text: string): boolean {
  if (words(text) > 14 || (isSentence(text) && !STARTS_AMOUNT.test(text))) return false;
  return recognise(pantry, readAmount(text).words) !== null;
}

function isIngredient(pantry: Pantry, text: string): boolean {
  if (STARTS_AMOUNT.test(text)) {
    const { quantity, words: rest } = readAmount(text);
    if (quantity === null && !recognise(pantry, rest)) return false;
    return words(text) <= 28 && !/^\d+\s*[.)]\s/.test(text) && !/^\d+ (minutes|hours|min)\b/i.test(text);
  }
  return !startsWithVerb(text) && words(text) <= 9 && namesThing(pantry, text);
}

/** A temperature or minutes: what is done, and no thing. */
const HEATS = /\d{3} ?°? ?[FC]\b|\b\d+ ?(mins?|minutes)\b/;

const isStep = (text: string): boolean =>
  (startsWithVerb(text) && words(text) >= 3) || (isSentence(text) && words(text) > 8);

/** A heading: said by its mark, by its colon, or in capitals. */
function headingOf(raw: string, text: string): string | null {
  if (/^\s*#{1,6}\s/.test(raw)) return text.replace(/:$/, '');
  if (STARTS_AMOUNT.test(text) && !/^(one|two|three) /i.test(text)) return null;
  if (/^\s*(\*\*|__)[^*_]{2,60}(\*\*|__):?\s*$/.test(raw) && words(text) <= 8) return text.replace(/:$/, '');
  if (/:$/.test(text) && words(text) <= 9) return text.replace(/:$/, '');
  if (/^[A-Z][A-Z &’'/-]{3,48}$/.test(text) && words(text) <= 6) return text;
  const known = HEADS.some(([pattern]) => pattern.test(text)) && words(text) <= 4 && !/[.]/.test(text);
  const bowl =
    /^(for|to) (the|make the|serve|garnish|finish|fry)\b/i.test(text) && words(text) <= 6 && !/[.,:\d]/.test(text);
  return known || bowl ? text : null;
}

/** Words above a list that are no thing of it: "Batter", "Wet mix", with what follows being an amount. */
function isBareHeading(pantry: Pantry, text: string, before: string, next: string): boolean {
  if (words(text) > 4 || STARTS_AMOUNT.test(text) || /[.,;]/.test(text) || next.trim() === '') return false;
  const listed = isIngredient(pantry, next.replace(BULLET, '').trim());
  const named = recognise(pantry, text) !== null;
  const kind = sectionKind(text) !== 'food';
  const same = comparedWords(text).some((word) => comparedWords(next).includes(word));
  if (before.trim() === '')
    return listed && (kind || !named || (same && STARTS_AMOUNT.test(next.replace(BULLET, '').trim())));
  return kind && !named && STARTS_AMOUNT.test(next.replace(BULLET, '').trim());
}

const regionOf = (heading: string): Region | null => HEADS.find(([pattern]) => pattern.test(heading))?.[1] ?? null;

/** "Batter: 1 cup flour, 1 cup beer": the label before a list. */
/** "Batter mix (120 g flour, 1 tsp salt)": the same with its list in brackets. */
const BRACKETED = /^([A-Za-z][A-Za-z &’'-]{1,34})\s*\(([^()]{6,})\)$/;
const LABELLED = /^([A-Za-z][A-Za-z &’'()-]{1,34}):\s+(.{3,})$/;

/** Parts of a line that lists several things; the line itself where it names one. */
export function listedIn(pantry: Pantry, text: string): string[] {
  const parts = text
    .split(/[,;](?!\d)(?![^(]*\))|\s\+\s(?=\D)|\.\s+(?=\d)/)
    .map((part) => part.trim().replace(/\.$/, ''))
    .filter((part) => part !== '');
  if (parts.length < 2) return [text];
  const grouped: string[] = [];
  for (const part of parts) {
    const { quantity, words: rest } = readAmount(part.replace(/^(and|plus) /i, ''));
    const found = recognise(pantry, rest);
    const ownThing = found !== null && (quantity !== null || onlyDescribes(found.beside.join(' ')));
    if (ownThing && (grouped.length === 0 || quantity !== null || !/ or |^cut|skin|bone/.test(part)))
      grouped.push(part);
    else if (grouped.length === 0) return [text];
    else grouped[grouped.length - 1] += `, ${part}`;
  }
  const amounts = grouped.filter((part) => readAmount(part).quantity !== null).length;
  return grouped.length > 1 && (amounts >= 2 || amounts === 0 || grouped.length > 2) ? grouped : [text];
}

/** How many people a recipe says that it is for; the mean of a range. Null where it counts pieces, or nothing. */
export function servingsIn(text: string): number | null {
  const found = /(\d+)(?:\s*(?:-|–|to|or)\s*(\d+))?\s*([a-z]+)?/i.exec(text);
  if (
    !found ||
    (found[3] &&
      !/^(people|persons?|servings?|portions?|adults|hungry|as|generous|good|plates?|main|mains|guests?)$/i.test(
        found[3],
      ))
  )
    return null;
  if (!found[3] && /^makes\b/i.test(text)) return null;
  const people = Math.round((Number(found[1]) + Number(found[2] ?? found[1])) / 2);
  return people >= 1 && people <= 40 ? people : null;
}

/** A point of a list with more words that begins with a deed is a step. */
const LONG_POINT_WORDS = 7;

/** A title of more words is a story. */
const MOST_TITLE_WORDS = 20;

class Splitting {
  region: Region = 'top';
  section: string | null = null;
  readonly out: RecipeText = { title: '', servings: null, ingredients: [], steps: [], headings: [], notUsed: [] };

  constructor(private readonly pantry: Pantry) {}

  private step(text: string): void {
    this.out.steps.push({ text, section: this.region === 'method' ? this.section : null });
  }

  private things(text: string, section: string | null): void {
    for (const part of listedIn(this.pantry, text)) this.out.ingredients.push({ text: part, section });
  }

  private heading(text: string): void {
    this.out.headings.push(text);
    const region = regionOf(text);
    if (region) {
      this.region = region;
      this.section = null;
      return;
    }
    this.section = text;
    if (this.region === 'top' || this.region === 'notes') this.region = 'ingredients';
  }

  /** A label with what it holds on one line; whether it was one. */
  private labelled(text: string): boolean {
    const inBrackets = BRACKETED.exec(text);
    const listed =
      inBrackets && sectionKind(inBrackets[1]) !== 'food' && listedIn(this.pantry, inBrackets[2]).length > 1;
    const found = listed ? inBrackets : LABELLED.exec(text);
    if (!found) return false;
    const [, label, rest] = found;
    const region = regionOf(label);
    if (region === 'notes') {
      this.out.notUsed.push(text);
      return true;
    }
    if (region === 'method') {
      this.region = 'method';
      this.step(rest);
      this.out.headings.push(label);
      return true;
    }
    // "Apples: 3, peeled" is a thing with its amount behind it.
    const thing = recognise(this.pantry, label);
    if (
      thing &&
      thing.beside.length === 0 &&
      sectionKind(label) === 'food' &&
      !recognise(this.pantry, readAmount(rest).words)
    ) {
      if (this.region === 'top') this.region = 'ingredients';
      this.out.ingredients.push({ text, section: this.section });
      return true;
    }
    if (isIngredient(this.pantry, rest) || listedIn(this.pantry, rest).length > 1) {
      this.out.headings.push(label);
      if (this.region === 'top') this.region = 'ingredients';
      this.things(rest, region === 'ingredients' ? null : label);
      return true;
    }
    return false;
  }

  /** "Onion bhaji – 3 onions, sliced": a title with the first thing behind it. */
  private titled(text: string): boolean {
    const found = /^([A-Za-z][^\d:–—]{2,40}?)\s*(?::|–|—|\s-)\s+(.{4,})$/.exec(text);
    if (!found || this.out.title !== '' || regionOf(found[1]) || sectionKind(found[1]) !== 'food') return false;
    if (!/\d|½/.test(found[2]) || !isIngredient(this.pantry, found[2]) || !recognise(this.pantry, found[2]))
      return false;
    this.out.title = found[1].trim();
    this.region = 'ingredients';
    this.things(found[2], null);
    return true;
  }

  line(raw: string, next: string, before: string): void {
    const bulleted = BULLET.test(raw);
    const bareNumber = /^\s*\d{1,2}\s+(?=[A-Z][a-z]+\s)/;
    const numbered = NUMBERED.test(raw) || (bareNumber.test(raw) && VERBS.has(firstWord(raw.replace(bareNumber, ''))));
    const text = clean(raw.replace(BULLET, '').replace(/^\s*step\s+\d+\s*[:.-]?\s*$/i, ''));
    if (!/[\p{L}\p{N}]/u.test(text)) return;
    if (YIELD.test(text) && words(text) <= 8) {
      this.out.servings ??= servingsIn(text);
      this.out.headings.push(text);
      return;
    }
    if (TIMES.test(text) && words(text) <= 10) {
      this.out.headings.push(text);
      return;
    }
    const unnumbered = numbered ? text.replace(NUMBERED, '').replace(bareNumber, '') : text;
    const bare = this.out.title !== '' && this.region !== 'method' && isBareHeading(this.pantry, text, before, next);
    const label = bulleted && /:$/.test(text) && words(text) <= 6 ? text.slice(0, -1) : null;
    const heading = bulleted || numbered ? label : (headingOf(raw, text) ?? (bare ? text : null));
    if (heading !== null && (this.out.title !== '' || regionOf(heading) || !/^\s*#\s/.test(raw))) {
      if (this.out.title === '' && !regionOf(heading) && !/:$/.test(text)) this.out.title = heading;
      else this.heading(heading);
      return;
    }
    if (!bulleted && !numbered && this.titled(text)) return;
    if (this.out.title === '' && !bulleted && !numbered && this.isTitle(text, next)) {
      this.out.title = text;
      return;
    }
    if (this.region === 'notes') {
      this.out.notUsed.push(text);
      return;
    }
    if (!numbered && this.labelled(text)) return;
    this.sorted(unnumbered, numbered, bulleted);
  }

  private isTitle(text: string, next: string): boolean {
    if (this.out.ingredients.length > 0 || this.out.steps.length > 0) return false;
    if (
      words(text) > MOST_TITLE_WORDS ||
      /\.$/.test(text) ||
      (/[!?]$/.test(text) && words(text) > 6) ||
      STARTS_AMOUNT.test(text)
    )
      return false;
    return next.trim() === '' || !startsWithVerb(text) || words(text) < 5;
  }

  private sorted(text: string, numbered: boolean, bulleted: boolean): void {
    const thing = isIngredient(this.pantry, text);
    if (this.region === 'method') {
      const listed = bulleted ? words(text) <= 12 : words(text) <= 9 && !/[.!]$/.test(text);
      const bare = words(text) <= 4 && !/[.!]$/.test(text);
      if (thing && !numbered && listed && (STARTS_AMOUNT.test(text) || bare)) this.things(text, this.section);
      else this.step(text);
      return;
    }
    const step = isStep(text);
    if (numbered && step) {
      this.region = 'method';
      this.section = null;
      this.step(text);
      return;
    }
    if (this.region === 'ingredients') {
      const heats = HEATS.test(text) && recognise(this.pantry, text) === null;
      if (heats || (step && !thing && (!bulleted || words(text) > LONG_POINT_WORDS))) {
        this.region = 'method';
        this.section = null;
        this.step(text);
      } else this.things(text, this.section);
      return;
    }
    if (thing) {
      this.region = 'ingredients';
      this.things(text, null);
      return;
    }
    if (step && this.out.ingredients.length > 0) this.step(text);
    else this.out.notUsed.push(text);
  }
}

/** A row of a Markdown table as a line: "| flour | 200 g |" as "flour, 200 g"; the line under its head is nothing. */
function rowOfTable(line: string): string {
  if (!/^\s*\|.*\|\s*$/.test(line)) return line;
  if (/^[\s|:-]+$/.test(line)) return '';
  return line
    .split('|')
    .map((cell) => cell.trim())
    .filter((cell) => cell !== '')
    .join(', ');
}

/** A prose without a list: what is told as cooking are steps. */
function asProse(text: RecipeText): RecipeText {
  if (text.ingredients.length > 0) return text;
  const told = text.notUsed.filter((t) => isSentence(t) || startsWithVerb(t));
  return {
    ...text,
    steps: [...told.map((t): WrittenLine => ({ text: t, section: null })), ...text.steps],
    notUsed: text.notUsed.filter((t) => !told.includes(t)),
  };
}

/**
 * A recipe in plain words or Markdown, taken apart: title, servings, lines of ingredients under their headings, steps.
 * Every line of the text stands somewhere in it.
 */
export function recipeInText(pantry: Pantry, text: string): RecipeText {
  const lines = text
    .replace(/\r\n?/g, '\n')
    // What stands in brackets on a line of its own belongs to the line above.
    .replace(/(?<=\S)\n[ \t]*(?=\([^)\n]*\)[ \t]*(\n|$))/g, ' ')
    .split('\n')
    .map(rowOfTable);
  const splitting = new Splitting(pantry);
  lines.forEach((line, at) => splitting.line(line, lines[at + 1] ?? '', lines[at - 1] ?? ''));
  return asProse(splitting.out);
}
