import { problemText, statusOf } from './api';
import { RETRY_MS } from './edits';
import type { Sendable } from './unsent';

/** How far something is that the server has not got yet. */
interface OnItsWay {
  /** Why it was not taken; null while it is on its way. */
  problem: string | null;
  /** What may still come of it: nothing, a hand that tries again, or it is tried again by itself. */
  then: 'nothing' | 'by hand' | 'by itself';
  /** It is kept in the browser: it outlives this page. */
  here: boolean;
}

export type Waiting<T extends Sendable> = T & OnItsWay;

/** Where things go, and where they are kept meanwhile. */
export interface Way<T extends Sendable> {
  /** Hands one over; throws what the server said against it. */
  send: (one: T) => Promise<unknown>;
  keep: (one: T) => Promise<boolean>;
  forget: (key: string) => Promise<void>;
  /** What the server said against one, in words. */
  words?: (error: unknown) => string;
  /** One is with the server. */
  sent?: (one: T) => void;
}

/** It is none, of something that is gone, or too large: it is not taken however often it is sent. */
const NEVER = [400, 404, 413];
/** There is no room for it where it goes: somebody has to make some first. */
const FULL = 409;
/** A server that answers is asked less and less often: at the latest after so long, ms. */
const LONGEST_MS = 60_000;

const thenOf = (status: number | undefined): OnItsWay['then'] => {
  if (status !== undefined && NEVER.includes(status)) return 'nothing';
  return status === FULL ? 'by hand' : 'by itself';
};

/**
 * Things on their way to the server, one after the other and in their order, kept in the browser meanwhile. What finds no
 * server is sent again until it is there, and what stands behind it waits; what is refused lets the next one past.
 */
export class SendQueue<T extends Sendable> {
  private all: readonly Waiting<T>[] = [];
  /** Sent, or given up: a look at what is kept here may have begun before. */
  private readonly gone = new Set<string>();
  private running = false;
  private wake: () => void = () => undefined;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly way: Way<T>,
    private readonly retryMs = RETRY_MS,
  ) {}

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  readonly now = (): readonly Waiting<T>[] => this.all;

  /**
   * Takes more, each once.
   * @param refusal why one is not even sent; null where it is
   */
  add(more: readonly T[], refusal: (one: T) => string | null = () => null): void {
    const fresh = more.filter(({ key }) => !this.gone.has(key) && !this.all.some((w) => w.key === key));
    if (fresh.length === 0) return;
    this.set([
      ...this.all,
      ...fresh.map((one): Waiting<T> => {
        const problem = refusal(one);
        if (problem === null) void this.way.keep(one).then((here) => this.put(one.key, { here }));
        return { ...one, problem, then: problem === null ? 'by itself' : 'nothing', here: false };
      }),
    ]);
    void this.run();
  }

  /** Sends one again that was not taken. */
  again(key: string): void {
    this.put(key, { problem: null, then: 'by itself' });
    this.wake();
    void this.run();
  }

  /** Gives one up. */
  drop(key: string): void {
    this.gone.add(key);
    void this.way.forget(key);
    this.set(this.all.filter((w) => w.key !== key));
    this.wake();
  }

  private set(all: readonly Waiting<T>[]): void {
    this.all = all;
    this.listeners.forEach((tell) => tell());
  }

  private put(key: string, part: Partial<OnItsWay>): void {
    this.set(this.all.map((w) => (w.key === key ? { ...w, ...part } : w)));
  }

  private async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    let pauseMs = this.retryMs;
    for (;;) {
      const next = this.all.find((w) => w.then === 'by itself');
      if (!next) break;
      const status = await this.handOver(next);
      if (status === 'through') {
        pauseMs = this.retryMs;
        continue;
      }
      await new Promise<void>((resolve) => {
        const soon = setTimeout(resolve, pauseMs);
        this.wake = () => {
          clearTimeout(soon);
          resolve();
        };
      });
      // Where nobody answers, it costs nobody anything to ask.
      pauseMs = status === undefined ? this.retryMs : Math.min(LONGEST_MS, 2 * pauseMs);
    }
    this.running = false;
  }

  /** Whether one is through, taken or refused; otherwise what the server answered, if it did. */
  private async handOver(one: Waiting<T>): Promise<'through' | number | undefined> {
    const { send, forget, words = problemText, sent } = this.way;
    try {
      await send(one);
    } catch (error) {
      const status = statusOf(error);
      const then = thenOf(status);
      if (then === 'nothing') void forget(one.key);
      this.put(one.key, { problem: words(error), then });
      return then === 'by itself' ? status : 'through';
    }
    this.drop(one.key);
    sent?.(one);
    return 'through';
  }
}
