import type { CookBody, LoggedDish, SeenRecord } from '@yellowmist/contract';

/** One dish of a cook in the list: how it was cooked, and came out. */
export function loggedDishes({ programme, cookedBy }: CookBody, records: readonly SeenRecord[]): LoggedDish[] {
  return programme.dishes.flatMap(({ id, name }) => {
    const batches = programme.batches.filter((b) => b.dishId === id);
    const [batch] = batches;
    if (!batch) return [];
    const { tempC, minutes } = cookedBy?.what === 'other' ? cookedBy : batch.plan.settings;
    const record = records.find((r) => r.dish === id) ?? null;
    return [{ dish: id, name, fryer: batch.fryer.name, tempC, minutes, batches: batches.length, record }];
  });
}
