import { emptyOutbox, unsavedCount } from './outbox';
import { forgetCooks, waitingOfCooks } from './taps';
import { forgetTyped } from './typed';
import { NOTES, PHOTOS } from './unsentHere';

/** What a browser holds of the kitchen, beside what it shows. */

/** Where the service worker keeps the documents that were last there. */
const DOCUMENTS = 'yellowmist-kitchen';

/** How many changes, photographs, cooks and taps are here that the server does not have. */
export const notSavedYet = async (): Promise<number> =>
  (await unsavedCount()) + (await PHOTOS.count()) + (await NOTES.count()) + waitingOfCooks();

/** Leaves nothing of the kitchen in this browser; how it is shown here stays. */
export async function forgetKitchen(): Promise<void> {
  forgetCooks();
  forgetTyped();
  await emptyOutbox();
  await PHOTOS.empty();
  await NOTES.empty();
  await globalThis.caches?.delete(DOCUMENTS);
}
