import { Kept } from '../src/learning/kept.js';

describe('an answer that is kept', () => {
  test('is found once, and anew when something has changed', async () => {
    let found = 0;
    const kept = new Kept<number>();
    const ask = () => kept.get(() => Promise.resolve(++found));
    expect([await ask(), await ask()]).toEqual([1, 1]);
    kept.forget();
    expect([await ask(), await ask()]).toEqual([2, 2]);
  });

  test('that failed is asked for again, and two at once ask once', async () => {
    let asked = 0;
    const kept = new Kept<string>();
    const fails = () => kept.get(() => (asked++, Promise.reject(new Error('too much waits'))));
    const both = [fails(), fails()];
    await expect(Promise.all(both)).rejects.toThrow('too much waits');
    await expect(kept.get(() => Promise.resolve('found'))).resolves.toBe('found');
    expect(asked).toBe(1);
  });

  test('that was being found when something changed is not kept', async () => {
    const kept = new Kept<string>();
    let end: (said: string) => void = () => undefined;
    const old = kept.get(() => new Promise<string>((resolve) => (end = resolve)));
    kept.forget();
    const now = kept.get(() => Promise.resolve('new'));
    end('old');
    expect([await old, await now, await kept.get(() => Promise.resolve('newer'))]).toEqual(['old', 'new', 'new']);
  });
});
