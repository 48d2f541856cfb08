import { FRYING_OIL_FROM_G } from '../entry/index.js';
import type { Clause } from './clauses.js';
import { does, isGarnish } from './group.js';
import { isOneBowl, sectionKind } from './sections.js';
import type { Thing } from './things.js';
import type { Sure, TakenFor } from './types.js';

/** Where a line goes, how sure that is, and why. */
export interface Place {
  takenFor: TakenFor;
  sure: Sure;
  why: string;
}

/** Things that stand on the plate beside the dish, and are nothing of it. */
const ON_THE_PLATE =
  /\b(buns?|rolls?|bread|rice|noodles?|tortillas?|wraps?|chips|fries|slaw|coleslaw|salad|lettuce|cabbage|waffles?|pitta|pita|naan|potatoes|pickles?|gherkins?|lemons?|limes?|parsley|coriander|cilantro|chives|spring onions?|scallions?|herbs|radish(es)?|watercress|rocket|arugula|cress|sprouts|kimchi|tomato(es)?|onions?|avocado|cucumber)\b/i;
const PLATED =
  /\b(buns?|lettuce|coleslaw|slaw|salad|tortillas|pitta|pita|wraps|noodles|(cooked|steamed|boiled) rice|waffles)\b/i;
const TOOLS =
  /\b(skewers?|paper towels?|kitchen paper|thermometer|toothpicks?|cocktail sticks?|foil|parchment|cooking spray|gloves|string|ice cubes?|newspaper)\b/i;

const onlyIn = (thing: Thing, clauses: readonly Clause[], ...deeds: Clause['deed'][]): boolean => {
  const named = clauses.filter(({ mentions }) =>
    mentions.some((m) => m.things.includes(thing) && m.things.length === 1),
  );
  return named.length > 0 && named.every(({ deed }) => deeds.includes(deed));
};

/** What is served with the dish: a sauce beside it, or a garnish. */
function served(thing: Thing): Place {
  const { item, text } = thing;
  const creamy = does(thing) === 'glue' && item?.id.startsWith('egg') !== true;
  const sauce = does(thing) === 'sauce' || creamy || /\b(sauce|mayo|aioli|ketchup|dip|gravy)\b/i.test(text);
  return sauce
    ? { takenFor: 'dip', sure: 'sure', why: 'The recipe serves it beside.' }
    : { takenFor: 'garnish', sure: 'sure', why: 'The recipe serves it with the dish.' };
}

/** What a line is that goes into no bowl of the coat: the oil of the pot, what is served with it, what is no food. Null for the rest. */
export function placeOutside(thing: Thing, clauses: readonly Clause[]): Place | null {
  const kind = sectionKind(thing.section);
  const { item, own, text } = thing;
  if (TOOLS.test(text) && (!item || item.oil === undefined || /spray/i.test(text))) {
    const oil = /spray/i.test(text);
    return {
      takenFor: oil ? 'frying-oil' : 'other',
      sure: 'sure',
      why: oil ? 'It is sprayed, and mixed into nothing.' : 'It is a tool, and nothing of the coat.',
    };
  }
  if (own === 'frying' && (does(thing) === 'oil' || /\b(oil|fat|lard|dripping)\b/i.test(text)))
    return { takenFor: 'frying-oil', sure: 'sure', why: 'The recipe says that it is to fry in.' };
  if (own === 'dipping') return { takenFor: 'dip', sure: 'sure', why: 'The recipe says that it is for dipping.' };
  if (own === 'serving' || kind === 'garnish') return served(thing);
  if (PLATED.test(text) && !isOneBowl(kind))
    return { takenFor: 'garnish', sure: 'likely', why: 'It is served with the dish.' };
  const fat = does(thing) === 'oil' || (!item && /\b(oil|fat|lard|shortening|ghee|dripping)\b/i.test(text));
  if (fat) {
    if (own === 'frying' || kind === 'frying')
      return { takenFor: 'frying-oil', sure: 'sure', why: 'The recipe says that it is to fry in.' };
    const mixed = clauses.some(
      ({ deed, mentions }) =>
        (deed === 'mix' || deed === 'marinate' || deed === 'sauce') && mentions.some((m) => m.things.includes(thing)),
    );
    const fried = clauses.some(
      ({ deed, mentions }) => deed === 'fry' && mentions.some((m) => m.things.includes(thing)),
    );
    const much = (thing.grams ?? 0) >= FRYING_OIL_FROM_G;
    const inBowl =
      kind === 'batter' ||
      kind === 'marinade' ||
      kind === 'sauce' ||
      kind === 'dip' ||
      kind === 'wet' ||
      kind === 'dry';
    if (item?.oil !== undefined || !item) {
      if (much || (thing.grams === null && !mixed && !inBowl))
        return { takenFor: 'frying-oil', sure: 'likely', why: 'It is as much as one fries in.' };
    }
    if (fried && !mixed && !inBowl)
      return { takenFor: 'frying-oil', sure: 'likely', why: 'The steps heat it in the pan.' };
    return null;
  }
  if (kind === 'frying' && !item)
    return { takenFor: 'other', sure: 'guess', why: 'It stands with the oil, and is not known here.' };
  const unnamed = clauses.every(({ mentions }) => mentions.every((m) => !m.things.includes(thing)));
  if (isGarnish(thing) && unnamed && clauses.length > 0 && !isOneBowl(kind) && !/\bjuice|zest\b/i.test(text))
    return { takenFor: 'garnish', sure: 'likely', why: 'The steps do not name it: it is put on at the end.' };
  if (isGarnish(thing) && onlyIn(thing, clauses, 'serve', 'fry', 'other'))
    return { takenFor: 'garnish', sure: 'sure', why: 'The steps put it on at the end.' };
  if (does(thing) !== 'food' && item && !isOneBowl(kind) && onlyIn(thing, clauses, 'serve')) {
    const sauce = does(thing) === 'sauce' || does(thing) === 'glue';
    return { takenFor: sauce ? 'dip' : 'garnish', sure: 'likely', why: 'The steps name it only when it is served.' };
  }
  return null;
}

/** Where a line stands that is not known: by its heading, else with nothing of the coat. */
export function placeUnknown(thing: Thing): Place {
  const kind = sectionKind(thing.section);
  if (kind === 'sauce' || kind === 'dip')
    return { takenFor: kind, sure: 'guess', why: 'It is not known here; it stands with what is put beside.' };
  if (ON_THE_PLATE.test(thing.text)) return { takenFor: 'garnish', sure: 'guess', why: 'It is served with the dish.' };
  return { takenFor: 'other', sure: 'guess', why: 'It is not known here, and nothing says where it goes.' };
}

/** A food that is not what is fried: served beside, or a part of a bowl. */
export function placeFoodAside(thing: Thing, clauses: readonly Clause[]): Place {
  const kind = sectionKind(thing.section);
  if (kind === 'sauce' || kind === 'dip') return { takenFor: kind, sure: 'sure', why: 'It stands below that heading.' };
  const mixed = clauses.some(({ deed, mentions }) => deed === 'mix' && mentions.some((m) => m.things.includes(thing)));
  if (!mixed && ON_THE_PLATE.test(thing.text))
    return { takenFor: 'garnish', sure: 'likely', why: 'It is served with the dish.' };
  return { takenFor: 'other', sure: 'guess', why: 'It is a food beside the one that is fried.' };
}
