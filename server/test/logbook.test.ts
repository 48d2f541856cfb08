import {
  cookDiagnosisSchema,
  cookListSchema,
  diagnoseAnswerSchema,
  seenRecordSchema,
  type ConversionDocument,
  type CookDiagnosis,
  type CookDocument,
  type DiagnoseAnswer,
  type ListedCook,
  type Problem,
  type SeenRecord,
} from '@yellowmist/contract';
import { parse } from 'csv-parse/sync';
import { breaded } from './converted.js';
import { counterOf, valid } from './counter.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
const { start } = counterOf(server);
afterAll(() => server.end());

let dish: ConversionDocument;

const enter = async (more: object = {}): Promise<CookDocument> => {
  const { status, body } = await server.ask<CookDocument>('POST', '/cooks', {
    conversionId: dish.id,
    afterwards: { by: { what: 'plan' }, ...more },
  });
  expect(status).toBe(201);
  return body;
};
const note = (id: string, seen: object) => server.ask<SeenRecord & Problem>('PUT', `/cooks/${id}/seen`, seen);
const diagnosisOf = async (id: string, dishId?: string): Promise<CookDiagnosis> => {
  const asked = dishId ? `?dish=${dishId}` : '';
  const { status, body } = await server.ask<CookDiagnosis>('GET', `/cooks/${id}/diagnosis${asked}`);
  expect(status).toBe(200);
  valid(cookDiagnosisSchema, body);
  return body;
};

const DARK = { colourTop: 'dark', colourUnder: 'dark', crunchNow: 'very crisp', bald: 'none', floury: 'none' };
const GOLDEN = { colourTop: 'golden', colourUnder: 'golden', crunchNow: 'very crisp', bald: 'none', floury: 'none' };

beforeAll(async () => {
  await server.start();
  dish = (await server.ask<ConversionDocument>('POST', '/conversions', breaded('Leek slabs'))).body;
});

describe('a cook that is entered when it is over', () => {
  test('has its programme, its end, and nothing that happened', async () => {
    const at = '2026-03-26T19:05:00.000Z';
    const cook = await enter({ at });
    expect(cook).toMatchObject({ endedAt: at, events: [], cookedBy: { what: 'plan' }, rehearsal: null });
    expect(Date.parse(cook.startedAt)).toBeLessThan(Date.parse(at));
    expect(cook.programme.batches.length).toBeGreaterThan(0);
  });

  test('may have been cooked by a packet, and says so in the list', async () => {
    const cook = await enter({ by: { what: 'other', name: 'The packet', tempC: 200, minutes: 18, turned: true } });
    const { body } = await server.ask<ListedCook[]>('GET', '/cooks');
    valid(cookListSchema, body);
    const listed = body.find((c) => c.id === cook.id)!;
    expect(listed.cookedBy).toMatchObject({ name: 'The packet', tempC: 200 });
    expect(listed.log).toMatchObject([{ name: 'Leek slabs', tempC: 200, minutes: 18, record: null }]);
  });

  test.each([
    [{ at: '2199-01-01T00:00:00Z' }, /afterwards.at must not be later than now/],
    [{ at: 'last Thursday' }, /afterwards.at must be a date and time/],
    [
      { by: { what: 'other', tempC: 500, minutes: 18, turned: true } },
      /afterwards.by.tempC must be a number from 80 to/,
    ],
    [{ by: { what: 'guess' } }, /afterwards.by.what must be one of/],
  ])('is refused with %j: the field, and what is allowed', async (afterwards, why) => {
    const { status, body } = await server.ask<Problem>('POST', '/cooks', {
      conversionId: dish.id,
      afterwards: { by: { what: 'plan' }, ...afterwards },
    });
    expect(status).toBe(400);
    expect(body.detail).toMatch(why);
  });

  test('is no rehearsal, and of no dish that is gone', async () => {
    const rehearsal = { rate: 60 };
    const both = await server.ask<Problem>('POST', '/cooks', {
      conversionId: dish.id,
      afterwards: { by: { what: 'plan' } },
      rehearsal,
    });
    expect(both.status).toBe(400);
    expect(both.body.detail).toMatch(/rehearsal or afterwards/);
    const gone = await server.ask('POST', '/cooks', {
      conversionId: '00000000-0000-4000-8000-000000000000',
      afterwards: { by: { what: 'plan' } },
    });
    expect(gone.status).toBe(404);
  });
});

describe('how it came out', () => {
  test('is noted, read again, and changed by who names its version', async () => {
    const cook = await enter();
    const { status, body } = await note(cook.id, {
      ...DARK,
      overall: 'failed',
      taste: 'bitter',
      did: { turned: true },
    });
    expect(status).toBe(200);
    valid(seenRecordSchema, body);
    expect(body).toMatchObject({ dish: dish.id, version: 1, seen: { colourTop: 'dark', did: { turned: true } } });
    expect((await note(cook.id, { ...GOLDEN, version: 1 })).body.version).toBe(2);
    const stale = await note(cook.id, { colourTop: 'pale', version: 1 });
    expect(stale.status).toBe(409);
    expect(stale.body.detail).toMatch(/Nothing was overwritten/);
    const { body: all } = await server.ask<SeenRecord[]>('GET', `/cooks/${cook.id}/seen`);
    expect(all).toMatchObject([{ version: 2, seen: GOLDEN }]);
  });

  test.each([
    [{ centreC: 400 }, /centreC must be a number from -30 to 130/],
    [{ colourTop: 'mauve' }, /colourTop must be a number from 0 to 6 or one of pale, straw, golden/],
    [{ bald: 3 }, /bald must be a number from 0 to 1 or one of none, some, much or true or false/],
    [{ atMin: 9 }, /atMin is the minute at which centreC was read/],
    [{ bald: 'none', baldWhere: ['top'] }, /baldWhere names places where the coat is gone/],
    [{ did: { turned: false, turnedAtMin: 6 } }, /did.turnedAtMin is when it was turned/],
    [{ did: { minutes: 8, turnedAtMin: 12 } }, /did.turnedAtMin must be at most did.minutes, 8/],
    [{ did: { openings: 500 } }, /openings must be a number from 0 to 40/],
    [{ dish: 'another' }, /dish must be one of .*Leek slabs/],
    [{ smell: 'good' }, /smell/],
  ])('is refused with %j: the field, and what is allowed', async (seen, why) => {
    const cook = await enter();
    const { status, body } = await note(cook.id, seen);
    expect(status).toBe(400);
    expect(body.detail).toMatch(why);
    expect((await server.ask<SeenRecord[]>('GET', `/cooks/${cook.id}/seen`)).body).toEqual([]);
  });

  test('outlives the dish that was cooked', async () => {
    const { body: other } = await server.ask<ConversionDocument>('POST', '/conversions', breaded('Soon gone'));
    const { body: cook } = await server.ask<CookDocument>('POST', '/cooks', {
      conversionId: other.id,
      afterwards: { by: { what: 'plan' } },
    });
    await server.ask('DELETE', `/conversions/${other.id}`);
    expect((await note(cook.id, DARK)).status).toBe(200);
    expect((await diagnosisOf(cook.id)).causes.length).toBeGreaterThan(0);
  });

  test('survives a server that is killed', async () => {
    const cook = await enter();
    await note(cook.id, { overall: 'good', taste: 'of leek' });
    await server.kill();
    await server.start();
    const { body } = await server.ask<SeenRecord[]>('GET', `/cooks/${cook.id}/seen`);
    expect(body).toMatchObject([{ seen: { taste: 'of leek' } }]);
  });
});

describe('what went wrong', () => {
  test('is told with its evidence, one change, and what it would cure', async () => {
    const cook = await enter();
    await note(cook.id, { ...DARK, did: { minutes: 12, turned: true, openings: 0 } });
    const found = await diagnosisOf(cook.id);
    expect(found.complaints).toContain('the top was dark');
    expect(found.causes[0].share).toBeGreaterThanOrEqual(found.causes.at(-1)!.share);
    expect(found.causes[0].for.join(' ')).toMatch(/The top was dark, as with this/);
    expect(found.change).not.toBeNull();
    expect(found.change!.cures.length).toBeGreaterThan(0);
  });

  test('of a good cook is nothing', async () => {
    const cook = await enter();
    await note(cook.id, GOLDEN);
    expect(await diagnosisOf(cook.id)).toMatchObject({ complaints: [], causes: [], change: null, test: null });
  });

  test('is not told before anything was noted', async () => {
    const cook = await enter();
    const { status, body } = await server.ask<Problem>('GET', `/cooks/${cook.id}/diagnosis`);
    expect(status).toBe(409);
    expect(body.detail).toMatch(/note it first/);
  });

  test('after the next cook says whether the change has helped, and moves what is believed', async () => {
    // A fryer that no other cook has taught anything.
    const plain = breaded('Twice cooked');
    const untaught = { ...plain, fryer: { ...plain.fryer, name: 'Untaught' } };
    const { body: own } = await server.ask<ConversionDocument>('POST', '/conversions', untaught);
    const cooked = async (at: string, seen: object): Promise<CookDiagnosis> => {
      const { body } = await server.ask<CookDocument>('POST', '/cooks', {
        conversionId: own.id,
        afterwards: { at, by: { what: 'plan' } },
      });
      await note(body.id, seen);
      return diagnosisOf(body.id);
    };
    const first = await cooked('2026-04-02T18:00:00Z', { ...DARK, did: { minutes: 12, turned: true } });
    const again = await cooked('2026-04-09T18:00:00Z', { ...GOLDEN, didChange: true });
    expect(again.proposedBefore!.text).toBe(first.change!.text);
    expect(again.followUp).toMatchObject({ helped: 'yes' });
    expect(again.followUp!.moved.some((m) => Math.abs(m.after - m.before) > 0.005)).toBe(true);
  });

  test('finds the last cook of its dish behind any number of others', async () => {
    const cookedOf = async (of: ConversionDocument, day: number, seen: object): Promise<string> => {
      const at = `2026-05-${String(day).padStart(2, '0')}T18:00:00Z`;
      const afterwards = { at, by: { what: 'plan' } };
      const { body } = await server.ask<CookDocument>('POST', '/cooks', { conversionId: of.id, afterwards });
      await note(body.id, seen);
      return body.id;
    };
    const [own, other] = await Promise.all(
      ['Now and then', 'Every day'].map(
        async (name) => (await server.ask<ConversionDocument>('POST', '/conversions', breaded(name))).body,
      ),
    );
    await cookedOf(own, 1, DARK);
    const last = await cookedOf(own, 2, DARK);
    for (let day = 3; day < 11; day++) await cookedOf(other, day, GOLDEN);
    const { proposedBefore } = await diagnosisOf(await cookedOf(own, 12, { ...GOLDEN, didChange: true }));
    expect(proposedBefore!.cook).toBe(last);
  });

  test('is asked by other programs with a dish and what was seen, and nothing is stored', async () => {
    const { body: before } = await server.ask<ListedCook[]>('GET', '/cooks');
    const { status, body } = await server.ask<DiagnoseAnswer>('POST', '/diagnose', {
      conversion: breaded('Not stored'),
      seen: { colourTop: 3.2, colourUnder: 'dark', centreC: 92, atMin: 12, did: { minutes: 12 } },
    });
    expect(status).toBe(200);
    valid(diagnoseAnswerSchema, body);
    expect(Object.keys(body)).toEqual(expect.arrayContaining(['causes', 'change', 'test']));
    expect(Object.keys(body.causes[0])).toEqual(expect.arrayContaining(['cause', 'share', 'for', 'against']));
    expect(Object.keys(body.change!)).toEqual(expect.arrayContaining(['text', 'plan', 'cures']));
    expect((await server.ask<ListedCook[]>('GET', '/cooks')).body).toHaveLength(before.length);
  });

  test('a dish without a plan is refused', async () => {
    const { chosen: _, ...unplanned } = breaded('No plan');
    const { status, body } = await server.ask<Problem>('POST', '/diagnose', { conversion: unplanned, seen: DARK });
    expect(status).toBe(400);
    expect(body.detail).toMatch(/conversion must hold plan, or chosen with its plan/);
  });
});

describe('a cook whose dish was deleted since', () => {
  test('is noted and looked into by its own copy of it', async () => {
    const { body: gone } = await server.ask<ConversionDocument>('POST', '/conversions', breaded('Leeks of yesterday'));
    const { body: cook } = await server.ask<CookDocument>('POST', '/cooks', {
      conversionId: gone.id,
      afterwards: { by: { what: 'plan' } },
    });
    await server.ask('DELETE', `/conversions/${gone.id}`);
    expect((await note(cook.id, DARK)).status).toBe(200);
    expect((await diagnosisOf(cook.id)).complaints.length).toBeGreaterThan(0);
    expect((await server.ask<ListedCook[]>('GET', '/cooks')).body.find((c) => c.id === cook.id)!.log).toMatchObject([
      { name: 'Leeks of yesterday', record: { seen: DARK } },
    ]);
  });
});

describe('all cooks as CSV', () => {
  test('are read by another package, a line for each dish, and begin no formula', async () => {
    const cook = await start({ conversionId: dish.id });
    await note(cook.id, { overall: 'so-so', taste: '=HYPERLINK("x"), or so', colourTop: 'straw', bald: 0.2 });
    const response = await fetch(`${server.address()}/api/cooks?as=csv`);
    expect(response.headers.get('content-type')).toMatch(/^text\/csv/);
    expect(response.headers.get('content-disposition')).toMatch(/yellowmist-cooks\.csv/);
    const data = parse(await response.text(), { columns: true }) as unknown as Record<string, string>[];
    const { body: list } = await server.ask<ListedCook[]>('GET', '/cooks');
    expect(data).toHaveLength(list.reduce((sum, c) => sum + c.log.length, 0));
    const line = data.find((d) => d.cook === cook.id)!;
    expect(line).toMatchObject({ dish: 'Leek slabs', overall: 'so-so', colourTop: 'straw', bald: '0.2' });
    expect(line.taste).toMatch(/^'=/);
  });

  test('nothing else is asked for', async () => {
    const { status, body } = await server.ask<Problem>('GET', '/cooks?as=pdf');
    expect(status).toBe(400);
    expect(body.detail).toBe('as must be json or csv');
  });
});
