import {
  EMPTY_EVENING,
  EMPTY_KITCHEN,
  EMPTY_PANTRY,
  exampleConversion,
  type ConversionDocument,
  type ListedDish,
  type Problem,
} from '@yellowmist/contract';
import { converted } from './converted.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

/** Errors that one answer names at most, and bytes that it may have. */
const FEW = 20;
const SHORT_B = 10_000;

describe('a body is bounded before its items are looked at', () => {
  const wide = Array<string>(80_000).fill('');
  const numbers = Array<number>(120_000).fill(1);
  test.each<[string, string, string, object]>([
    ['a list', 'PUT', '/pantry/kitchen', { version: 0, ...EMPTY_PANTRY, have: wide }],
    [
      'a list inside of another',
      'POST',
      '/convert',
      { ...exampleConversion(), limits: { ...exampleConversion().limits, without: wide } },
    ],
    [
      'a list of what does not even belong there',
      'PUT',
      '/pantry/kitchen',
      { version: 0, ...EMPTY_PANTRY, have: numbers },
    ],
    [
      'a list of objects',
      'PUT',
      '/kitchen',
      { ...EMPTY_KITCHEN, version: 0, sprayers: Array<object>(80_000).fill({}) },
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

/** After so many answers the server has heard of what was closed before them. */
const QUESTIONS = 20;
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
  // A conversion that is done meanwhile makes room for one of them, and not for all.
  const more = await Promise.all(Array.from({ length: 12 }, () => server.ask<Problem>('POST', '/simulate', cook)));
  const full = more.find(({ status }) => status === 503)!;
  expect(Number(full.headers.get('retry-after'))).toBeGreaterThan(0);
  expect(full.body.detail).toMatch(/Try again soon/);
  calling.abort();
  await Promise.all(held);
  // Theirs are closed here; that the server has heard of it is sure only some questions later.
  for (let k = 0; k < QUESTIONS; k++) await server.ask('GET', '/health');
  const all = await Promise.all(Array.from({ length: 12 }, () => server.ask('POST', '/simulate', cook)));
  expect(all.map((a) => a.status)).toEqual(Array<number>(12).fill(200));
});

describe('a list of many dishes', () => {
  const full = new RunningServer();
  beforeAll(() => full.start());
  afterAll(() => full.end());

  test('has pages, sends nothing that a list does not show, and holds up nobody', async () => {
    const plain = converted('Bait');
    const chosen = plain.chosen!;
    // Each with all the versions that it may keep.
    const versions = Array.from({ length: 20 }, (_, k) => ({ id: k + 1, name: `Version ${k}`, chosen }));
    const names = Array.from({ length: 120 }, (_, k) => `Bait ${String(k).padStart(3, '0')}`);
    for (const name of names) await full.ask('POST', '/conversions', { ...plain, name, versions });
    const listed = await full.ask<ListedDish[]>('GET', '/conversions');
    expect(listed.body.map((d) => d.name)).toEqual([...names].reverse());
    expect(JSON.stringify(listed.body)).not.toContain('Version 1');
    const { body: whole } = await full.ask<ConversionDocument>('GET', `/conversions/${listed.body[0].id}`);
    expect(whole.versions).toHaveLength(20);
    const pages: string[] = [];
    for (let after = ''; ;) {
      const path = `/conversions?limit=50${after && `&after=${after}`}`;
      const { body } = await full.ask<ListedDish[]>('GET', path);
      if (body.length === 0) break;
      pages.push(...body.map((d) => d.name));
      after = body.at(-1)!.id;
    }
    expect(pages).toEqual([...names].reverse());
  });

  test.each([
    ['limit=0', 'limit'],
    ['limit=many', 'limit'],
    ['limit=501', 'limit'],
    ['after=x', 'after'],
  ])('%s is refused at its field', async (query, field) => {
    const { status, body } = await full.ask<Problem>('GET', `/conversions?${query}`);
    expect(status).toBe(400);
    expect(body.errors).toEqual([expect.objectContaining({ field })]);
  });

  test('of evenings, cooks and comparisons, too: page by page the same as all at once', async () => {
    const { body: dish } = await full.ask<ConversionDocument>('POST', '/conversions', converted('Cooked often'));
    for (let k = 0; k < 7; k++) {
      await full.ask('POST', '/evenings', { ...EMPTY_EVENING, name: `Evening ${k}` });
      await full.ask('POST', '/cooks', { conversionId: dish.id, afterwards: { by: { what: 'plan' } } });
    }
    for (const list of ['evenings', 'cooks']) {
      const { body: all } = await full.ask<{ id: string }[]>('GET', `/${list}`);
      expect(all).toHaveLength(7);
      const parts: string[] = [];
      for (let after = ''; ; after = `&after=${parts.at(-1)}`) {
        const { body } = await full.ask<{ id: string }[]>('GET', `/${list}?limit=3${after}`);
        if (body.length === 0) break;
        parts.push(...body.map(({ id }) => id));
      }
      expect(parts).toEqual(all.map(({ id }) => id));
    }
    for (const list of ['evenings', 'cooks', 'experiments']) {
      expect((await full.ask('GET', `/${list}?limit=0`)).status).toBe(400);
      expect((await full.ask('GET', `/${list}?after=${dish.id}`)).status).toBe(404);
    }
  });
});
