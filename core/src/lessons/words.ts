import type { LessonId } from './types.js';

/** The words of the craft, each in a sentence or two, as this product uses them. */

export interface CraftWord {
  word: string;
  means: string;
  lesson?: LessonId;
}

export const WORDS = {
  dust: {
    word: 'dust',
    means:
      'The first, thin layer of flour or starch on the food. It drinks the water on the skin, so that the binder grips.',
    lesson: 'dust',
  },
  binder: {
    word: 'binder',
    means:
      'The wet layer that glues: egg, a batter, soured milk with starch. Its protein and starch set with the heat.',
  },
  finish: {
    word: 'finish',
    means: 'The outermost layer, the one that crunches and browns: crumbs, flour, starch, crushed cereal.',
  },
  dredge: {
    word: 'dredge',
    means: 'To roll in something dry and tap off what is loose. Twice, for a thicker, craggier coat.',
  },
  'tap-off': {
    word: 'tap off',
    means:
      'To knock the coated piece so that what does not cling falls back into the bowl. Dry flour that stays is a layer that slides.',
  },
  rest: {
    word: 'rest',
    means:
      'Minutes in which the finished coat lies before the heat. Flour, egg and crumbs share their water and become one coat.',
  },
  set: {
    word: 'set',
    means:
      'A wet layer sets when its starch and protein have gelled: from then on it stays where it is. Before, it runs.',
    lesson: 'wet-batter',
  },
  foot: {
    word: 'foot of the coat',
    means: 'Where the coat lies on the food: the last of it to get hot. Only when it has set does the coat hold on.',
    lesson: 'wet-batter',
  },
  lace: { word: 'lace', means: 'The thin, lifted edges of a batter that bubbles in hot oil. Air does not make it.' },
  craggy: {
    word: 'craggy',
    means: 'Rough, with clumps that stand up and brown: from crumbs that got a little wet before they went on.',
  },
  golden: {
    word: 'golden',
    means:
      'Brown enough to taste of it and not bitter yet. A crust stays so for some minutes, longer where it is cooler.',
    lesson: 'golden-window',
  },
  'hot-spot': {
    word: 'hot spot',
    means: 'Where a basket browns fastest. Slices of white bread over its ground show it.',
    lesson: 'basket',
  },
  'working-surplus': {
    word: 'working surplus',
    means: 'What a bowl must hold more than the food takes, so that the last piece can still be turned in it.',
  },
  spread: {
    word: 'spread test',
    means: 'A spoon of batter on a plate: how wide it has run after a minute tells how thick it is.',
  },
  fork: {
    word: 'fork test',
    means: 'A fork dipped into the batter: it falls in clumps, covers the tines, or runs off in a ribbon.',
  },
  pump: {
    word: 'stroke',
    means: 'One press of a pump bottle or one second of a can: how much that is, is weighed once in your kitchen.',
    lesson: 'oil',
  },
  'carry-over': {
    word: 'carry-over',
    means: 'What the centre still rises on the rack. It is told, and never counted on for poultry.',
    lesson: 'golden-window',
  },
  crackle: { word: 'crackle', means: 'The thin, light crunch of starch alone: no breaded feel, and it stays pale.' },
  hold: {
    word: 'hold',
    means: 'To keep what is done warm in the switched-off fryer until all of it is. Good for minutes.',
    lesson: 'resting',
  },
  batch: { word: 'batch', means: 'What lies in the basket at once, in one layer, without touching.', lesson: 'basket' },
} as const satisfies Record<string, CraftWord>;

export type WordId = keyof typeof WORDS;

/** All words in the order of the alphabet. */
export const CRAFT_WORDS: readonly (CraftWord & { id: WordId })[] = (Object.keys(WORDS) as WordId[])
  .map((id) => ({ id, ...WORDS[id] }))
  .sort((a, b) => a.word.localeCompare(b.word, 'en'));

/** A word by its id. */
export const craftWord = (id: WordId): CraftWord => WORDS[id];
