import { CURDS_SOLD } from './data/curds.js';
import { FILLINGS_SOLD } from './data/fillings.js';
import { FISH_SOLD } from './data/fish.js';
import { FRUIT_SOLD } from './data/fruit.js';
import { MEAT_SOLD } from './data/meat.js';
import { ROOTS_SOLD } from './data/roots.js';
import { VEGETABLES_SOLD } from './data/vegetables.js';
import { Refusal } from '../units/index.js';
import { comparedWords, type Food } from '../foods/index.js';
import type { CutId, Sold } from './types.js';

const SOLD: Readonly<Record<string, Sold>> = {
  ...VEGETABLES_SOLD,
  ...ROOTS_SOLD,
  ...FRUIT_SOLD,
  ...MEAT_SOLD,
  ...FISH_SOLD,
  ...CURDS_SOLD,
  ...FILLINGS_SOLD,
};

/** How a food is sold and cut. @throws Refusal for a food of which it is not known */
export function soldAs({ id }: Pick<Food, 'id'>): Sold {
  const found = SOLD[id];
  if (!found) throw new Refusal(`How "${id}" is sold and cut is not known.`);
  return found;
}

/**
 * How a cut follows the food's name in a sentence, `, rings`; nothing for a whole one, and for a cut that the name says:
 * cauliflower florets are florets.
 */
export function cutTold(food: Pick<Food, 'id' | 'name'>, cutId: CutId): string {
  const cut = soldAs(food).cuts.find(({ id }) => id === cutId);
  if (!cut || cut.name === 'whole') return '';
  const named = comparedWords(food.name);
  return comparedWords(cut.name).every((word) => named.includes(word)) ? '' : `, ${cut.name}`;
}
