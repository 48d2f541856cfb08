import { appendFileSync, renameSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** What was refused at the door, for a person to read: one line each, in a file beside the data. */

const FILE = 'refusals.log';
const EARLIER = 'refusals.earlier.log';
/** A file of this size is put aside for a new one; the one before that goes, bytes. */
const LARGEST_B = 500_000;
/** So many are written a minute; more are counted. */
const MOST_A_MINUTE = 60;
const MINUTE_MS = 60_000;
const LONGEST = 120;

/** Nothing of what was sent can begin a line of its own, or run on for ever. */
const plain = (text: string): string =>
  text
    .slice(0, LONGEST)
    .replace(/[^\x20-\x7e]/g, '?')
    .replaceAll('"', "'");

/** Who asked, and what for. */
export interface AskedBy {
  from: string;
  method: string;
  path: string;
  host: string;
  origin: string;
}

export interface Refused extends AskedBy {
  why: string;
}

/** Writes down what was refused, and never in the way of an answer: a disk that is full is no reason to let anybody in. */
export class RefusalLog {
  private minute = 0;
  private written = 0;
  private more = 0;

  constructor(
    private readonly folder: string,
    private readonly now: () => number = Date.now,
  ) {}

  refused({ from, method, path, host, origin, why }: Refused): void {
    const minute = Math.floor(this.now() / MINUTE_MS);
    if (minute !== this.minute) {
      if (this.more > 0) this.write(`and ${this.more} more within that minute`);
      this.minute = minute;
      this.written = this.more = 0;
    }
    if (this.written >= MOST_A_MINUTE) {
      this.more += 1;
      return;
    }
    this.written += 1;
    const page = origin ? `, from a page of "${plain(origin)}"` : '';
    this.write(`${plain(from)} asked ${plain(method)} "${plain(path)}" of "${plain(host)}"${page}: ${why}`);
  }

  private write(line: string): void {
    const file = join(this.folder, FILE);
    try {
      const { size } = statSync(file, { throwIfNoEntry: false }) ?? { size: 0 };
      if (size > LARGEST_B) renameSync(file, join(this.folder, EARLIER));
      appendFileSync(file, `${new Date(this.now()).toISOString()} ${line}\n`, { mode: 0o600 });
    } catch {
      // It is refused all the same.
    }
  }
}
