import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Libsql from 'libsql';
import { MIGRATIONS } from '../database/schema.js';
import { noteAside, setAside } from './aside.js';
import { BACKUP_ENDING, backupId } from './ledger.js';
import { backupFile, placesIn, type Places } from './places.js';
import { lookInto, NEWER, using, type Handle } from './sqlite.js';
import { copyDatabase } from './thread.js';

/** What is made sure of before the database is opened: nobody else has it, it is whole, and a copy of it stands before it is changed. */

const LOCK = 'in-use.sqlite';

/** Held as long as this process lives; the system lets go of it whatever ends the process. */
let lock: Handle | null = null;

/**
 * Takes a data folder for this process alone.
 * @throws Error in one sentence where another server has it
 */
export function takeFolder(dataFolder: string): void {
  const db = new Libsql(join(dataFolder, LOCK)) as unknown as Handle;
  try {
    db.pragma('locking_mode = EXCLUSIVE');
    db.exec('BEGIN EXCLUSIVE');
  } catch {
    db.close();
    throw new Error(
      `Another Yellowmist runs over ${dataFolder} already. Stop it first, or set YELLOWMIST_DATA to a folder of its own.`,
    );
  }
  lock = db;
}

/** Lets go of the folder. */
export function leaveFolder(): void {
  lock?.close();
  lock = null;
}

const hasBackups = ({ backups }: Places): boolean =>
  existsSync(backups) && readdirSync(backups).some((name) => name.endsWith(BACKUP_ENDING));

/**
 * Sees to it that what is opened next is whole: what is damaged is set aside by name, what needs another schema is
 * copied first.
 * @param say hears in one sentence what was found
 * @throws Error in one sentence where it was written by a newer Yellowmist, or there is no room for the copy
 */
export function makeReady(dataFolder: string, say: (line: string) => void): void {
  const places = placesIn(dataFolder);
  const { database } = places;
  const now = new Date();
  const isThere = existsSync(database) && (statSync(database).size > 0 || existsSync(`${database}-wal`));
  if (!isThere) {
    if (!hasBackups(places)) return;
    const problem = 'The database is gone, and its backups are here.';
    noteAside(dataFolder, { at: now.toISOString(), folder: dataFolder, problem });
    say(`${problem} Bring one back on the page Kitchen, Kept safe.`);
    return;
  }
  const looked = lookInto(database);
  if (looked.problem === NEWER) throw new Error(`The database in ${dataFolder} cannot be opened: ${looked.problem}`);
  if (looked.problem && !isNew(database)) {
    const { folder } = setAside(dataFolder, database, looked.problem, now);
    const offer = hasBackups(places)
      ? 'Bring the newest backup back on the page Kitchen, Kept safe.'
      : 'There is no backup.';
    say(`The database was damaged and is set aside, untouched, in ${folder}: ${looked.problem} ${offer}`);
    return;
  }
  // A very first start that was killed has nothing that could be lost.
  if (looked.problem || looked.owed === 0 || looked.owed === MIGRATIONS.length) return;
  copyDatabase({
    file: database,
    into: backupFile(places, backupId(now, 'before-update')),
    photos: places.photos,
    photosInto: places.backupPhotos,
  });
  say('Its schema changes with this version: a backup from before it stands beside the data.');
}

/** What a kill in the middle of the very first start leaves: a database without a single table. */
const isNew = (file: string): boolean => {
  try {
    return using(file, (db) => db.prepare('SELECT 1 FROM sqlite_master LIMIT 1').all().length === 0);
  } catch {
    return false;
  }
};
