import { clear, createStore, del, entries, keys, set, type UseStore } from 'idb-keyval';
import { openWindows, WINDOW } from './outbox';

/**
 * Photographs that the server has not got yet, kept in the browser until it has: they outlive the page and the window. Each
 * has a key under which the server keeps it once, however often it is sent.
 */

export interface KeptPhoto {
  key: string;
  /** Of which cook, and of which of its dishes. */
  cook: string;
  dish: string;
  file: File;
  /** ms since 1970. */
  at: number;
}

/** As it is stored: a file with its name, and the window that looks after it. */
interface Stored extends Omit<KeptPhoto, 'key' | 'file'> {
  owner: string;
  name: string;
  content: Blob;
}

let opened: UseStore | null = null;
/** Nowhere to keep anything in: the page itself still holds it. */
const store = (): UseStore | null =>
  typeof indexedDB === 'undefined' ? null : (opened ??= createStore('yellowmist-photographs', 'unsent'));

/** Keeps a photograph until the server has it. */
export async function keepPhoto({ key, file, ...rest }: KeptPhoto): Promise<void> {
  const box = store();
  const stored: Stored = { ...rest, owner: WINDOW, name: file.name, content: file };
  // A browser that has no room for it goes on without.
  if (box) await set(key, stored, box).catch(() => undefined);
}

/** The server has it, or it is not wanted any more. */
export async function forgetPhoto(key: string): Promise<void> {
  const box = store();
  if (box) await del(key, box).catch(() => undefined);
}

/** Photographs of a dish that are kept here, but for those that another window is still at; the oldest first. */
export async function photosLeft(cook: string, dish: string): Promise<KeptPhoto[]> {
  const box = store();
  if (!box) return [];
  try {
    const open = await openWindows();
    return (await entries<string, Stored>(box))
      .filter(([, p]) => p.cook === cook && p.dish === dish && (p.owner === WINDOW || !open.has(p.owner)))
      .sort(([, a], [, b]) => a.at - b.at)
      .map(([key, { owner: _, name, content, ...rest }]) => ({ ...rest, key, file: new File([content], name) }));
  } catch {
    return [];
  }
}

/** How many are kept here and not sent. */
export async function unsentPhotos(): Promise<number> {
  const box = store();
  return box ? (await keys(box).catch(() => [])).length : 0;
}

/** Forgets all of them. */
export async function forgetPhotos(): Promise<void> {
  const box = store();
  if (box) await clear(box).catch(() => undefined);
}
