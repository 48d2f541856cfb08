import { randomUUID } from 'node:crypto';
import {
  cookDocumentSchema,
  cookEventsAnswerSchema,
  cookListSchema,
  cookStandingSchema,
  EMPTY_EVENING,
  type ConversionDocument,
  type CookDocument,
  type CookEventsAnswer,
  type EveningDocument,
  type ListedCook,
  type Problem,
  type StoredCookEvent,
} from '@yellowmist/contract';
import { colourUnder, KNOWN, lyingOf, plannedSeries, type CookEvent } from '@yellowmist/core';
import { converted } from './converted.js';
import { counterOf, event, upTo, valid } from './counter.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
const { make, open, read, standing, start, tell } = counterOf(server);
afterAll(() => server.end());

let dish: ConversionDocument;
let evening: EveningDocument;

beforeAll(async () => {
  dish = await open();
  const second = await make(converted('Second helping', { count: 6 }, 10));
  const body = {
    ...EMPTY_EVENING,
    name: 'Thursday',
    timeZone: 'Europe/Oslo',
    dishes: [{ id: dish.id }, { id: second.id }],
  };
  evening = (await server.ask<EveningDocument>('POST', '/evenings', body)).body;
});

describe('POST /api/cooks', () => {
  test('starts a cook from a dish: its steps, its batches, and its clock begins', async () => {
    const before = Date.now();
    const { status, body } = await server.ask<CookDocument>('POST', '/cooks', { conversionId: dish.id });
    expect(status).toBe(201);
    valid(cookDocumentSchema, body);
    expect(body).toMatchObject({ name: 'Oyster mushrooms', rehearsal: null, simulated: [], events: [], endedAt: null });
    expect(body.startedMs).toBeGreaterThanOrEqual(before);
    expect(body.programme.steps.map((s) => s.kind)).toEqual(
      expect.arrayContaining(['coat', 'load', 'cook', 'look', 'serve']),
    );
    expect(body.programme.batches.length).toBeGreaterThan(0);
    valid(cookListSchema, (await server.ask('GET', '/cooks')).body);
  });

  test('starts one from an evening, in its time zone', async () => {
    const cook = await start({ eveningId: evening.id });
    expect(cook).toMatchObject({
      name: 'Thursday',
      timeZone: 'Europe/Oslo',
      source: { what: 'evening', id: evening.id },
    });
    expect(cook.programme.dishes.map((d) => d.name)).toEqual(['Oyster mushrooms', 'Second helping']);
  });

  test.each([
    [{}, 'conversionId or eveningId must name what is cooked'],
    [{ conversionId: 'x' }, 'conversionId must be a valid GUID'],
    [{ conversionId: randomUUID(), rehearsal: { rate: 7 } }, 'rehearsal.rate must be one of 1, 20, 60'],
    [
      { conversionId: randomUUID(), rehearsal: { rate: 1, surprises: ['fire'] } },
      'rehearsal.surprises[0] must be one of',
    ],
  ])('refuses %j and says what is allowed', async (body, said) => {
    const { status, body: problem } = await server.ask<Problem>('POST', '/cooks', body);
    expect(status).toBe(400);
    expect(problem.detail).toContain(said);
  });

  test('404 for a dish that there is not; 400 for one without an air version', async () => {
    expect((await server.ask('POST', '/cooks', { conversionId: randomUUID() })).status).toBe(404);
    const { body: bare } = await server.ask<ConversionDocument>('POST', '/conversions', {
      ...converted('Bare'),
      chosen: null,
    });
    const { status, body } = await server.ask<Problem>('POST', '/cooks', { conversionId: bare.id });
    expect(status).toBe(400);
    expect(body.detail).toMatch(/“Bare” has no air version yet/);
  });

  test('sent again under its key it is started once, also by two at a time, and is not brought back by coming again', async () => {
    const key = randomUUID();
    const request = { conversionId: dish.id, afterwards: { at: '2026-04-01T18:00:00Z', by: { what: 'plan' } } };
    const send = () => server.ask<CookDocument & Problem>('POST', `/cooks?key=${key}`, request);
    const [one, two] = await Promise.all([send(), send()]);
    expect([one.status, two.status]).toEqual([201, 201]);
    expect(one.body).toMatchObject({ id: key });
    const known = ({ nowMs: _, ...rest }: CookDocument): unknown => rest;
    expect(known(two.body)).toEqual(known(one.body));
    expect(known((await send()).body)).toEqual(known(one.body));
    const { body: all } = await server.ask<ListedCook[]>('GET', '/cooks');
    expect(all.filter((c) => c.id === key)).toHaveLength(1);
    await server.ask('DELETE', `/cooks/${key}`);
    expect((await send()).status).toBe(404);
    const wrong = await server.ask<Problem>('POST', '/cooks?key=17', request);
    expect(wrong).toMatchObject({ status: 400, body: { errors: [{ field: 'key' }] } });
  });

  test('a second cook in the same fryer is begun, and both are told of it', async () => {
    const first = await start();
    const second = await start();
    expect(second.notes.join(' ')).toMatch(/is in use by “Oyster mushrooms” as well/);
    expect((await read(first.id)).notes.join(' ')).toMatch(/in use by/);
    // A rehearsal takes no real fryer.
    const rehearsal = await start({ conversionId: dish.id, rehearsal: { rate: 1, help: 'none' } });
    expect(rehearsal.notes).toEqual([]);
  });
});

describe('events', () => {
  let untouched: CookDocument | null = null;

  test('count once by their ids, one at a time or many, and are told back with their place', async () => {
    const cook = await start();
    const tap = event({ what: 'done', step: cook.programme.steps[0].id });
    const once = await server.ask<CookEventsAnswer>('POST', `/cooks/${cook.id}/events`, tap);
    valid(cookEventsAnswerSchema, once.body);
    expect(once.body.events[0]).toMatchObject({ id: tap.id, known: false, note: null });
    const again = await tell(cook.id, tap, event({ what: 'late', byS: 60 }), tap);
    expect(again.body.events.map((e) => e.known)).toEqual([true, false, true]);
    expect(again.body.events[0].seq).toBe(once.body.events[0].seq);
    expect((await read(cook.id)).events.map((e) => e.what)).toEqual(['done', 'late']);
  });

  test('of a clock that runs ahead keep their order: what was undone and then passed over is passed over', async () => {
    const cook = await start();
    const step = cook.programme.steps[0].id;
    const [done, undone, skipped] = (['done', 'undone', 'skipped'] as const).map((what, k) => ({
      ...event({ what, step }),
      id: `${9 - k}0000000-0000-4000-8000-000000000000`,
      atMs: Date.now() + 400 + k,
    }));
    await tell(cook.id, done, undone, skipped);
    const { events } = await read(cook.id);
    expect(events.toSorted((a, b) => a.atMs - b.atMs).map((e) => e.what)).toEqual(['done', 'undone', 'skipped']);
    expect(new Set(events.map((e) => e.atMs)).size).toBe(3);
  });

  test('the same id in another cook is another event', async () => {
    const [a, b] = [await start(), await start()];
    const tap = event({ what: 'paused' });
    await tell(a.id, tap);
    expect((await tell(b.id, tap)).body.events[0].known).toBe(false);
  });

  test.each<[object, string]>([
    [{ what: 'danced' }, 'must be one of [done, undone, skipped'],
    [{ what: 'done' }, 'events[0].step is required'],
    [{ what: 'centre', batch: 'x', centreC: 500 }, 'events[0].centreC must be a number from -30 to 130'],
    [{ what: 'seen', batch: 'x', saw: 'green' }, 'events[0].saw must be one of [as-expected'],
    [{ what: 'paused', atMs: -5 }, 'events[0].atMs'],
    [{ what: 'paused', id: 'mine' }, 'events[0].id must be a valid GUID'],
    [{ what: 'paused', atMs: Date.now() + 3_600_000 }, 'events[0].atMs must not be later than now'],
  ])('refuses %j and names the field', async (wrong, said) => {
    const cook = (untouched ??= await start());
    const { status, body } = await tell(cook.id, { ...event({ what: 'paused' }), ...wrong } as CookEvent);
    expect(status).toBe(400);
    expect(body.detail).toContain(said);
    expect((await read(cook.id)).events).toEqual([]);
  });

  test('a tap for a batch that is over, and a probe that reads 900 °C, are kept and said, and the cook goes on', async () => {
    const cook = await start();
    const [batch] = cook.programme.batches;
    await tell(cook.id, ...upTo(cook, 'look'));
    const wild = event({ what: 'reading', fryer: batch.fryer.name, centreC: 900, airC: 150, battery: 1 });
    await tell(cook.id, wild);
    expect((await standing(cook.id)).probes[0].says).toMatch(/reads 900 °C: not believed/);
    const rest = cook.programme.steps.filter((s) => s.batch === batch.key && s.cook !== null);
    await tell(cook.id, ...rest.map((s) => event({ what: 'done', step: s.id })));
    const { body } = await tell(cook.id, event({ what: 'seen', batch: batch.key, saw: 'darker' }));
    expect(body.events[0].note).toMatch(/is out already: kept/);
    const now = await standing(cook.id);
    valid(cookStandingSchema, now);
    expect(now.notes).toHaveLength(1);
    expect(now.batches[0].state).toBe('out');
  });

  test('404 for a cook that there is not', async () => {
    expect((await tell(randomUUID(), event({ what: 'paused' }))).status).toBe(404);
    expect((await server.ask('GET', `/cooks/${randomUUID()}`)).status).toBe(404);
  });

  test('the end is the end, and stands in the list', async () => {
    const cook = await start();
    await tell(cook.id, event({ what: 'ended', how: 'served' }));
    expect((await read(cook.id)).endedAt).not.toBeNull();
    const { body } = await server.ask<ListedCook[]>('GET', '/cooks');
    expect(body.find((c) => c.id === cook.id)!.endedAt).not.toBeNull();
    // What goes on stands first.
    const over = body.findIndex((c) => c.endedAt !== null);
    expect(body.slice(over).every((c) => c.endedAt !== null)).toBe(true);
  });
});

describe('a cook in the list', () => {
  test('stands as it is now: noted, put aside and brought back', async () => {
    const afterwards = { at: '2026-04-02T18:00:00Z', by: { what: 'plan' } };
    const { body: cook } = await server.ask<CookDocument>('POST', '/cooks', { conversionId: dish.id, afterwards });
    const listed = async (): Promise<ListedCook | undefined> =>
      (await server.ask<ListedCook[]>('GET', '/cooks')).body.find((c) => c.id === cook.id);
    const first = (await listed())!;
    expect(first).toMatchObject({ dishes: [dish.name], log: [{ minutes: 12, record: null }], photos: 0 });
    await server.ask('PUT', `/cooks/${cook.id}/seen`, { colourTop: 'dark' });
    const noted = (await listed())!;
    expect(noted).toMatchObject({ ...first, log: [{ record: { version: 1, seen: { colourTop: 'dark' } } }] });
    await server.ask('DELETE', `/cooks/${cook.id}`);
    expect(await listed()).toBeUndefined();
    await server.ask('POST', `/cooks/${cook.id}/restore`);
    expect(await listed()).toEqual(noted);
  });
});

describe('what stands', () => {
  test('darker than the swatch at half time: this batch and the later ones are shorter, and it says so', async () => {
    const cook = await start({ conversionId: dish.id, rehearsal: { rate: 60, help: 'none' } });
    const [batch] = cook.programme.batches;
    const begun = upTo(cook, 'look');
    await tell(cook.id, ...begun);
    expect((await standing(cook.id)).timers.some((t) => t.batch === batch.key)).toBe(true);
    // Five minutes of a cook that goes sixty times as fast; seen then, however late this machine comes to say so.
    const atMs = begun.at(-1)!.atMs + 5000;
    await new Promise((resolve) => setTimeout(resolve, Math.max(0, atMs - Date.now())));
    const shown = colourUnder(plannedSeries(lyingOf(KNOWN, cook.programme, batch)), 'up', 300, 0);
    await tell(cook.id, event({ what: 'seen', batch: batch.key, saw: 'darker', shown, face: 'up' }, { atMs }));
    const after = await standing(cook.id);
    for (const b of after.batches) expect(b.takesS).toBeLessThan(b.plannedS - 30);
    expect(after.says.join(' ')).toMatch(/is about .* min ahead: Oyster mushrooms/);
    expect(after.record.at(-1)!.text).toMatch(/^Seen of Oyster mushrooms.*: darker\.$/);
  });

  test('one pair of hands more, and late by five minutes', async () => {
    const cook = await start();
    await tell(cook.id, event({ what: 'hands', name: 'Wen' }), event({ what: 'late', byS: 300 }));
    const now = await standing(cook.id);
    expect(now.now.map((n) => n.hand)).toEqual(['You', 'Wen']);
    expect(now.says.join(' ')).toMatch(/later than planned/);
  });

  test('a dish that is deleted leaves its cook as it was, and says so', async () => {
    const { body: gone } = await server.ask<ConversionDocument>('POST', '/conversions', converted('Gone tomorrow'));
    const cook = await start({ conversionId: gone.id });
    await server.ask('DELETE', `/conversions/${gone.id}`);
    const found = await read(cook.id);
    expect(found.programme.steps).toEqual(cook.programme.steps);
    expect(found.notes.join(' ')).toMatch(/“Gone tomorrow” has been deleted since\. This cook goes on/);
    expect((await tell(cook.id, event({ what: 'done', step: cook.programme.steps[0].id }))).status).toBe(200);
  });
});

describe('the stream', () => {
  interface Message {
    event?: StoredCookEvent;
    nowMs?: number;
  }

  test('tells all events, then each as it comes, and goes on after the last that was heard', async () => {
    const cook = await start();
    const taps = [1, 2, 3].map((k) => event({ what: 'late', byS: k }));
    await tell(cook.id, ...taps);
    const heard = (await server.listen<Message>(`/cooks/${cook.id}/stream`, 4)).flatMap((m) => m.event ?? []);
    expect(heard.map((e) => e.id).sort()).toEqual(taps.map((t) => t.id).sort());
    const { events } = await read(cook.id);
    const listening = server.listen<Message>(`/cooks/${cook.id}/stream`, 3, { 'last-event-id': String(events[1].seq) });
    await new Promise((resolve) => setTimeout(resolve, 200));
    const fresh = event({ what: 'paused' });
    await tell(cook.id, fresh);
    const after = (await listening).flatMap((m) => m.event ?? []);
    expect(after.map((e) => e.id)).toEqual([taps[2].id, fresh.id]);
  });
});
