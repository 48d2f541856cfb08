import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const PATIENCE_MS = 30_000;
/** Pages of a database file after its first ones, in bytes. */
const SPOILED = { from: 4096 * 3, to: 4096 * 9 } as const;

/** A server of one journey alone, which may be killed, spoiled and started again over the same folder. */
export class OwnServer {
  private child: ChildProcess | null = null;
  private readonly folder = mkdtempSync(join(tmpdir(), 'yellowmist-journey-'));
  readonly url: string;

  constructor(private readonly port: number) {
    this.url = `http://127.0.0.1:${port}`;
  }

  async start(): Promise<void> {
    this.child = spawn('node', ['server/dist/bundle/main.js'], {
      env: { ...process.env, YELLOWMIST_PORT: String(this.port), YELLOWMIST_DATA: this.folder },
    });
    const until = Date.now() + PATIENCE_MS;
    while (Date.now() < until) {
      if (
        await fetch(`${this.url}/api/health`).then(
          (r) => r.ok,
          () => false,
        )
      )
        return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error(`No server at ${this.url}.`);
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await gone;
  }

  /** What a dying disk does to a database. */
  spoil(): void {
    const file = join(this.folder, 'yellowmist.sqlite');
    const bytes = readFileSync(file);
    bytes.fill(0x5a, SPOILED.from, SPOILED.to);
    writeFileSync(file, bytes);
  }

  async end(): Promise<void> {
    await this.stop('SIGKILL');
    rmSync(this.folder, { recursive: true, force: true });
  }
}
