import { mkdirSync, readFileSync, renameSync, rmSync, writeFileSync, existsSync } from 'node:fs';
import { join } from 'node:path';
import type { SetAside } from '@yellowmist/contract';

/** A damaged database is moved out of the way as it is, with what SQLite keeps beside it; nothing of it is overwritten. */

const NOTE = 'set-aside.json';
const BESIDE = ['', '-wal', '-shm'];

/** The files of a database that are there. */
const filesOf = (file: string): string[] => BESIDE.map((ending) => `${file}${ending}`).filter((f) => existsSync(f));

/** Moves a database into a folder of its own, and notes it for the pages. @returns where it lies now */
export function setAside(dataFolder: string, file: string, problem: string, at: Date): SetAside {
  const name = `damaged-${at.toISOString().slice(0, 19).replaceAll(':', '')}Z`;
  const folder = join(dataFolder, name);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const from of filesOf(file)) renameSync(from, join(folder, from.slice(dataFolder.length + 1)));
  return noteAside(dataFolder, { at: at.toISOString(), folder, problem });
}

/** Notes that something is missing here, until somebody has dealt with it. */
export function noteAside(dataFolder: string, aside: SetAside): SetAside {
  writeFileSync(join(dataFolder, NOTE), JSON.stringify(aside));
  return aside;
}

/** What was set aside and not dealt with; null where nothing was. */
export function asideIn(dataFolder: string): SetAside | null {
  try {
    return JSON.parse(readFileSync(join(dataFolder, NOTE), 'utf8')) as SetAside;
  } catch {
    return null;
  }
}

/** It has been dealt with: the damaged files stay where they are, and are spoken of no more. */
export const dealtWith = (dataFolder: string): void => rmSync(join(dataFolder, NOTE), { force: true });
