import * as work from './thread.js';

/** The work of the thread as it is handed over: an error of SQLite loses its words and its code on the way between threads. */

/** What a piece of work came to. */
export type Came<T> = { done: T } | { failed: { message: string; code: unknown } };

/** The same work, which answers how it failed. */
export const carried =
  <A, T>(task: (asked: A) => T | Promise<T>) =>
  async (asked: A): Promise<Came<T>> => {
    try {
      return { done: await task(asked) };
    } catch (error) {
      const { message, code } = error as Error & { code?: unknown };
      return { failed: { message, code } };
    }
  };

/** What was done. @throws Error with the words and the code that it failed with */
export function arrived<T>(came: Came<T>): T {
  if ('done' in came) return came.done;
  const { message, code } = came.failed;
  throw Object.assign(new Error(message), { code });
}

export const copyDatabase = carried(work.copyDatabase);
export const look = carried(work.look);
export const bringUp = carried(work.bringUp);
export const bringPhotos = carried(work.bringPhotos);
export const pack = carried(work.pack);
export const unpack = carried(work.unpack);
