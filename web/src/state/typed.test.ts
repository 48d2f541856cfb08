import { storage } from '../../testing/storage';
import { forgetTyped, keepTyped, typedAs } from './typed';

/** What is typed outlives the page: every window its own, a new one takes what was typed last. */

const openWindow = (): void => void (globalThis.sessionStorage = storage());
beforeEach(() => {
  globalThis.localStorage = storage();
  openWindow();
});

test('a page that is loaded anew shows what was typed; nothing was typed under another name', () => {
  keepTyped('dish', { food: '3 courgettes', bought: null });
  expect(typedAs('dish')).toEqual({ food: '3 courgettes', bought: null });
  expect(typedAs('recipe')).toBeNull();
});

test('two windows keep their own; a third takes what was typed last', () => {
  keepTyped('dish', 'courgettes');
  const first = globalThis.sessionStorage;
  openWindow();
  keepTyped('dish', 'okra');
  const second = globalThis.sessionStorage;
  globalThis.sessionStorage = first;
  expect(typedAs('dish')).toBe('courgettes');
  globalThis.sessionStorage = second;
  expect(typedAs('dish')).toBe('okra');
  openWindow();
  expect(typedAs('dish')).toBe('okra');
});

test('what is handed over is forgotten, and comes back in no window', () => {
  keepTyped('dish', 'courgettes');
  keepTyped('dish', null);
  expect(typedAs('dish')).toBeNull();
  openWindow();
  expect(typedAs('dish')).toBeNull();
});

test('signing out forgets all that was typed, and how things are shown here stays', () => {
  localStorage.setItem('yellowmist.settings', '{"units":"us"}');
  keepTyped('dish', 'courgettes');
  keepTyped('notes.7', 'for Ana, no nuts');
  forgetTyped();
  expect([typedAs('dish'), typedAs('notes.7')]).toEqual([null, null]);
  expect(Object.keys(localStorage)).toEqual(['yellowmist.settings']);
  expect(Object.keys(sessionStorage)).toEqual([]);
});

test('storage that refuses, or holds what cannot be read, does no harm', () => {
  const refuses = (): never => {
    throw new Error('full');
  };
  localStorage.setItem('yellowmist.typed.dish', '{half');
  expect(typedAs('dish')).toBeNull();
  globalThis.localStorage = { getItem: refuses, setItem: refuses, removeItem: refuses } as unknown as Storage;
  keepTyped('dish', 'okra');
  expect(typedAs('dish')).toBe('okra');
  globalThis.sessionStorage = globalThis.localStorage;
  keepTyped('dish', 'okra');
  expect(typedAs('dish')).toBeNull();
});
