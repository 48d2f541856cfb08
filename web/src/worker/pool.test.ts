import { makePool, type Seat } from './pool';

interface Tool {
  id: number;
  kill: () => void;
}

/** Workers that live in this thread; each can be killed. */
function workshop() {
  const log = { opened: 0, closed: 0, crashes: 0 };
  const open = (): Seat<Tool> => {
    let kill = (): void => undefined;
    const died = new Promise<never>((_, reject) => {
      kill = () => reject(new Error('The computation stopped.'));
    });
    died.catch(() => undefined);
    log.opened += 1;
    return { tool: { id: log.opened, kill }, died, close: () => void (log.closed += 1) };
  };
  const pool = makePool(open, 2, () => void (log.crashes += 1));
  return { log, pool };
}

const later = <T>(value: T): Promise<T> => new Promise((resolve) => setTimeout(() => resolve(value), 5));
const never = (): Promise<never> => new Promise(() => undefined);

describe('a pool of workers', () => {
  test('runs as many tasks at a time as it has workers, and all of them in the end', async () => {
    const { log, pool } = workshop();
    let running = 0;
    let most = 0;
    const task = async ({ id }: Tool): Promise<number> => {
      most = Math.max(most, ++running);
      await later(null);
      running -= 1;
      return id;
    };
    const ids = await Promise.all(Array.from({ length: 7 }, () => pool.run(task)));
    expect(new Set(ids)).toEqual(new Set([1, 2]));
    expect(most).toBe(2);
    expect(log.opened).toBe(2);
  });

  test('a worker that dies is replaced, its task begun again, and that is told', async () => {
    const { log, pool } = workshop();
    const answer = await pool.run((tool) => {
      if (tool.id > 1) return later(`from worker ${tool.id}`);
      tool.kill();
      return never();
    });
    expect(answer).toBe('from worker 2');
    expect(log).toEqual({ opened: 2, closed: 1, crashes: 1 });
  });

  test('a task that kills every worker is an error, and the pool goes on', async () => {
    const { log, pool } = workshop();
    const deadly = pool.run((tool) => {
      tool.kill();
      return never();
    });
    await expect(deadly).rejects.toThrow('The computation stopped.');
    await expect(pool.run(() => later('well'))).resolves.toBe('well');
    expect(log.closed).toBe(2);
  });

  test('an error of the task is its own, and costs no worker', async () => {
    const { log, pool } = workshop();
    await expect(pool.run(() => Promise.reject(new RangeError('no such food')))).rejects.toThrow('no such food');
    await pool.run(() => later(1));
    expect(log).toEqual({ opened: 1, closed: 0, crashes: 0 });
  });

  test('what waits and is called off is never begun', async () => {
    const { pool } = workshop();
    const off = new AbortController();
    const begun: string[] = [];
    const task = (name: string) => (): Promise<void> => {
      begun.push(name);
      return later(undefined);
    };
    const all = [pool.run(task('a')), pool.run(task('b')), pool.run(task('c'), off.signal)];
    off.abort(new Error('called off'));
    const results = await Promise.allSettled(all);
    expect(results.map((r) => r.status)).toEqual(['fulfilled', 'fulfilled', 'rejected']);
    expect(begun).toEqual(['a', 'b']);
  });
});
