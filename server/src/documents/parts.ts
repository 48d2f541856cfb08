import { ProblemException } from '../common/problem.js';

/** Long lists: had in parts, and read while others have their turn. */

/** A part of a list: so many, from after one that is known. */
export interface Page {
  limit?: number;
  after?: string;
}

/**
 * The part of a list that is asked for.
 * @param word what an error calls one of them
 * @throws ProblemException 404 where the one that it is to follow is not in it
 */
export function pageOf<T extends { id: string }>(all: readonly T[], { limit, after }: Page, word: string): T[] {
  const at = after === undefined ? -1 : all.findIndex(({ id }) => id === after);
  if (after !== undefined && at < 0) throw new ProblemException(404, `There is no ${word} ${after}.`);
  return all.slice(at + 1, limit === undefined ? undefined : at + 1 + limit);
}

/** So long rows are read before others have their turn, ms. */
const AT_A_TIME_MS = 10;
const breath = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

/** All rows as they are read, one after the other; others are answered meanwhile. */
export async function readInTurns<Row, T>(rows: readonly Row[], read: (row: Row) => T | Promise<T>): Promise<T[]> {
  const found: T[] = [];
  let since = performance.now();
  for (const row of rows) {
    found.push(await read(row));
    if (performance.now() - since < AT_A_TIME_MS) continue;
    await breath();
    since = performance.now();
  }
  return found;
}
