import { batchOfDish, didAtCounter, plannedDid, type Did, type DidField, type LoggedCook } from '../diagnose/index.js';
import { stateOf, type CounterBatch } from '../counter/index.js';
import type { LayerSpec } from '../coat/index.js';
import { dishAs, type AirPlan } from '../dish/index.js';
import { foodOf, ingredient, type Pantry } from '../foods/index.js';
import { throughMm } from '../piece/index.js';
import { byRecipe } from '../plan/index.js';
import {
  celsius,
  counted,
  grams,
  isEmpty,
  joined,
  listed,
  millimetres,
  plain,
  setTo,
  spoken,
  text,
  type Text,
} from '../units/index.js';

/** One thing that a cook is made of. */
export interface Particular {
  /** The same for the same thing of every cook. */
  key: string;
  label: string;
  /** As it was planned, or as its recipe said. */
  planned: Text;
  /** As it was done, where that is known and otherwise. */
  done: Text | null;
}

/** What a particular came to: as it was done, where that is known. */
export const cameTo = ({ planned, done }: Particular): Text => done ?? planned;

const minutes = (value: number): Text => text`${Math.round(value * 10) / 10} min`;

const coatOf = (pantry: Pantry, { portions, pressed, untapped }: LayerSpec): Text => {
  const weighed = portions.map((p, at) => [
    at > 0 ? ', ' : '',
    spoken(ingredient(pantry, p.ingredientId).name),
    ' ',
    grams(p.grams, 0),
  ]);
  return joined(...weighed.flat(), pressed ? ', pressed on' : '', untapped ? ', not tapped off' : '');
};

/** What is done to the food beside what is done today. */
const madeReady = ({ making = {} }: AirPlan): string =>
  listed([
    ...(making.patted ? ['patted dry'] : []),
    ...(making.halved ? ['cut flat through the middle'] : []),
    ...(making.frozen ? ['frozen in the coat'] : []),
    ...(making.later?.length ? ['what burns scattered on at the end'] : []),
  ]);

const THEN_WORDS = { rack: 'rests on a rack', 'at-once': 'eaten at once', held: 'held in the fryer' } as const;
const LAY_ON = { basket: 'the bare basket', rack: 'a rack', parchment: 'parchment' } as const;

const turned = (at: number | boolean | null | undefined): Text =>
  typeof at === 'number' ? text`after ${minutes(at)}` : text`${at ? 'yes' : 'not at all'}`;

const times = (n: number): string => (n === 0 ? 'never' : n === 1 ? 'once' : counted(n, 'time'));

/** What is told of the doing, and how it reads. */
const DEEDS_TOLD: readonly (readonly [key: DidField, label: string, read: (value: number | boolean) => Text])[] = [
  ['preheated', 'Fryer hot before', (v) => text`${v ? 'yes' : 'no'}`],
  ['restMin', 'Coat rested', (v) => minutes(Number(v))],
  ['oilG', 'Oil of a batch', (v) => text`${grams(Number(v), 1)}`],
  ['piecesAtOnce', 'At once', (v) => text`${counted(Number(v), 'piece')}`],
  ['minutes', 'In the fryer', (v) => minutes(Number(v))],
  ['openings', 'Opened for a look', (v) => text`${times(Number(v))}`],
];

/** A cook's doing as planned, or as another recipe has it, and as it was. */
interface Doings {
  planned: Did;
  done: Did;
}

function toldOf({ planned, done }: Doings): Particular[] {
  return DEEDS_TOLD.flatMap(([key, label, read]): Particular[] => {
    const was = planned[key];
    if (was === undefined) return [];
    const is = done[key];
    return [{ key, label, planned: read(was), done: otherThan(read(was), is === undefined ? null : read(is)) }];
  });
}

/** What was done, where it reads otherwise than what was planned. */
const otherThan = (planned: Text, done: Text | null): Text | null =>
  done === null || plain(done) === plain(planned) ? null : done;

/** Minute of the turn, or whether there was one; undefined where nothing is known. */
const turnOf = ({ turned: was, turnedAtMin }: Did): number | boolean | undefined =>
  typeof turnedAtMin === 'number' && was !== false ? turnedAtMin : (was as boolean | undefined);

/**
 * What one dish of a cook was made of and how it was cooked, in the order of the work: the food, the coat, the oil, the
 * fryer, and what was done otherwise than planned.
 * @throws Refusal for a food or an ingredient that is not in the pantry
 */
export function particularsOf(pantry: Pantry, cook: LoggedCook): Particular[] {
  const { programme, recipe, seen } = cook;
  const state = stateOf(programme, cook.pace, cook.events);
  const own = batchOfDish(programme, cook.dish, state);
  if (!own) return [];
  const batch = recipe ? { ...own, plan: byRecipe(own.plan, recipe) } : own;
  const planned = plannedDid(pantry, programme, batch);
  // A packet says nothing of these.
  const { preheated, openings, ...said } = planned;
  const done = { ...(recipe ? {} : didAtCounter(programme, own, state)), ...seen.did };
  return [
    ...foodAndCoat(pantry, cook, batch),
    ...inFryer(batch, cook, { planned: recipe ? said : { ...said, preheated, openings }, done }),
  ];
}

function foodAndCoat(pantry: Pantry, { programme, dish: id }: LoggedCook, { plan }: CounterBatch): Particular[] {
  const { dish: bought } = programme.dishes.find((d) => d.id === id)!;
  const dish = dishAs(bought, plan);
  const said = (key: string, label: string, planned: Text): Particular[] =>
    isEmpty(planned) || plain(planned) === '' ? [] : [{ key, label, planned, done: null }];
  return [
    ...said(
      'food',
      'Food',
      text`${counted(dish.count, 'piece')} of ${spoken(foodOf(pantry, dish.foodId).name)}, ${millimetres(throughMm(dish.shape))} thick`,
    ),
    ...said('startC', 'Goes in at', text`${celsius(dish.startC)}`),
    ...said('making', 'Made ready', text`${madeReady(plan)}`),
    ...plan.layers.flatMap((layer, at) => said(`layer-${at + 1}`, `Coat ${at + 1}`, coatOf(pantry, layer))),
  ];
}

function inFryer({ plan, fryer }: CounterBatch, { recipe, programme, dish }: LoggedCook, doings: Doings): Particular[] {
  const { settings, second } = plan;
  const batches = programme.batches.filter((b) => b.dishId === dish).length;
  const planned = recipe ? recipe.turned : (settings.turnAtMin ?? false);
  const did = turnOf(doings.done);
  const same = (key: string, label: string, value: Text): Particular => ({ key, label, planned: value, done: null });
  const setting = recipe
    ? text`${celsius(recipe.tempC)}`
    : second
      ? text`${setTo(settings.tempC, fryer.stepC)}, then ${setTo(second.tempC, fryer.stepC)} for ${minutes(second.minutes)}`
      : text`${setTo(settings.tempC, fryer.stepC)}`;
  return [
    same('fryer', 'Fryer', text`${fryer.name}`),
    same('setting', 'Set to', setting),
    ...toldOf(doings),
    {
      key: 'turned',
      label: 'Turned',
      planned: turned(planned),
      // That it was turned says no minute: then it was as planned.
      done: did === undefined || (did === true && planned !== false) ? null : otherThan(turned(planned), turned(did)),
    },
    same('under', 'Lay on', text`${LAY_ON[settings.under]}`),
    same('batches', 'Batches', text`${batches}`),
    same('afterwards', 'Afterwards', text`${THEN_WORDS[plan.afterwards ?? 'rack']}`),
  ];
}
