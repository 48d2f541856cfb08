/** One worker with what can be asked of it. */
export interface Seat<T> {
  tool: T;
  /** Rejects when the worker dies, so that nobody waits for it for ever. */
  died: Promise<never>;
  close: () => void;
}

interface Job<T> {
  run: (tool: T) => Promise<unknown>;
  signal: AbortSignal | undefined;
  /** How often it has been begun. */
  tries: number;
  resolve: (value: never) => void;
  reject: (reason: unknown) => void;
}

export interface Pool<T> {
  /**
   * Runs a task on the next free worker. A worker that dies under it is replaced and the task is begun once more; a
   * second death is an error.
   * @throws the signal's reason when it is aborted before the task was begun; it leaves the queue at once
   */
  run: <R>(task: (tool: T) => Promise<R>, signal?: AbortSignal) => Promise<R>;
  /** Tasks that are not begun. */
  waiting: () => number;
}

const TRIES = 2;

/**
 * A pool of at most `size` workers, opened as they are needed.
 * @param onCrash told whenever a worker died and its task is begun again
 */
export function makePool<T>(open: () => Seat<T>, size: number, onCrash: () => void): Pool<T> {
  const idle: Seat<T>[] = [];
  const waiting: Job<T>[] = [];
  let opened = 0;

  const takeSeat = (): Seat<T> | undefined => {
    const seat = idle.pop();
    if (seat) return seat;
    if (opened >= size) return undefined;
    opened += 1;
    return open();
  };

  const workOn = async (seat: Seat<T>, job: Job<T>): Promise<void> => {
    let dead = false;
    const death = seat.died.catch((error: unknown) => {
      dead = true;
      throw error;
    });
    job.tries += 1;
    try {
      job.resolve((await Promise.race([job.run(seat.tool), death])) as never);
    } catch (error) {
      if (!dead || job.tries >= TRIES) job.reject(error);
      else {
        waiting.unshift(job);
        onCrash();
      }
    }
    if (dead) {
      seat.close();
      opened -= 1;
    } else idle.push(seat);
    next();
  };

  const next = (): void => {
    while (waiting.length > 0) {
      if (waiting[0].signal?.aborted) {
        const job = waiting.shift()!;
        job.reject(job.signal!.reason);
        continue;
      }
      const seat = takeSeat();
      if (!seat) return;
      void workOn(seat, waiting.shift()!);
    }
  };

  return {
    run: (task, signal) =>
      new Promise((resolve, reject) => {
        const job: Job<T> = { run: task, signal, tries: 0, resolve, reject };
        waiting.push(job);
        // What nobody asks any more does not stand in the way of others.
        signal?.addEventListener('abort', () => {
          const at = waiting.indexOf(job);
          if (at < 0) return;
          waiting.splice(at, 1);
          reject(signal.reason);
        });
        next();
      }),
    waiting: () => waiting.length,
  };
}
