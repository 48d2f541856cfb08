import { counted, fingerprint } from '@yellowmist/core';
import type { KeptCook, KeptDish, KeptEvening, KeptExperiment, WholeKitchen } from './kitchenFile.js';
import { type Filed, type ImportAnswer, type ImportConflict, type ImportReport } from './types.js';
import { RANGES } from './ranges.js';

/** What is asked of an import: keys of what is taken from the file, and of dishes that stand beside each other. */
export interface Answers {
  take: ReadonlySet<string>;
  both: ReadonlySet<string>;
}

/** A kitchen as it is after an import, and what came of it. */
export interface Merged {
  whole: WholeKitchen;
  /** What is new or changed, by its identity. */
  written: { dishes: KeptDish[]; evenings: KeptEvening[]; cooks: KeptCook[]; experiments: KeptExperiment[] };
  report: Omit<ImportReport, 'tried' | 'photos'>;
}

const same = (a: unknown, b: unknown): boolean => fingerprint(a) === fingerprint(b);

class Merging {
  readonly added: ImportReport['added'] = [];
  readonly conflicts: ImportConflict[] = [];
  same = 0;

  constructor(private readonly answers: Answers) {}

  answerFor(key: string): ImportAnswer {
    if (this.answers.both.has(key)) return 'both';
    return this.answers.take.has(key) ? 'take' : 'keep';
  }

  /**
   * Documents, merged by their identity: new ones join, like ones stay, unlike ones are asked about, and so is one that was
   * put aside here.
   * @param newId makes an identity for one that stands beside its namesake; null where none may
   */
  documents<T extends Kept>(
    what: Filed,
    here: readonly T[],
    there: readonly T[],
    inBin: ReadonlySet<string>,
    { words, newId }: { words: (kept: T) => string; newId: (() => string) | null },
  ): { all: T[]; written: T[] } {
    const all = [...here];
    const written: T[] = [];
    const put = (kept: T, at = all.length): void => {
      all[at] = kept;
      written.push(kept);
    };
    for (const kept of there) {
      const { name } = kept.body;
      const at = all.findIndex(({ id }) => id === kept.id);
      if (at < 0 && !inBin.has(kept.id)) {
        put(kept);
        this.added.push({ what, name });
      } else if (at >= 0 && same(all[at].body, kept.body)) this.same += 1;
      else {
        const key = `${what}:${kept.id}`;
        const asked = this.answerFor(key);
        const answer = asked === 'both' && newId === null ? 'keep' : asked;
        const mine = at < 0 ? 'put aside here' : words(all[at]);
        const theirs = at < 0 ? words(kept) : `${words(kept)}. Differs in ${differs(kept.body, all[at].body)}`;
        this.conflicts.push({ key, what, name, here: mine, there: theirs, answer });
        if (answer === 'take') put(kept, at < 0 ? all.length : at);
        else if (answer === 'both' && newId) put({ ...kept, id: newId(), body: { ...kept.body, name: asCopy(name) } });
      }
    }
    return { all, written };
  }

  /** Things of a list, merged by their identity: new ones join, like ones stay, unlike ones are asked about. */
  list<T extends object>(
    what: Filed,
    here: readonly T[],
    there: readonly T[],
    idOf: (item: T) => string,
    nameOf = idOf,
  ): T[] {
    const merged = [...here];
    for (const item of there) {
      const at = merged.findIndex((known) => idOf(known) === idOf(item));
      if (at < 0) {
        merged.push(item);
        this.added.push({ what, name: nameOf(item) });
      } else if (same(merged[at], item)) this.same += 1;
      else {
        const key = `${what}:${idOf(item)}`;
        const answer = this.answerFor(key) === 'keep' ? 'keep' : 'take';
        this.conflicts.push({
          key,
          what,
          name: nameOf(item),
          here: differs(merged[at], item),
          there: differs(item, merged[at]),
          answer,
        });
        if (answer === 'take') merged[at] = item;
      }
    }
    return merged;
  }
}

/** A document with an identity of its own. */
interface Kept {
  id: string;
  updatedAt: string;
  body: { name: string };
}

/** A dish in a few words, for two of them side by side. */
function dishWords({ body, updatedAt }: KeptDish): string {
  const { name, dish, fried, fryer, chosen } = body;
  const air = chosen
    ? `${chosen.plan.settings.tempC} °C, ${chosen.plan.settings.minutes} min in ${fryer.name}`
    : 'not converted';
  return `${name}: ${dish.count} pieces, ${fried.layers.length} layers, fried ${fried.minutes} min at ${fried.tempC} °C; ${air}; changed ${updatedAt.slice(0, 16).replace('T', ' ')}`;
}

/** An experiment in a few words. */
const experimentWords = ({ body: { name, tastings }, updatedAt }: KeptExperiment): string =>
  `${name}, ${counted(tastings.length, 'tasting')}, touched ${updatedAt.slice(0, 10)}`;

/** An evening in a few words. */
const eveningWords = ({ body: { name, serveAt, dishes, cooks }, updatedAt }: KeptEvening): string =>
  `${name}: ${serveAt === null ? 'no time set' : serveAt.slice(0, 16).replace('T', ' ')}, ${counted(dishes.length, 'dish', 'dishes')}, ${counted(cooks.length, 'pair of hands', 'pairs of hands')}; changed ${updatedAt.slice(0, 16).replace('T', ' ')}`;

/** A cook in a few words. */
const cookWords = ({ body: { name, startedAt, events, records, photos } }: KeptCook): string =>
  `${name}: ${startedAt.slice(0, 16).replace('T', ' ')}, ${counted(events.length, 'event')}, ${counted(records.length, 'record')}, ${counted(photos.length, 'photograph')}`;

/** Fields of things in the file, in a cook's words. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  note: 'the note',
  dish: 'the food',
  fried: 'the pot and the coat',
  fryer: 'the fryer',
  limits: 'who eats',
  chosen: 'the air version',
  versions: 'kept versions',
  tags: 'tags',
  archived: 'put away or not',
  serveAt: 'when it is eaten',
  startAt: 'when it is begun',
  cooks: 'whose hands',
  dishes: 'its dishes',
  guests: 'who does not eat everything',
  togetherMin: 'how close together, min',
  roomC: 'how warm the kitchen is, °C',
  pins: 'what is pinned',
  state: 'planned or done',
  paces: 'how long work takes',
  cook: 'what it was led by',
  events: 'what happened',
  records: 'how it came out',
  photos: 'photographs',
  maxTempC: 'highest °C',
  minTempC: 'lowest °C',
  stepC: 'steps, °C',
  offsetC: 'off by, °C',
  airFactor: 'its air',
  powerW: 'power, W',
  gPerStroke: 'g a stroke',
  hotSpots: 'hot places',
  timeLimitMin: 'longest timer, min',
  diameterMm: 'across, mm',
  widthMm: 'wide, mm',
  depthMm: 'deep, mm',
  ml: 'holds, ml',
};

const valueWords = (value: unknown): string => {
  if (value === undefined || value === null || value === '') return 'none';
  return typeof value === 'object' ? 'other' : String(value);
};

/** In what two things differ, as this one has it: "highest °C 215". */
function differs(item: object, other: object): string {
  const [a, b] = [item, other] as Record<string, unknown>[];
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])].filter((key) => !same(a[key], b[key]));
  return keys.map((key) => `${FIELD_WORDS[key] ?? key} ${valueWords(a[key])}`.replace(/ other$/, '')).join(', ');
}

const asCopy = (name: string): string => `${name.slice(0, RANGES.nameLength.max - 12)} (from file)`;

/**
 * Two kitchens made one: by identity, nothing overwritten unasked. What both have and not alike stays as it is here unless
 * the cook takes the file's, or both of a dish.
 * @param inBin ids of dishes and evenings that were put aside here
 * @param newId makes an identity for a dish that stands beside its namesake
 */
export function mergeKitchens(
  here: WholeKitchen,
  there: WholeKitchen,
  answers: Answers,
  inBin: ReadonlySet<string>,
  newId: () => string,
): Merged {
  const merging = new Merging(answers);
  const dishes = merging.documents('dish', here.dishes, there.dishes, inBin, { words: dishWords, newId });
  const evenings = merging.documents('evening', here.evenings, there.evenings, inBin, { words: eveningWords, newId });
  const cooks = merging.documents('cook', here.cooks, there.cooks, inBin, { words: cookWords, newId: null });
  const experiments = merging.documents('experiment', here.experiments, there.experiments, inBin, {
    words: experimentWords,
    newId,
  });
  const byName = (item: { name: string }): string => item.name;
  const kitchen = {
    fryers: merging.list('fryer', here.kitchen.fryers, there.kitchen.fryers, byName),
    sprayers: merging.list('sprayer', here.kitchen.sprayers, there.kitchen.sprayers, byName),
    bowls: merging.list('bowl', here.kitchen.bowls, there.kitchen.bowls, byName),
    trays: merging.list('tray', here.kitchen.trays, there.kitchen.trays, byName),
    thermometer: here.kitchen.thermometer,
    ...((here.kitchen.paces ?? there.kitchen.paces) && { paces: here.kitchen.paces ?? there.kitchen.paces }),
  };
  const { pantry } = here;
  const either = (a: readonly string[], b: readonly string[]): string[] => [...new Set([...a, ...b])];
  const weights = merging.list(
    'weight',
    pantry.weights ?? [],
    there.pantry.weights ?? [],
    ({ foodId, unit }) => `${foodId}/${unit}`,
  );
  const mergedPantry = {
    have: either(pantry.have, there.pantry.have),
    // What is used here is never put among what is never used by a file.
    never: either(
      pantry.never,
      there.pantry.never.filter((id) => !pantry.have.includes(id)),
    ),
    own: merging.list('ingredient', pantry.own, there.pantry.own, ({ id }) => id, byName),
    ...(weights.length > 0 && { weights }),
  };
  return {
    whole: {
      dishes: dishes.all,
      kitchen,
      pantry: mergedPantry,
      evenings: evenings.all,
      cooks: cooks.all,
      experiments: experiments.all,
    },
    written: {
      dishes: dishes.written,
      evenings: evenings.written,
      cooks: cooks.written,
      experiments: experiments.written,
    },
    report: { added: merging.added, same: merging.same, conflicts: merging.conflicts },
  };
}
