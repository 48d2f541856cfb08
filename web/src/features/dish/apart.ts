import type { ConversionBody } from '@yellowmist/contract';
import { fingerprint, type LayerSpec } from '@yellowmist/core';
import type { Apart } from '../../state/bodiesApart';

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
    .join('; then ');

const heat = ({ minutes, tempC }: { minutes: number; tempC: number }, { say }: Words): string =>
  `${say(minutes, 'minutes')} at ${say(tempC, 'temperature')}`;

const THINGS: readonly [string, Said][] = [
  ['its name', ({ name }) => `“${name}”`],
  ['the food', ({ dish }, { nameOf }) => `${dish.count} pieces of ${nameOf(dish.foodId).toLowerCase()}`],
  ['its coat in the pot', ({ fried }, words) => coat(fried.layers, words)],
  ['the pot', ({ fried }, words) => heat(fried, words)],
  ['the fryer', ({ fryer }) => fryer.name],
  ['its coat in the air', ({ chosen }, words) => (chosen ? coat(chosen.plan.layers, words) : 'none yet')],
  ['the air', ({ chosen }, words) => (chosen ? heat(chosen.plan.settings, words) : 'not yet')],
  ['versions that were kept', ({ versions }) => versions.map((v) => v.name).join(', ') || 'none'],
  ['its note', ({ note }) => (note ? `“${note}”` : 'none')],
  ['its tags', ({ tags = [] }) => tags.join(', ') || 'none'],
];

/** What is left when all that has a name is alike. */
const REST = 'small things of the plan';

/** What differs between two bodies, thing by thing; the rest in one line where something else does. */
export function apart(mine: ConversionBody, theirs: ConversionBody, words: Words): Apart[] {
  const told = THINGS.map(([what, say]) => ({ what, mine: say(mine, words), theirs: say(theirs, words) })).filter(
    (thing) => thing.mine !== thing.theirs,
  );
  if (told.length > 0 || fingerprint(mine) === fingerprint(theirs)) return told;
  return [{ what: REST, mine: 'as it lies here', theirs: 'otherwise' }];
}
