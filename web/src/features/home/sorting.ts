import { isBroken, type ListedConversion, type ListedDish } from '@yellowmist/contract';
import type { Diet } from '@yellowmist/core';

/** What the list of dishes is narrowed to; '' for all. */
export interface Wanted {
  words: string;
  foodId: string;
  fryer: string;
  diet: Diet | '';
  tag: string;
  archived: boolean;
}

export const ALL: Wanted = { words: '', foodId: '', fryer: '', diet: '', tag: '', archived: false };

const has = (text: string, words: string): boolean => text.toLowerCase().includes(words);

/** Whether a dish is looked for; one that cannot be opened is found by its name alone. */
export function isWanted(listed: ListedConversion, wanted: Wanted, nameOf: (id: string) => string): boolean {
  const words = wanted.words.trim().toLowerCase();
  if (isBroken(listed)) {
    return (
      !wanted.archived && !wanted.foodId && !wanted.fryer && !wanted.diet && !wanted.tag && has(listed.name, words)
    );
  }
  const { name, note, dish, fryer, diets, tags = [], archived = false } = listed;
  return (
    archived === wanted.archived &&
    (wanted.foodId === '' || dish.foodId === wanted.foodId) &&
    (wanted.fryer === '' || fryer.name === wanted.fryer) &&
    (wanted.diet === '' || diets.includes(wanted.diet)) &&
    (wanted.tag === '' || tags.includes(wanted.tag)) &&
    [name, note, nameOf(dish.foodId), ...tags].some((text) => has(text, words))
  );
}

/** Each once, in the order of the alphabet. */
const sorted = (words: readonly string[]): string[] => [...new Set(words)].sort((a, b) => a.localeCompare(b));

/** What the dishes can be narrowed to. */
export const choicesIn = (dishes: readonly ListedDish[]) => ({
  foods: [...new Set(dishes.map((d) => d.dish.foodId))],
  fryers: sorted(dishes.map((d) => d.fryer.name)),
  diets: [...new Set(dishes.flatMap((d) => d.diets))],
  tags: sorted(dishes.flatMap((d) => d.tags ?? [])),
});
