import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FORMATS, type ConversionBody } from '@yellowmist/contract';
import { DataSource, type Repository } from 'typeorm';
import { using } from '../src/backup/sqlite.js';
import { arrived, carried } from '../src/backup/work.js';
import { ProblemException } from '../src/common/problem.js';
import { troubleOf } from '../src/common/troubles.js';
import { ConversionEntity } from '../src/conversions/conversion.entity.js';
import { databaseOptions } from '../src/database/options.js';
import { ListedStore } from '../src/documents/listed.store.js';
import { converted } from './converted.js';

/** A disk that is full, as SQLite meets it: the file may have no more pages. */

const folder = mkdtempSync(join(tmpdir(), 'yellowmist-'));
let source: DataSource;
beforeAll(async () => void (source = await new DataSource(databaseOptions(join(folder, 'full.sqlite'))).initialize()));
afterAll(async () => {
  await source.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const pages = async (most: number): Promise<void> => void (await source.query(`PRAGMA max_page_count = ${most}`));

test('nothing that was saved is touched, it is said as what it is, and saving goes on when there is room again', async () => {
  const rows = source.getRepository(ConversionEntity) as Repository<ConversionEntity>;
  const store = new ListedStore<ConversionBody>(rows, FORMATS.conversion, 'conversion');
  const saved: string[] = [];
  for (let k = 0; k < 5; k++) saved.push((await store.insert(converted(`Dish ${k}`))).id);
  const [{ page_count: now }] = (await source.query('PRAGMA page_count')) as { page_count: number }[];
  await pages(now + 3);
  let met: unknown = null;
  for (let k = 5; k < 60 && met === null; k++) {
    try {
      saved.push((await store.insert({ ...converted(`Dish ${k}`), note: 'x'.repeat(2000) })).id);
    } catch (error) {
      met = error;
    }
  }
  expect(troubleOf(met)).toMatchObject({ status: 507, damaged: false });
  expect(troubleOf(met)!.detail).toMatch(/^The disk is full\. This was not saved/);
  expect(await store.ids()).toEqual(new Set(saved));
  await pages(100_000);
  saved.push((await store.insert(converted('After all'))).id);
  expect(await store.ids()).toEqual(new Set(saved));
  expect(await source.query('PRAGMA quick_check')).toEqual([{ quick_check: 'ok' }]);
});

test('a log shows what was wrong in its words', () => {
  expect(new ProblemException(507, 'The disk is full.').message).toBe('The disk is full.');
});

test('a thread that meets a full disk says so with the words and the code of it', async () => {
  const small = carried((file: string) =>
    using(file, (db) => {
      db.exec('PRAGMA max_page_count = 2');
      for (const table of ['a', 'b', 'c']) db.exec(`CREATE TABLE ${table} (x)`);
    }),
  );
  const came = structuredClone(await small(join(folder, 'small.sqlite')));
  let met: unknown = null;
  try {
    arrived(came);
  } catch (error) {
    met = error;
  }
  expect(troubleOf(met)).toMatchObject({ status: 507, what: 'The disk is full.' });
  expect((met as Error).message).toMatch(/full/);
  expect(arrived(structuredClone(await carried((n: number) => n + 1)(1)))).toBe(2);
});

test.each<[object, number, boolean]>([
  [{ code: 'ENOSPC' }, 507, false],
  [{ driverError: { code: 'SQLITE_FULL' } }, 507, false],
  [{ code: 'SQLITE_READONLY_DBMOVED' }, 507, false],
  [{ code: 'EROFS' }, 507, false],
  [{ code: 'SQLITE_IOERR_WRITE' }, 507, false],
  [{ driverError: { code: 'SQLITE_CORRUPT_VTAB' } }, 503, true],
  [{ code: 'SQLITE_NOTADB' }, 503, true],
])('%j is told for a cook', (error, status, damaged) => {
  const trouble = troubleOf(error)!;
  expect(trouble).toMatchObject({ status, damaged });
  expect(trouble.detail).not.toMatch(/SQLITE|E[A-Z]{4}/);
});

test.each([null, 'x', new Error('x'), { code: 'SQLITE_CONSTRAINT' }, { code: 1 }])(
  '%j is no trouble of the disk',
  (error) => expect(troubleOf(error)).toBeNull(),
);
