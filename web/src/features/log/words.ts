import { celsius, colourWord, FIELD_SCALES, text, type DidField, type SeenField, type Text } from '@yellowmist/core';
import type { LoggedDish, Overall, SeenBody } from '@yellowmist/contract';

/** What the logbook calls things. */

export const OVERALL_WORDS: Record<Overall, string> = {
  keeper: 'A keeper',
  good: 'Good',
  'so-so': 'So-so',
  failed: 'Failed',
};

/** Brownings of the strip, B: evenly told apart by eye from pale to burnt. */
export const STRIP_B = [0.12, 0.4, 0.65, 0.85, 1.1, 1.4, 1.75, 2.2, 2.8, 4] as const;

/** Likelihoods as people say them. */
const LIKELY: readonly (readonly [number, string])[] = [
  [0.9, 'almost certainly'],
  [0.7, 'very likely'],
  [0.45, 'likely'],
  [0.2, 'perhaps'],
  [0, 'less likely'],
];

/** "very likely" for a share, 0–1. */
export const likelyWord = (share: number): string => LIKELY.find(([from]) => share >= from)![1];

/** What is asked of the doing, as a statement that is so or not. */
export const DID_WORDS: Partial<Record<DidField, string>> = {
  turned: 'Turned',
  preheated: 'Fryer hot when it went in',
  dusted: 'Dusted under the binder',
  tapped: 'Dust tapped off',
  pressed: 'Crumbs pressed on',
  bothSides: 'Oil on both sides',
  wetSkin: 'Skin still wet',
  waterOut: 'Water taken out first',
  parchment: 'Parchment under it',
  onPlate: 'Waited on a plate',
  burningLater: 'What burns went on last',
};

export const AMOUNT_FIELDS = [
  ['bald', 'Coat gone'],
  ['floury', 'Floury spots'],
  ['soggyUnder', 'Soggy underside'],
  ['stuck', 'Stuck'],
  ['ranOff', 'Batter ran off'],
  ['crumbsOff', 'Crumbs blown off'],
] as const satisfies readonly (readonly [SeenField, string])[];

/** What is told of how it came out, in the order in which it is asked. */
export const SEEN_LABELS = [
  ['colourTop', 'On top'],
  ['colourUnder', 'Underneath'],
  ['crunchNow', 'The crust, at once'],
  ['crunchLater', 'Ten minutes later'],
  ...AMOUNT_FIELDS,
  ['centreC', 'Centre'],
  ['firmness', 'Inside'],
  ['juice', 'Juice'],
  ['bite', 'The crust eats'],
  ['chew', 'The coat has'],
] as const satisfies readonly (readonly [SeenField, string])[];

/** A told value as its word; a number becomes the word that it lies in. */
export function toldWord(field: SeenField, told: SeenBody[SeenField]): string | undefined {
  if (told === undefined || typeof told === 'string') return told;
  const { words } = FIELD_SCALES[field];
  if (typeof told === 'boolean') return told ? words[1]?.word : words[0]?.word;
  return (words.find((w) => told < w.to) ?? words.at(-1))?.word;
}

/** Browning B of a told colour: a word stands for the middle of it. */
export function browningOf(told: number | string | undefined): number | undefined {
  if (told === undefined || typeof told === 'number') return told;
  const word = FIELD_SCALES.colourTop.words.find((w) => w.word === told);
  return word && STRIP_B.find((b) => b >= word.from && b < word.to);
}

/** What was told of a field, to be read; empty where it was left out. */
export function toldOf(field: SeenField, seen: SeenBody): Text {
  const told = seen[field];
  if (told === undefined) return [];
  if (field === 'centreC' && typeof told === 'number')
    return seen.atMin === undefined ? text`${celsius(told)}` : text`${celsius(told)} after ${seen.atMin} min`;
  if ((field === 'colourTop' || field === 'colourUnder') && typeof told === 'number') return text`${colourWord(told)}`;
  return text`${toldWord(field, told) ?? ''}`;
}

const BALD = { none: 0, some: 0.3, much: 0.7 } as const;

/** Share of the coat that is drawn as gone, 0–1. */
export function baldOf({ bald }: SeenBody): number {
  const word = toldWord('bald', bald) as keyof typeof BALD | undefined;
  return word ? BALD[word] : 0;
}

/** Whether the underside was soft. */
export const isSoggy = ({ soggyUnder }: SeenBody): boolean =>
  ['some', 'much'].includes(toldWord('soggyUnder', soggyUnder) ?? '');

/** How a dish came out in a few words, for a table. */
export function cameOutWords({ record }: Pick<LoggedDish, 'record'>): string {
  if (!record) return '';
  const { seen } = record;
  const colour = browningOf(seen.colourTop);
  const amounts = AMOUNT_FIELDS.flatMap(([field, name]) => {
    const word = toldWord(field, seen[field]);
    return word === undefined || word === 'none'
      ? []
      : [word === 'much' ? `much: ${name.toLowerCase()}` : name.toLowerCase()];
  });
  const crunch = toldWord('crunchNow', seen.crunchNow);
  const later = toldWord('crunchLater', seen.crunchLater);
  const limp = later === 'soft' || later === 'lightly crisp' ? `${later} later` : '';
  const dry = toldWord('bite', seen.bite) === 'dry' ? 'eats dry' : '';
  return [colour === undefined ? '' : colourWord(colour), crunch ?? '', limp, dry, ...amounts]
    .filter(Boolean)
    .join(', ');
}
