import { createHash, randomUUID } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  photoRecordSchema,
  photoRecordsSchema,
  RANGES,
  type BinnedCook,
  type CookDocument,
  type ListedCook,
  type PhotoRecord,
  type Problem,
} from '@yellowmist/contract';
import exifr from 'exifr';
import sharp from 'sharp';
import { counterOf, valid } from './counter.js';
import { bomb, colourAt, photograph } from './pictures.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
const { open } = counterOf(server);
let dish: string;
beforeAll(async () => {
  dish = (await open()).id;
});
afterAll(() => server.end());

const entered = async (): Promise<string> =>
  (
    await server.ask<CookDocument>('POST', '/cooks', {
      conversionId: dish,
      afterwards: { by: { what: 'plan' } },
    })
  ).body.id;

const url = (path: string): string => `${server.address()}/api/cooks/${path}`;

async function sent(
  id: string,
  bytes: Buffer | FormData,
  type: string | null = 'image/jpeg',
  query = '',
): Promise<{ status: number; body: PhotoRecord & Problem }> {
  const response = await fetch(url(`${id}/photos${query}`), {
    method: 'POST',
    ...(type ? { headers: { 'content-type': type } } : {}),
    body: bytes instanceof FormData ? bytes : new Uint8Array(bytes),
  });
  return { status: response.status, body: (await response.json()) as PhotoRecord & Problem };
}

const fetched = async (id: string, photo: string): Promise<Buffer> =>
  Buffer.from(await (await fetch(url(`${id}/photos/${photo}`))).arrayBuffer());
const files = (): string[] => {
  const folder = join(server.folder, 'photos');
  return existsSync(folder) ? readdirSync(folder) : [];
};
const listed = async (id: string): Promise<PhotoRecord[]> => {
  const { body } = await server.ask<PhotoRecord[]>('GET', `/cooks/${id}/photos`);
  valid(photoRecordsSchema, body);
  return body;
};

describe('a photograph of a cook', () => {
  test('is kept upright, small, and without a word of where and by what it was taken', async () => {
    const id = await entered();
    const taken = await photograph('jpeg');
    expect(await exifr.gps(taken)).toMatchObject({ latitude: 53.55 });
    const { status, body } = await sent(id, taken, 'image/jpeg', `?dish=${dish}`);
    expect(status).toBe(201);
    valid(photoRecordSchema, body);
    expect(body).toMatchObject({ dish, widthPx: 853, heightPx: 1280 });
    const kept = await fetched(id, body.id);
    expect(await exifr.parse(taken, true)).toMatchObject({ Make: 'Lanternworks' });
    expect(await exifr.parse(kept, true)).toBeUndefined();
    expect(await exifr.gps(kept)).toBeUndefined();
    expect(kept.includes('Lanternworks')).toBe(false);
    expect(kept.length).toBe(body.bytes);
    expect(createHash('sha256').update(kept).digest('hex')).toBe(body.hash);
    // Held on its side: its left is on top now.
    const [top, under] = [await colourAt(kept, 0.5, 0.1), await colourAt(kept, 0.5, 0.9)];
    [200, 140, 40].forEach((c, k) => expect(Math.abs(top[k] - c)).toBeLessThan(6));
    [245, 244, 240].forEach((c, k) => expect(Math.abs(under[k] - c)).toBeLessThan(6));
    expect(files()).toContain(`${body.hash}.jpg`);
    expect(statSync(join(server.folder, 'photos', `${body.hash}.jpg`)).mode & 0o777).toBe(0o600);
  });

  test.each(['png', 'webp', 'avif'] as const)('may be a %s, whatever it is called', async (format) => {
    const { status, body } = await sent(
      await entered(),
      await photograph(format, 300, 200),
      'application/octet-stream',
    );
    expect([status, body.heightPx]).toEqual([201, 300]);
  });

  test('is kept once, however often it comes under one key, and is not brought back by coming again', async () => {
    const id = await entered();
    const picture = await photograph('jpeg', 64, 48);
    const key = randomUUID();
    const again = () => sent(id, picture, 'image/jpeg', `?key=${key}`);
    const [first, ...more] = await Promise.all([again(), again(), again()]);
    expect(first).toMatchObject({ status: 201, body: { id: key } });
    for (const answer of more) expect(answer.body).toEqual(first.body);
    expect(await listed(id)).toEqual([first.body]);
    // The same picture without one is another photograph.
    await sent(id, picture);
    expect(await listed(id)).toHaveLength(2);
    await server.ask('DELETE', `/cooks/${id}/photos/${key}`);
    expect((await again()).status).toBe(201);
    expect(await listed(id)).toHaveLength(1);
  });

  test('comes in a form as well', async () => {
    const form = new FormData();
    form.set('photo', new Blob([new Uint8Array(await photograph('png', 60, 40))]), 'holiday.txt');
    expect((await sent(await entered(), form, null)).status).toBe(201);
    const without = await sent(await entered(), new FormData(), null);
    expect(without).toMatchObject({ status: 400, body: { errors: [{ field: 'photo' }] } });
  });

  test('is counted in the list of cooks, and served as a picture and nothing else', async () => {
    const id = await entered();
    const { body } = await sent(id, await photograph('jpeg', 60, 40));
    const { body: cooks } = await server.ask<ListedCook[]>('GET', '/cooks');
    expect(cooks.find((c) => c.id === id)?.photos).toBe(1);
    const { headers } = await fetch(url(`${id}/photos/${body.id}`));
    expect(headers.get('content-type')).toBe('image/jpeg');
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('content-security-policy')).toMatch(/script-src 'self'/);
  });

  test('stays after a kill, and what was never finished is swept away', async () => {
    const id = await entered();
    const { body } = await sent(id, await photograph('jpeg', 90, 60));
    await server.kill();
    writeFileSync(join(server.folder, 'photos', `${'a'.repeat(64)}.jpg.part`), 'half');
    writeFileSync(join(server.folder, 'photos', `${'b'.repeat(64)}.jpg`), 'nobody’s');
    await server.start();
    expect(await listed(id)).toEqual([body]);
    expect((await fetched(id, body.id)).length).toBe(body.bytes);
    expect(files().filter((f) => /^[ab]{64}/.test(f))).toEqual([]);
  });
});

describe('what is no photograph', () => {
  const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>alert(1)</script></svg>';
  const bad: [what: string, bytes: () => Promise<Buffer>, why: RegExp][] = [
    ['words', async () => Buffer.from('this is a picture, honestly'), /no picture that can be read/],
    ['a page', async () => Buffer.from('<!doctype html><script>alert(1)</script>'), /no picture that can be read/],
    ['a drawing that is a program', async () => Buffer.from(svg), /no picture that can be read/],
    ['a program', async () => readFileSync(process.execPath).subarray(0, 4096), /no picture that can be read/],
    ['a film', () => photograph('gif', 60, 40), /no picture that can be read/],
    [
      'a telephone’s own kind',
      async () => Buffer.concat([Buffer.from('\0\0\0\x18ftypheic\0\0\0\0mif1heic', 'latin1'), Buffer.alloc(400)]),
      /HEIC picture, which cannot be read here; save it as JPEG/,
    ],
    ['half of one', async () => (await photograph('jpeg', 900, 600)).subarray(0, 1200), /damaged or cut off/],
    ['one that unpacks to 12,000 × 12,000', bomb, /too large when it is unpacked/],
  ];
  test.each(bad)('%s: refused at the field, with what is allowed, and nothing is kept', async (_, bytes, why) => {
    const id = await entered();
    const before = files();
    const { status, body } = await sent(id, await bytes());
    expect(status).toBe(400);
    expect(body.errors).toMatchObject([{ field: 'photo', message: expect.stringMatching(why) }]);
    expect(body.detail).toMatch(/JPEG, PNG, WebP or AVIF picture of at most 15 MB and 60 megapixels/);
    expect(await listed(id)).toEqual([]);
    expect(files()).toEqual(before);
  });

  test('of 30 MB, as a body or in a form: 413, and the next one is taken', async () => {
    const id = await entered();
    const large = Buffer.concat([await photograph('jpeg', 60, 40), Buffer.alloc(30_000_000)]);
    const form = new FormData();
    form.set('photo', new Blob([new Uint8Array(large)]), 'large.jpg');
    for (const answer of [await sent(id, large), await sent(id, form, null)]) {
      expect(answer.status).toBe(413);
      expect(answer.body.detail).toMatch(/15 MB of a photograph/);
    }
    expect((await sent(id, await photograph('jpeg', 60, 40))).status).toBe(201);
  });

  test('a program behind a picture does not come along', async () => {
    const id = await entered();
    const both = Buffer.concat([await photograph('jpeg', 60, 40), Buffer.from('#!/bin/sh\nrm -rf /\n<script>')]);
    const { status, body } = await sent(id, both);
    expect(status).toBe(201);
    const kept = await fetched(id, body.id);
    expect(kept.includes('script') || kept.includes('/bin/sh')).toBe(false);
    expect((await sharp(kept).metadata()).format).toBe('jpeg');
  });

  test('of a dish or a cook that is not there', async () => {
    const picture = await photograph('jpeg', 60, 40);
    const other = await sent(await entered(), picture, 'image/jpeg', '?dish=nonsense');
    expect(other).toMatchObject({ status: 400, body: { errors: [{ field: 'dish' }] } });
    expect((await sent('00000000-0000-4000-8000-000000000000', picture)).status).toBe(404);
  });

  test('under a key that is none, or that another cook has', async () => {
    const picture = await photograph('jpeg', 60, 40);
    const key = randomUUID();
    const wrong = await sent(await entered(), picture, 'image/jpeg', '?key=17');
    expect(wrong).toMatchObject({ status: 400, body: { errors: [{ field: 'key' }] } });
    expect((await sent(await entered(), picture, 'image/jpeg', `?key=${key}`)).status).toBe(201);
    const other = await entered();
    expect((await sent(other, picture, 'image/jpeg', `?key=${key}`)).status).toBe(409);
    expect(await listed(other)).toEqual([]);
  });

  test(`a ninth: at most ${RANGES.photos.max} a cook, also where all come at once`, async () => {
    const id = await entered();
    const picture = await photograph('jpeg', 60, 40);
    const answers = await Promise.all(Array.from({ length: RANGES.photos.max + 2 }, () => sent(id, picture)));
    expect(answers.filter((a) => a.status === 201)).toHaveLength(RANGES.photos.max);
    expect(answers.filter((a) => a.status === 409)).toHaveLength(2);
    expect(await listed(id)).toHaveLength(RANGES.photos.max);
  });
});

describe('taken away', () => {
  test('a photograph comes back by undo, as long as there is room for it', async () => {
    const id = await entered();
    const { body } = await sent(id, await photograph('jpeg', 64, 48));
    expect((await server.ask('DELETE', `/cooks/${id}/photos/${body.id}`)).status).toBe(204);
    expect(await listed(id)).toEqual([]);
    expect((await fetch(url(`${id}/photos/${body.id}`))).status).toBe(404);
    expect((await server.ask('POST', `/cooks/${id}/photos/${body.id}/restore`)).body).toEqual(body);
    expect(await listed(id)).toEqual([body]);
    expect((await server.ask('POST', `/cooks/${id}/photos/${body.id}/restore`)).status).toBe(404);
  });

  test('a cook goes with its record and photographs, comes back whole, and is gone for good when the bin is emptied', async () => {
    const id = await entered();
    const { body: photo } = await sent(id, await photograph('png', 70, 50));
    await server.ask('PUT', `/cooks/${id}/seen`, { colourTop: 'golden' });
    expect((await server.ask('DELETE', `/cooks/${id}`)).status).toBe(204);
    for (const path of ['', '/seen', '/photos', `/photos/${photo.id}`, '/diagnosis', '/standing'])
      expect((await fetch(url(`${id}${path}`))).status).toBe(404);
    expect((await server.ask<Problem>('PUT', `/cooks/${id}/seen`, { colourTop: 'pale' })).status).toBe(404);
    expect((await server.ask<ListedCook[]>('GET', '/cooks')).body.some((c) => c.id === id)).toBe(false);
    const { body: bin } = await server.ask<BinnedCook[]>('GET', '/cooks/bin');
    expect(bin[0]).toMatchObject({ id, photos: 1 });
    expect(Date.parse(bin[0].goneAt) - Date.parse(bin[0].deletedAt)).toBe(30 * 86_400_000);

    expect((await server.ask<CookDocument>('POST', `/cooks/${id}/restore`)).body.id).toBe(id);
    expect(await listed(id)).toEqual([photo]);
    expect((await server.ask('GET', `/cooks/${id}/seen`)).body).toMatchObject([{ seen: { colourTop: 'golden' } }]);

    await server.ask('DELETE', `/cooks/${id}`);
    expect(files()).toContain(`${photo.hash}.jpg`);
    expect((await server.ask('DELETE', '/cooks/bin')).status).toBe(204);
    expect(files()).not.toContain(`${photo.hash}.jpg`);
    expect((await server.ask('POST', `/cooks/${id}/restore`)).status).toBe(404);
  });

  test('a file that two cooks share stays while one of them is here', async () => {
    const [one, two] = [await entered(), await entered()];
    const picture = await photograph('webp', 80, 50);
    const [{ body: first }, { body: second }] = [await sent(one, picture), await sent(two, picture)];
    expect(first.hash).toBe(second.hash);
    await server.ask('DELETE', `/cooks/${one}`);
    await server.ask('DELETE', '/cooks/bin');
    expect((await fetched(two, second.id)).length).toBe(second.bytes);
  });

  test('a cook that goes on is not put aside', async () => {
    const { body } = await server.ask<CookDocument>('POST', '/cooks', { conversionId: dish });
    const { status, body: problem } = await server.ask<Problem>('DELETE', `/cooks/${body.id}`);
    expect([status, problem.detail]).toEqual([409, expect.stringMatching(/goes on/)]);
  });

  test('a file that is gone or spoiled says so, and the cook opens all the same', async () => {
    const id = await entered();
    const { body } = await sent(id, await photograph('jpeg', 66, 44));
    writeFileSync(join(server.folder, 'photos', `${body.hash}.jpg`), 'spoiled');
    const response = await fetch(url(`${id}/photos/${body.id}`));
    expect(response.status).toBe(422);
    expect(((await response.json()) as Problem).detail).toMatch(/gone or damaged/);
    expect((await server.ask('GET', `/cooks/${id}`)).status).toBe(200);
  });
});
