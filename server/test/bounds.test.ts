import { EMPTY_PANTRY, exampleConversion, type Problem } from '@yellowmist/contract';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

/** Errors that one answer names at most, and bytes that it may have. */
const FEW = 20;
const SHORT_B = 10_000;

describe('a body is bounded before its items are looked at', () => {
  const wide = Array<string>(80_000).fill('');
  test.each<[string, string, string, object]>([
    ['a list', 'PUT', '/pantry/kitchen', { version: 0, ...EMPTY_PANTRY, have: wide }],
    [
      'a list inside of another',
      'POST',
      '/convert',
      { ...exampleConversion(), limits: { ...exampleConversion().limits, without: wide } },
    ],
    ['the keys of an object', 'PUT', '/kitchen', Object.fromEntries(wide.map((_, k) => [`k${k}`, 0]))],
  ])('%s of 80,000 is refused in few words, and the server goes on', async (_, method, path, body) => {
    const answer = await server.ask<Problem>(method, path, body);
    expect([400, 413]).toContain(answer.status);
    const { errors = [] } = answer.body as { errors?: unknown[] };
    expect(errors.length).toBeLessThanOrEqual(FEW);
    expect(JSON.stringify(answer.body).length).toBeLessThan(SHORT_B);
    expect((await server.ask('GET', '/health')).status).toBe(200);
  });

  test('what is no request is told in a sentence of its own, never one of the machine', async () => {
    const deep = `${'['.repeat(20_000)}${']'.repeat(20_000)}`;
    const { status, body } = await server.ask<Problem>('POST', '/convert', deep);
    expect(status).toBe(400);
    expect(body.detail).not.toMatch(/call stack|RangeError|undefined/);
  });
});

const { dish, fried, fryer, limits } = exampleConversion();
const conversion = { dish, fried, fryer, limits };
const cook = { dish, layers: fried.layers, cook: { medium: 'deep-oil', tempC: 180, minutes: 4 } };

test('a full queue is 503 with the seconds after which to try again; clients that leave make room', async () => {
  const calling = new AbortController();
  // More than are computed and wait at once.
  const held = Array.from({ length: 24 }, () =>
    fetch(`${server.address()}/api/convert`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(conversion),
      signal: calling.signal,
    }).then(
      ({ status }) => status,
      () => null,
    ),
  );
  const first = await Promise.race(held);
  expect(first).toBe(503);
  const full = await server.ask<Problem>('POST', '/simulate', cook);
  expect(full.status).toBe(503);
  expect(Number(full.headers.get('retry-after'))).toBeGreaterThan(0);
  expect(full.body.detail).toMatch(/Try again soon/);
  calling.abort();
  await Promise.all(held);
  const all = await Promise.all(Array.from({ length: 12 }, () => server.ask('POST', '/simulate', cook)));
  expect(all.map((a) => a.status)).toEqual(Array<number>(12).fill(200));
});
