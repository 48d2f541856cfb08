import { makePool, type Seat } from './pool';

/** A worker that dies when it is told to. */
function seats() {
  const opened: { die: () => void; closed: boolean }[] = [];
  const open = (): Seat<number> => {
    let die = (): void => undefined;
    const died = new Promise<never>((_, reject) => {
      die = () => reject(new Error('out of memory'));
    });
    died.catch(() => undefined);
    const seat = { die, closed: false };
    opened.push(seat);
    return { tool: opened.length, died, close: () => void (seat.closed = true) };
  };
  return { open, opened };
}

/** A task that ends when it is let go. */
function held<R>() {
  let letGo: (value: R) => void = () => undefined;
  const done = new Promise<R>((resolve) => {
    letGo = resolve;
  });
  return { task: () => done, letGo };
}

const soon = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

describe('the pool of workers', () => {
  test('opens no more than it may, and none before it is needed', async () => {
    const { open, opened } = seats();
    const pool = makePool(open, 2, () => undefined);
    expect(opened).toHaveLength(0);
    const answers = await Promise.all([1, 2, 3, 4, 5].map((n) => pool.run(async (tool) => [n, tool])));
    expect(opened).toHaveLength(2);
    expect(answers.map(([n]) => n)).toEqual([1, 2, 3, 4, 5]);
    expect(new Set(answers.map(([, tool]) => tool))).toEqual(new Set([1, 2]));
  });

  test('tasks wait for a free worker in the order in which they came', async () => {
    const pool = makePool(seats().open, 1, () => undefined);
    const first = held<string>();
    const order: string[] = [];
    const running = [
      pool.run(first.task).then((s) => order.push(s)),
      pool.run(async () => 'second').then((s) => order.push(s)),
      pool.run(async () => 'third').then((s) => order.push(s)),
    ];
    await soon();
    expect(order).toEqual([]);
    first.letGo('first');
    await Promise.all(running);
    expect(order).toEqual(['first', 'second', 'third']);
  });

  test('a worker that dies is replaced, its task begun once more, and the cook is told', async () => {
    const { open, opened } = seats();
    let told = 0;
    const pool = makePool(open, 1, () => void (told += 1));
    const never = held<number>();
    const answer = pool.run((tool) => (tool === 1 ? never.task() : Promise.resolve(tool)));
    await soon();
    opened[0].die();
    await expect(answer).resolves.toBe(2);
    expect(opened[0].closed).toBe(true);
    expect(told).toBe(1);
  });

  test('a task that kills two workers is given up, and the pool goes on', async () => {
    const { open, opened } = seats();
    const pool = makePool(open, 1, () => undefined);
    const answer = pool.run(() => held<number>().task());
    await soon();
    opened[0].die();
    await soon();
    opened[1].die();
    await expect(answer).rejects.toThrow('out of memory');
    await expect(pool.run(async (tool) => tool)).resolves.toBe(3);
  });

  test('an error of the task itself is the asker’s, and costs no worker', async () => {
    const { open, opened } = seats();
    const pool = makePool(open, 1, () => undefined);
    await expect(pool.run(() => Promise.reject(new RangeError('unknown food')))).rejects.toThrow('unknown food');
    await expect(pool.run(async (tool) => tool)).resolves.toBe(1);
    expect(opened).toHaveLength(1);
  });

  test('what is called off before it was begun is not begun', async () => {
    const pool = makePool(seats().open, 1, () => undefined);
    const first = held<string>();
    const running = pool.run(first.task);
    const called = new AbortController();
    let begun = false;
    const off = pool.run(async () => void (begun = true), called.signal);
    called.abort(new Error('called off'));
    first.letGo('done');
    await running;
    await expect(off).rejects.toThrow('called off');
    expect(begun).toBe(false);
  });
});
