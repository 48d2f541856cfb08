import { randomUUID } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import {
  exampleConversion,
  type BackupRecord,
  type Backups,
  type ConversionDocument,
  type CookDocument,
  type PhotoRecord,
  type Problem,
  type Restored,
} from '@yellowmist/contract';
import Libsql from 'libsql';
import { DataSource } from 'typeorm';
import { backupId, KEPT, named } from '../src/backup/ledger.js';
import { databaseOptions } from '../src/database/options.js';
import { MIGRATIONS } from '../src/database/schema.js';
import { converted } from './converted.js';
import { photograph } from './pictures.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
const other = new RunningServer();
beforeAll(() => Promise.all([server.start(), other.start()]));
afterAll(() => Promise.all([server.end(), other.end()]));

const backups = async (of = server): Promise<Backups> => (await of.ask<Backups>('GET', '/backups')).body;
const make = async (of = server): Promise<BackupRecord> => (await of.ask<BackupRecord>('POST', '/backups')).body;
const restore = (id: string, of = server) => of.ask<Restored & Problem>('POST', `/backups/${id}/restore`);
const dish = async (name: string, of = server): Promise<ConversionDocument> =>
  (await of.ask<ConversionDocument>('POST', '/conversions', converted(name))).body;
const names = async (of = server): Promise<string[]> =>
  (await of.ask<ConversionDocument[]>('GET', '/conversions')).body.map((c) => c.name).sort();
const fileOf = (id: string, of = server): string => join(of.folder, 'backups', `${id}.sqlite`);
const download = async (id: string, of = server): Promise<Buffer> =>
  Buffer.from(await (await fetch(`${of.address()}/api/backups/${id}/file`)).arrayBuffer());
const bring = async (bytes: Uint8Array, to: RunningServer) => {
  const answer = await fetch(`${to.address()}/api/backups/file`, {
    method: 'POST',
    headers: { 'content-type': 'application/vnd.sqlite3' },
    body: new Blob([new Uint8Array(bytes)]),
  });
  return { status: answer.status, body: (await answer.json()) as BackupRecord & Problem };
};

/** A cook of a dish that was noted afterwards, with a photograph. */
async function cookWithPhoto(conversionId: string): Promise<{ cook: string; photo: PhotoRecord }> {
  const afterwards = { by: { what: 'other', name: 'The packet', tempC: 200, minutes: 18, turned: true } };
  const cook = await server.ask<CookDocument>('POST', '/cooks', { conversionId, afterwards });
  const answer = await fetch(`${server.address()}/api/cooks/${cook.body.id}/photos`, {
    method: 'POST',
    headers: { 'content-type': 'image/jpeg' },
    body: new Blob([new Uint8Array(await photograph('jpeg'))]),
  });
  return { cook: cook.body.id, photo: (await answer.json()) as PhotoRecord };
}

describe('a backup', () => {
  test('is made of everything, named by its time, for its owner alone, and said with what is in it', async () => {
    const { id } = await dish('Herring roes');
    await cookWithPhoto(id);
    const made = await make();
    expect(made).toMatchObject({ why: 'by-hand', dishes: 1, cooks: 1, photographs: 1, problem: null });
    expect(made.photoBytes).toBeGreaterThan(1000);
    expect(statSync(fileOf(made.id)).mode & 0o777).toBe(0o600);
    expect(named(made.id)!.at.toISOString()).toBe(made.at);
    expect((await backups()).backups.map((b) => b.id)).toContain(made.id);
  });

  test('brings back what was changed, thrown away or never there; what was there before is a backup itself', async () => {
    const kept = await dish('Whitebait');
    const gone = await dish('Salsify');
    const then = await names();
    const { id: backup } = await make();
    await server.ask('DELETE', `/conversions/${gone.id}`);
    await dish('Came later');
    const changed = { ...exampleConversion(), name: 'Whitebait, otherwise', version: kept.version };
    await server.ask('PUT', `/conversions/${kept.id}`, changed);
    const { status, body } = await restore(backup);
    expect(status).toBe(200);
    expect(await names()).toEqual(then);
    expect(body).toMatchObject({ from: backup, photographsGone: 0, before: { why: 'before-restore' } });
    await restore(body.before.id);
    expect(await names()).toContain('Came later');
    expect(await names()).not.toContain('Salsify');
  });

  test('leaves no open page a version that it could save over', async () => {
    const { id } = await dish('Skate knobs');
    const { id: backup } = await make();
    const save = (version: number) =>
      server.ask<ConversionDocument & Problem>('PUT', `/conversions/${id}`, {
        ...exampleConversion(),
        name: 'Skate knobs, in another tab',
        version,
      });
    const { body: mine } = await save(1);
    await restore(backup);
    expect((await save(mine.version)).status).toBe(409);
    expect((await save(1)).status).toBe(409);
    expect(await names()).toContain('Skate knobs');
  });

  test('takes a cook back to where it was, and tells every counter that shows it', async () => {
    const { id } = await dish('Sprats');
    const { body: cook } = await server.ask<CookDocument>('POST', '/cooks', { conversionId: id });
    const [step] = cook.programme.steps;
    const tap = { id: randomUUID(), atMs: Date.now(), by: 'cook', what: 'done', step: step.id };
    const events = async (): Promise<object[]> =>
      (await server.ask<CookDocument>('GET', `/cooks/${cook.id}`)).body.events;
    const { id: backup } = await make();
    await server.ask('POST', `/cooks/${cook.id}/events`, { events: [tap] });
    expect(await events()).toHaveLength(1);
    const heard = server.listen<{ anew?: true }>(`/cooks/${cook.id}/stream`, 3);
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect((await restore(backup)).status).toBe(200);
    expect((await heard).at(-1)).toEqual({ anew: true });
    expect(await events()).toEqual([]);
    // What the counter had and hands over again is heard as new.
    await server.ask('POST', `/cooks/${cook.id}/events`, { events: [tap] });
    expect(await events()).toHaveLength(1);
  });

  test('brings photographs back that were gone for good', async () => {
    const { id } = await dish('Laver cakes');
    const { cook, photo } = await cookWithPhoto(id);
    const { id: backup } = await make();
    rmSync(join(server.folder, 'photos', `${photo.hash}.jpg`));
    await restore(backup);
    const answer = await fetch(`${server.address()}/api/cooks/${cook}/photos/${photo.id}`);
    expect(answer.status).toBe(200);
    expect(statSync(join(server.folder, 'photos', `${photo.hash}.jpg`)).mode & 0o777).toBe(0o600);
  });

  test('that goes to make room for the one before its own restore still brings its photographs', async () => {
    const { id } = await dish('Dulse crisps');
    const { cook, photo } = await cookWithPhoto(id);
    const { id: first } = await make();
    // Five more from before a restore: the next one takes the place of the oldest.
    const { body } = await restore(first);
    const oldest = body.before.id;
    for (let k = 0; k < KEPT.before - 1; k++) await restore(first);
    await server.ask('DELETE', `/backups/${first}`);
    rmSync(join(server.folder, 'photos', `${photo.hash}.jpg`));
    expect((await restore(oldest)).body).toMatchObject({ from: oldest, photographsGone: 0 });
    expect(existsSync(fileOf(oldest))).toBe(false);
    expect((await fetch(`${server.address()}/api/cooks/${cook}/photos/${photo.id}`)).status).toBe(200);
  });

  test('taken away is gone with what nothing else names; what is none is 404, whatever it is called', async () => {
    const { id } = await make();
    expect((await server.ask('DELETE', `/backups/${id}`)).status).toBe(204);
    expect(existsSync(fileOf(id))).toBe(false);
    for (const name of [id, '..%2F..%2Fyellowmist', '2026-01-01T000000Z-daily', 'x'])
      expect((await restore(name)).status).toBe(404);
  });
});

describe('one file', () => {
  test('goes to another kitchen with its photographs', async () => {
    const { id } = await dish('Cockle fritters');
    const { cook, photo } = await cookWithPhoto(id);
    const file = await download((await make()).id);
    expect(file.subarray(0, 15).toString()).toBe('SQLite format 3');
    const { status, body } = await bring(file, other);
    expect(status).toBe(201);
    expect(body).toMatchObject({ why: 'brought', problem: null });
    expect((await names(other)).includes('Cockle fritters')).toBe(false);
    expect((await restore(body.id, other)).status).toBe(200);
    expect(await names(other)).toEqual(await names());
    expect((await fetch(`${other.address()}/api/cooks/${cook}/photos/${photo.id}`)).status).toBe(200);
  });

  test.each<[string, (whole: Buffer) => Uint8Array, RegExp]>([
    ['that was cut off', (whole) => whole.subarray(0, Math.floor(whole.length / 2)), /damaged|cannot be read/],
    [
      'with spoiled pages',
      (whole) => Buffer.concat([whole.subarray(0, 8192), Buffer.alloc(20_000, 7), whole.subarray(28_192)]),
      /damaged|cannot be read|none of Yellowmist/,
    ],
    ['that is no database', () => Buffer.from('a shopping list\n'.repeat(2000)), /no database/],
    ['that is empty', () => new Uint8Array(), /empty/],
    ['of another program', () => madeBy(`CREATE TABLE notes (text TEXT)`), /none of Yellowmist’s/],
    [
      'of a newer Yellowmist',
      () =>
        madeBy(`CREATE TABLE migrations (id INTEGER, timestamp INTEGER, name TEXT);
          INSERT INTO migrations VALUES (1, 1, 'Teleports4000000000000')`),
      /newer Yellowmist/,
    ],
    [
      'with a trigger',
      () =>
        madeBy(`CREATE TABLE migrations (id INTEGER, timestamp INTEGER, name TEXT);
          CREATE TRIGGER t AFTER INSERT ON migrations BEGIN DELETE FROM migrations; END`),
      /triggers or views/,
    ],
  ])('%s is refused in words, and nothing is kept of it', async (_, spoiled, words) => {
    const before = readdirSync(join(other.folder, 'backups')).sort();
    const { status, body } = await bring(spoiled(await download((await make()).id)), other);
    expect(status).toBe(400);
    expect(body.detail).toMatch(words);
    expect(body.detail).not.toMatch(/[/\\](tmp|home|work)|SQLITE_/);
    expect(readdirSync(join(other.folder, 'backups')).sort()).toEqual(before);
  });

  /** A database file of somebody else. */
  function madeBy(sql: string): Uint8Array {
    const file = join(other.folder, 'foreign.sqlite');
    rmSync(file, { force: true });
    const db = new Libsql(file);
    db.exec(sql);
    db.close();
    return readFileSync(file);
  }
});

test('many that are brought at once are each looked at by themselves, good and bad', async () => {
  const good = await download((await make()).id);
  const all = await Promise.all(
    Array.from({ length: 10 }, (_, k) => bring(k % 3 === 0 ? good : Buffer.from(`no backup ${k}`), other)),
  );
  expect(all.map(({ status }) => status)).toEqual(Array.from({ length: 10 }, (_, k) => (k % 3 === 0 ? 201 : 400)));
  expect(new Set(all.flatMap(({ status, body }) => (status === 201 ? [body.id] : []))).size).toBe(4);
});

describe('a backup of an older schema', () => {
  test.each(MIGRATIONS.map((_, k) => k + 1).slice(0, -1))('of the first %d changes opens still', async (steps) => {
    const id = backupId(new Date(Date.UTC(2024, 0, steps)), 'before-update');
    const old = join(server.folder, 'backups', `${id}.sqlite`);
    const options = { ...databaseOptions(old), migrations: MIGRATIONS.slice(0, steps) };
    const source = await new DataSource(options).initialize();
    const { name, ...body } = { ...exampleConversion(), name: `Old bait ${steps}` };
    const at = '2024-01-01T12:00:00.000Z';
    await source.query('INSERT INTO conversion VALUES (?, ?, 1, 1, ?, ?, ?, NULL)', [
      `00000000-0000-4000-8000-0000000000${String(steps).padStart(2, '0')}`,
      name,
      JSON.stringify({ ...body, name }),
      at,
      at,
    ]);
    await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
    await source.destroy();
    for (const ending of ['-wal', '-shm']) rmSync(`${old}${ending}`, { force: true });
    expect((await restore(id)).body).toMatchObject({ dishes: 1 });
    expect(await names()).toEqual([`Old bait ${steps}`]);
  });
});
