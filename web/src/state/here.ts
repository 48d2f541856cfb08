/** Values kept in this browser as JSON. A browser without storage, or a full one, keeps nothing; the page itself still does. */

/** What is kept under a key; the other where nothing is, or nothing that can be read. */
export function readHere<T>(key: string, otherwise: T, box: () => Storage = () => localStorage): T {
  try {
    return (JSON.parse(box().getItem(key) ?? 'null') as T | null) ?? otherwise;
  } catch {
    return otherwise;
  }
}

/** Keeps a value; null forgets it. */
export function writeHere(key: string, value: unknown, box: () => Storage = () => localStorage): void {
  try {
    if (value === null) box().removeItem(key);
    else box().setItem(key, JSON.stringify(value));
  } catch {
    // Said above: the page itself still holds it.
  }
}
