import { store } from './store';
import { begun, rememberedSettings, stepped, themeSet, unitsSwitched } from './settings';

/** What a browser keeps, and how often it was written. */
const kept = { text: '', writes: 0 };
const storage = {
  getItem: () => kept.text || null,
  setItem: (_: string, text: string) => void ((kept.text = text), (kept.writes += 1)),
};

beforeAll(() => void Object.assign(globalThis, { localStorage: storage }));
afterAll(() => void Reflect.deleteProperty(globalThis, 'localStorage'));

test('settings are remembered when they change, and only then', () => {
  store.dispatch(unitsSwitched());
  expect(JSON.parse(kept.text)).toMatchObject({ units: 'us' });
  store.dispatch(themeSet('iron'));
  expect(JSON.parse(kept.text)).toMatchObject({ units: 'us', theme: 'iron' });
  const { writes } = kept;
  store.dispatch({ type: 'anything else' });
  store.dispatch(themeSet('iron'));
  expect(kept.writes).toBe(writes);
});

test('the first steps come once: to whoever was never here, and to nobody who was', () => {
  kept.text = '';
  expect(rememberedSettings().step).toBe(1);
  kept.text = '{"units":"us"}';
  expect(rememberedSettings().step).toBe(0);
  for (const [stored, step] of [
    [3, 3],
    [5, 0],
    [-1, 0],
    ['2', 0],
  ] as const) {
    kept.text = JSON.stringify({ step: stored });
    expect(rememberedSettings().step).toBe(step);
  }
  // A dish that is begun leads on from the first of them, and begins none anew.
  store.dispatch(stepped(1));
  store.dispatch(begun());
  expect(store.getState().settings.step).toBe(2);
  store.dispatch(stepped(0));
  store.dispatch(begun());
  expect(store.getState().settings.step).toBe(0);
});
