import { Box } from './box';
import { openWindows, WINDOW } from './outbox';

/**
 * Things that the server has not got yet, kept in the browser until it has: they outlive the page and the window. Each has
 * a key under which the server keeps it once, however often it is sent, and a window that looks after it.
 */
export interface Sendable {
  key: string;
  /** When it was made, ms since 1970. */
  at: number;
}

export class Unsent<T extends Sendable> {
  private readonly box: Box<{ owner: string; kept: T }>;

  /** @param database of its own */
  constructor(database: string) {
    this.box = new Box(database, 'unsent');
  }

  /** Keeps it until the server has it. Whether there was room for it. */
  readonly keep = (kept: T): Promise<boolean> => this.box.keep(kept.key, { owner: WINDOW, kept });

  /** The server has it, or it is not wanted any more. */
  readonly forget = (key: string): Promise<void> => this.box.forget(key);

  /** All that is kept here, but for what another window is still at; the oldest first. */
  async left(): Promise<T[]> {
    const open = await openWindows();
    return (await this.box.all())
      .flatMap(([, { owner, kept }]) => (owner === WINDOW || !open.has(owner) ? [kept] : []))
      .sort((a, b) => a.at - b.at);
  }

  readonly count = (): Promise<number> => this.box.count();

  readonly empty = (): Promise<void> => this.box.empty();
}
