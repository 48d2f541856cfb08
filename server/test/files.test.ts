import { promisify } from 'node:util';
import { gunzipSync, gzip, gzipSync } from 'node:zlib';
import {
  COMMON_FRYERS,
  EMPTY_EVENING,
  exampleConversion,
  type BinnedConversion,
  type ConversionDocument,
  type ImportReport,
  type KitchenDocument,
  type KitchenFile,
  type ListedDish,
  type Problem,
  type EveningDocument,
} from '@yellowmist/contract';
import { RunningServer } from './running.js';

const first = new RunningServer();
const second = new RunningServer();
beforeAll(() => Promise.all([first.start(), second.start()]));
afterAll(() => Promise.all([first.end(), second.end()]));

const exported = async (server: RunningServer): Promise<Buffer> =>
  Buffer.from(await (await fetch(`${server.address()}/api/export`)).arrayBuffer());
const unpacked = (file: Buffer): KitchenFile => JSON.parse(gunzipSync(file).toString('utf8')) as KitchenFile;

async function brought(
  server: RunningServer,
  file: Buffer | string,
  query = '',
): Promise<{ status: number; body: ImportReport & Problem }> {
  const response = await fetch(`${server.address()}/api/import${query}`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream' },
    body: new Uint8Array(Buffer.from(file)),
  });
  return { status: response.status, body: (await response.json()) as ImportReport & Problem };
}
const dishes = async (server: RunningServer): Promise<ListedDish[]> =>
  (await server.ask<ListedDish[]>('GET', '/conversions')).body;

describe('the whole kitchen as a file', () => {
  let id = '';
  beforeAll(async () => {
    id = (
      await first.ask<ConversionDocument>('POST', '/conversions', {
        ...exampleConversion(),
        name: 'Okra',
        tags: ['thursday'],
      })
    ).body.id;
    await first.ask('PUT', '/kitchen', {
      version: 0,
      fryers: [COMMON_FRYERS[0]],
      sprayers: [],
      bowls: [],
      trays: [],
      thermometer: true,
    });
    await first.ask('POST', '/evenings', { ...EMPTY_EVENING, name: 'Thursday', dishes: [{ id }] });
  });

  test('goes out packed, is rehearsed, comes into an empty kitchen, and goes out of it the same', async () => {
    const file = await exported(first);
    const rehearsed = await brought(second, file, '?try=1');
    expect(rehearsed.body).toMatchObject({ tried: true, conflicts: [] });
    expect(rehearsed.body.added.map((a) => a.what).sort()).toEqual(['dish', 'evening', 'fryer']);
    expect(await dishes(second)).toEqual([]);
    expect((await brought(second, file)).status).toBe(200);
    const [here, there] = [unpacked(file), unpacked(await exported(second))];
    expect({ ...there, exportedAt: '' }).toEqual({ ...here, exportedAt: '' });
    expect((await second.ask<EveningDocument[]>('GET', '/evenings')).body[0].dishes).toEqual([{ id }]);
    expect((await brought(second, file)).body).toMatchObject({ added: [], conflicts: [] });
  });

  test('as plain JSON as well, and sent back as JSON', async () => {
    const plain = await first.ask<KitchenFile>('GET', '/export?as=json');
    expect(plain.body).toMatchObject({ yellowmist: 'kitchen', format: 4 });
    const { status } = await first.ask('POST', '/import?try=1', plain.body);
    expect(status).toBe(200);
  });

  test('a conflict stays as it is here, is taken when asked, or stands beside', async () => {
    const file = unpacked(await exported(first));
    file.dishes[0].body.note = 'From elsewhere';
    const packed = gzipSync(JSON.stringify(file));
    const key = `dish:${id}`;
    const asked = await brought(second, packed);
    expect(asked.body.conflicts).toMatchObject([{ key, what: 'dish', answer: 'keep' }]);
    expect((await dishes(second)).map((d) => d.note)).toEqual(['']);
    await brought(second, packed, `?both=${key}`);
    expect((await dishes(second)).map((d) => d.name).sort()).toEqual(['Okra', 'Okra (from file)']);
    await brought(second, packed, `?take=${key}`);
    const taken = (await dishes(second)).find((d) => d.id === id)!;
    expect([taken.note, taken.version]).toEqual(['From elsewhere', 2]);
    // Whoever has the older version open is told, and overwrites nothing.
    const stale = await second.ask<Problem>('PUT', `/conversions/${id}`, { ...exampleConversion(), version: 1 });
    expect(stale.status).toBe(409);
  });

  test('an evening that was put aside is asked about, and comes back when it is taken', async () => {
    const [evening] = (await second.ask<EveningDocument[]>('GET', '/evenings')).body;
    await second.ask('DELETE', `/evenings/${evening.id}`);
    const file = await exported(first);
    const key = `evening:${evening.id}`;
    const asked = await brought(second, file);
    expect(asked.body.conflicts.find((c) => c.key === key)).toMatchObject({ here: 'put aside here', answer: 'keep' });
    expect((await second.ask('GET', '/evenings')).body).toEqual([]);
    await brought(second, file, `?take=${key}`);
    const { body: back } = await second.ask<EveningDocument[]>('GET', '/evenings');
    expect(back).toMatchObject([{ id: evening.id, name: 'Thursday', version: evening.version + 1 }]);
  });

  test.each([
    ['cut off', (file: Buffer) => file.subarray(0, file.length - 40), /cannot be unpacked/],
    ['no JSON', () => Buffer.from('hello'), /no JSON/],
    ['half of one', () => Buffer.from('{"yellowmist": "kitchen", '), /no JSON/],
    ['another file', () => Buffer.from('{"yellowmist": "dish"}'), /no file of a whole kitchen/],
    [
      'a newer one',
      (file: Buffer) => Buffer.from(JSON.stringify({ ...unpacked(file), format: 7 })),
      /newer Yellowmist/,
    ],
    [
      'one spoiled dish among good ones',
      (file: Buffer) => {
        const json = unpacked(file);
        json.dishes.push({
          ...json.dishes[0],
          id: '11111111-1111-4111-8111-111111111111',
          body: { ...json.dishes[0].body, name: 'Spoiled', fried: {} as never },
        });
        return gzipSync(JSON.stringify(json));
      },
      /“Spoiled”/,
    ],
  ])('a file that is %s is refused whole, with the reason', async (_what, spoil, reason) => {
    const before = unpacked(await exported(second));
    const { status, body } = await brought(second, spoil(await exported(first)));
    expect(status).toBe(400);
    expect(body.detail).toMatch(reason);
    expect(body.errors![0].field).toBe('file');
    const after = unpacked(await exported(second));
    expect({ ...after, exportedAt: '' }).toEqual({ ...before, exportedAt: '' });
  });

  test('a file that unpacks to far too much is refused', async () => {
    // Packed beside the loop: a connection that the server closes meanwhile is not taken for one that is open.
    const { status, body } = await brought(second, await promisify(gzip)(Buffer.alloc(257 * 1024 * 1024, 32)));
    expect([status, body.detail]).toEqual([400, expect.stringMatching(/far too large/)]);
  });

  test('what was brought in is there after the server is killed', async () => {
    const file = await exported(first);
    const json = unpacked(file);
    json.dishes[0].id = '22222222-2222-4222-8222-222222222222';
    expect((await brought(second, gzipSync(JSON.stringify(json)))).status).toBe(200);
    await second.kill();
    await second.start();
    expect((await dishes(second)).map((d) => d.id)).toContain('22222222-2222-4222-8222-222222222222');
    expect((await second.ask<KitchenDocument>('GET', '/kitchen')).body.fryers).toHaveLength(1);
  });
});

describe('tidy', () => {
  test('a dish says which diets it fits; tags and being put away are kept, copied and refused where wrong', async () => {
    const made = await first.ask<ConversionDocument>('POST', '/conversions', {
      ...exampleConversion(),
      tags: ['friday'],
      archived: true,
    });
    const listed = (await dishes(first)).find((d) => d.id === made.body.id)!;
    expect(listed).toMatchObject({ archived: true, tags: ['friday'] });
    expect(listed.diets).toEqual(expect.arrayContaining(['vegan', 'egg-free']));
    expect(listed.diets).not.toContain('gluten-free');
    const copy = await first.ask<ConversionDocument>('POST', `/conversions/${made.body.id}/duplicate`);
    expect(copy.body.tags).toEqual(['friday']);
    const wrong = await first.ask<Problem>('POST', '/conversions', { ...exampleConversion(), tags: ['x'.repeat(40)] });
    expect(wrong.body.errors).toMatchObject([{ field: 'tags.0' }]);
  });

  test('what is put aside lies in the bin, the last first, and comes back', async () => {
    const made = await first.ask<ConversionDocument>('POST', '/conversions', { ...exampleConversion(), name: 'Leeks' });
    await first.ask('DELETE', `/conversions/${made.body.id}`);
    const bin = await first.ask<BinnedConversion[]>('GET', '/conversions/bin');
    expect(bin.body[0]).toMatchObject({ id: made.body.id, name: 'Leeks' });
    await first.ask('POST', `/conversions/${made.body.id}/restore`);
    expect((await first.ask<BinnedConversion[]>('GET', '/conversions/bin')).body).toEqual([]);
  });
});

test('dishes stand in the order in which they were touched where they come from', async () => {
  const third = new RunningServer();
  await third.start();
  const names = async (of: RunningServer): Promise<string[]> => (await dishes(of)).map((d) => d.name);
  for (const name of ['Elder', 'Samphire', 'Burdock'])
    await first.ask('POST', '/conversions', { ...exampleConversion(), name });
  await brought(third, await exported(first));
  expect((await names(third)).slice(0, 3)).toEqual(['Burdock', 'Samphire', 'Elder']);
  expect(await names(third)).toEqual(await names(first));
  await third.end();
});
