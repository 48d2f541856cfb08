import {
  copyFileSync,
  existsSync,
  linkSync,
  mkdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { dirname } from 'node:path';
import { DataSource } from 'typeorm';
import { databaseOptions } from '../database/options.js';
import { hashOf, photoFile } from '../photos/files.js';
import { lookInto, sync, using, type Looked } from './sqlite.js';

/** What a thread of its own does with files of databases, so that no cook waits for it. */

const OWNER_FOLDER = 0o700;
const UNFINISHED = '.part';

/** A copy of a database that is in use, and of the photographs that it names. */
export interface ToCopy {
  file: string;
  into: string;
  /** Where its photographs lie, and where they are to lie as well. */
  photos: string;
  photosInto: string;
}

/** One photograph in a second folder: as another name of the same file, or a copy where that cannot be. */
function bring(hash: string, from: string, into: string): boolean {
  const [there, here] = [photoFile(from, hash), photoFile(into, hash)];
  if (existsSync(here)) return true;
  if (!existsSync(there)) return false;
  mkdirSync(into, { recursive: true, mode: OWNER_FOLDER });
  try {
    linkSync(there, here);
  } catch {
    copyFileSync(there, `${here}${UNFINISHED}`);
    renameSync(`${here}${UNFINISHED}`, here);
  }
  return true;
}

/** Brings photographs from one folder into another. @returns how many are nowhere */
export const bringPhotos = ({ photos, from, into }: { photos: Looked['photos']; from: string; into: string }): number =>
  photos.filter(({ hash }) => !bring(hash, from, into)).length;

/**
 * Copies a database while others go on with it, whole or not at all: under another name first, looked into, and on the
 * disk before it has its own.
 * @throws Error where the copy is not whole, or there is no room for it
 */
export function copyDatabase({ file, into, photos, photosInto }: ToCopy): Looked {
  const unfinished = `${into}${UNFINISHED}`;
  mkdirSync(dirname(into), { recursive: true, mode: OWNER_FOLDER });
  rmSync(unfinished, { force: true });
  try {
    using(file, (db) => db.prepare('VACUUM INTO ?').run(unfinished));
    const looked = lookInto(unfinished);
    if (looked.problem) throw new Error(`The copy is not whole: ${looked.problem}`);
    bringPhotos({ photos: looked.photos, from: photos, into: photosInto });
    sync(unfinished);
    renameSync(unfinished, into);
    sync(dirname(into));
    return looked;
  } catch (error) {
    rmSync(unfinished, { force: true });
    throw error;
  }
}

export const look = (file: string): Looked => lookInto(file);

/** A copy of a backup in today's schema. @returns what is in it by then */
export async function bringUp({ file, into }: { file: string; into: string }): Promise<Looked> {
  for (const ending of ['', '-wal', '-shm']) rmSync(`${into}${ending}`, { force: true });
  copyFileSync(file, into);
  const source = await new DataSource(databaseOptions(into)).initialize();
  await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
  await source.destroy();
  return lookInto(into);
}

const PHOTO_TABLE = 'photograph';

/** A backup with its photographs in one file: a table of its own in the copy holds them. */
export function pack({ file, photos, into }: { file: string; photos: string; into: string }): void {
  rmSync(into, { force: true });
  copyFileSync(file, into);
  using(into, (db) => {
    db.exec(`CREATE TABLE ${PHOTO_TABLE} (hash TEXT PRIMARY KEY NOT NULL, bytes BLOB NOT NULL)`);
    const put = db.prepare(`INSERT INTO ${PHOTO_TABLE} VALUES (?, ?)`);
    for (const { hash } of lookInto(file).photos) {
      const at = photoFile(photos, hash);
      if (existsSync(at)) put.run(hash, readFileSync(at));
    }
  });
}

/**
 * A file that was brought as a backup: its photographs go where photographs of backups lie, the rest under its name.
 * What is not what its hash says is left out.
 */
export function unpack({ file, into, photos }: { file: string; into: string; photos: string }): Looked {
  const first = lookInto(file);
  if (first.problem) return first;
  using(file, (db) => {
    const own = db.prepare(`SELECT name FROM sqlite_master WHERE name = ?`).all(PHOTO_TABLE);
    if (own.length === 0) return;
    mkdirSync(photos, { recursive: true, mode: OWNER_FOLDER });
    const hashes = db.prepare(`SELECT hash FROM ${PHOTO_TABLE}`).all() as { hash: string }[];
    const one = db.prepare(`SELECT bytes FROM ${PHOTO_TABLE} WHERE hash = ?`);
    for (const { hash } of hashes) {
      const [{ bytes }] = one.all(hash) as [{ bytes: Uint8Array }];
      const content = Buffer.from(bytes);
      if (hashOf(content) !== hash || existsSync(photoFile(photos, hash))) continue;
      writeFileSync(`${photoFile(photos, hash)}${UNFINISHED}`, content);
      renameSync(`${photoFile(photos, hash)}${UNFINISHED}`, photoFile(photos, hash));
    }
    db.exec(`DROP TABLE ${PHOTO_TABLE}`);
    db.exec('VACUUM');
  });
  sync(file);
  renameSync(file, into);
  return lookInto(into);
}
