import { comparedWords, recognise, type Pantry } from '../foods/index.js';
import { onlyDescribes, readAmount } from '../entry/index.js';
import { sectionKind } from './sections.js';

/** What a line of a written recipe looks like: a heading, a thing with its amount, a step, a yield. */

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
export type Region = 'top' | 'ingredients' | 'method' | 'notes';

export const BULLET = /^\s*(?:[-–—*•·▢☐◦‣]+|\[[ x]?\])\s+/;
export const NUMBERED = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s*(?=[A-Za-z])|^\s*step\s+\d+\s*[:.-]?\s*/i;
const MARKS = /^#{1,6}\s*|\*\*|__|^>\s*/g;
export const YIELD = /^(serves|servings?|yield|makes|feeds|portions?|serving size)\b|\bserves \d/i;
export const TIMES =
  /^((prep|cook|total|active|resting?|chill(ing)?|marinating|hands.on|ready in)( time)?|time)\b.{0,4}\d|^(difficulty|course|cuisine|author|category|keyword|calories|rating)\b.{0,40}$/i;

/** Words with which a step begins. */
export const VERBS = new Set(
  comparedWords(`add arrange assemble bake beat begin blanch blend boil bread bring brush butterfly carefully check chill chop clean
    coat combine cook cool cover crush cube cut deep dice dip discard divide drain dredge drizzle drop dry dunk dust enjoy fill fit flatten flip
    flour fold freeze fry garnish gently get give grate grind halve have heat hold in keep lay leave let lift line lower make marinate
    meanwhile melt mix move once pat peel piece place poach pop pour preheat prepare press pull put quarter refrigerate remove repeat reserve
    rest return rinse roast roll rub salt season separate serve set shake shape shred sift simmer slice slide slip soak spoon spread
    sprinkle squeeze stand start steam stir strip stuff take tap tear thaw thread tip to top toss transfer trim turn twist use using wait warm wash when
    whip whisk wipe wrap work while after before first then next finally now double combine scoop shallow pan bash pound test tenderise crumb`),
);

export const clean = (line: string): string =>
  line
    .replace(MARKS, '')
    .replace(/\[([^\]]+)\]\([^)]*\)/g, '$1')
    .replace(/\s+/g, ' ')
    .trim();

export const words = (text: string): number => text.split(/\s+/).length;
export const firstWord = (text: string): string => comparedWords(text)[0] ?? '';
export const isSentence = (text: string): boolean => words(text) > 5 && /[.!](\s|$)/.test(text);
export const STARTS_AMOUNT =
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

export const startsWithVerb = (text: string): boolean => {
  const first = firstWord(text);
  if (first === 'deep') return /^deep[- ]?fry\b/i.test(text);
  return VERBS.has(first) && (!ALSO_THINGS.has(first) || WITH_OBJECT.test(text));
};

/** Whether a line names something, and says little else. */
function namesThing(pantry: Pantry, text: string): boolean {
  if (words(text) > 14 || (isSentence(text) && !STARTS_AMOUNT.test(text))) return false;
  return recognise(pantry, readAmount(text).words) !== null;
}

export function isIngredient(pantry: Pantry, text: string): boolean {
  if (STARTS_AMOUNT.test(text)) {
    const { quantity, words: rest } = readAmount(text);
    if (quantity === null && !recognise(pantry, rest)) return false;
    return words(text) <= 28 && !/^\d+\s*[.)]\s/.test(text) && !/^\d+ (minutes|hours|min)\b/i.test(text);
  }
  return !startsWithVerb(text) && words(text) <= 9 && namesThing(pantry, text);
}

/** A temperature or minutes: what is done, and no thing. */
export const HEATS = /\d{3} ?°? ?[FC]\b|\b\d+ ?(mins?|minutes)\b/;

export const isStep = (text: string): boolean =>
  (startsWithVerb(text) && words(text) >= 3) || (isSentence(text) && words(text) > 8);

/** A heading: said by its mark, by its colon, or in capitals. */
export function headingOf(raw: string, text: string): string | null {
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
export function isBareHeading(pantry: Pantry, text: string, before: string, next: string): boolean {
  if (words(text) > 4 || STARTS_AMOUNT.test(text) || /[.,;]/.test(text) || next.trim() === '') return false;
  const listed = isIngredient(pantry, next.replace(BULLET, '').trim());
  const named = recognise(pantry, text) !== null;
  const kind = sectionKind(text) !== 'food';
  const same = comparedWords(text).some((word) => comparedWords(next).includes(word));
  if (before.trim() === '')
    return listed && (kind || !named || (same && STARTS_AMOUNT.test(next.replace(BULLET, '').trim())));
  return kind && !named && STARTS_AMOUNT.test(next.replace(BULLET, '').trim());
}

export const regionOf = (heading: string): Region | null =>
  HEADS.find(([pattern]) => pattern.test(heading))?.[1] ?? null;

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
