import { soldAs, type CutId, type FoodCut } from '../cut/index.js';
import { comparedWords, type Food } from '../foods/index.js';

/** Words that say how a food is cut, and which of them are counted. Common practice, no source. */

/** Words for a cut, the more special first. */
export const CUT_WORDS: readonly (readonly [RegExp, CutId])[] = [
  [
    /\b(halved flat|cut flat|flattened|halved horizontally|split flat|cutlets?|thin cutlets?|escalopes?|schnitzels?)\b/,
    'halved-flat',
  ],
  [/\bbutterfl(y|ied)\b/, 'butterflied'],
  [/\b(bite ?-?sized?|bites?|popcorn|bite sized pieces|small pieces|chunks?|nuggets?)\b/, 'bite-size'],
  [/\b(cubes?|cubed|diced?|dice)\b/, 'cubes'],
  [/\b(florets?)\b/, 'florets'],
  [/\b(rings?|hoops?)\b/, 'rings'],
  [/\b(wedges?|spears?|segments?)\b/, 'wedges'],
  [/\b(slabs?|steaks?|planks?|lengthwise|lengthways)\b/, 'slabs'],
  [/\b(rounds?|discs?|coins?|slices?|sliced|medallions?|chips)\b/, 'rounds'],
  [/\b(strips?|sticks?|fingers?|goujons?|fries|batons?|matchsticks|chips|tenders|julienned?)\b/, 'strips'],
  [/\b(torn|pulled|ripped|shredded)\b/, 'torn'],
  [/\b(halves|halved|in half|split)\b/, 'halves'],
  [/\b(balls?|meatballs?|kofta)\b/, 'balls'],
  [/\b(patty|patties|burgers?|cakes?|nuggets?)\b/, 'patties'],
  [/\b(croquettes?|rods?|logs?)\b/, 'rods'],
  [/\b(portions?|pieces)\b/, 'portions'],
  [/\b(whole|left whole|beaten thin|pounded)\b/, 'whole'],
];

/** Whether words say how something is cut. */
export const namesCut = (text: string): boolean => CUT_WORDS.some(([pattern]) => pattern.test(text));

/** Widths of florets in words, mm. Common practice, no source: florets of 25–38 mm. */
export const FLORET_MM: readonly (readonly [RegExp, number])[] = [
  [/\b(small|tiny|little) florets?\b/, 24],
  [/\b(large|big) florets?\b/, 40],
  [/\b(medium) florets?\b/, 30],
];

/** A size that is the florets', not the head's. */
export const FLORET_SIZE = /\b(small|medium|large|big|tiny|little) florets?\b/;

/** Packs of several: a number of the food itself is no number of these. */
export const PACKS = /\b(bag|pack|tin|jar|bowl|tub|bunch|cluster|cup|loin piece|block|head)\b/;
/** What holds an amount that nobody knows: "1 bag frozen fries" is no single one. */
export const CONTAINERS = /^(bags?|packs?|packets?|packages?|box(es)?|tubs?|punnets?|trays?|cartons?)\b/;
/** So many of a thing that is sold in packs are pieces. Our choice. */
export const PIECES_FROM = 5;
/** What these cuts make is counted by itself: "4 bean patties", "3 cauliflower florets". */
export const COUNTED_CUTS: readonly CutId[] = ['florets', 'balls', 'patties', 'rods'];
/** What is counted where the words end on it: "20 onion rings" are no twenty onions, "2 onions in rings" are two. */
export const ENDS_ON_PIECES =
  /\b(rings|hoops|wedges|spears|slabs|planks|steaks|rounds|discs|coins|slices|medallions|strips|sticks|fingers|goujons|fries|batons|matchsticks|chips|cubes|chunks|bites|nuggets|halves|cutlets|escalopes|schnitzels)$/;

/** Whether all of some words are in the text. */
export const hasWords = (text: ReadonlySet<string>, words: string): boolean =>
  comparedWords(words).every((w) => text.has(w));

/** Where a food is not cut so, what comes nearest: "2 halloumi slices", "breasts in cubes". */
const NEAREST_CUT: Partial<Record<CutId, CutId>> = { rounds: 'slabs', cubes: 'bite-size', 'bite-size': 'cubes' };

/** The cut that the words name; undefined where they name none of the food's. */
export function cutSaid(food: Food, text: string): FoodCut | undefined {
  const { cuts } = soldAs(food);
  const ids = CUT_WORDS.filter(([pattern]) => pattern.test(text)).map(([, id]) => id);
  const byName = cuts.find((c) => c.id !== 'whole' && hasWords(new Set(comparedWords(text)), c.name));
  const nearest = ids.map((id) => NEAREST_CUT[id]);
  return byName ?? cuts.find((c) => ids.includes(c.id)) ?? cuts.find((c) => nearest.includes(c.id));
}
