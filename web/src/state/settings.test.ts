import { store } from './store';
import { themeSet, unitsSwitched } from './settings';

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
