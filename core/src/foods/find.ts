import { COAT_NAMES } from './names/coats.js';
import { FOOD_NAMES } from './names/foods.js';
import { SEASONING_NAMES } from './names/seasonings.js';
import type { Pantry } from './pantry.js';
import type { Ingredient } from './types.js';
import { comparedWords, lettersApart } from './words.js';

const OTHER_NAMES: Readonly<Record<string, string>> = { ...FOOD_NAMES, ...COAT_NAMES, ...SEASONING_NAMES };

/** What an ingredient is called: its own name first, then other words for it, the most usual first. */
export const namesOf = ({ id, name }: Pick<Ingredient, 'id' | 'name'>): readonly string[] => [
  name,
  ...(OTHER_NAMES[id]?.split(', ') ?? []).filter((other) => other !== name.toLowerCase()),
];

interface Named {
  item: Ingredient;
  /** Words of each of its names, as they are compared. */
  names: readonly (readonly string[])[];
}

/** A pantry with its names taken apart. */
interface NamedPantry {
  all: readonly Named[];
  /** What each whole name is a name of; those whose own name it is first. */
  called: ReadonlyMap<string, readonly Ingredient[]>;
  /** Words of the longest name. */
  longest: number;
}

const namedOn = new WeakMap<Pantry, NamedPantry>();

function namedAnew({ shelf }: Pantry): NamedPantry {
  const all = shelf.map((item) => ({ item, names: namesOf(item).map(comparedWords) }));
  const called = new Map<string, Ingredient[]>();
  for (const { item, names } of all) {
    names.forEach((words, at) => {
      const name = words.join(' ');
      const others = called.get(name) ?? [];
      if (others.includes(item)) return;
      called.set(name, at === 0 ? [item, ...others] : [...others, item]);
    });
  }
  const longest = Math.max(...all.flatMap(({ names }) => names.map((words) => words.length)));
  return { all, called, longest };
}

/** A pantry with its names taken apart: once a pantry. */
function namedOf(pantry: Pantry): NamedPantry {
  const known = namedOn.get(pantry) ?? namedAnew(pantry);
  namedOn.set(pantry, known);
  return known;
}

/** How a name answers what was typed, from the best; `NO_MATCH` where it does not. */
const MATCH = { same: 0, whole: 1, begins: 2, words: 3, nearly: 4 } as const;
const NO_MATCH = 9;

/** Letters that may be wrong in a word of this length. */
const wrongLetters = (length: number): number => (length < 4 ? 0 : length < 8 ? 1 : 2);

/** A word begins as it was meant to, or with its first two letters swapped: "tripe" is not ripe. */
const beginsAlike = (typed: string, word: string): boolean =>
  typed[0] === word[0] || (typed[0] === word[1] && typed[1] === word[0]);

const nearly = (typed: string, word: string): boolean => {
  const most = wrongLetters(typed.length);
  return most > 0 && beginsAlike(typed, word) && lettersApart(typed, word.slice(0, typed.length + most), most) <= most;
};

function matchOf(typed: readonly string[], name: readonly string[]): number {
  const all = name.join(' ');
  const said = typed.join(' ');
  if (all === said) return MATCH.same;
  if (name.join('') === typed.join('')) return MATCH.whole;
  // The noun stands last: "egg" is a boiled egg rather than an egg roll.
  if (name.at(-1) === typed.at(-1) && typed.every((t) => name.includes(t))) return MATCH.whole;
  if (all.startsWith(said)) return MATCH.begins;
  return typed.every((t) => name.some((word) => word.startsWith(t))) ? MATCH.words : NO_MATCH;
}

/** The same where no name answers: words may have a letter or two wrong. */
const nearMatchOf = (typed: readonly string[], name: readonly string[]): number =>
  typed.every((t) => name.some((word) => word.startsWith(t) || nearly(t, word))) ? MATCH.nearly : NO_MATCH;

const everything = (): boolean => true;

/** Shared by what is searched: which ingredients come into question, and how often the kitchen has used each. */
export interface Sought {
  fits?: (item: Ingredient) => boolean;
  used?: ReadonlyMap<string, number>;
}

interface Found {
  item: Ingredient;
  match: number;
  /** Words of that name: the shorter says it more exactly. */
  length: number;
}

function foundIn({ item, names }: Named, typed: readonly string[], matched: typeof matchOf): Found {
  const found = names.map((name) => ({ item, match: matched(typed, name), length: name.length }));
  return found.reduce((best, f) =>
    f.match < best.match || (f.match === best.match && f.length < best.length) ? f : best,
  );
}

/**
 * What a cook may mean by what was typed, the likeliest first: the very name, names with these words, names that begin so,
 * names with words that begin so, and names a letter or two away. Of equals the one that this kitchen uses more, then what no special shop is
 * needed for, stands first. Everything, the most used first, when nothing was typed.
 */
export function findIngredients(pantry: Pantry, text: string, { fits = everything, used }: Sought = {}): Ingredient[] {
  const usedOf = (item: Ingredient): number => used?.get(item.id) ?? 0;
  const typed = comparedWords(text);
  const fitting = namedOf(pantry).all.filter(({ item }) => fits(item));
  const by = (matched: typeof matchOf): Found[] =>
    fitting
      .map((named) => (typed.length === 0 ? { item: named.item, match: 0, length: 0 } : foundIn(named, typed, matched)))
      .filter(({ match }) => match < NO_MATCH);
  const sure = by(matchOf);
  return (sure.length > 0 ? sure : by(nearMatchOf))
    .sort(
      (a, b) =>
        a.match - b.match ||
        usedOf(b.item) - usedOf(a.item) ||
        a.length - b.length ||
        Number(b.item.common) - Number(a.item.common),
    )
    .map(({ item }) => item);
}

/** What a line of words names, and the words beside it. */
export interface Recognised {
  item: Ingredient;
  /** The words that are its name, as they are compared. */
  called: string[];
  /** Words before and after the name, as they are compared: "fresh", "chopped". */
  beside: string[];
}

/**
 * The ingredient that words name, for sure: the longest run of them that is the whole name of one, and of two of a length
 * the later, since the noun stands last ("garlic chilli sauce" is a sauce). Null when no run of words is a name.
 */
export function recognise(pantry: Pantry, text: string, { fits = everything }: Sought = {}): Recognised | null {
  const typed = comparedWords(text);
  const { called, longest } = namedOf(pantry);
  for (let length = Math.min(typed.length, longest); length > 0; length--) {
    for (let from = typed.length - length; from >= 0; from--) {
      const run = typed.slice(from, from + length);
      const hit = called.get(run.join(' '))?.find(fits);
      if (hit) return { item: hit, called: run, beside: [...typed.slice(0, from), ...typed.slice(from + length)] };
    }
  }
  return null;
}
