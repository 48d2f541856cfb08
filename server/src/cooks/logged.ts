import type { CookBody, LoggedDish } from '@yellowmist/contract';
import { badFields } from '../common/problem.js';

/**
 * Which dish of a cook is meant: the only one where none is named.
 * @throws ProblemException 400 naming `dish` and which there are
 */
export function dishAskedFor({ programme }: CookBody, dish: string | undefined): string {
  const ids = programme.dishes.map((d) => d.id);
  if (dish === undefined && ids.length === 1) return ids[0];
  if (dish !== undefined && ids.includes(dish)) return dish;
  const allowed = programme.dishes.map((d) => `${d.id} (${d.name})`).join(', ');
  throw badFields([{ field: 'dish', message: `dish must be one of ${allowed}` }]);
}

/** The dishes of a cook as a list shows them: how each was cooked. */
export function loggedDishes({ programme, cookedBy }: CookBody): Omit<LoggedDish, 'record'>[] {
  return programme.dishes.flatMap(({ id, name }) => {
    const batches = programme.batches.filter((b) => b.dishId === id);
    const [batch] = batches;
    if (!batch) return [];
    const { tempC, minutes } = cookedBy?.what === 'other' ? cookedBy : batch.plan.settings;
    return [{ dish: id, name, fryer: batch.fryer.name, tempC, minutes, batches: batches.length }];
  });
}
