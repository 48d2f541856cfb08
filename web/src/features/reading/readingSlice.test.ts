import { ActionCreators } from 'redux-undo';
import { storage } from '../../../testing/storage';
import { store } from '../../state/store';
import { typedAs } from '../../state/typed';
import { brought, lineMoved, readingReducer } from './readingSlice';

const TO_DUST = { takenFor: 'dust', bowl: 'dust' } as const;

test('what is put right is undone and done again, and goes with its recipe', () => {
  let state = readingReducer(undefined, brought('Okra'));
  state = readingReducer(state, lineMoved({ at: 2, to: TO_DUST }));
  state = readingReducer(state, lineMoved({ at: 2, to: { takenFor: 'other' } }));
  state = readingReducer(state, ActionCreators.undo());
  expect(state.present).toEqual({ text: 'Okra', moved: { 2: TO_DUST } });
  state = readingReducer(state, ActionCreators.redo());
  expect(state.present.moved[2]).toEqual({ takenFor: 'other' });
  state = readingReducer(state, brought('Leek'));
  expect(state.present).toEqual({ text: 'Leek', moved: {} });
  // The recipe before is a step back, with all that was put right of it.
  expect(readingReducer(state, ActionCreators.undo()).present.text).toBe('Okra');
});

test('what is brought is kept in this browser; a page that is there and was never used keeps nothing', async () => {
  globalThis.localStorage = storage();
  globalThis.sessionStorage = storage();
  store.dispatch({ type: 'another page' });
  await Promise.resolve();
  expect(Object.keys(localStorage)).toEqual([]);
  store.dispatch(brought('Okra'));
  await Promise.resolve();
  expect(typedAs('recipe')).toEqual({ text: 'Okra', moved: {} });
});
