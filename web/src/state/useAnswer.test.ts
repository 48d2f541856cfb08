import { watch } from './useAnswer';

const asked = (key: string) => {
  const told = { aborted: 0, unsubscribed: 0 };
  const running = {
    queryCacheKey: key,
    abort: () => void (told.aborted += 1),
    unsubscribe: () => void (told.unsubscribed += 1),
  };
  return { told, running };
};
const soon = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 2));

describe('a question that somebody looks at', () => {
  test('is called off when the last one leaves, and not before', async () => {
    const [first, second] = [asked('layout'), asked('layout')];
    const leave = [watch(first.running), watch(second.running)];
    leave[0]();
    await soon();
    expect(first.told).toEqual({ aborted: 0, unsubscribed: 1 });
    leave[1]();
    await soon();
    // By the one that asked first: the other only joined it.
    expect(first.told.aborted).toBe(1);
    expect(second.told).toEqual({ aborted: 0, unsubscribed: 1 });
  });

  test('goes on when it is asked again in the same breath', async () => {
    const [before, after] = [asked('water'), asked('water')];
    watch(before.running)();
    const leave = watch(after.running);
    await soon();
    expect(before.told.aborted).toBe(0);
    leave();
    await soon();
    expect(before.told.aborted).toBe(1);
  });
});
