import { onlyDescribes } from '../entry/index.js';
import { comparedWords, namesOf } from '../foods/index.js';
import type { Thing } from './things.js';

/** A thing, or one of several, that a clause names; or a bowl by what it holds. */
export interface Mention {
  /** Place in the words of the clause. */
  word: number;
  /** Lines that may be meant, one where it is sure. */
  things: Thing[];
  /** Named in the plural: all of them are meant, "the two flours". */
  all: boolean;
}

/** By what words each thing may be named: found once for a recipe. */
export interface Named {
  /** Runs of words that are a name or the end of one, by their first word: "chilli sauce" of "sweet chilli sauce". */
  runs: ReadonlyMap<string, { run: readonly string[]; thing: Thing }[]>;
  /** Things that one word may stand for. */
  words: ReadonlyMap<string, Thing[]>;
  things: readonly Thing[];
}

/** Words that stand for many a thing: the last word of a name says most of it. */
function wordsFor({ item, called }: Thing, unique: (word: string) => boolean): string[] {
  const head = called.at(-1) ?? '';
  const more: string[] = [];
  if (item?.group === 'crumb' || /crumb|panko/.test(head)) more.push('crumb', 'breadcrumb', 'panko');
  if (item?.id.startsWith('egg')) more.push('egg', 'yolk');
  if (head === 'yolk' || head === 'white') more.push('egg');
  if (item?.group === 'starch') more.push('starch', 'cornstarch', 'cornflour');
  const single = item
    ? namesOf(item)
        .map(comparedWords)
        .filter((name) => name.length === 1)
    : [];
  const ofFood = item?.food ? comparedWords(item.name) : [];
  const own = called.filter((word) => item?.food !== undefined || (unique(word) && !onlyDescribes(word)));
  return [head, ...more, ...single.flat(), ...ofFood, ...own];
}

function push<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const known = map.get(key);
  if (known) known.push(value);
  else map.set(key, [value]);
}

/** The things of a recipe by the words that may name them. */
export function namedBy(things: readonly Thing[]): Named {
  const counts = new Map<string, number>();
  for (const word of things.flatMap(({ called }) => [...new Set(called)]))
    counts.set(word, (counts.get(word) ?? 0) + 1);
  const runs = new Map<string, { run: string[]; thing: Thing }[]>();
  const words = new Map<string, Thing[]>();
  for (const thing of things) {
    thing.called.forEach((word, from) => {
      const run = thing.called.slice(from);
      if (from === 0 || run.length > 1) push(runs, word, { run, thing });
    });
    for (const word of new Set(wordsFor(thing, (w) => counts.get(w) === 1))) push(words, word, thing);
  }
  return { runs, words, things };
}

/** Names of which the plural means several lines. */
const PLURALS: ReadonlySet<string> = new Set([
  'flour',
  'starch',
  'crumb',
  'cheese',
  'spice',
  'sauce',
  'milk',
  'oil',
  'vinegar',
  'seed',
]);

const isPlural = (word: string, text: string): boolean =>
  PLURALS.has(word) && new RegExp(`\\b${word}e?s\\b`, 'i').test(text);

/**
 * The lines that a clause names, in its order: a whole name before a last word.
 * @param words the clause's, as they are compared
 * @param text the clause as it is written
 */
export function mentionsIn(
  { runs, words: standing, things }: Named,
  words: readonly string[],
  text: string,
): Mention[] {
  const found: Mention[] = [];
  for (let at = 0; at < words.length; at++) {
    const here = (runs.get(words[at]) ?? []).filter(({ run }) => run.every((word, k) => words[at + k] === word));
    const longest = Math.max(0, ...here.map(({ run }) => run.length));
    const longestHere = here.filter(({ run }) => run.length === longest);
    if (longest > 1) {
      found.push({ word: at, things: [...new Set(longestHere.map(({ thing }) => thing))], all: false });
      at += longest - 1;
      continue;
    }
    const whole = longestHere.filter(({ run, thing }) => run.length === thing.called.length).map(({ thing }) => thing);
    const plural = isPlural(words[at], text);
    const many = plural ? things.filter(({ called }) => called.at(-1)?.endsWith(words[at])) : [];
    const both = [...new Set([...whole, ...(standing.get(words[at]) ?? []), ...many])];
    if (both.length > 0) found.push({ word: at, things: both, all: both.length > 1 && plural });
  }
  return found;
}
