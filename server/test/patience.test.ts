import { createServer, request, type RequestListener, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { impatient, LEAST_OF_LARGE_BYTES, waitForLarge } from '../src/common/patience.js';

/** What dribbles in holds nobody up: a request that has not come in time is told so, and cut. */

/** Says something and then a letter now and then, until the other side has had enough. @returns what that said last */
function dribble(server: Server, first: string): Promise<string> {
  const { port } = server.address() as AddressInfo;
  return new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1');
    let said = '';
    const more = setInterval(() => socket.write('a'), 20);
    socket.on('data', (data) => (said += data.toString()));
    socket.on('error', () => undefined);
    socket.on('close', () => {
      clearInterval(more);
      resolve(said);
    });
    socket.write(first);
  });
}

const listening = (server: Server): Promise<Server> =>
  new Promise((resolve) => server.listen(0, '127.0.0.1', () => resolve(server)));

test.each([
  ['a head', 'POST / HTTP/1.1\r\nHost: kitchen\r\nX-Slow: '],
  ['a body', 'POST / HTTP/1.1\r\nHost: kitchen\r\nContent-Length: 100000\r\n\r\n{'],
])('%s that dribbles in is cut, letter or no letter', async (_, first) => {
  const server = await listening(impatient(createServer(), 200));
  expect(await dribble(server, first)).toMatch(/^HTTP\/1\.1 408 /);
  await new Promise((resolve) => server.close(resolve));
});

test('what comes at once is answered, however long the answer takes', async () => {
  const slow = createServer((_, response) => setTimeout(() => response.end('here'), 900));
  const server = await listening(impatient(slow, 200));
  const { port } = server.address() as AddressInfo;
  const answer = await fetch(`http://127.0.0.1:${port}/`, { method: 'POST', body: 'flour' });
  expect([answer.status, await answer.text()]).toEqual([200, 'here']);
  await new Promise((resolve) => server.close(resolve));
});

describe('a body that is large', () => {
  const PATIENCE_MS = 1000;
  const PARTS = 6;

  const hear: RequestListener = (came, response) =>
    waitForLarge(came, response, () => came.resume().on('end', () => response.end()));

  /** Sends parts of it, each within one patience, all of them within several. @returns the status of the answer; null where it was cut */
  async function sent(path: string, bytes: number): Promise<number | null> {
    const server = await listening(impatient(createServer(hear), PATIENCE_MS));
    const { port } = server.address() as AddressInfo;
    const asked = request({ port, path, method: 'POST', agent: false });
    const answered = new Promise<number | null>((resolve) => {
      asked.on('response', (answer) => resolve(answer.resume().statusCode ?? null));
      asked.on('error', () => resolve(null));
    });
    const part = Buffer.alloc(bytes);
    for (let k = 0; k < PARTS && !asked.destroyed; k++) {
      asked.write(part);
      await new Promise((resolve) => setTimeout(resolve, PATIENCE_MS / 4));
    }
    asked.end();
    const status = await answered;
    await new Promise((resolve) => server.close(resolve));
    return status;
  }

  test.each(['/api/backups/file', '/api/import?mode=merge', '/api/cooks/7f0c-1/photos?key=a'])(
    'may take its time while it flows, where it may be large: %s',
    async (path) => expect(await sent(path, LEAST_OF_LARGE_BYTES)).toBe(200),
  );

  test.each([
    ['dribbles', '/api/backups/file', 1000],
    ['may not be large', '/api/conversions', LEAST_OF_LARGE_BYTES],
    ['may not be large', '/api/backups/filed', LEAST_OF_LARGE_BYTES],
  ])('is cut where it %s: %s', async (_, path, bytes) => {
    expect([408, null]).toContain(await sent(path, bytes));
  });
});
