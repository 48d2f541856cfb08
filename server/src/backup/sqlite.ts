import { closeSync, existsSync, fsyncSync, openSync, statSync } from 'node:fs';
import Libsql from 'libsql';
import { MIGRATIONS } from '../database/schema.js';

/** A database file by itself, beside the one that is in use. */

interface Statement {
  all(...values: unknown[]): unknown[];
  run(...values: unknown[]): unknown;
}
export interface Handle {
  prepare(sql: string): Statement;
  exec(sql: string): unknown;
  pragma(sql: string): unknown;
  close(): void;
}

/**
 * Opens a file, does something with it, and closes it whatever happens. The driver lets go of the file itself only when
 * what was prepared is collected, or its thread ends: files that are looked into often are looked into by a thread.
 */
export function using<T>(file: string, task: (db: Handle) => T): T {
  const db = new Libsql(file) as unknown as Handle;
  try {
    return task(db);
  } finally {
    db.close();
  }
}

/** What a look into a database file finds. */
export interface Looked {
  /** What is wrong with it; null for one that can be opened here. */
  problem: string | null;
  dishes: number;
  cooks: number;
  /** Photographs that it names, by their hash, with their bytes. */
  photos: { hash: string; bytes: number }[];
  /** Changes of the schema that it has not seen yet. */
  owed: number;
}

/** The name of a photograph: anything else leads elsewhere. */
const HASH = /^[0-9a-f]{64}$/;

/** What is said of a database that this program is too old for. */
export const NEWER = 'It was written by a newer Yellowmist. Update this one first.';

const NOTHING = { dishes: 0, cooks: 0, photos: [], owed: 0 };

/** What SQLite calls a file that is spoiled, for a cook. */
function inWords(error: unknown): string {
  const { code = '', message } = error as { code?: string; message: string };
  if (/NOTADB/.test(code)) return 'The file is no database, or its beginning is damaged.';
  if (/CORRUPT/.test(code)) return 'Pages of the database are damaged.';
  return `The database cannot be read: ${message}`;
}

const tablesOf = (db: Handle): Set<string> =>
  new Set(
    (db.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).all() as { name: string }[]).map((t) => t.name),
  );

/** SQLite's own quick check. @returns null where all is well */
export function quickCheck(db: Handle): string | null {
  const found = db.pragma('quick_check') as { quick_check: string }[];
  return found.length === 1 && found[0].quick_check === 'ok' ? null : 'Pages of the database are damaged.';
}

/** Looks whether a file is a whole database of Yellowmist that can be opened here, and what is in it. Changes nothing. */
export function lookInto(file: string): Looked {
  if (!existsSync(file)) return { ...NOTHING, problem: 'The file is gone.' };
  if (statSync(file).size === 0) return { ...NOTHING, problem: 'The file is empty.' };
  try {
    return using(file, (db) => {
      const problem = quickCheck(db);
      if (problem) return { ...NOTHING, problem };
      const tables = tablesOf(db);
      if (db.prepare(`SELECT 1 FROM sqlite_master WHERE type IN ('trigger', 'view') LIMIT 1`).all().length > 0)
        return { ...NOTHING, problem: 'It holds triggers or views, which Yellowmist never writes.' };
      if (!tables.has('migrations')) return { ...NOTHING, problem: 'This is a database, and none of Yellowmist’s.' };
      const done = (db.prepare('SELECT name FROM migrations').all() as { name: string }[]).map((m) => m.name);
      const known = new Set(MIGRATIONS.map((migration) => new migration().name));
      if (done.some((name) => !known.has(name))) return { ...NOTHING, problem: NEWER };
      const count = (table: string): number =>
        tables.has(table)
          ? (db.prepare(`SELECT count(*) AS n FROM ${table} WHERE deleted_at IS NULL`).all() as [{ n: number }])[0].n
          : 0;
      const hasBin = tables.has('cook_photo');
      return {
        problem: null,
        dishes: count('conversion'),
        cooks: hasBin ? count('cook') : 0,
        photos: hasBin
          ? (
              db.prepare('SELECT hash, max(bytes) AS bytes FROM cook_photo GROUP BY hash').all() as Looked['photos']
            ).filter(({ hash }) => HASH.test(hash))
          : [],
        owed: known.size - done.length,
      };
    });
  } catch (error) {
    return { ...NOTHING, problem: inWords(error) };
  }
}

/** Makes sure that a file is on the disk and not only on its way there. */
export function sync(file: string): void {
  const open = openSync(file, 'r');
  try {
    fsyncSync(open);
  } finally {
    closeSync(open);
  }
}
