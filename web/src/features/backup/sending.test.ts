import { isSignedOut, setSignedOut } from '../../state/asking';
import { sendFile } from './sending';

/** A browser's request that is answered, or not, as a test says. */
class Asked {
  static last: Asked;
  upload: { onprogress?: (event: { loaded: number }) => void } = {};
  onload?: () => void;
  onerror?: () => void;
  onabort?: () => void;
  status = 0;
  responseText = '';
  sent: unknown = null;
  headers: Record<string, string> = {};
  constructor() {
    Asked.last = this;
  }
  open = (): void => undefined;
  setRequestHeader(name: string, value: string): void {
    this.headers[name] = value;
  }
  send(body: unknown): void {
    this.sent = body;
  }
  answer(status: number, text: string): void {
    this.status = status;
    this.responseText = text;
    this.onload!();
  }
}

const file = new Blob(['jar']) as File;
const send = (onGone: (bytes: number) => void = () => undefined): Promise<unknown> =>
  sendFile('/api/backups/file', file, onGone);

beforeEach(() => Object.assign(globalThis, { XMLHttpRequest: Asked }));
afterEach(() => setSignedOut(false));

test('what has gone is told as it goes, and the answer is what the server says', async () => {
  const gone: number[] = [];
  const answered = send((bytes) => gone.push(bytes));
  Asked.last.upload.onprogress!({ loaded: 1 });
  Asked.last.upload.onprogress!({ loaded: 3 });
  Asked.last.answer(201, '{"id":"a"}');
  expect(await answered).toEqual({ data: { id: 'a' } });
  expect(gone).toEqual([1, 3]);
  expect(Asked.last.sent).toBe(file);
  expect(Asked.last.headers).toEqual({ 'content-type': 'application/octet-stream' });
});

test.each([
  ['in words', 400, '{"detail":"This file is no backup."}', { detail: 'This file is no backup.' }],
  ['by something on the way', 502, '<html>', undefined],
])('what is refused %s is an error with what was said', async (_, status, text, data) => {
  const answered = send();
  Asked.last.answer(status, text);
  expect(await answered).toEqual({ error: { status, data } });
});

test('a server that is away is one, and who is signed out is told so', async () => {
  const away = send();
  Asked.last.onerror!();
  expect(await away).toMatchObject({ error: { status: 'FETCH_ERROR' } });
  const refused = send();
  Asked.last.answer(401, '{}');
  expect(await refused).toMatchObject({ error: { status: 'FETCH_ERROR' } });
  expect(isSignedOut()).toBe(true);
});
