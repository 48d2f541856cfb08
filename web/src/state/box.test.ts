import { Box } from './box';

// There is no IndexedDB here, as in a browser that keeps nothing: what is really kept is tried in e2e/tests/away.spec.ts.
test('a browser that keeps nothing says so, and goes on without', async () => {
  const box = new Box<string>('nowhere', 'nothing');
  expect(await box.keep('a', 'plate')).toBe(false);
  expect(await box.all()).toEqual([]);
  expect(await box.count()).toBe(0);
  await Promise.all([box.forget('a'), box.empty()]);
});

describe('a place that cannot be read', () => {
  beforeAll(() => {
    const open = (): never => {
      throw new Error('no room');
    };
    Object.assign(globalThis, { indexedDB: { open } });
  });
  afterAll(() => Reflect.deleteProperty(globalThis, 'indexedDB'));

  test('is as good as none', async () => {
    const box = new Box<string>('full', 'nothing');
    expect(await box.keep('a', 'plate')).toBe(false);
    expect(await box.all()).toEqual([]);
  });
});
