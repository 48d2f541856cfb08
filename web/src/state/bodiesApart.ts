import type {
  ConversionBody,
  EveningBody,
  ExperimentNotes,
  KitchenBody,
  PantryBody,
  Sprayer,
  Tray,
} from '@yellowmist/contract';
import { counted, fingerprint, ingredient, inPantry, KNOWN, listed, type Fryer, type Vessel } from '@yellowmist/core';
import type { FieldKind } from './units';
import * as texts from './texts';

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

const NOT_THERE = texts.notThere;
const REST = texts.smallThings;

/** Things of a list, each under what it is and its name. */
const each = <T extends { name: string }>(
  what: string,
  things: readonly T[],
  tell: (thing: T) => string,
): [string, string][] => things.map((thing) => [`${what} “${thing.name}”`, tell(thing)]);

const across = ({ basket }: Fryer, say: Say): string =>
  basket.kind === 'round'
    ? texts.round(say(basket.diameterMm, 'length'))
    : texts.by(say(basket.widthMm, 'length'), say(basket.depthMm, 'length'));

const fryerSaid =
  (say: Say) =>
  (fryer: Fryer): string =>
    [
      fryer.kind,
      across(fryer, say),
      counted(fryer.racks, 'rack'),
      texts.to(say(fryer.minTempC, 'temperature'), say(fryer.maxTempC, 'temperature')),
      fryer.offsetC === 0 ? '' : texts.kOff(Math.round(fryer.offsetC)),
      fryer.preheats ? 'preheated' : '',
    ]
      .filter(Boolean)
      .join(', ');

const sprayerSaid = ({ kind, gPerStroke }: Sprayer): string =>
  gPerStroke === null ? texts.notWeighed(kind) : texts.gEachTime(kind, gPerStroke.toFixed(2));

export const kitchenSaid: Saying<KitchenBody> = (kitchen, say) =>
  new Map([
    ...each(texts.fryer, kitchen.fryers, fryerSaid(say)),
    ...each(texts.sprayer, kitchen.sprayers, sprayerSaid),
    ...each(texts.bowl, kitchen.bowls, (b: Vessel) => texts.acrossMl(say(b.diameterMm, 'length'), b.ml)),
    ...each(texts.tray, kitchen.trays, (t: Tray) => texts.by(say(t.widthMm, 'length'), say(t.depthMm, 'length'))),
    [texts.aThermometer, kitchen.thermometer ? 'there' : NOT_THERE],
    [texts.howLongWorkTakes, counted(Object.keys(kitchen.paces ?? {}).length, 'pace') + texts.ofItsOwn],
  ]);

const nameOf = (id: string): string => (inPantry(KNOWN, id) ? ingredient(KNOWN, id).name : id);

export const pantrySaid: Saying<PantryBody> = (pantry) =>
  new Map([
    ...pantry.have.map((id): [string, string] => [texts.inHouse(nameOf(id)), 'yes']),
    ...pantry.never.map((id): [string, string] => [texts.neverUsed(nameOf(id)), 'yes']),
    ...each(texts.ingredientOfYourOwn, pantry.own, () => 'there'),
    ...(pantry.weights ?? []).map((w): [string, string] => [
      `${nameOf(w.foodId)}, a ${w.unit.replaceAll('-', ' ')}`,
      `${w.grams} g`,
    ]),
  ]);

const MOMENT = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const momentOf = (at: string | null): string => (at === null ? texts.notSaid : MOMENT.format(new Date(at)));

export const eveningSaid: Saying<EveningBody> = (evening, say) =>
  new Map([
    [texts.itsName, `“${evening.name}”`],
    [texts.onTable, momentOf(evening.serveAt)],
    [texts.begun, momentOf(evening.startAt)],
    [texts.whoCooks, listed(evening.cooks.map((c) => c.name)) || texts.nobodyNamed],
    [texts.dishes, counted(evening.dishes.length, 'dish', 'dishes')],
    [texts.guests, listed(evening.guests.map((g) => g.name)) || texts.nobodyNamed],
    [texts.dishesTogetherWithin, say(evening.togetherMin, 'minutes')],
    [texts.tasksThatArePinned, String(evening.pins.length)],
  ]);

export const experimentSaid: Saying<ExperimentNotes> = ({ name, tasters, tastings, note }) =>
  new Map([
    [texts.itsName, `“${name}”`],
    [texts.whoTastes, listed(tasters) || texts.nobodyNamed],
    [texts.answers, String(tastings.length)],
    [texts.itsNote, note ? `“${note}”` : 'none'],
  ]);

/** What is written beside a dish. */
export type DishNotes = Required<Pick<ConversionBody, 'note' | 'tags'>>;

export const notesSaid: Saying<DishNotes> = ({ note, tags }) =>
  new Map([
    [texts.itsNote, note ? `“${note}”` : 'none'],
    [texts.itsTags, tags.join(', ') || 'none'],
  ]);

/** What differs between two bodies, thing by thing; the rest in one line where something else does. */
export function bodiesApart<Body>(mine: Body, theirs: Body, saying: Saying<Body>, say: Say): Apart[] {
  const [here, there] = [saying(mine, say), saying(theirs, say)];
  const told = [...new Set([...here.keys(), ...there.keys()])]
    .map((what) => ({ what, mine: here.get(what) ?? NOT_THERE, theirs: there.get(what) ?? NOT_THERE }))
    .filter((thing) => thing.mine !== thing.theirs);
  if (told.length > 0 || fingerprint(mine) === fingerprint(theirs)) return told;
  return [{ what: REST, mine: texts.asTheyWereChanged, theirs: 'otherwise' }];
}
