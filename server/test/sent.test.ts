import {
  conversionDocumentSchema,
  conversionListSchema,
  convertAnswerSchema,
  exampleConversion,
  healthSchema,
  ingredientListSchema,
  problemSchema,
  type ConvertAnswer,
} from '@yellowmist/contract';
import { plain } from '@yellowmist/core';
import type { Schema } from 'joi';
import { RunningServer } from './running.js';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const get = (path: string, encoding: string): Promise<Response> =>
  fetch(`${server.address()}${path}`, { headers: { 'accept-encoding': encoding } });

describe('what is sent is small, and kept as long as it may be', () => {
  test.each(['br', 'gzip'])('the page as %s, asked for anew each time', async (encoding) => {
    const page = await get('/', encoding);
    expect(page.headers.get('content-encoding')).toBe(encoding);
    expect(page.headers.get('cache-control')).toMatch(/no-cache/);
    const script = (await page.text()).match(/\/assets\/index-[\w-]+\.js/)![0];
    const sent = await get(script, encoding);
    expect(sent.headers.get('content-encoding')).toBe(encoding);
    expect(sent.headers.get('cache-control')).toMatch(/max-age=31536000.*immutable/);
    expect((await sent.text()).length).toBeGreaterThan(2 * Number(sent.headers.get('content-length')));
  });

  test('a page of the application by its address is the same page, never kept', async () => {
    const page = await get('/dish/any', 'identity');
    expect(page.headers.get('content-type')).toMatch(/html/);
    expect(page.headers.get('cache-control')).toMatch(/no-cache/);
  });

  test('long answers of the API are compressed, too', async () => {
    expect((await get('/api/pantry', 'gzip')).headers.get('content-encoding')).toBe('gzip');
  });
});

interface OpenApi {
  paths: Record<
    string,
    Record<string, { responses: Record<string, { content?: Record<string, { schema: object }> }> }>
  >;
}

test('every route says what it answers', async () => {
  const { body } = await server.ask<OpenApi>('GET', '/docs.json');
  const silent = Object.entries(body.paths).flatMap(([path, methods]) =>
    Object.entries(methods).flatMap(([method, { responses }]) => {
      const good = Object.entries(responses).filter(([status]) => status.startsWith('2'));
      const told = good.some(([status, { content }]) => status === '204' || content);
      return told ? [] : [`${method} ${path}`];
    }),
  );
  expect(silent).toEqual([]);
});

describe('what is answered', () => {
  let conversion: ConvertAnswer;
  beforeAll(async () => {
    const { dish, fried, fryer, limits } = exampleConversion();
    conversion = (await server.ask<ConvertAnswer>('POST', '/convert', { dish, fried, fryer, limits })).body;
  });

  test('is what the documentation says', async () => {
    const holds = (schema: Schema, answer: unknown): void =>
      expect(schema.validate(answer, { abortEarly: false, convert: false }).error?.message).toBeUndefined();
    const answerTo = async (method: string, path: string, body?: unknown): Promise<unknown> =>
      (await server.ask(method, path, body)).body;
    holds(convertAnswerSchema, conversion);
    holds(conversionDocumentSchema, await answerTo('POST', '/conversions', exampleConversion()));
    holds(conversionListSchema, await answerTo('GET', '/conversions'));
    holds(ingredientListSchema, await answerTo('GET', '/pantry'));
    holds(healthSchema, await answerTo('GET', '/health'));
    holds(problemSchema, await answerTo('POST', '/convert', {}));
  });

  test('is a sentence as it reads in SI units, and its words and quantities', () => {
    const reasons = [conversion.original, ...conversion.alternatives].flatMap((a) => a.reasons);
    const told = reasons.filter((r) => r.textParts.some((part) => typeof part !== 'string'));
    expect(told.length).toBeGreaterThan(0);
    for (const { text, textParts } of reasons) expect(plain(textParts)).toBe(text);
  });
});
