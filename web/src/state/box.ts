import { clear, createStore, del, entries, keys, set, type UseStore } from 'idb-keyval';

/**
 * A place in the browser (IndexedDB) for what the server has not got yet. A browser that has none, or no room in it, goes on
 * without: the page itself still holds everything.
 */
export class Box<T> {
  private opened: UseStore | null = null;

  /** @param database of its own: another place in the same one would be made too late */
  constructor(
    private readonly database: string,
    private readonly name: string,
  ) {}

  private async at<R>(without: R, task: (store: UseStore) => Promise<R>): Promise<R> {
    if (typeof indexedDB === 'undefined') return without;
    try {
      this.opened ??= createStore(this.database, this.name);
      return await task(this.opened);
    } catch {
      return without;
    }
  }

  /** Whether it is kept. */
  keep(key: string, value: T): Promise<boolean> {
    return this.at(false, async (store) => {
      await set(key, value, store);
      return true;
    });
  }

  forget(key: string): Promise<void> {
    return this.at(undefined, (store) => del(key, store));
  }

  /** All of it, each with its key. */
  all(): Promise<[string, T][]> {
    return this.at<[string, T][]>([], (store) => entries<string, T>(store));
  }

  count(): Promise<number> {
    return this.at(0, async (store) => (await keys(store)).length);
  }

  empty(): Promise<void> {
    return this.at(undefined, (store) => clear(store));
  }
}
