import { createAction, createListenerMiddleware, isAnyOf, type UnknownAction } from '@reduxjs/toolkit';
import { bodyOfDocument, type ConversionBody, type ConversionDocument } from '@yellowmist/contract';
import { api, problemText, statusOf } from '../../state/api';
import { lazyMiddleware, store, type Dispatch, type RootState } from '../../state/store';
import { forgetUnsaved, keepUnsaved, leftOf } from '../../state/outbox';
import { dragged, laidOut, overwriting, sending, stored, unsaved } from './deskSlice';
import { recovered, sameBody, selectBody, type DishState } from './dishSlice';

/**
 * Saves the dish on the bench half a second after its last change, one save at a time, and tries again while the server
 * cannot be reached. A save that somebody overtook stops and asks; one whose answer was lost is found again.
 */

const PAUSE_MS = 500;
const RETRY_MS = 4000;

/** Save now: the cook is leaving, or wants it tried at once. */
export const saveNow = createAction('dish/saveNow');

const listener = createListenerMiddleware<RootState, Dispatch>();
lazyMiddleware.addMiddleware(listener.middleware as never);

const dishOf = (state: RootState): DishState | undefined => state.dish;

const isDirty = (dish: DishState): boolean => selectBody(dish) !== null && selectBody(dish) !== dish.desk.saved;
const mayGoOn = ({ desk }: DishState): boolean => desk.save !== 'conflict' && desk.save !== 'gone';

/** What the server has of a dish now. */
const readNow = (dispatch: Dispatch, id: string) =>
  dispatch(api.endpoints.conversion.initiate(id, { forceRefetch: true, subscribe: false })).unwrap();

/** The server has another version than ours: is it what we sent, and was the answer lost? */
async function reconcile(dispatch: Dispatch, id: string, body: ConversionBody, sent: ConversionBody | null) {
  const theirs = await readNow(dispatch, id);
  const same = [body, sent].find((mine) => mine !== null && sameBody(mine, bodyOfDocument(theirs)));
  if (same) dispatch(stored({ version: theirs.version, body: same }));
  else dispatch(unsaved({ save: 'conflict', problem: '' }));
}

/** One save of what lies on the bench; answers whether it may go on at once. */
async function saveOnce(dispatch: Dispatch, { body: history, desk }: DishState): Promise<boolean> {
  const { id, version, sent } = desk;
  const body = history.present!;
  dispatch(sending(body));
  try {
    const document = await dispatch(api.endpoints.save.initiate({ id, version, body })).unwrap();
    dispatch(stored({ version: document.version, body }));
    return true;
  } catch (error) {
    try {
      if (statusOf(error) === 409) {
        await reconcile(dispatch, id, body, sent);
        return true;
      }
    } catch {
      // The server went away in between: it is tried again like any other save.
    }
    const save = statusOf(error) === 404 ? 'gone' : 'failed';
    dispatch(unsaved({ save, problem: problemText(error) }));
    return save !== 'failed';
  }
}

const changed = (_: UnknownAction, now: RootState, before: RootState): boolean =>
  dishOf(now) !== undefined && dishOf(now)!.body.present !== dishOf(before)?.body.present;

/** While a hand drags, what it has come to is kept so often, ms: it writes nothing between two pictures. */
const HELD_MS = 250;
let held = false;

/** What is not saved yet is kept in the browser as well, from the very change on until the server has it. */
listener.startListening({
  predicate: (action, now, before) =>
    !laidOut.match(action) && (changed(action, now, before) || stored.match(action) || overwriting.match(action)),
  effect: async (_, { getState, condition }) => {
    if (held) return;
    if (dishOf(getState())!.desk.held) {
      held = true;
      await condition((action) => dragged.match(action) || laidOut.match(action), HELD_MS);
      held = false;
    }
    const { body, desk } = dishOf(getState())!;
    const kept = { version: desk.version, body: body.present!, at: Date.now() };
    if (isDirty({ body, desk })) await keepUnsaved(desk.id, kept);
    else await forgetUnsaved(desk.id);
  },
});

/**
 * Lays a stored dish on the bench, with what this window or one that is gone has changed of it and not saved: that is saved by itself, or stands
 * against what others have saved meanwhile. Answers whether there was anything.
 */
export async function layOut(document: ConversionDocument): Promise<boolean> {
  const left = await leftOf<ConversionBody>(document.id, true);
  store.dispatch(laidOut(document));
  if (!left || sameBody(left.body, bodyOfDocument(document))) {
    if (left) await forgetUnsaved(document.id);
    return false;
  }
  store.dispatch(recovered(left.body));
  if (left.version !== document.version) store.dispatch(unsaved({ save: 'conflict', problem: '' }));
  return true;
}

let running = false;

listener.startListening({
  predicate: (action, now, before) => changed(action, now, before) || isAnyOf(saveNow, overwriting)(action),
  effect: async (action, { dispatch, getState, condition }) => {
    if (running || laidOut.match(action)) return;
    running = true;
    let pauseMs = saveNow.match(action) ? 0 : PAUSE_MS;
    for (let dish = dishOf(getState())!; isDirty(dish) && mayGoOn(dish); dish = dishOf(getState())!) {
      const { present } = dish.body;
      const hurried = pauseMs === 0 || (await condition((a) => saveNow.match(a), pauseMs));
      const now = dishOf(getState())!;
      // What is still being changed waits for its last change.
      if (!hurried && now.body.present !== present) continue;
      if (!isDirty(now) || !mayGoOn(now)) break;
      pauseMs = (await saveOnce(dispatch, now)) ? PAUSE_MS : RETRY_MS;
    }
    running = false;
  },
});

/** Keeps what lies on the bench, over whatever the server has. @throws the failed request */
export async function keepMine(): Promise<void> {
  const { id } = dishOf(store.getState())!.desk;
  const { version } = await readNow(store.dispatch, id);
  store.dispatch(overwriting(version));
}

/** Takes what the server has. @throws the failed request */
export async function takeTheirs(): Promise<void> {
  const { id } = dishOf(store.getState())!.desk;
  store.dispatch(laidOut(await readNow(store.dispatch, id)));
  await forgetUnsaved(id);
}

/** What the server has of the dish on the bench. @throws the failed request */
export async function theirsNow(): Promise<ConversionBody> {
  const { id } = dishOf(store.getState())!.desk;
  return bodyOfDocument(await readNow(store.dispatch, id));
}

/** What was changed is not wanted. */
export const leaveBehind = (): Promise<void> => forgetUnsaved(dishOf(store.getState())!.desk.id);

/**
 * Brings a dish back that was put aside elsewhere, with what lies on the bench; one that is gone for good becomes a new
 * one. Answers its id. @throws the failed request
 */
export async function bringBack(): Promise<string> {
  const { desk, body } = dishOf(store.getState())!;
  try {
    const { version } = await store.dispatch(api.endpoints.restore.initiate(desk.id)).unwrap();
    store.dispatch(overwriting(version));
    return desk.id;
  } catch (error) {
    if (statusOf(error) !== 404) throw error;
    const made = await store.dispatch(api.endpoints.create.initiate(body.present!)).unwrap();
    store.dispatch(laidOut(made));
    return made.id;
  }
}
