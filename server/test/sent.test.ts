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

test('what is answered is what the documentation says', async () => {
  const { name: _, note: __, chosen: ___, versions: ____, ...request } = exampleConversion();
  const holds = async (schema: Schema, method: string, path: string, body?: unknown): Promise<void> => {
    const answer = await server.ask(method, path, body);
    expect(schema.validate(answer.body, { abortEarly: false, convert: false }).error?.message).toBeUndefined();
  };
  await holds(convertAnswerSchema, 'POST', '/convert', request);
  await holds(conversionDocumentSchema, 'POST', '/conversions', exampleConversion());
  await holds(conversionListSchema, 'GET', '/conversions');
  await holds(ingredientListSchema, 'GET', '/pantry');
  await holds(healthSchema, 'GET', '/health');
  await holds(problemSchema, 'POST', '/convert', {});
});

test('a sentence is answered as it reads in SI units, and as its words and quantities', async () => {
  const { name: _, note: __, chosen: ___, versions: ____, ...request } = exampleConversion();
  const { body } = await server.ask<ConvertAnswer>('POST', '/convert', request);
  const reasons = [body.original, ...body.alternatives].flatMap((a) => a.reasons);
  const told = reasons.filter((r) => r.textParts.some((part) => typeof part !== 'string'));
  expect(told.length).toBeGreaterThan(0);
  for (const { text, textParts } of reasons) expect(plain(textParts)).toBe(text);
});
