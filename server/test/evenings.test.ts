import {
  EMPTY_EVENING,
  eveningAnswerSchema,
  plannedEveningSchema,
  type ConversionDocument,
  type EveningAnswer,
  type EveningBody,
  type EveningDocument,
  type PlannedEvening,
  type Problem,
} from '@yellowmist/contract';
import { TASK_KINDS } from '@yellowmist/core';
import ICAL from 'ical.js';
import { converted, example } from './converted.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
afterAll(() => server.end());

const NOW = '2026-11-26T15:00:00+01:00';
const AT = '2026-11-26T19:00:00+01:00';
const plan = (body: object) => server.ask<EveningAnswer & Problem>('POST', '/evenings/plan', body);
const ids: string[] = [];

beforeAll(async () => {
  await server.start();
  for (const body of [converted('Oyster mushrooms'), converted('Second helping', { count: 6 }, 10)]) {
    ids.push((await server.ask<ConversionDocument>('POST', '/conversions', body)).body.id);
  }
});

describe('POST /api/evenings/plan', () => {
  test('answers tasks that work back from the table, each with its reason, and how every batch stands when it is eaten', async () => {
    const { status, body } = await plan({ dishIds: ids, cooks: 2, serveAt: AT, options: { now: NOW } });
    expect(status).toBe(200);
    expect(eveningAnswerSchema.validate(body, { convert: false }).error?.message).toBeUndefined();
    expect(body.table.at).toBe(AT);
    expect(body.tasks[0].fromMin).toBe(0);
    const last = Math.max(...body.tasks.map((t) => t.toMin));
    expect(last).toBeCloseTo(body.table.atMin, 1);
    for (const t of body.tasks) {
      expect(TASK_KINDS).toContain(t.kind);
      expect(t.reason.length).toBeGreaterThan(5);
      expect([null, 0, 1]).toContain(t.cook);
      // Times are told to the second.
      expect((Date.parse(t.fromAt) - Date.parse(AT)) / 60_000).toBeCloseTo(t.fromMin - body.table.atMin, 1);
      expect(t.fromAt).toMatch(/\+01:00$/);
    }
    for (const b of body.table.batches) {
      expect(ids).toContain(b.dishId);
      expect(b.crispness).toBeGreaterThan(0);
      expect(b.crispness).toBeLessThanOrEqual(b.ifFresh + 0.1);
    }
    expect(body.cannot).toEqual([]);
  });

  test('takes whole conversions and a kitchen of its own, and gives the same for the same', async () => {
    const kitchen = { fryers: [example.fryer], sprayers: [], bowls: [], trays: [] };
    const asked = { dishes: [converted('Sent along')], kitchen, serveAt: AT, options: { now: NOW } };
    const [a, b] = [await plan(asked), await plan(asked)];
    expect(a.body.tasks).toEqual(b.body.tasks);
    expect(new Set(a.body.tasks.map((t) => t.dishId))).toEqual(new Set(['1']));
  });

  test('begun at a time it goes forwards from it; without any, from now on', async () => {
    const { body } = await plan({ dishIds: [ids[0]], startAt: AT });
    expect(body.tasks[0].fromAt).toBe(AT);
    expect(Date.parse(body.table.at)).toBeGreaterThan(Date.parse(AT));
    const soon = await plan({ dishIds: [ids[0]] });
    expect(Math.abs(Date.parse(soon.body.tasks[0].fromAt) - Date.now())).toBeLessThan(60_000);
  });

  test('a table in ten minutes, or one that was yesterday: when it can be, by the clock, and what would help', async () => {
    const soon = await plan({ dishIds: ids, serveAt: '2026-11-26T15:10:00+01:00', options: { now: NOW } });
    expect(soon.body.cannot[0].why).toMatch(/^Not before 1[56]:\d\d: /);
    expect(soon.body.cannot[0].cheapest).toMatch(/brings it to|Eat at/);
    expect(Date.parse(soon.body.table.at)).toBeGreaterThan(Date.parse('2026-11-26T15:10:00+01:00'));
    expect(Date.parse(soon.body.tasks[0].fromAt)).toBeGreaterThanOrEqual(Date.parse(NOW) - 1000);
    const past = await plan({ dishIds: [ids[0]], serveAt: '2026-11-25T19:00:00+01:00', options: { now: NOW } });
    expect(past.body.cannot).toHaveLength(1);
    expect(Date.parse(past.body.tasks[0].fromAt)).toBeGreaterThanOrEqual(Date.parse(NOW) - 1000);
  });

  test('over the night in which clocks go back every task is as long as it is, with the offset of its moment', async () => {
    const { body } = await plan({
      dishIds: [ids[0]],
      serveAt: '2026-10-25T02:20:00+01:00',
      options: { timeZone: 'Europe/Oslo', now: '2026-10-24T12:00:00+02:00' },
    });
    const offsets = new Set(body.tasks.map((t) => t.fromAt.slice(-6)));
    expect(offsets).toEqual(new Set(['+02:00', '+01:00']));
    for (const t of body.tasks) {
      expect((Date.parse(t.toAt) - Date.parse(t.fromAt)) / 60_000).toBeCloseTo(t.toMin - t.fromMin, 1);
    }
  });

  test.each<[string, () => object, RegExp]>([
    ['no dish', () => ({}), /dishIds or dishes must name at least one dish/],
    ['a dish that is not there', () => ({ dishIds: [ids[0], 'gone'] }), /dishIds\[1\] must be the id of a dish/],
    [
      'a dish without a plan',
      () => ({ dishes: [{ ...example, chosen: null }] }),
      /dishes\[0\]\.chosen: “.*” has no air version yet/,
    ],
    [
      'a time without its offset',
      () => ({ dishIds: ids, serveAt: '2026-11-26T19:00' }),
      /serveAt must be a time of ISO 8601/,
    ],
    ['hands that are none', () => ({ dishIds: ids, cooks: 0 }), /cooks must be a number from 1 to 6/],
    [
      'an option that there is none of',
      () => ({ dishIds: ids, options: { byDish: { [ids[0]]: { ahead: ['never'] } } } }),
      /ahead\[0\] must be one of/,
    ],
  ])('%s is refused in a sentence at its field', async (_, body, message) => {
    const { status, body: problem } = await plan(body());
    expect(status).toBe(400);
    expect(problem.detail).toMatch(message);
  });
});

describe('evenings that are kept', () => {
  const body: EveningBody = {
    ...EMPTY_EVENING,
    name: 'Thursday',
    timeZone: 'Europe/Oslo',
    serveAt: '2031-11-27T19:00:00+01:00',
    cooks: [{ name: 'Ines' }, { name: 'Tobi' }],
  };
  let id = '';
  const save = (version: number, part: Partial<EveningBody> = {}) =>
    server.ask<EveningDocument & Problem>('PUT', `/evenings/${id}`, {
      ...body,
      dishes: ids.map((d) => ({ id: d })),
      ...part,
      version,
    });

  test('are begun, saved over the version that they name, listed, and there after a kill', async () => {
    expect((await server.ask('GET', '/evenings')).body).toEqual([]);
    id = (await server.ask<EveningDocument>('POST', '/evenings', body)).body.id;
    expect((await save(1)).body.version).toBe(2);
    expect((await save(1)).status).toBe(409);
    await server.kill();
    await server.start();
    const [kept] = (await server.ask<EveningDocument[]>('GET', '/evenings')).body;
    expect(kept).toMatchObject({ id, version: 2, name: 'Thursday', dishes: ids.map((d) => ({ id: d })) });
  });

  test('are read with their plan, shopping and measuring lists, or as the document alone', async () => {
    const { body: read } = await server.ask<PlannedEvening>('GET', `/evenings/${id}`);
    expect(plannedEveningSchema.validate(read, { convert: false }).error?.message).toBeUndefined();
    expect(read.problem).toBe('');
    expect(read.plan!.shopping.length).toBeGreaterThan(1);
    expect(read.plan!.measuring.map((m) => m.name)).toEqual(['Oyster mushrooms', 'Second helping']);
    const { body: alone } = await server.ask<EveningDocument>('GET', `/evenings/${id}?as=document`);
    expect(Object.keys(alone)).not.toContain('plan');
    expect((await server.ask<Problem>('GET', `/evenings/${id}?as=song`)).body.detail).toMatch(/as must be one of ics/);
  });

  const file = async (as: string): Promise<Response> => fetch(`${server.address()}/api/evenings/${id}?as=${as}`);

  test('as a calendar every task is an event with its alarm, read by another package, the same event each time', async () => {
    const response = await file('ics');
    expect(response.headers.get('content-type')).toMatch(/^text\/calendar/);
    expect(response.headers.get('content-disposition')).toMatch(/filename="thursday\.ics"/);
    const events = (text: string) =>
      new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
    const first = events(await response.text());
    const { plan: planned } = (await server.ask<PlannedEvening>('GET', `/evenings/${id}`)).body;
    const told = planned!.tasks.filter((t) => t.cook !== null || t.kind !== 'rest');
    expect(first).toHaveLength(told.length);
    for (const event of first) {
      expect(event.component.getAllSubcomponents('valarm')).toHaveLength(1);
      expect(event.startDate.zone.tzid).toBe('UTC');
      expect(event.endDate.compare(event.startDate)).toBeGreaterThan(0);
    }
    const table = first.filter((e) => e.summary.startsWith('Serve')).map((e) => e.endDate.toJSDate().getTime());
    expect(Math.max(...table)).toBe(Date.parse(body.serveAt!));
    const again = events(await (await file('ics')).text());
    expect(again.map((e) => e.uid)).toEqual(first.map((e) => e.uid));
    expect(new Set(first.map((e) => e.uid)).size).toBe(first.length);
  });

  test('as Markdown and as text it can be cooked from', async () => {
    const markdown = await (await file('markdown')).text();
    expect(markdown).toMatch(/^# Thursday\n\nThursday 27 November 2031, on the table at 19:00\./);
    expect(markdown).toMatch(/- 1[78]:\d\d \*\*Oyster mushrooms\*\* (Ines|Tobi): /);
    expect(await (await file('text')).text()).not.toMatch(/\*\*/);
  });

  test('an evening without dishes is read with the reason why it has no plan', async () => {
    const made = await server.ask<EveningDocument>('POST', '/evenings', body);
    const { body: read } = await server.ask<PlannedEvening>('GET', `/evenings/${made.body.id}`);
    expect(read).toMatchObject({ plan: null, problem: expect.stringMatching(/at least one dish/) });
    await server.ask('DELETE', `/evenings/${made.body.id}`);
  });

  test('one that was cooked is copied to another day, still to be cooked', async () => {
    await save(2, { state: 'done' });
    const serveAt = '2031-12-04T19:00:00+01:00';
    const copy = await server.ask<EveningDocument>('POST', `/evenings/${id}/copy`, { serveAt });
    expect(copy.body).toMatchObject({ name: 'Thursday', state: 'planned', serveAt, version: 1 });
    expect(copy.body.id).not.toBe(id);
    await server.ask('DELETE', `/evenings/${copy.body.id}`);
    expect((await server.ask<EveningDocument>('POST', `/evenings/${copy.body.id}/restore`)).body.id).toBe(copy.body.id);
  });

  test('a dish that is deleted leaves it, and is back when it is brought back', async () => {
    await server.ask('DELETE', `/conversions/${ids[1]}`);
    const dishes = async () => (await server.ask<EveningDocument>('GET', `/evenings/${id}?as=document`)).body.dishes;
    expect(await dishes()).toEqual([{ id: ids[0] }]);
    await server.ask('POST', `/conversions/${ids[1]}/restore`);
    expect(await dishes()).toHaveLength(2);
  });

  test.each<[string, Partial<EveningBody>, RegExp]>([
    ['a dish that is not there', { dishes: [{ id: 'nothing' }] }, /dishes\[0\]\.id must be the id of a dish/],
    [
      'two guests of one name',
      { guests: [0, 1].map(() => ({ name: 'Mara', avoidAllergens: [], diets: [] })) },
      /duplicate/,
    ],
    ['a nameless evening', { name: '' }, /name must not be empty/],
  ])('%s is refused at its field, and nothing is lost', async (_, part, message) => {
    const answer = await save(3, part);
    expect(answer.status).toBe(400);
    expect(answer.body.detail).toMatch(message);
    expect((await server.ask<EveningDocument>('GET', `/evenings/${id}?as=document`)).body.version).toBe(3);
  });

  test('one that is not there is 404', async () => {
    expect((await server.ask('GET', '/evenings/5f0d3c1e-6f0a-4d3e-9a51-2f4f0a7c1b2d')).status).toBe(404);
  });
});
