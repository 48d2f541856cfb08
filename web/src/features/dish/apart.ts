import type { ConversionBody } from '@yellowmist/contract';
import { fingerprint, type LayerSpec } from '@yellowmist/core';
import type { Apart } from '../../state/bodiesApart';
import * as texts from './texts';

/** In what two bodies of one dish differ, in words: each line says what the first has. */

/** How names and quantities are said here. */
export interface Words {
  nameOf: (id: string) => string;
  say: (value: number, kind: 'temperature' | 'minutes' | 'mass') => string;
}

/** How a thing is said of a body; what is said alike is the same. */
type Said = (body: ConversionBody, words: Words) => string;

const coat = (layers: readonly LayerSpec[], { nameOf, say }: Words): string =>
  layers
    .map((l) => l.portions.map((p) => `${say(p.grams, 'mass')} ${nameOf(p.ingredientId).toLowerCase()}`).join(', '))
    .join(texts.then);

const heat = ({ minutes, tempC }: { minutes: number; tempC: number }, { say }: Words): string =>
  texts.at(say(minutes, 'minutes'), say(tempC, 'temperature'));

const THINGS: readonly [string, Said][] = [
  [texts.itsName, ({ name }) => `“${name}”`],
  [texts.theFood, ({ dish }, { nameOf }) => texts.piecesOf(dish.count, nameOf(dish.foodId).toLowerCase())],
  [texts.itsCoatInPot, ({ fried }, words) => coat(fried.layers, words)],
  [texts.thePot, ({ fried }, words) => heat(fried, words)],
  [texts.theFryer, ({ fryer }) => fryer.name],
  [texts.itsCoatInAir, ({ chosen }, words) => (chosen ? coat(chosen.plan.layers, words) : texts.noneYet)],
  [texts.theAir, ({ chosen }, words) => (chosen ? heat(chosen.plan.settings, words) : texts.notYet)],
  [texts.versionsThatWereKept, ({ versions }) => versions.map((v) => v.name).join(', ') || 'none'],
  [texts.itsNote, ({ note }) => (note ? `“${note}”` : 'none')],
  [texts.itsTags, ({ tags = [] }) => tags.join(', ') || 'none'],
];

/** What is left when all that has a name is alike. */
const REST = texts.smallThingsOfPlan;

/** What differs between two bodies, thing by thing; the rest in one line where something else does. */
export function apart(mine: ConversionBody, theirs: ConversionBody, words: Words): Apart[] {
  const told = THINGS.map(([what, say]) => ({ what, mine: say(mine, words), theirs: say(theirs, words) })).filter(
    (thing) => thing.mine !== thing.theirs,
  );
  if (told.length > 0 || fingerprint(mine) === fingerprint(theirs)) return told;
  return [{ what: REST, mine: texts.asItLiesHere, theirs: 'otherwise' }];
}
