import type { EveningBody, ExperimentNotes, KitchenBody, PantryBody, Sprayer, Tray } from '@yellowmist/contract';
import { counted, fingerprint, ingredient, inPantry, KNOWN, listed, type Fryer, type Vessel } from '@yellowmist/core';
import type { FieldKind } from './units';

/** In what two bodies of one document differ, in words: what lies here beside what was saved from elsewhere. */

export interface Apart {
  what: string;
  mine: string;
  theirs: string;
}

export type Say = (value: number, kind: FieldKind) => string;

/** What a body says, thing by thing; what is said alike is the same. */
type Said = ReadonlyMap<string, string>;

/** How a kind of document says what is in it. */
export type Saying<Body> = (body: Body, say: Say) => Said;

const NOT_THERE = 'not there';
const REST = 'small things';

/** Things of a list, each under what it is and its name. */
const each = <T extends { name: string }>(
  what: string,
  things: readonly T[],
  tell: (thing: T) => string,
): [string, string][] => things.map((thing) => [`${what} “${thing.name}”`, tell(thing)]);

const across = ({ basket }: Fryer, say: Say): string =>
  basket.kind === 'round'
    ? `round, ${say(basket.diameterMm, 'length')}`
    : `${say(basket.widthMm, 'length')} by ${say(basket.depthMm, 'length')}`;

const fryerSaid =
  (say: Say) =>
  (fryer: Fryer): string =>
    [
      fryer.kind,
      across(fryer, say),
      counted(fryer.racks, 'rack'),
      `${say(fryer.minTempC, 'temperature')} to ${say(fryer.maxTempC, 'temperature')}`,
      fryer.offsetC === 0 ? '' : `${Math.round(fryer.offsetC)} K off`,
      fryer.preheats ? 'preheated' : '',
    ]
      .filter(Boolean)
      .join(', ');

const sprayerSaid = ({ kind, gPerStroke }: Sprayer): string =>
  gPerStroke === null ? `${kind}, not weighed` : `${kind}, ${gPerStroke.toFixed(2)} g each time`;

export const kitchenSaid: Saying<KitchenBody> = (kitchen, say) =>
  new Map([
    ...each('Fryer', kitchen.fryers, fryerSaid(say)),
    ...each('Sprayer', kitchen.sprayers, sprayerSaid),
    ...each('Bowl', kitchen.bowls, (b: Vessel) => `${say(b.diameterMm, 'length')} across, ${b.ml} ml`),
    ...each('Tray', kitchen.trays, (t: Tray) => `${say(t.widthMm, 'length')} by ${say(t.depthMm, 'length')}`),
    ['A thermometer', kitchen.thermometer ? 'there' : NOT_THERE],
    ['How long work takes', counted(Object.keys(kitchen.paces ?? {}).length, 'pace') + ' of its own'],
  ]);

const nameOf = (id: string): string => (inPantry(KNOWN, id) ? ingredient(KNOWN, id).name : id);

export const pantrySaid: Saying<PantryBody> = (pantry) =>
  new Map([
    ...pantry.have.map((id): [string, string] => [`${nameOf(id)}, in the house`, 'yes']),
    ...pantry.never.map((id): [string, string] => [`${nameOf(id)}, never used`, 'yes']),
    ...each('An ingredient of your own,', pantry.own, () => 'there'),
    ...(pantry.weights ?? []).map((w): [string, string] => [
      `${nameOf(w.foodId)}, a ${w.unit.replaceAll('-', ' ')}`,
      `${w.grams} g`,
    ]),
  ]);

const MOMENT = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const momentOf = (at: string | null): string => (at === null ? 'not said' : MOMENT.format(new Date(at)));

export const eveningSaid: Saying<EveningBody> = (evening, say) =>
  new Map([
    ['Its name', `“${evening.name}”`],
    ['On the table', momentOf(evening.serveAt)],
    ['Begun', momentOf(evening.startAt)],
    ['Who cooks', listed(evening.cooks.map((c) => c.name)) || 'nobody named'],
    ['Dishes', counted(evening.dishes.length, 'dish', 'dishes')],
    ['Guests', listed(evening.guests.map((g) => g.name)) || 'nobody named'],
    ['Dishes together within', say(evening.togetherMin, 'minutes')],
    ['Tasks that are pinned', String(evening.pins.length)],
  ]);

export const experimentSaid: Saying<ExperimentNotes> = ({ name, tasters, tastings, note }) =>
  new Map([
    ['Its name', `“${name}”`],
    ['Who tastes', listed(tasters) || 'nobody named'],
    ['Answers', String(tastings.length)],
    ['Its note', note ? `“${note}”` : 'none'],
  ]);

/** What differs between two bodies, thing by thing; the rest in one line where something else does. */
export function bodiesApart<Body>(mine: Body, theirs: Body, saying: Saying<Body>, say: Say): Apart[] {
  const [here, there] = [saying(mine, say), saying(theirs, say)];
  const told = [...new Set([...here.keys(), ...there.keys()])]
    .map((what) => ({ what, mine: here.get(what) ?? NOT_THERE, theirs: there.get(what) ?? NOT_THERE }))
    .filter((thing) => thing.mine !== thing.theirs);
  if (told.length > 0 || fingerprint(mine) === fingerprint(theirs)) return told;
  return [{ what: REST, mine: 'as they were changed here', theirs: 'otherwise' }];
}
