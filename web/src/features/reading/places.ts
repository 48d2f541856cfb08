import type { Moved, ReadLine, RecipeBowl, RecipeBowlKind, Sure, TakenFor } from '@yellowmist/core';
import * as texts from './texts';

/** A place that a line can be put into. */
export interface Place {
  key: string;
  label: string;
  to: Moved;
}

export const KIND_WORDS: Record<RecipeBowlKind, string> = {
  dust: texts.dust,
  binder: texts.binder,
  batter: texts.batter,
  finish: texts.finish,
  marinade: texts.marinade,
  sauce: texts.sauce,
  dip: texts.dip,
};

export const TAKEN_WORDS: Record<TakenFor, string> = {
  food: texts.placesTheFood,
  dust: 'dust',
  binder: 'binder',
  batter: 'batter',
  finish: 'finish',
  seasoning: 'seasoning',
  'frying-oil': texts.placesToFryIn,
  oil: texts.oilMixedIn,
  sauce: 'sauce',
  dip: 'dip',
  garnish: texts.placesOnPlate,
  other: texts.placesNotForCoat,
};

export const SURE_WORDS: Record<Sure, string> = { sure: 'sure', likely: 'likely', guess: texts.placesAGuess };

/** Kinds of bowls that a recipe may lack, in the order of the work. */
const KINDS = ['dust', 'binder', 'batter', 'finish', 'sauce', 'dip'] as const;

const placeOfBowl = ({ id, kind, name }: RecipeBowl): Place => {
  const word = KIND_WORDS[kind];
  const takenFor: TakenFor = kind === 'marinade' ? 'seasoning' : kind;
  return { key: id, label: name === word ? word : `${word}: ${name}`, to: { takenFor, bowl: id } };
};

/** Bowls in the order of dipping, those beside after them. */
export const inOrder = (bowls: readonly RecipeBowl[]): RecipeBowl[] =>
  [...bowls].sort((a, b) => (a.layers[0] ?? 99) - (b.layers[0] ?? 99));

/** Every place for a line: the recipe's bowls, bowls that it may lack, and what goes into none. */
export function placesFor(bowls: readonly RecipeBowl[]): Place[] {
  const missing = KINDS.filter((kind) => !bowls.some((b) => b.kind === kind));
  return [
    ...inOrder(bowls).map(placeOfBowl),
    ...missing.map((kind): Place => ({
      key: `new-${kind}`,
      label: texts.newKindWord(KIND_WORDS[kind].toLowerCase()),
      to: { takenFor: kind },
    })),
    { key: 'food', label: texts.theFood, to: { takenFor: 'food' } },
    { key: 'on-food', label: texts.ontoFood, to: { takenFor: 'seasoning' } },
    { key: 'frying-oil', label: texts.toFryIn, to: { takenFor: 'frying-oil' } },
    { key: 'garnish', label: texts.onPlate, to: { takenFor: 'garnish' } },
    { key: 'other', label: texts.notForCoat, to: { takenFor: 'other' } },
  ];
}

/** The place where a line stands; undefined where it is nowhere that can be chosen. */
export function placeOf(
  places: readonly Place[],
  { bowl, takenFor }: Pick<ReadLine, 'bowl' | 'takenFor'>,
): Place | undefined {
  if (bowl === 'food') return places.find((p) => p.key === 'on-food');
  return (
    places.find((p) => p.key === bowl) ??
    places.find((p) => p.key === takenFor) ??
    places.find((p) => p.key === `new-${takenFor}`)
  );
}
