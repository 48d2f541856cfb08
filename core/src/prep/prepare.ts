import type { Food, Preparation } from '../foods/index.js';
import type { PieceShape } from '../piece/index.js';
import type { Prepared } from './types.js';
import { wayMinutes, wayOf } from './ways.js';

/** Pieces that were made ready lately: every coat of a search asks for the same one. Foods are known ones, told by their id. */
const remembered = new Map<string, Prepared>();
const MOST_PREPARED = 200;

/**
 * The piece as it is when it is coated, made ready from a cut of the raw food: less water, softer, smaller, warmer.
 * Blanching and pre-roasting are simulated; the others follow the formulas of cold.ts.
 * @param minutes of pressing, salting, soaking, marinating, boiling or roasting; null = the usual ones
 */
export function prepare(food: Food, shape: PieceShape, way: Preparation, minutes: number | null = null): Prepared {
  const key = JSON.stringify([food.id, shape, way, minutes]);
  const known = remembered.get(key);
  if (known) return known;
  const cut = { food, shape };
  const prepared = wayOf(way).prepare(cut, wayMinutes(cut.food, shape, way, minutes));
  if (remembered.size >= MOST_PREPARED) remembered.clear();
  remembered.set(key, prepared);
  return prepared;
}
