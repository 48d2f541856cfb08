import type { Ingredient } from './types.js';

/** What one and several of a counted thing are called, where that is not its name with an s. */
const COUNTED: Readonly<Record<string, readonly [string, string]>> = {
  egg: ['egg', 'eggs'],
  'egg-white': ['egg white', 'egg whites'],
  'egg-yolk': ['egg yolk', 'egg yolks'],
  'flax-egg': ['flax egg', 'flax eggs'],
  'chia-egg': ['chia egg', 'chia eggs'],
  'egg-from-powder': ['egg from powder', 'eggs from powder'],
  'lemon-juice': ['lemon’s juice', 'lemons’ juice'],
  'lime-juice': ['lime’s juice', 'limes’ juice'],
  'orange-juice': ['orange’s juice', 'oranges’ juice'],
  garlic: ['clove of garlic', 'cloves of garlic'],
  'spring-onion': ['spring onion', 'spring onions'],
};

/** "egg", "cloves of garlic": the word for so many of a thing that is counted; undefined for what is not. */
export const countedName = ({ id }: Pick<Ingredient, 'id'>, many: number): string | undefined =>
  COUNTED[id]?.[many <= 1 ? 0 : 1];
