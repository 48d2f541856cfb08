import { randomUUID } from 'node:crypto';
import {
  cookDocumentSchema,
  type BegunCook,
  type CookDocument,
  type ListedCook,
  type Problem,
} from '@yellowmist/contract';
import { counterOf, event, valid } from './counter.js';
import { RunningServer } from './running.js';

/** Cooks that a page began while the server was away. */

const server = new RunningServer();
const { open, read, standing, start, tell } = counterOf(server);
afterAll(() => server.end());

const MIN_MS = 60_000;
let led: CookDocument;
beforeAll(async () => {
  led = await start({ conversionId: (await open()).id });
});

const begun = (part: Partial<BegunCook> = {}): object => ({
  conversionId: led.source.id,
  timeZone: 'Europe/Oslo',
  begun: { name: 'Begun alone', agoMs: 10 * MIN_MS, programme: led.programme, ...part },
});
const handOver = (body: object, key = randomUUID()) =>
  server.ask<CookDocument & Problem>('POST', `/cooks?key=${key}`, body);

test('one that began ten minutes ago goes on from there by its own programme, under its own id', async () => {
  const key = randomUUID();
  const before = Date.now();
  const { status, body } = await handOver(begun(), key);
  expect(status).toBe(201);
  valid(cookDocumentSchema, body);
  expect(body).toMatchObject({ id: key, name: 'Begun alone', timeZone: 'Europe/Oslo', rehearsal: null, endedAt: null });
  expect(body.programme).toEqual(led.programme);
  expect(body.startedMs).toBeGreaterThanOrEqual(before - 10 * MIN_MS);
  expect(body.startedMs).toBeLessThanOrEqual(Date.now() - 10 * MIN_MS);
  const { nowS } = await standing(key);
  expect(nowS).toBeGreaterThanOrEqual(600);
  expect(nowS).toBeLessThan(630);
  // Sent again, it is the same one, whenever that is.
  const again = await handOver(begun({ agoMs: 40 * MIN_MS }), key);
  expect([again.status, again.body.startedMs]).toEqual([201, body.startedMs]);
});

test('one of a dish that is not here any more goes on by its own copy of it, and says so', async () => {
  const copy = JSON.stringify(led.programme).replaceAll(led.programme.dishes[0].id, randomUUID());
  const gone = JSON.parse(copy) as CookDocument['programme'];
  const { status, body } = await handOver({ ...begun({ programme: gone }), conversionId: randomUUID() });
  expect(status).toBe(201);
  expect(body.notes.join()).toMatch(/has been deleted since\. This cook goes on by its own copy/);
});

test('one that is over was over when that was tapped, and not when it was heard', async () => {
  const { body: cook } = await handOver(begun({ agoMs: 100 * MIN_MS }));
  const atMs = cook.startedMs + 50 * MIN_MS;
  await tell(cook.id, event({ what: 'ended', how: 'served' }, { atMs }));
  expect(Date.parse((await read(cook.id)).endedAt!)).toBe(atMs);
});

test.each<[string, object, string]>([
  ['without what it is of', { begun: {} }, 'conversionId or eveningId must name what is cooked'],
  ['that is to come', { agoMs: -1 }, 'begun.agoMs must be'],
  ['of years ago', { agoMs: 4e10 }, 'begun.agoMs must be'],
  ['without a name', { name: '' }, 'begun.name'],
  ['of no batch', { programme: { batches: [] } }, 'begun.programme.batches must'],
  ['of no dish', { programme: { dishes: [] } }, 'begun.programme.dishes must'],
  [
    'with a batch of no dish of it',
    { programme: { batches: [{ key: 'a', dishId: 'b', pieces: 1 }] } },
    'begun.programme.batches[0].dishId must be the id of one of its dishes',
  ],
  ['with a step of no kind', { programme: { steps: [{ id: 'a', kind: 'juggle' }] } }, 'begun.programme.steps[0].kind'],
])('one %s is refused at its field, and nothing is begun', async (what, part, said) => {
  const { programme, ...rest } = part as Partial<BegunCook> & { programme?: object };
  const body = what.startsWith('without what')
    ? { begun: (begun() as { begun: object }).begun }
    : begun({ ...rest, ...(programme && { programme: { ...led.programme, ...programme } }) });
  const { status, body: problem } = await handOver(body);
  expect(status).toBe(400);
  expect(problem.detail).toContain(said);
});

test('a rehearsal does not begin away from the server, and what is entered afterwards is over', async () => {
  for (const part of [{ rehearsal: { rate: 20 } }, { afterwards: { by: { what: 'plan' } } }]) {
    const { status, body } = await handOver({ ...begun(), ...part });
    expect(status).toBe(400);
    expect(body.detail).toContain('give rehearsal or afterwards or begun, and no two of them');
  }
});

test.each<[string, (programme: CookDocument['programme']) => object]>([
  ['no steps', (p) => ({ ...p, steps: [] })],
  [
    'steps after none that there are, far away in time',
    (p) => ({
      ...p,
      steps: p.steps.map((s) => ({ ...s, after: ['nobody'], fromS: 9e15, toS: -9e15, restS: 9e15 })),
      tableS: 9e15,
    }),
  ],
  [
    'steps of batches, dishes and hands that there are not',
    (p) => ({
      ...p,
      steps: p.steps.map((s) => ({ ...s, batch: 'x', dishId: 'x', cook: 99, fryer: 'x' })),
    }),
  ],
  [
    'batches of one key, and of more pieces than there are',
    (p) => ({ ...p, batches: p.batches.map((b) => ({ ...b, key: 'x', pieces: 9e15 })) }),
  ],
])('a programme of %s brings down neither the list nor what stands nor the log', async (_, odd) => {
  const { status, body } = await handOver(begun({ programme: odd(led.programme) as CookDocument['programme'] }));
  expect(status).toBe(201);
  const { id } = body;
  const step = led.programme.steps[0].id;
  const looks = [
    ['GET', `/cooks/${id}`],
    ['GET', `/cooks/${id}/standing`],
    ['POST', `/cooks/${id}/events`, { events: [event({ what: 'done', step })] }],
    ['POST', `/cooks/${id}/events`, { events: [event({ what: 'ended', how: 'served' })] }],
    ['GET', '/cooks'],
    ['GET', `/cooks/${id}/seen`],
    ['GET', '/learning'],
    ['GET', '/learning/kitchen'],
    ['DELETE', `/cooks/${id}`],
  ] as const;
  for (const [method, path, sent] of looks) {
    const answer = await server.ask<ListedCook[]>(method, path, sent);
    expect([path, answer.status < 500]).toEqual([path, true]);
  }
});
