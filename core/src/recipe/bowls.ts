import { spoken, capitalised } from '../units/index.js';
import { ingredient, totalGrams, type Pantry, type Portion } from '../foods/index.js';
import type { Clause } from './clauses.js';
import { dippingOrder, filledIn, isDry, kindOf, marinadeBinds, RANK, type Bowl } from './dipping.js';
import { DUSTING_G } from './constants.js';
import { does, has } from './group.js';
import { groupsOf } from './grouping.js';
import { placeFoodAside, placeOutside, placeUnknown, type Place } from './places.js';
import { isOneBowl, sectionKind } from './sections.js';
import type { Thing } from './things.js';
import type { Moved, ReadLine, RecipeBowl, RecipeBowlKind, TakenFor } from './types.js';

/** What is sorted: the lines, what the steps say, the food, and what a cook has put right. */
export interface Sorting {
  things: readonly Thing[];
  clauses: readonly Clause[];
  foods: readonly Thing[];
  moved: ReadonlyMap<number, Moved>;
}

/** The lines in their bowls. */
export interface Setting {
  lines: ReadLine[];
  recipeBowls: RecipeBowl[];
  bowls: { bowl: Bowl; id: string; name: string }[];
  /** The line that is fried. */
  food: Thing | undefined;
  /** Names of the bowls that a step dips into. */
  dippedIn: (step: number) => string[];
  /** Whether the recipe says how much is in a bowl. */
  amountsSaid: (id: string) => boolean;
}

/** g of a thing whose amount is not said, by what it does. Common practice, no source. */
const USUAL_G = { powder: 60, finish: 60, glue: 50, thin: 60, sharp: 15, season: 2, oil: 10, sauce: 60, food: 0 };

/** A dry bowl by its place in the order: first it dusts, last it is the finish. */
function dryKind(bowl: Bowl, order: readonly Bowl[]): RecipeBowlKind {
  const first = order.indexOf(bowl);
  if (order.length === 1) return has(bowl, 'finish') ? 'finish' : 'dust';
  if (first === 0) return 'dust';
  return order.lastIndexOf(bowl) === order.length - 1 || has(bowl, 'finish') ? 'finish' : 'dust';
}

const portionsOf = (bowl: Bowl): Portion[] => {
  const grams = new Map<string, number>();
  for (const thing of bowl.things) {
    if (!thing.item || does(thing) === 'food') continue;
    const portions =
      thing.portions.length > 0
        ? thing.portions
        : [{ ingredientId: thing.item.id, grams: thing.grams ?? USUAL_G[does(thing)] }];
    for (const p of portions) grams.set(p.ingredientId, (grams.get(p.ingredientId) ?? 0) + p.grams);
  }
  return [...grams].map(([ingredientId, g]) => ({ ingredientId, grams: Number(Math.min(5000, g).toFixed(2)) }));
};

const BOWL_NAMES: Record<RecipeBowlKind, string> = {
  dust: 'Dust',
  binder: 'Binder',
  batter: 'Batter',
  finish: 'Finish',
  marinade: 'Marinade',
  sauce: 'Sauce',
  dip: 'Dip',
};

function nameOf(pantry: Pantry, kind: RecipeBowlKind, portions: readonly Portion[]): string {
  if (kind !== 'dust' && kind !== 'finish' && kind !== 'binder') return BOWL_NAMES[kind];
  const [most] = [...portions].sort((a, b) => b.grams - a.grams);
  return most ? capitalised(spoken(ingredient(pantry, most.ingredientId).name)) : BOWL_NAMES[kind];
}

const bowlKind = (taken: TakenFor): RecipeBowlKind | null =>
  taken === 'dust' ||
  taken === 'binder' ||
  taken === 'batter' ||
  taken === 'finish' ||
  taken === 'sauce' ||
  taken === 'dip'
    ? taken
    : null;

/** Milk or water that the food is soaked in, and that is poured away. */
const isSoak = ({ things }: Bowl): boolean => things.every((t) => does(t) === 'thin');

/** What a line in a bowl is taken for. */
function takenIn(bowl: Bowl, thing: Thing): TakenFor {
  if (bowl.kind === 'sauce' || bowl.kind === 'dip') return bowl.kind;
  if (bowl.kind === 'filling') return does(thing) === 'season' ? 'seasoning' : 'other';
  if (does(thing) === 'oil') return bowl.kind === 'binder' && bowl.things.length === 1 ? 'binder' : 'oil';
  if (bowl.kind === 'marinade' && isSoak(bowl)) return 'other';
  if (bowl.kind === 'food' || bowl.kind === 'marinade') return 'seasoning';
  if (does(thing) === 'season' && thing.item?.group !== 'leavening') return 'seasoning';
  return bowl.kind;
}

const INTO_WHICH: Record<Bowl['kind'], string> = {
  dust: 'the dust',
  binder: 'the binder',
  batter: 'the batter',
  finish: 'the finish',
  marinade: 'the marinade',
  sauce: 'the sauce',
  dip: 'the dip',
  food: 'the food itself',
  filling: 'what is shaped',
};

function whyIn(bowl: Bowl, thing: Thing): Place {
  const takenFor = takenIn(bowl, thing);
  const into = INTO_WHICH[bowl.kind];
  if (bowl.kind === 'filling') return { takenFor, sure: 'likely', why: 'It is a part of what is shaped.' };
  if (takenFor === 'other')
    return { takenFor, sure: 'likely', why: 'The food is soaked in it, and it is poured away.' };
  if (bowl.near?.includes(thing))
    return { takenFor, sure: 'likely', why: `It goes into ${into} by what stands beside it.` };
  if (bowl.section) return { takenFor, sure: 'sure', why: `It stands below “${bowl.section}”.` };
  const steps = bowl.things.length > 1 || bowl.said !== null;
  return steps
    ? { takenFor, sure: 'sure', why: `The steps put it into ${into}.` }
    : { takenFor, sure: 'likely', why: `It goes into ${into} by what it does in a coat.` };
}

/** The kinds of bowls by their place; a marinade to which a dry coat sticks is the binder. */
function settled(bowls: Bowl[], clauses: readonly Clause[], guess: (field: string, why: string) => void): Bowl[] {
  const { order, dustOf, told } = dippingOrder(clauses, bowls);
  let all = filledIn(
    order.filter((b) => b.kind !== 'marinade' || !order.some((o) => o.kind === 'binder' || o.kind === 'batter')),
    bowls,
  );
  const binds = marinadeBinds(all, bowls, clauses);
  if (binds) {
    if (all[0] !== binds) all = [binds, ...all];
    binds.kind = 'binder';
  } else all = all.filter((b) => b.kind !== 'marinade');
  if (dustOf && all[0]?.kind === 'batter') {
    const item = dustOf.item!;
    const dust: Thing = { ...dustOf, grams: DUSTING_G, portions: [{ ingredientId: item.id, grams: DUSTING_G }] };
    const bowl: Bowl = { things: [dust], said: null, section: null, place: -1, kind: 'dust' };
    bowls.push(bowl);
    all.unshift(bowl);
    guess('fried.layers.0', 'A part of the batter’s flour dusts the food first; how much is taken as usual.');
  }
  const dry = all.filter((b, k) => isDry(b) && all.indexOf(b) === k);
  const kinds = dry.map((bowl) => dryKind(bowl, all));
  dry.forEach((bowl, k) => (bowl.kind = kinds[k]));
  if (!told && all.length > 1)
    guess('fried.layers', 'The recipe does not tell the order of dipping: it is taken as usual.');
  return all;
}

/** Puts a line where the cook wants it. */
function move(thing: Thing, to: Moved, bowls: Bowl[], idOf: (bowl: Bowl) => string, order: Bowl[]): void {
  bowls.forEach((bowl) => (bowl.things = bowl.things.filter((t) => t !== thing)));
  const kind = bowlKind(to.takenFor);
  const asked = to.bowl ? bowls.find((b) => idOf(b) === to.bowl) : undefined;
  const wanted = asked ?? (kind ? bowls.find((b) => b.kind === kind) : undefined);
  if (wanted) {
    wanted.things.push(thing);
    return;
  }
  if (to.takenFor === 'seasoning') {
    const food = bowls.find((b) => b.kind === 'food');
    if (food) food.things.push(thing);
    else bowls.push({ things: [thing], said: 'food', section: null, place: bowls.length, kind: 'food' });
    return;
  }
  if (!kind) return;
  const made: Bowl = { things: [thing], said: null, section: null, place: bowls.length, kind };
  bowls.push(made);
  if (kind === 'sauce' || kind === 'dip') return;
  const at = order.findIndex((b) => RANK[b.kind] > RANK[kind]);
  order.splice(at < 0 ? order.length : at, 0, made);
}

/** Lines sorted into bowls, in the order of dipping. */
export function bowlsIn(
  pantry: Pantry,
  { things, clauses, foods, moved }: Sorting,
  guess: (field: string, why: string) => void,
): Setting {
  const places = new Map<Thing, Place>();
  const [best] = foods;
  for (const thing of foods) {
    places.set(thing, {
      takenFor: 'food',
      sure: thing === best ? 'sure' : 'likely',
      why: thing === best ? 'It is what is coated and fried.' : 'It is fried with the food, or is a part of it.',
    });
  }
  for (const thing of things.filter((t) => !places.has(t))) {
    const kind = sectionKind(thing.section);
    const outside = placeOutside(thing, clauses);
    if (outside) places.set(thing, outside);
    else if (!thing.item && !isOneBowl(kind)) places.set(thing, placeUnknown(thing));
    else if (does(thing) === 'food' && kind !== 'sauce' && kind !== 'dip')
      places.set(thing, placeFoodAside(thing, clauses));
  }
  const inBowls = things.filter((t) => !places.has(t));
  const bowls = groupsOf(inBowls, things, clauses, foods).map((group): Bowl => ({ ...group, kind: kindOf(group) }));
  const order = settled(bowls, clauses, guess);
  const ids = new Map<Bowl, string>();
  const name = (): void => {
    ids.clear();
    const seen = new Map<string, number>();
    for (const bowl of [...new Set([...order, ...bowls])]) {
      const n = (seen.get(bowl.kind) ?? 0) + 1;
      seen.set(bowl.kind, n);
      ids.set(bowl, n === 1 ? bowl.kind : `${bowl.kind}-${n}`);
    }
  };
  name();
  for (const [at, to] of moved) {
    const thing = things[at];
    if (!thing) continue;
    places.set(thing, { takenFor: to.takenFor, sure: 'sure', why: 'You put it there.' });
    move(thing, to, bowls, (bowl) => ids.get(bowl) ?? '', order);
  }
  name();
  const inOrder = order.filter((b) => portionsOf(b).some((p) => p.grams > 0));
  const used = [...new Set([...inOrder, ...bowls])].filter(
    (b) => b.kind !== 'food' && b.kind !== 'filling' && b.things.some((t) => t.item),
  );
  const recipeBowls = used.map((bowl): RecipeBowl => {
    const kind = bowl.kind as RecipeBowlKind;
    const portions = portionsOf(bowl);
    const layers = inOrder.flatMap((b, k) => (b === bowl ? [k] : []));
    return { id: ids.get(bowl)!, kind, name: nameOf(pantry, kind, portions), portions, layers };
  });
  const lines = things.map((thing): ReadLine => {
    const bowl = bowls.find((b) => b.things.includes(thing));
    const own = places.get(thing);
    const into = moved.get(thing.at)?.bowl && bowl ? { ...own!, takenFor: takenIn(bowl, thing) } : own;
    const place = into && (moved.has(thing.at) || !bowl) ? into : bowl ? whyIn(bowl, thing) : placeUnknown(thing);
    const unsure = thing.item === null && place.sure !== 'guess' && !moved.has(thing.at);
    return {
      text: thing.text,
      takenFor: place.takenFor,
      bowl: bowl ? ids.get(bowl)! : null,
      quantity: thing.quantity,
      unit: thing.unit,
      grams: thing.grams ?? (thing.portions.length > 0 ? totalGrams(thing.portions) : null),
      ingredientId: thing.item?.id ?? null,
      sure: unsure ? 'guess' : place.sure,
      why: [
        place.why,
        ...(unsure ? ['What it is is not known here.'] : []),
        ...(thing.optional ? ['The recipe leaves it open.'] : []),
      ].join(' '),
    };
  });
  const withName = used.map((bowl, k) => ({ bowl, id: recipeBowls[k].id, name: recipeBowls[k].name }));
  for (const { bowl, name: called, id } of withName) {
    const silent = bowl.things.filter(
      (t) => t.item && t.grams === null && t.portions.length === 0 && does(t) !== 'season',
    );
    if (silent.length > 0)
      guess(`bowls.${id}`, `How much of it is not said for ${called.toLowerCase()}: a usual amount is taken.`);
  }
  return {
    lines,
    recipeBowls,
    bowls: withName,
    food:
      things.find(
        (t) =>
          (moved.get(t.at)?.takenFor ?? places.get(t)?.takenFor) === 'food' &&
          t.item?.food &&
          (moved.has(t.at) || t === best),
      ) ?? best,
    dippedIn: (step) => {
      const dips = clauses.filter((c) => c.step === step && c.deed === 'dip');
      const named = dippingOrder(dips, bowls).order;
      return named.flatMap((b) => withName.filter((w) => w.bowl === b).map((w) => w.name));
    },
    amountsSaid: (id) => {
      const found = withName.find((w) => w.id === id);
      return (
        found !== undefined &&
        found.bowl.things.some((t) => t.grams !== null) &&
        found.bowl.things.every((t) => t.grams !== null || does(t) === 'season')
      );
    },
  };
}
