import { ProblemException } from '../src/common/problem.js';
import { FairQueue } from '../src/compute/fairQueue.js';

const ROOM = { running: 1, waiting: 6, waitingOfOne: 4, retryAfterS: 10 };

/** A task that ends when it is told to, and notes that it was begun. */
function work(begun: string[]) {
  const ends: (() => void)[] = [];
  const task = (name: string) => (): Promise<string> => {
    begun.push(name);
    return new Promise((resolve) => ends.push(() => resolve(name)));
  };
  const end = async (): Promise<void> => {
    ends.shift()!();
    for (let k = 0; k < 5; k++) await Promise.resolve();
  };
  return { task, end };
}

test('everybody has a turn: who asks once does not wait for all of who asks often', async () => {
  const begun: string[] = [];
  const { task, end } = work(begun);
  const queue = new FairQueue(ROOM);
  const all = [
    ...['a1', 'a2', 'a3', 'a4'].map((name) => queue.run('a', task(name))),
    ...['b1', 'b2'].map((name) => queue.run('b', task(name))),
    queue.run('c', task('c1')),
  ];
  for (let k = 0; k < 7; k++) await end();
  expect(await Promise.all(all)).toEqual(['a1', 'a2', 'a3', 'a4', 'b1', 'b2', 'c1']);
  expect(begun).toEqual(['a1', 'a2', 'b1', 'c1', 'a3', 'b2', 'a4']);
});

test('nobody fills all of it, and a full queue says when to come again', async () => {
  const { task, end } = work([]);
  const queue = new FairQueue(ROOM);
  const mine = Array.from({ length: 6 }, (_, k) => queue.run('a', task(`a${k}`)).catch((error: unknown) => error));
  // One runs, four wait.
  expect(await mine[5]).toBeInstanceOf(ProblemException);
  expect(((await mine[5]) as ProblemException).retryAfterS).toBe(10);
  const others = ['b1', 'b2'].map((name) => queue.run('b', task(name)));
  await expect(queue.run('c', task('c1'))).rejects.toMatchObject({ response: { status: 503 } });
  for (let k = 0; k < 7; k++) await end();
  expect(await Promise.all([...mine.slice(0, 5), ...others])).toEqual(['a0', 'a1', 'a2', 'a3', 'a4', 'b1', 'b2']);
});

test('who has gone makes room at once, and what it asked for is never begun', async () => {
  const begun: string[] = [];
  const { task, end } = work(begun);
  const queue = new FairQueue(ROOM);
  const gone = new AbortController();
  const first = queue.run('a', task('first'));
  const left = [1, 2, 3, 4].map((k) =>
    queue.run('a', task(`left ${k}`), gone.signal).catch((error: Error) => error.message),
  );
  gone.abort();
  expect(new Set(await Promise.all(left))).toEqual(new Set(['Nobody waits for it any more.']));
  const last = queue.run('a', task('last'));
  await end();
  await end();
  expect(await Promise.all([first, last])).toEqual(['first', 'last']);
  expect(begun).toEqual(['first', 'last']);
});

test('who has gone before it asks takes no place, whether it would have waited or not', async () => {
  const begun: string[] = [];
  const { task, end } = work(begun);
  const queue = new FairQueue(ROOM);
  const gone = AbortSignal.abort();
  await expect(queue.run('a', task('alone'), gone)).rejects.toThrow('Nobody waits');
  const first = queue.run('a', task('first'));
  for (let k = 0; k < 9; k++) await expect(queue.run('a', task('left'), gone)).rejects.toThrow('Nobody waits');
  const last = queue.run('a', task('last'));
  await end();
  await end();
  expect(await Promise.all([first, last])).toEqual(['first', 'last']);
  expect(begun).toEqual(['first', 'last']);
});

test('a task that fails hands its place on', async () => {
  const queue = new FairQueue(ROOM);
  const failing = queue.run('a', () => Promise.reject(new Error('no')));
  const next = queue.run('b', () => Promise.resolve('yes'));
  await expect(failing).rejects.toThrow('no');
  expect(await next).toBe('yes');
});
