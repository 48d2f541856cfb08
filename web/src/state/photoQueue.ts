import { problemText, statusOf } from './api';
import { RETRY_MS } from './edits';
import { forgetPhoto, keepPhoto, type KeptPhoto } from './photosHere';

/** A picture that was chosen and that the server has not got yet. */
export interface WaitingPhoto extends KeptPhoto {
  /** Why it was not taken; null while it is on its way. */
  problem: string | null;
  /** What may still come of it: nothing, a hand that tries again, or it is tried again by itself. */
  then: 'nothing' | 'by hand' | 'by itself';
  /** It is kept in the browser: it outlives this page. */
  here: boolean;
}

/** No picture, of a cook that is gone, or too large: it is not taken however often it is sent. */
const NEVER = [400, 404, 413];
/** The cook has as many as it may: somebody has to take one away first. */
const FULL = 409;
/** A server that answers is asked less and less often: at the latest after so long, ms. */
const LONGEST_MS = 60_000;

const thenOf = (status: number | undefined): WaitingPhoto['then'] => {
  if (status !== undefined && NEVER.includes(status)) return 'nothing';
  return status === FULL ? 'by hand' : 'by itself';
};

/**
 * Photographs on their way to the server, one after the other and in their order, kept in the browser meanwhile. What finds
 * no server is sent again until it is there, and what stands behind it waits; what is refused lets the next one past.
 */
export class PhotoQueue {
  private all: readonly WaitingPhoto[] = [];
  private running = false;
  private stopped = false;
  private wake: () => void = () => undefined;
  private readonly listeners = new Set<() => void>();

  /**
   * @param send hands one over; throws what the server said against it
   * @param refusal why a picture is not even sent; null where it is
   */
  constructor(
    private readonly send: (photo: KeptPhoto) => Promise<unknown>,
    private readonly refusal: (file: File) => string | null = () => null,
    private readonly retryMs = RETRY_MS,
  ) {}

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  readonly now = (): readonly WaitingPhoto[] => this.all;

  /** Takes more, each once. */
  add(photos: readonly KeptPhoto[]): void {
    const fresh = photos.filter(({ key }) => !this.all.some((w) => w.key === key));
    this.set([
      ...this.all,
      ...fresh.map((photo): WaitingPhoto => {
        const problem = this.refusal(photo.file);
        if (problem === null) void keepPhoto(photo).then((here) => this.put(photo.key, { here }));
        return { ...photo, problem, then: problem === null ? 'by itself' : 'nothing', here: false };
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
    void forgetPhoto(key);
    this.set(this.all.filter((w) => w.key !== key));
    this.wake();
  }

  /** Goes on after it was stopped. */
  start(): void {
    this.stopped = false;
    void this.run();
  }

  /** Sends nothing any more; what waits stays in the browser. */
  stop(): void {
    this.stopped = true;
    this.wake();
  }

  private set(all: readonly WaitingPhoto[]): void {
    this.all = all;
    this.listeners.forEach((tell) => tell());
  }

  private put(key: string, part: Partial<WaitingPhoto>): void {
    this.set(this.all.map((w) => (w.key === key ? { ...w, ...part } : w)));
  }

  private async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    let pauseMs = this.retryMs;
    for (;;) {
      const next = this.stopped ? undefined : this.all.find((w) => w.then === 'by itself');
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
  private async handOver({ key, cook, dish, file, at }: WaitingPhoto): Promise<'through' | number | undefined> {
    try {
      await this.send({ key, cook, dish, file, at });
      this.drop(key);
      return 'through';
    } catch (error) {
      const status = statusOf(error);
      const then = thenOf(status);
      if (then === 'nothing') void forgetPhoto(key);
      // The field's own name says nothing on a page that has no other.
      this.put(key, { problem: problemText(error).replace(/^photo /, 'It '), then });
      return then === 'by itself' ? status : 'through';
    }
  }
}
