import { comparedWords } from '../foods/index.js';
import { mentionsIn, namedBy, type Mention } from './mentions.js';
import type { Thing } from './things.js';
import type { WrittenLine } from './types.js';

/** What a clause of a step does. */
export type Deed = 'mix' | 'dip' | 'fry' | 'sauce' | 'serve' | 'marinate' | 'season' | 'cook-before' | 'other';

/** A part of a step that does one thing. */
export interface Clause {
  step: number;
  section: string | null;
  text: string;
  words: string[];
  deed: Deed;
  mentions: Mention[];
  /** Goes on with the bowl of the clause before: "stir in the beer". */
  goesOn: boolean;
}

/** Words with which a clause sets out a bowl. */
const SETS_OUT =
  /^(?:(?:then|and|now|next|meanwhile|first|finally|separately|in (?:a|an|another|one|the|a second|a third|a separate) [^,]{3,40},?)\s+)*(?:lightly |gently |thoroughly |well )?(?:whisk|mix|combine|stir|beat|sift|blend|put|place|tip|pour|spread|set|make|crush|whizz|pulse|crack|break|measure|fill|arrange|prepare|have|scatter)\b/i;
const MIX =
  /\b(whisk|mix|combine|stir|beat|sift|blend|fold|put|place|add|pour|spread|tip|crush|whizz|pulse|crack|break|set out|fill|scatter|toss together|lightly beat|make|knead|measure|have)\b/;
const INTO_BOWL = /\b(bowl|dish|plate|tray|tin|bag|box|jug|blender|processor|station)s?\b/;
const IN_THE_NEXT = /\b(in|into|on|onto) (a |the )?(second|third|fourth|another|last|other|next|one)\s*$/;
const DIP =
  /\b(dredge|dip|coat|dust|roll|press|dunk|drag|bread|breaded|cover|pass|turn|toss|shake|double|submerge|drop|return|repeat)\b|\b(flour|batter|crumb) (the|each|them|it|both)\b|\bback into\b|\bagain\b|^(then )?through the\b/;
const FRIES_IN = /\b(fry|frying|fries|deep-fry|deep fry|oil|skillet|hot fat|sizzle|golden|drain on|wok|pot|fryer)\b/;
const NAMES_SAUCE = /\b(sauce|glaze|mayo|mayonnaise|aioli|dressing|syrup|dip)\b/;
const SERVE =
  /\b(serve|serving|garnish|sprinkle|scatter|top with|finish with|drizzle|squeeze|alongside|dunk away|enjoy)\b/;
const MARINATE = /\b(marinate|marinade|brine|soak|refrigerate|chill|overnight|steep)\b/;
const SEASON = /\b(season|rub|sprinkle)\b/;

/** Where a sentence turns to another bowl or another deed. */
const TURNS =
  /[.;!](?:\s+|$)|,?\s+(?:and|then|and then)\s+(?=(?:whisk|mix|beat|combine|stir|place|put|pour|spread|tip|dip|dredge|roll|coat|press|fry|set|crush|lower|toss|serve|scatter|brush|drop|shake|deep|shallow|dust|dunk|return|repeat)\b)|,\s+(?=(?:whisk|mix|beat|combine|place|put|pour|spread)\b)|(?<=\b(?:bowl|dish|plate|tray|bag|another|second|third|one|last)),\s+(?:and\s+)?(?!(?:add|stir|whisk|mix|combine|season|using|dip|dredge|coat|press)\b)(?:(?:then\s+)?)|(?<=\b(?:in|into) (?:one|another|a second|a third|the second|the third|the last))\s+and\s+|(?<=\b(?:bowl|dish|plate|tray|another|second|third))\s+and\s+(?:the\s+)?(?!(?:add|stir|mix|whisk|season)\b)/i;

/** "Take each wing from the buttermilk": it comes out of a wet bowl, and goes on from there. */
const TAKEN_OUT = /^(then )?(take|lift|remove|pull|drain)\b.{0,40}\b(from|out of) the\b/;

/** Whether what is tossed is a thing of a bowl, and no food: nothing stands between the word and it. */
const firstIsObject = (lower: string, mentions: readonly Mention[]): boolean => {
  const words = comparedWords(lower);
  const at = words.indexOf('toss');
  return (
    at >= 0 &&
    mentions[0].word > at &&
    mentions[0].word - at <= 3 &&
    !/^(in|with|through)$/.test(words[mentions[0].word - 1] ?? '')
  );
};

/** "Season the flour with salt" mixes a bowl; "season the fish" does not. */
const seasonsBowl = (lower: string, mentions: readonly Mention[]): boolean => {
  const words = comparedWords(lower);
  const at = words.indexOf('season');
  const object = mentions.find((m) => m.word > at);
  return (
    at >= 0 &&
    object !== undefined &&
    object.word - at <= 3 &&
    object.things.some(({ item }) => item?.dry !== undefined || item?.wet !== undefined)
  );
};

const deedOf = (text: string, section: string | null, mentions: readonly Mention[]): Deed => {
  const lower = text.toLowerCase();
  const names = (group: (thing: Thing) => boolean): boolean => mentions.some((m) => m.things.some(group));
  const coats = names(({ item }) => item !== null && item.food === undefined && item.group !== 'fat');
  if (/\b(preheat|heat|bring|warm)\b.{0,40}\boil\b|\boil\b.{0,40}\b(hot|reaches|shimmer|°|degrees)/.test(lower))
    return 'fry';
  const dips = DIP.test(lower);
  const strong = /\b(dredge|dip|dunk|roll|drag)\b|\bcoat (the|each|them|it|in|with|well)\b/.test(
    lower.replace(/\b(for|to) (dredge|dip|coat)(ing)?\b/g, ''),
  );
  // "Toss the crumbs with the cheese": a dry mix, and no piece of food in it.
  const tossed = /\btoss (?:the |together )?([a-z]+)/.exec(lower);
  const tossesBowl =
    tossed !== null &&
    !strong &&
    mentions.length > 1 &&
    mentions[0].things.every((t) => t.item !== null && !t.item.food) &&
    lower.indexOf(tossed[1]) >= 0 &&
    firstIsObject(lower, mentions);
  if (tossesBowl) return 'mix';
  // "Flour – egg – crumbs": nothing but the bowls in their order.
  const bare = mentions.filter((m) => m.things.some(({ item }) => item?.dry || item?.wet));
  const kinds = new Set(bare.flatMap((m) => m.things.map(({ item }) => (item?.dry ? 'dry' : 'wet'))));
  const turns = kinds.size > 1 || /→|->|–|—|\bthen\b/.test(text);
  if (bare.length >= 2 && turns && comparedWords(text).length <= mentions.length + 3 && !MIX.test(lower)) return 'dip';
  if (TAKEN_OUT.test(lower) && kinds.has('wet')) return 'dip';
  const back =
    /\bback (in|into|to|through)\b(?! (the )?(hot )?(pan|pot|oil|wok|fryer|fridge|heat|skillet|oven|boil))/.test(lower);
  const setsOut =
    SETS_OUT.test(text) &&
    !back &&
    coats &&
    !strong &&
    !(section !== null && NAMES_SAUCE.test(section)) &&
    !/\b(sauce|glaze)\b/.test(lower);
  if (setsOut && !/\boil\b.{0,30}\b(pan|pot|skillet|hot)\b/.test(lower)) return 'mix';
  if (
    dips &&
    /\b(in|into|with|through|to)\b.{0,30}\b(sauce|glaze)\b/.test(lower) &&
    /\b(toss|coat|dip|turn|return)\b/.test(lower)
  )
    return 'sauce';
  if (section !== null && NAMES_SAUCE.test(section.toLowerCase()) && !/\bfry\b/.test(lower)) return 'sauce';
  if (/^(for|to make|make|meanwhile,? make|while .*make)\b.{0,20}\b(sauce|glaze|dip|mayo|aioli)\b/.test(lower))
    return 'sauce';
  if (back || /\b(dredge|dip|dunk|dust|bread|roll|drag)\b/.test(lower)) return 'dip';
  if (/^(serve|garnish|sprinkle|scatter|finish|top)\b/.test(lower) || /\b(serve|garnish)\b/.test(lower)) return 'serve';
  if (MARINATE.test(lower) && /\b(marinat|brine|soak|overnight|hour|minutes|min)/.test(lower) && !dips)
    return 'marinate';
  if (dips && (coats || /\b(batter|mixture|bowl|dredge|flour|crumbs?|coating|again|repeat)\b/.test(lower))) {
    if (!(MIX.test(lower) && /\b(toss together|mix(ture)? together)\b/.test(lower))) return 'dip';
  }
  if (seasonsBowl(lower, mentions) && !strong) return 'mix';
  if (/\bseason (the |both |each |with|well|all|generously|lightly|your)/.test(lower) && !INTO_BOWL.test(lower))
    return 'season';
  if (MIX.test(lower) && coats) return 'mix';
  if ((INTO_BOWL.test(lower) || IN_THE_NEXT.test(lower)) && coats) return 'mix';
  if (FRIES_IN.test(lower)) return 'fry';
  if (SERVE.test(lower)) return 'serve';
  if (SEASON.test(lower)) return 'season';
  return 'other';
};

const GOES_ON =
  /^\s*((just before|right before|when|once|after|shortly before) [^,]{2,40}, ?)?(then |and |now |gradually |slowly |next |finally )*(add|stir in|tip in|sift in|whisk in|pour in|fold in|mix in|beat in|stir through|season( well)? with|gradually|slowly|thin|loosen|pour over|whisk until|stir until|mix until|let it)\b/i;
const NEW_BOWL =
  /\b(another|second|third|separate|different|own|fourth|next|other|last)\b.{0,24}\b(bowl|dish|plate|tray|bag|one)?\b/i;

/** Steps as clauses that each do one thing, and what each names. */
export function clausesOf(steps: readonly WrittenLine[], things: readonly Thing[]): Clause[] {
  const named = namedBy(things);
  const clauses = steps.flatMap(({ text, section }, step) =>
    text
      .split(TURNS)
      .map((part) => part.trim())
      .filter((part) => /[a-z]/i.test(part))
      .map((part) => {
        const words = comparedWords(part);
        const mentions = mentionsIn(named, words, part);
        const deed = deedOf(part, section, mentions);
        const goesOn =
          GOES_ON.test(part) && !NEW_BOWL.test(part) && !/\b(in|into) an?\b.{0,20}\b(bowl|dish|plate)\b/i.test(part);
        return { step, section, text: part, words, deed, mentions, goesOn };
      }),
  );
  // What is put on before anything is dipped or fried is no garnish.
  const firstHeat = clauses.findIndex(({ deed }) => deed === 'dip' || deed === 'fry');
  return clauses.map((clause, at) =>
    clause.deed === 'serve' && at < firstHeat ? { ...clause, deed: 'season' as const } : clause,
  );
}
