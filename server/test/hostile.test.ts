import {
  conversionBodySchema,
  convertRequestSchema,
  copyEveningSchema,
  cookEventsSchema,
  diagnoseRequestSchema,
  eveningBodySchema,
  planEveningSchema,
  readRecipeSchema,
  saveEveningSchema,
  saveExperimentSchema,
  saveKitchenSchema,
  saveLearningSchema,
  savePantrySchema,
  saveRequestSchema,
  saveSeenSchema,
  scaleHandSchema,
  searchAnswerSchema,
  simulateRequestSchema,
  startCookSchema,
  startExperimentSchema,
  type ConversionDocument,
  type CookDocument,
} from '@yellowmist/contract';
import fc from 'fast-check';
import type { Schema } from 'joi';
import { drawn, roughly } from '../../contract/testing/drawn.js';
import { converted } from './converted.js';
import { RunningServer } from './running.js';

/** Requests that nobody sends in earnest, on every route: each is answered, in time, in words, and the server goes on. */

const ASKED = Number(process.env.YELLOWMIST_HAMMER ?? 1500);
const SEED = Number(process.env.YELLOWMIST_HAMMER_SEED ?? 20261127);
const AT_ONCE = 8;
const LONG_MS = 3 * 3600_000;
/** Longer than any answer takes; a stream never ends, and is left. */
const HANGS_MS = 30_000;
const STREAM_MS = 200;

/** What the bodies of routes look like; the others are sent anything. */
const BODIES: Readonly<Record<string, Schema>> = {
  'POST /api/conversions': conversionBodySchema,
  'PUT /api/conversions/{id}': saveRequestSchema,
  'PUT /api/conversions/{id}/answer': searchAnswerSchema,
  'PUT /api/kitchen': saveKitchenSchema,
  'PUT /api/pantry/kitchen': savePantrySchema,
  'POST /api/evenings': eveningBodySchema,
  'PUT /api/evenings/{id}': saveEveningSchema,
  'POST /api/evenings/{id}/copy': copyEveningSchema,
  'POST /api/evenings/plan': planEveningSchema,
  'POST /api/experiments': startExperimentSchema,
  'PUT /api/experiments/{id}': saveExperimentSchema,
  'POST /api/convert': convertRequestSchema,
  'POST /api/simulate': simulateRequestSchema,
  'POST /api/diagnose': diagnoseRequestSchema,
  'POST /api/recipes/read': readRecipeSchema,
  'POST /api/cooks': startCookSchema,
  'POST /api/cooks/{id}/events': cookEventsSchema,
  'PUT /api/cooks/{id}/seen': saveSeenSchema,
  'PUT /api/learning': saveLearningSchema,
  'POST /api/devices/scale/hand': scaleHandSchema,
};
/** Of these half are drawn whole, so that what is behind the door is met as well. */
const WHOLE: Readonly<Record<string, Schema>> = {
  'POST /api/conversions': conversionBodySchema,
  'POST /api/convert': convertRequestSchema,
  'POST /api/simulate': simulateRequestSchema,
};
const LEFT_OUT = { without: ['laid', 'bought', 'written'] };
const STREAMS = ['/api/devices/scale', '/api/cooks/{id}/stream', '/api/devices/probes/{fryer}'];
/** A search of seconds is asked for seldom. */
const SLOW = ['POST /api/convert', 'POST /api/evenings/plan'];
const SLOW_EACH = 6;

const NASTY: readonly unknown[] = [
  null,
  true,
  '',
  0,
  -1,
  1e308,
  -1e308,
  5e-324,
  Number.MAX_SAFE_INTEGER + 1,
  [],
  {},
  'x'.repeat(5000),
  '../../etc/passwd',
  "'; DROP TABLE conversion; --",
  '\u0000\u202e\ud800',
  '${7*7}{{7*7}}',
  '<script>alert(1)</script>',
  Array(300).fill(0),
  { __proto__: null, constructor: { prototype: { polluted: true } } },
  JSON.parse('{"__proto__": {"polluted": true}}'),
  '1e9',
  'NaN',
  'constructor',
];
const PLACES: readonly string[] = [
  '',
  'x',
  '%00',
  '..%2f..',
  '%F0%9F%8D%A4',
  'a'.repeat(300),
  '-1',
  'null',
  '%',
  '__proto__',
  'bin',
];

/** One place in a document, anywhere in it, is given another value. */
function spoiled(value: unknown, pick: () => number, nasty: unknown): unknown {
  if (Array.isArray(value) && value.length > 0 && pick() < 0.8) {
    const at = Math.floor(pick() * value.length);
    return value.map((item: unknown, k) => (k === at ? spoiled(item, pick, nasty) : item));
  }
  if (value !== null && typeof value === 'object' && !Array.isArray(value) && pick() < 0.85) {
    const keys = Object.keys(value);
    if (keys.length > 0) {
      const key = keys[Math.floor(pick() * keys.length)];
      return { ...value, [key]: spoiled((value as Record<string, unknown>)[key], pick, nasty) };
    }
  }
  return nasty;
}

const share = fc.integer({ min: 0, max: 999_999 }).map((n) => n / 1_000_000);
const shares = fc.array(share, { minLength: 24, maxLength: 24 });

interface Sent {
  method: string;
  path: string;
  body: string | undefined;
  stream: boolean;
}

const server = new RunningServer();
let ids: string[] = [];
let routes: { method: string; path: string }[] = [];

beforeAll(async () => {
  await server.start();
  const { body: dish } = await server.ask<ConversionDocument>('POST', '/conversions', converted('Bait'));
  const { body: cook } = await server.ask<CookDocument>('POST', '/cooks', { conversionId: dish.id });
  ids = [dish.id, cook.id];
  const { body } = await server.ask<{ paths: Record<string, Record<string, unknown>> }>('GET', '/docs.json');
  routes = Object.entries(body.paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({ method: method.toUpperCase(), path })),
  );
});
afterAll(() => server.end());

/** A request of one route, from numbers alone. */
function requestsOf({ method, path }: { method: string; path: string }): fc.Arbitrary<Sent> {
  const schema = BODIES[`${method} ${path}`];
  const whole = WHOLE[`${method} ${path}`];
  const rough = schema ? roughly(schema, LEFT_OUT) : fc.constantFrom(...NASTY);
  const bodies = whole ? fc.oneof(rough, drawn<unknown>(whole, LEFT_OUT)) : rough;
  return fc.tuple(bodies, shares, fc.constantFrom(...NASTY)).map(([body, numbers, nasty]) => {
    let at = 0;
    const pick = (): number => numbers[(at += 1) % numbers.length];
    const filled = path.replace(/\{\w+\}/g, () =>
      pick() < 0.6 ? ids[Math.floor(pick() * ids.length)] : PLACES[Math.floor(pick() * PLACES.length)],
    );
    const asked =
      pick() < 0.2 ? `${filled}?as=${PLACES[Math.floor(pick() * PLACES.length)]}&dish=x&take=y&try=1` : filled;
    const meant = ids.length > 0 && pick() < 0.7 ? withIds(body) : body;
    const sent = pick() < 0.6 ? spoiled(meant, pick, nasty) : meant;
    const text = JSON.stringify(sent) ?? '';
    const raw = pick() < 0.05 ? text.slice(0, Math.floor(text.length * pick())) : text;
    const none = method === 'GET' || method === 'DELETE';
    return { method, path: asked, body: none ? undefined : raw, stream: method === 'GET' && STREAMS.includes(path) };
  });
}

/** What is meant for a dish names one that is there. */
const withIds = (body: unknown): unknown =>
  body !== null && typeof body === 'object' && 'conversionId' in body ? { ...body, conversionId: ids[0] } : body;

/** How often each status was answered. */
const statuses = new Map<number, number>();

async function answered({ method, path, body, stream }: Sent): Promise<string | null> {
  const said = `${method} ${path} ${body?.slice(0, 600) ?? ''}`;
  try {
    const ask = (): Promise<Response> =>
      fetch(`${server.address()}${path}`, {
        method,
        body,
        headers: body === undefined ? {} : { 'content-type': 'application/json' },
        signal: AbortSignal.timeout(stream ? STREAM_MS : HANGS_MS),
      });
    // Drawing thousands of requests takes longer than a connection is kept: one that was closed meanwhile is no answer.
    const isClosed = (error: Error): boolean => /other side closed/.test(String(error.cause));
    const response = await ask().catch((error: Error) => {
      if (method === 'GET' && isClosed(error)) return ask();
      throw error;
    });
    const text = stream && response.ok ? '' : await response.text();
    statuses.set(response.status, (statuses.get(response.status) ?? 0) + 1);
    if (response.status >= 500 && !(response.status === 503 && response.headers.has('retry-after')))
      return `${response.status}: ${said}: ${text.slice(0, 300)}`;
    if (response.status < 400) return null;
    if (!/problem\+json/.test(response.headers.get('content-type') ?? '')) return `no problem details: ${said}`;
    return /node_modules|\/tmp\/|SQLITE|at \w+ \(/.test(text) ? `tells of its insides: ${said}: ${text}` : null;
  } catch (error) {
    if (stream && (error as Error).name === 'TimeoutError') return null;
    const { cause } = error as Error;
    return `${String(error)}${cause ? ` (${String(cause)})` : ''}: ${said}`;
  }
}

test(
  `${ASKED} of them`,
  async () => {
    const waiting = routes.flatMap((route, k) => {
      const slow = SLOW.includes(`${route.method} ${route.path}`) ? SLOW_EACH : 1;
      const many = Math.ceil(ASKED / routes.length / slow);
      return fc.sample(requestsOf(route), { numRuns: many, seed: SEED + k });
    });
    expect(waiting.length).toBeGreaterThan(ASKED * 0.9);
    const bad: string[] = [];
    let at = 0;
    const worker = async (): Promise<void> => {
      while (at < waiting.length && bad.length < 20) {
        const wrong = await answered(waiting[(at += 1) - 1]);
        if (wrong) bad.push(wrong);
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, worker));
    expect(bad).toEqual([]);
    // They are not all refused at the door, nor all let through.
    expect(statuses.get(200) ?? 0).toBeGreaterThan(ASKED * 0.1);
    expect(statuses.get(201) ?? 0).toBeGreaterThan(0);
    expect(statuses.get(400) ?? 0).toBeGreaterThan(ASKED * 0.2);
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
    expect((await server.ask('GET', '/health')).body).toMatchObject({ status: 'ok' });
  },
  LONG_MS,
);
