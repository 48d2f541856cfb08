import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const READY = 'Yellowmist is ready';

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });

export interface Answer<T> {
  status: number;
  body: T;
  headers: Headers;
}

/** The built server as a process of its own, over a real database file in a folder of its own. */
export class RunningServer {
  private child: ChildProcess | null = null;
  private port = 0;
  /** What it said since it was started last. */
  said = '';
  readonly folder = mkdtempSync(join(tmpdir(), 'yellowmist-'));

  /**
   * @param args what is said on its command line
   * @param fixedPort the same at every start, where a browser must find it again; a free one without
   */
  constructor(
    private readonly args: readonly string[] = [],
    private readonly fixedPort: number | null = null,
  ) {}

  async start(env: NodeJS.ProcessEnv = {}): Promise<void> {
    this.port = this.fixedPort ?? (await freePort());
    const child = spawn('node', ['server/dist/bundle/main.js', ...this.args], {
      env: {
        ...process.env,
        NODE_OPTIONS: '',
        YELLOWMIST_PORT: String(this.port),
        YELLOWMIST_DATA: this.folder,
        ...env,
      },
    });
    this.child = child;
    await new Promise<void>((resolve, reject) => {
      this.said = '';
      const hear = (chunk: Buffer): void => {
        this.said += chunk.toString();
        if (this.said.includes(READY)) resolve();
      };
      child.stdout.on('data', hear);
      child.stderr.on('data', hear);
      child.on('exit', () => reject(new Error(`The server did not start: ${this.said}`)));
    });
  }

  /** Starts it and kills it so many ms later, ready or not. */
  async killedAfter(ms: number, env: NodeJS.ProcessEnv = {}): Promise<void> {
    const starting = this.start(env).catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, ms));
    await this.kill();
    await starting;
  }

  /** Its database file. */
  readonly file = join(this.folder, 'yellowmist.sqlite');

  /** Ends the process at once, as a power cut would. */
  kill = (): Promise<void> => this.stop('SIGKILL');

  /** Ends the process, in good order unless told otherwise. */
  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await gone;
  }

  async end(): Promise<void> {
    await this.kill();
    rmSync(this.folder, { recursive: true, force: true });
  }

  /** The first `count` messages of a stream of server-sent events. */
  async listen<T>(path: string, count: number, headers: Record<string, string> = {}): Promise<T[]> {
    const calling = new AbortController();
    const response = await fetch(`http://127.0.0.1:${this.port}/api${path}`, {
      signal: calling.signal,
      headers,
    });
    const messages: T[] = [];
    let text = '';
    for await (const chunk of response.body!.pipeThrough(new TextDecoderStream())) {
      text += chunk;
      const blocks = text.split('\n\n');
      text = blocks.pop()!;
      for (const block of blocks) {
        const data = block.split('\n').find((line) => line.startsWith('data: '));
        if (data) messages.push(JSON.parse(data.slice('data: '.length)) as T);
      }
      if (messages.length >= count) break;
    }
    calling.abort();
    return messages.slice(0, count);
  }

  async ask<T>(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer<T>> {
    const ask = (): Promise<Response> =>
      fetch(`http://127.0.0.1:${this.port}/api${path}`, {
        method,
        headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
        body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
      });
    // A connection that is kept from before a kill may be found dead; what only reads asks again.
    const response = await ask().catch((error: Error) => {
      if (method === 'GET') return ask();
      throw error;
    });
    const text = await response.text();
    return { status: response.status, body: (text ? JSON.parse(text) : undefined) as T, headers: response.headers };
  }

  address(): string {
    return `http://127.0.0.1:${this.port}`;
  }
}
