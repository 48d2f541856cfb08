import { mkdir, open, readdir, readFile, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { Inject, Injectable } from '@nestjs/common';
import { ProblemException } from '../common/problem.js';
import { hashOf, photoFile, PHOTO_ENDING } from './files.js';

/** Where the photographs lie. */
export const PHOTO_FOLDER = Symbol('photo folder');

/** A file that is being written; one that is found at the start was never finished. */
const UNFINISHED = '.part';
/** Files are for their owner alone. */
const OWNER_ONLY = 0o600;
const OWNER_FOLDER = 0o700;

/** Photographs as files beside the database, each under the hash of what is in it: the same one twice is one file. */
@Injectable()
export class PhotoFolder {
  constructor(@Inject(PHOTO_FOLDER) private readonly folder: string) {}

  private readonly at = (hash: string): string => photoFile(this.folder, hash);

  /** Writes a photograph through to the disk. @returns its hash */
  async keep(bytes: Buffer): Promise<string> {
    const hash = hashOf(bytes);
    await mkdir(this.folder, { recursive: true, mode: OWNER_FOLDER });
    const unfinished = `${this.at(hash)}${UNFINISHED}`;
    const file = await open(unfinished, 'w', OWNER_ONLY);
    try {
      await file.writeFile(bytes);
      await file.sync();
    } finally {
      await file.close();
    }
    await rename(unfinished, this.at(hash));
    await this.syncFolder();
    return hash;
  }

  /** @throws ProblemException 422 where its file is gone, or is not what was kept */
  async read(hash: string): Promise<Buffer> {
    const bytes = await this.found(hash);
    if (bytes) return bytes;
    throw new ProblemException(422, 'The file of this photograph is gone or damaged. The rest of the cook is whole.');
  }

  /** A photograph's file; null where it is gone or damaged. */
  async found(hash: string): Promise<Buffer | null> {
    try {
      const bytes = await readFile(this.at(hash));
      return hashOf(bytes) === hash ? bytes : null;
    } catch {
      return null;
    }
  }

  /** Removes every file that is not among `wanted`, and what was never finished. */
  async sweep(wanted: ReadonlySet<string>): Promise<void> {
    const files = await readdir(this.folder).catch(() => []);
    const keeps = (file: string): boolean =>
      file.endsWith(PHOTO_ENDING) && wanted.has(file.slice(0, -PHOTO_ENDING.length));
    for (const file of files) {
      if (!keeps(file)) await rm(join(this.folder, file), { force: true });
    }
  }

  /** A new name in a folder is only sure when the folder itself is on the disk. */
  private async syncFolder(): Promise<void> {
    const folder = await open(this.folder, 'r');
    try {
      await folder.sync();
    } finally {
      await folder.close();
    }
  }
}
