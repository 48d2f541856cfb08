import { harmfulTraces, isRawFlesh, orderOf, soilOf, type Guest } from '../../supper/index.js';
import type { EveningDish } from '../types.js';

/** Two dishes of which one must be coated, and in the same fryer cooked, before the other. */
export interface Before {
  first: EveningDish;
  then: EveningDish;
  /** Whether their batches in one fryer keep that order, too: an allergen, not only raw juice that the heat deals with. */
  inFryer: boolean;
  /** What is washed away between them where the first would harm a guest of the other. */
  wash: { guest: Guest; allergens: ReturnType<typeof harmfulTraces>[number]['allergens'] }[];
}

/** The order that allergens and raw flesh ask for, of every two dishes that have one; the rest is free. */
export function bindingOrder(dishes: readonly EveningDish[], guests: readonly Guest[]): Before[] {
  const byId = new Map(dishes.map((d) => [d.id, d]));
  const ordered = orderOf(dishes, guests).map((t) => byId.get(t.dish.id)!);
  return ordered.flatMap((first, i) =>
    ordered.slice(i + 1).flatMap((then): Before[] => {
      const wash = harmfulTraces(first, then, guests);
      const kept = harmfulTraces(then, first, guests);
      if (wash.length > 0 || kept.length > 0) return [{ first, then, inFryer: true, wash }];
      return isRawFlesh(then) && soilOf(then) > soilOf(first) ? [{ first, then, inFryer: false, wash: [] }] : [];
    }),
  );
}
