/** What is compared, each so that more is better: negate what should be small. */
export type Merits<T> = readonly ((item: T) => number)[];

const dominates = <T>(a: T, b: T, merits: Merits<T>): boolean =>
  merits.every((m) => m(a) >= m(b)) && merits.some((m) => m(a) > m(b));

/**
 * The Pareto set: the items that no other beats in one merit without losing in another. Of several that are equal in
 * all merits, all are in it. In the order given.
 */
export const paretoSet = <T>(items: readonly T[], merits: Merits<T>): T[] =>
  items.filter((item) => !items.some((other) => dominates(other, item, merits)));
