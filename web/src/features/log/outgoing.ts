import { api, problemText } from '../../state/api';
import { handOverCooks } from '../../state/handingOver';
import { SendQueue } from '../../state/sendQueue';
import { store } from '../../state/store';
import { tell } from '../../state/toast';
import { NOTES, PHOTOS, type KeptNote, type KeptPhoto } from '../../state/unsentHere';
import * as texts from './texts';

/** What goes to the server by itself, whichever page of the kitchen is open. */

const { addPhoto, startCook } = api.endpoints;
const UNTRACKED = { track: false } as const;

/** Photographs of dishes. */
export const photographs = new SendQueue<KeptPhoto>({
  send: ({ key, cook, dish, file }) =>
    store.dispatch(addPhoto.initiate({ id: cook, dish, file, key }, UNTRACKED)).unwrap(),
  keep: PHOTOS.keep,
  forget: PHOTOS.forget,
  // The field's own name says nothing on a page that has no other.
  words: (error) => problemText(error).replace(/^photo /, 'It '),
});

/** Cooks that were noted while the server was away. */
export const notes = new SendQueue<KeptNote>({
  send: ({ key, request }) => store.dispatch(startCook.initiate({ ...request, key }, UNTRACKED)).unwrap(),
  keep: NOTES.keep,
  forget: NOTES.forget,
  sent: ({ name }) => void tell(texts.isNotedNow(name)),
});

/** Notes a cook as soon as there is a server. */
export const noteLater = (note: Omit<KeptNote, 'at'>): void => notes.add([{ ...note, at: Date.now() }]);

/** What windows that are gone have left is looked for so often, ms. */
const LOOKS_EVERY_MS = 30_000;

/** What waits of cooks is little and close at hand: it is handed over so often, ms. */
const COOKS_EVERY_MS = 5_000;

async function takeOver(): Promise<void> {
  photographs.add(await PHOTOS.left());
  notes.add(await NOTES.left());
}

/** Sends what this window and those that are gone have left, from now on. */
export function beginSending(): void {
  void takeOver();
  setInterval(() => void takeOver(), LOOKS_EVERY_MS);
  handOverCooks();
  setInterval(handOverCooks, COOKS_EVERY_MS);
}
