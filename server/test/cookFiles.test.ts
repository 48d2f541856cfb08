import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import {
  kitchenFileSchema,
  type CookDocument,
  type ImportReport,
  type KitchenFile,
  type ListedCook,
  type PhotoRecord,
  type Problem,
  type SeenRecord,
} from '@yellowmist/contract';
import { counterOf, event, upTo, valid } from './counter.js';
import { photograph } from './pictures.js';
import { RunningServer } from './running.js';

/** Cooks and their photographs leave one kitchen in its file, and come into another. */

const first = new RunningServer();
const second = new RunningServer();
const { open, start, tell } = counterOf(first);
afterAll(() => Promise.all([first.end(), second.end()]));

let dish = '';
let atCounter = '';
let photo: PhotoRecord;

const sent = async (server: RunningServer, id: string): Promise<PhotoRecord> =>
  (await (
    await fetch(`${server.address()}/api/cooks/${id}/photos?dish=${dish}`, {
      method: 'POST',
      headers: { 'content-type': 'image/jpeg' },
      body: new Uint8Array(await photograph('jpeg', 320, 240)),
    })
  ).json()) as PhotoRecord;
const exported = async (server: RunningServer, query = ''): Promise<KitchenFile> =>
  JSON.parse(
    gunzipSync(Buffer.from(await (await fetch(`${server.address()}/api/export${query}`)).arrayBuffer())).toString(),
  ) as KitchenFile;
async function brought(file: object, query = ''): Promise<{ status: number; body: ImportReport & Problem }> {
  const response = await fetch(`${second.address()}/api/import${query}`, {
    method: 'POST',
    headers: { 'content-type': 'application/gzip' },
    body: new Uint8Array(gzipSync(JSON.stringify(file))),
  });
  return { status: response.status, body: (await response.json()) as ImportReport & Problem };
}
const cooksOf = async (server: RunningServer): Promise<ListedCook[]> =>
  (await server.ask<ListedCook[]>('GET', '/cooks')).body;
const emptied = async (): Promise<void> => {
  for (const { id } of await cooksOf(second)) await second.ask('DELETE', `/cooks/${id}`);
  await second.ask('DELETE', '/cooks/bin');
};

beforeAll(async () => {
  [{ id: dish }] = await Promise.all([open(), second.start()]);
  const cook = await start();
  await tell(cook.id, ...upTo(cook, 'load'), event({ what: 'skipped', step: cook.programme.steps[0].id }));
  await tell(cook.id, event({ what: 'ended', how: 'served' }));
  atCounter = cook.id;
  await first.ask('PUT', `/cooks/${cook.id}/seen`, { colourTop: 'golden', overall: 'keeper' });
  photo = await sent(first, cook.id);
  await first.ask('POST', '/cooks', {
    conversionId: dish,
    afterwards: { by: { what: 'other', name: 'The packet', tempC: 200, minutes: 18, turned: true } },
  });
  await start();
});
afterEach(emptied);

describe('cooks in a kitchen’s file', () => {
  test('go out with what happened, how they came out and their photographs; what goes on stays', async () => {
    const file = await exported(first);
    valid(kitchenFileSchema, file);
    expect(file.cooks).toHaveLength(2);
    expect(file.cooks.find((c) => c.id === atCounter)).toMatchObject({
      records: [{ dish, seen: { colourTop: 'golden', overall: 'keeper' } }],
      photos: [photo],
    });
    expect(file.photographs.map((p) => p.hash)).toEqual([photo.hash]);
    expect(file.photographsLeftOut).toBe(0);
    const without = await exported(first, '?photographs=0');
    expect(without).toMatchObject({ photographs: [], photographsLeftOut: 1 });
  });

  test('are rehearsed, come in whole, and go out again as they came', async () => {
    const file = await exported(first);
    const rehearsed = await brought(file, '?try=1');
    expect(rehearsed.body).toMatchObject({ tried: true, photos: { brought: 1, missing: 0 } });
    expect(rehearsed.body.added.filter((a) => a.what === 'cook')).toHaveLength(2);
    expect(await cooksOf(second)).toEqual([]);
    expect(await brought(file)).toMatchObject({ status: 200, body: { photos: { brought: 1, missing: 0 } } });
    const cook = await second.ask<CookDocument>('GET', `/cooks/${atCounter}`);
    const here = await first.ask<CookDocument>('GET', `/cooks/${atCounter}`);
    const unplaced = (doc: CookDocument) => ({ ...doc, nowMs: 0, events: doc.events.map((e) => ({ ...e, seq: 0 })) });
    expect(unplaced(cook.body)).toEqual(unplaced(here.body));
    expect((await second.ask<SeenRecord[]>('GET', `/cooks/${atCounter}/seen`)).body[0].seen.overall).toBe('keeper');
    const [there, mine] = await Promise.all(
      [second, first].map(async (s) =>
        (await fetch(`${s.address()}/api/cooks/${atCounter}/photos/${photo.id}`)).text(),
      ),
    );
    expect(there).toBe(mine);
    const again = await exported(second);
    expect([again.cooks, again.photographs]).toEqual([file.cooks, file.photographs]);
    expect((await brought(file)).body).toMatchObject({ added: [], conflicts: [], photos: { brought: 0, missing: 0 } });
  });

  test('are there after a kill, and can be looked into: the cause is found here as well', async () => {
    await brought(await exported(first));
    await second.kill();
    await second.start();
    expect(await cooksOf(second)).toHaveLength(2);
    expect((await second.ask('GET', `/cooks/${atCounter}/diagnosis`)).status).toBe(200);
    expect((await second.ask('GET', `/cooks/${atCounter}/standing`)).status).toBe(200);
  });

  test('noted otherwise here: it stays, unless the file’s is taken', async () => {
    const file = await exported(first);
    await brought(file);
    await second.ask('PUT', `/cooks/${atCounter}/seen`, { colourTop: 'dark' });
    const key = `cook:${atCounter}`;
    expect((await brought(file)).body.conflicts).toMatchObject([{ key, what: 'cook', answer: 'keep' }]);
    const seen = async () => (await second.ask<SeenRecord[]>('GET', `/cooks/${atCounter}/seen`)).body[0].seen;
    expect(await seen()).toEqual({ colourTop: 'dark' });
    await brought(file, `?take=${key}`);
    expect(await seen()).toEqual({ colourTop: 'golden', overall: 'keeper' });
  });

  test('without their photographs’ files they come in all the same, and it is said', async () => {
    const { body } = await brought(await exported(first, '?photographs=0'));
    expect(body.photos).toEqual({ brought: 0, missing: 1 });
    expect((await second.ask('GET', `/cooks/${atCounter}/photos`)).body).toEqual([]);
  });

  test('a file that names another cook’s photograph takes it from nobody', async () => {
    const file = await exported(first);
    await brought(file);
    const stranger = { ...file.cooks.find((c) => c.id === atCounter)!, id: randomUUID() };
    expect((await brought({ ...file, cooks: [stranger] })).status).toBe(200);
    const photosOf = async (id: string) => (await second.ask<PhotoRecord[]>('GET', `/cooks/${id}/photos`)).body;
    expect(await photosOf(atCounter)).toEqual([photo]);
    expect(await photosOf(stranger.id)).toEqual([{ ...photo, id: expect.not.stringMatching(photo.id) }]);
  });

  test('one that was put aside is asked about', async () => {
    const file = await exported(first);
    await brought(file);
    await second.ask('DELETE', `/cooks/${atCounter}`);
    const { body } = await brought(file);
    expect(body.conflicts).toMatchObject([{ key: `cook:${atCounter}`, here: 'put aside here' }]);
    expect((await cooksOf(second)).map((c) => c.id)).not.toContain(atCounter);
  });
});

describe('a file whose cooks or photographs are not what they say', () => {
  const spoiled: [what: string, spoil: (file: KitchenFile) => void, why: RegExp][] = [
    [
      'a photograph under another hash',
      ({ photographs }) => (photographs[0].hash = 'f'.repeat(64)),
      /photographs.0 is damaged/,
    ],
    [
      'a program for a photograph',
      ({ photographs }) => (photographs[0].data = Buffer.from('#!/bin/sh').toString('base64')),
      /photographs.0 is damaged/,
    ],
    [
      'a programme without its plan',
      ({ cooks }) => delete (cooks[0].body.programme.batches[0] as Partial<object & { plan: unknown }>).plan,
      /The cook “Oyster mushrooms”: programme.batches\[0\].plan is required/,
    ],
    [
      'a plan of 900 °C',
      ({ cooks }) => (cooks[0].body.programme.batches[0].plan.settings.tempC = 900),
      /settings.tempC must be a number from/,
    ],
    ['an event that is none', ({ cooks }) => cooks[0].events.push({ id: randomUUID() } as never), /events/],
    [
      'a centre of 400 °C',
      ({ cooks }) => cooks[0].records.push({ dish: 'd', version: 1, savedAt: '', seen: { centreC: 400 } }),
      /centreC must be a number from -30 to 130/,
    ],
    ['a cook of a newer format', ({ cooks }) => (cooks[0].format = 99), /newer/],
  ];
  test.each(spoiled)('%s: refused whole, with the reason', async (_, spoil, why) => {
    const file = await exported(first);
    spoil(file);
    const { status, body } = await brought(file);
    expect(status).toBe(400);
    expect(body.detail).toMatch(why);
    expect(await cooksOf(second)).toEqual([]);
  });

  test('nothing of a refused file lies in the folder of photographs', async () => {
    const file = await exported(first);
    file.cooks[0].format = 99;
    await brought(file);
    let files: string[] = [];
    try {
      files = readdirSync(join(second.folder, 'photos'));
    } catch {
      // There is no such folder: nothing was ever kept.
    }
    expect(files).toEqual([]);
  });
});
