import { v4 as newId } from 'uuid';
import { Box } from './box';

/**
 * What was changed and not saved yet, kept in the browser until the server has it: it outlives the page, the window and
 * the server. Every window keeps its own, so that none hands over what another is still at.
 */

export interface Kept<Body> {
  /** The version that was changed. */
  version: number;
  body: Body;
  /** ms since 1970. */
  at: number;
}

/** This window, as long as it lives: what holds this lock looks after its own changes. */
export const WINDOW = newId();
const LOCK = 'yellowmist-window-';

const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
// Held until the window goes, however it goes.
void locks?.request(`${LOCK}${WINDOW}`, () => new Promise(() => undefined));

/** Windows that are open now; only this one where the browser does not tell. */
export async function openWindows(): Promise<Set<string>> {
  const { held = [] } = (await locks?.query().catch(() => undefined)) ?? {};
  const names = held.flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : []));
  return new Set([...names, WINDOW]);
}

const box = new Box<Kept<unknown>>('yellowmist-outbox', 'unsaved');

const keyOf = (id: string, owner: string): string => `${id} ${owner}`;

/** Keeps what was changed of a document until the server has it. */
export const keepUnsaved = <Body>(id: string, kept: Kept<Body>): Promise<boolean> => box.keep(keyOf(id, WINDOW), kept);

/** The server has it, or it is not wanted any more. */
export const forgetUnsaved = (id: string, owner = WINDOW): Promise<void> => box.forget(keyOf(id, owner));

/** A window that goes may hold its lock a moment longer: it is looked again so often, after so long, ms. */
const LOOKS = 4;
const LOOK_AGAIN_MS = 800;

/**
 * The last of what windows that are gone have left of a document; taken out, as it is this window's from now on.
 * @param own what this window has left as well: it went to another page and is back
 */
export async function leftOf<Body>(id: string, own = false): Promise<Kept<Body> | null> {
  for (let look = 1; ; look++) {
    const open = await openWindows();
    const all = ((await box.all()) as [string, Kept<Body>][]).filter(([key]) => key.startsWith(`${id} `));
    const ownerOf = (key: string): string => key.slice(id.length + 1);
    const left = all.filter(([key]) => !open.has(ownerOf(key)) || (own && ownerOf(key) === WINDOW));
    const [newest] = left.map(([, kept]) => kept).sort((a, b) => b.at - a.at);
    if (newest) {
      await keepUnsaved(id, newest);
      for (const [key] of left) if (ownerOf(key) !== WINDOW) await box.forget(key);
      return newest;
    }
    if (look === LOOKS || all.every(([key]) => ownerOf(key) === WINDOW)) return null;
    await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN_MS));
  }
}

/** Forgets all of them, those of other windows as well. */
export const emptyOutbox = (): Promise<void> => box.empty();

/** How many changes of documents are kept here and not saved. */
export const unsavedCount = (): Promise<number> => box.count();
