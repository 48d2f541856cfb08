import { ProblemException } from '../common/problem.js';

/** How much may run, and wait. */
export interface Room {
  /** Tasks that run at once. */
  running: number;
  /** Tasks that wait, of all together and of one asker. */
  waiting: number;
  waitingOfOne: number;
  /** Seconds after which a full queue is half empty. */
  retryAfterS: number;
}

const NOBODY_WAITS = 'Nobody waits for it any more.';

interface Waiting {
  start: () => void;
  giveUp: (error: Error) => void;
}

/**
 * A bounded queue in which everybody who asks has a turn: of those who wait, the one is served whose last turn is longest
 * ago, and nobody fills all of it.
 */
export class FairQueue {
  private running = 0;
  /** What waits, by who asked; in the order in which they have their turns. */
  private readonly waiting = new Map<string, Waiting[]>();

  constructor(private readonly room: Room) {}

  /**
   * Does a task when its turn has come.
   * @param signal calls it off: while it waits it is forgotten at once
   * @throws ProblemException 503 with the seconds to wait where too much waits already; Error where it is called off
   */
  async run<T>(asker: string, task: () => Promise<T>, signal?: AbortSignal): Promise<T> {
    if (signal?.aborted) throw new Error(NOBODY_WAITS);
    if (this.running >= this.room.running) await this.turn(asker, signal);
    else this.running += 1;
    try {
      return await task();
    } finally {
      this.next();
    }
  }

  /** Waits for a turn; what runs hands its place on. */
  private turn(asker: string, signal?: AbortSignal): Promise<void> {
    const own = this.waiting.get(asker) ?? [];
    const all = [...this.waiting.values()].reduce((sum, list) => sum + list.length, 0);
    const { waiting, waitingOfOne, retryAfterS } = this.room;
    if (all >= waiting || own.length >= waitingOfOne)
      throw new ProblemException(503, `${all} others wait already. Try again soon.`, {}, retryAfterS);
    return new Promise((resolve, reject) => {
      const place: Waiting = { start: resolve, giveUp: reject };
      this.waiting.set(asker, [...own, place]);
      signal?.addEventListener(
        'abort',
        () => {
          if (this.forget(asker, place)) place.giveUp(new Error(NOBODY_WAITS));
        },
        { once: true },
      );
    });
  }

  /** Takes a task out of the queue; false where it has begun. */
  private forget(asker: string, place: Waiting): boolean {
    const own = this.waiting.get(asker) ?? [];
    if (!own.includes(place)) return false;
    this.put(
      asker,
      own.filter((other) => other !== place),
    );
    return true;
  }

  private put(asker: string, list: Waiting[]): void {
    if (list.length > 0) this.waiting.set(asker, list);
    else this.waiting.delete(asker);
  }

  private next(): void {
    const [turn] = this.waiting;
    if (!turn) {
      this.running -= 1;
      return;
    }
    const [asker, [first, ...others]] = turn;
    // Who was served goes to the end.
    this.waiting.delete(asker);
    this.put(asker, others);
    first.start();
  }
}
