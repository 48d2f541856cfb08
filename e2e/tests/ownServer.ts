import type { Page } from '@playwright/test';
import { readFileSync, writeFileSync } from 'node:fs';
import { RunningServer } from '../../server/test/running';

/** Pages of a database file after its first ones, in bytes. */
const SPOILED = { from: 4096 * 3, to: 4096 * 9 } as const;

/** A server of one journey alone, found again under the same address however often it is killed and started. */
export class OwnServer extends RunningServer {
  readonly url: string;

  constructor(port: number) {
    super([], port);
    this.url = `http://127.0.0.1:${port}`;
  }

  /** The window dies, the server comes back, and another window of the same browser is opened. */
  async backAfter(page: Page): Promise<Page> {
    await page.close({ runBeforeUnload: false });
    await this.start();
    return page.context().newPage();
  }

  /** What a dying disk does to a database. */
  spoil(): void {
    const bytes = readFileSync(this.file);
    bytes.fill(0x5a, SPOILED.from, SPOILED.to);
    writeFileSync(this.file, bytes);
  }
}
