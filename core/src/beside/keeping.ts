import type { SideUse } from '../dish/index.js';
import { massMean, type Part } from '../foods/index.js';
import { KEEPS_DAYS } from './constants.js';

/** When a bowl is made, and how long what is left of it keeps. */
export interface Keeping {
  /** Before the coat, hours ahead, or while the fryer runs. */
  made: 'before' | 'ahead' | 'while-it-cooks';
  /** Days, covered and cold; 0 = what is left is thrown away. */
  days: number;
}

const MADE: Record<SideUse, Keeping['made']> = {
  marinade: 'before',
  tossed: 'while-it-cooks',
  brushed: 'while-it-cooks',
  dip: 'ahead',
  'spice-salt': 'ahead',
  topping: 'ahead',
};

/** Water below which a mixture keeps by itself, g per 100 g. Our choice. */
const DRY_BELOW_G = 15;

const isDelicate = ({ ingredient: { id, origin, per100g, group } }: Part): boolean =>
  origin === 'egg' ||
  origin === 'milk' ||
  origin === 'fish' ||
  group === 'food' ||
  id === 'garlic' ||
  (group === 'seasoning' && per100g.waterG > 50);

/** When a bowl is made and how long it keeps. A marinade met what is raw: it goes. */
export function keepsOf(use: SideUse, parts: readonly Part[]): Keeping {
  const made = MADE[use];
  if (use === 'marinade') return { made, days: 0 };
  if (massMean(parts, (i) => i.per100g.waterG) < DRY_BELOW_G) return { made, days: KEEPS_DAYS.dry };
  return { made, days: parts.some(isDelicate) ? KEEPS_DAYS.delicate : KEEPS_DAYS.usual };
}
