import { Box } from './box';
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

const box = new Box<Stored>('yellowmist-photographs', 'unsent');

/** Keeps a photograph until the server has it. Whether there was room for it. */
export const keepPhoto = ({ key, file, ...rest }: KeptPhoto): Promise<boolean> =>
  box.keep(key, { ...rest, owner: WINDOW, name: file.name, content: file });

/** The server has it, or it is not wanted any more. */
export const forgetPhoto = (key: string): Promise<void> => box.forget(key);

/** Photographs of a dish that are kept here, but for those that another window is still at; the oldest first. */
export async function photosLeft(cook: string, dish: string): Promise<KeptPhoto[]> {
  const open = await openWindows();
  return (await box.all())
    .filter(([, p]) => p.cook === cook && p.dish === dish && (p.owner === WINDOW || !open.has(p.owner)))
    .sort(([, a], [, b]) => a.at - b.at)
    .map(([key, { owner: _, name, content, ...rest }]) => ({ ...rest, key, file: new File([content], name) }));
}

/** How many are kept here and not sent. */
export const unsentPhotos = (): Promise<number> => box.count();

/** Forgets all of them. */
export const forgetPhotos = (): Promise<void> => box.empty();
