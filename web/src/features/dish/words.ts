import { kelvins, text, type Badge, type Diet, type Family, type Text } from '@yellowmist/core';

/** Names of the families of coats, as the cook reads them. */
export const FAMILY_NAMES: Record<Family | 'own', string> = {
  'as-it-is': 'As you fry it',
  'batter-under-crumbs': 'Batter under crumbs',
  'dust-egg-crumbs': 'Dust, binder, crumbs',
  'kept-finish': 'Your own coat',
  'starch-shell': 'Starch shell',
  'thick-batter-parchment': 'Thick batter on parchment',
  own: 'Your own changes',
};

export const BADGE_WORDS: Record<Badge, string> = {
  closest: 'closest to the pot',
  crispest: 'crispest',
  'least-oil': 'least oil',
  'fewest-bowls': 'fewest bowls',
  'no-special-shopping': 'no special shopping',
};

export const DIET_WORDS: Record<Diet, string> = {
  vegan: 'Vegan',
  vegetarian: 'Vegetarian',
  'gluten-free': 'Without gluten',
  'egg-free': 'Without egg',
  'dairy-free': 'Without dairy',
  'nut-free': 'Without nuts',
};

/** How like the fried original, in words: no bare percentages. */
export function likenessWord(likeness: number): string {
  if (likeness > 0.9) return 'hard to tell from the pot';
  if (likeness > 0.75) return 'close to the pot';
  if (likeness > 0.5) return 'a cousin of it';
  if (likeness > 0.25) return 'another dish';
  return 'nothing like it';
}

/** How a fryer runs by what was learned of it, `offsetC` beyond its setting, K. */
export function runsBy(offsetC: number): Text {
  if (Math.abs(offsetC) < 1) return text`keeps its setting`;
  return text`runs ${kelvins(Math.abs(offsetC))} ${offsetC > 0 ? 'hot' : 'cool'}`;
}
