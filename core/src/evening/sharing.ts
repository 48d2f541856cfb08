import type { BowlPart } from '../coat/index.js';
import type { SharedBowl } from '../supper/index.js';
import type { EveningDish, EveningBowl } from './types.js';

/** Bowls that do for two dishes: mixed once, for both, and used by the cleaner one first. */

/** What both need together, less what one of them alone would have left over; eggs are whole. */
function forBoth(a: readonly BowlPart[], b: readonly BowlPart[], savesG: number): BowlPart[] {
  const all = [...a, ...b].reduce((sum, p) => sum + p.grams, 0);
  return a.map((part) => {
    const other = b.find((p) => p.ingredientId === part.ingredientId);
    const wanted = (part.grams + (other?.grams ?? 0)) * (1 - savesG / all);
    const eachG = part.count ? part.grams / part.count : null;
    const count = eachG === null ? null : Math.max(1, Math.ceil(wanted / eachG - EGG_OVER));
    const grams = count !== null && eachG !== null ? count * eachG : wanted;
    return { ...part, grams, count, ml: part.ml === null ? null : (part.ml * grams) / part.grams };
  });
}
/** An egg that is a tenth too small is no second one. Our choice. */
const EGG_OVER = 0.1;

/**
 * The dishes with the bowls that they share: the first one's is mixed for all, the others take it from there.
 * @param shared bowls in common, in the order of coating
 * @param apart dishes that take no part in it: they are coated on another day
 */
export function withSharedBowls(
  dishes: readonly EveningDish[],
  shared: readonly SharedBowl[],
  apart: ReadonlySet<string>,
): EveningDish[] {
  const bowls = new Map(dishes.map((d) => [d.id, [...d.bowls] as EveningBowl[]]));
  for (const { from, to, fromAt, toAt, may, savesG } of shared) {
    if (!may || apart.has(from.id) || apart.has(to.id)) continue;
    const [mine, theirs] = [bowls.get(from.id)!, bowls.get(to.id)!];
    if (mine[fromAt].sharedFrom || theirs[toAt].sharedFrom) continue;
    const parts = forBoth(mine[fromAt].parts, theirs[toAt].parts, savesG);
    const names = [...(mine[fromAt].sharedWith ?? []), to.name];
    mine[fromAt] = { ...mine[fromAt], parts, sharedWith: names };
    theirs[toAt] = { ...theirs[toAt], sharedFrom: { id: from.id, name: from.name } };
  }
  return dishes.map((d) => ({ ...d, bowls: bowls.get(d.id)! }));
}
