import { request } from 'node:https';
import type { RunningServer } from './running.js';

export interface HomeAnswer {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  text: string;
}

/** What asks from the home network, over https: a browser of its own with its cookies. */
export class HomeBrowser {
  private cookies = new Map<string, string>();

  constructor(
    private readonly port: number,
    /** What it trusts; nothing is told apart without. */
    private readonly trusted: string | null = null,
  ) {}

  /** What a page of this house sends beside its cookie; empty where nobody is signed in. */
  get pageToken(): string {
    return this.cookies.get('__Host-yellowmist-page') ?? '';
  }

  ask(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = { 'x-yellowmist-page': this.pageToken },
  ): Promise<HomeAnswer> {
    const sent = body === undefined ? '' : JSON.stringify(body);
    return new Promise((resolve, reject) => {
      const asked = request(
        {
          host: '127.0.0.1',
          port: this.port,
          method,
          path,
          ca: this.trusted ?? undefined,
          rejectUnauthorized: this.trusted !== null,
          headers: {
            cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
            ...(body === undefined ? {} : { 'content-type': 'application/json' }),
            // Without it a body of a DELETE would be taken for the next request.
            'content-length': String(Buffer.byteLength(sent)),
            ...headers,
          },
        },
        (answer) => {
          let text = '';
          answer.setEncoding('utf8');
          answer.on('data', (chunk: string) => (text += chunk));
          answer.on('error', reject);
          answer.on('end', () => {
            for (const line of answer.headers['set-cookie'] ?? []) this.take(line);
            resolve({ status: answer.statusCode!, headers: answer.headers, text });
          });
        },
      );
      asked.on('error', reject);
      asked.end(sent);
    });
  }

  private take(line: string): void {
    const [pair] = line.split(';');
    const at = pair!.indexOf('=');
    const [name, value] = [pair!.slice(0, at), decodeURIComponent(pair!.slice(at + 1))];
    if (value) this.cookies.set(name, value);
    else this.cookies.delete(name);
  }

  signIn(passphrase: string, name?: string): Promise<HomeAnswer> {
    return this.ask('POST', '/api/access/session', { passphrase, ...(name ? { name } : {}) });
  }

  /** A copy of what it holds, as somebody who stole it would have. */
  stolen(): HomeBrowser {
    const other = new HomeBrowser(this.port, this.trusted);
    other.cookies = new Map(this.cookies);
    return other;
  }
}

/** The door of a server to its home network. */
export const homePortOf = (server: RunningServer): number => Number(new URL(server.address()).port) + 1;
