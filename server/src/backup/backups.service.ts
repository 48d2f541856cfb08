import { existsSync } from 'node:fs';
import { mkdir, readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { Inject, Injectable, Logger, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import type { BackupReason, BackupRecord, Backups } from '@yellowmist/contract';
import { ProblemException } from '../common/problem.js';
import { StandingService } from '../common/standing.service.js';
import { DAMAGED, troubleOf } from '../common/troubles.js';
import { Serial } from '../common/serial.js';
import { asideIn, dealtWith } from './aside.js';
import { BackupThread } from './backupThread.service.js';
import { BACKUP_ENDING, named, newestFirst, nextId, superfluous, type Named } from './ledger.js';
import { backupFile, type Places } from './places.js';
import type { Looked } from './sqlite.js';

/** Where the files of this kitchen lie. */
export const PLACES_OF_DATA = Symbol('places of data');

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** After a start the cook comes first. */
const FIRST_AFTER_MS = 60_000;
const CLEARED_UP = /\.part$|^restoring\.sqlite|^packed-|^brought-/;

/** Backups beside the data: made every day, thinned, shown. */
@Injectable()
export class BackupsService implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly log = new Logger('Backup');
  private readonly timers: NodeJS.Timeout[] = [];
  /** What is known of a file, as long as it is the same one. */
  private readonly looked = new Map<string, { mark: string; looked: Looked }>();
  private readonly one = new Serial();

  constructor(
    @Inject(PLACES_OF_DATA) readonly places: Places,
    readonly thread: BackupThread,
    private readonly standing: StandingService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    await this.clearUp();
    const daily = (): void => void this.makeDaily().catch((error: Error) => this.log.warn(error.message));
    this.timers.push(setTimeout(daily, FIRST_AFTER_MS).unref(), setInterval(daily, HOUR_MS).unref());
  }

  onModuleDestroy(): void {
    this.timers.forEach(clearTimeout);
  }

  /** All of them, the last first, and what was set aside. */
  async all(): Promise<Backups> {
    const { data } = this.places;
    const list = (await this.names()).sort(newestFirst);
    const backups: BackupRecord[] = [];
    for (const backup of list) backups.push(await this.record(backup));
    return { backups, setAside: asideIn(data), folder: data };
  }

  /** @throws ProblemException 404 where there is none */
  async find(id: string): Promise<BackupRecord> {
    const backup = named(id);
    if (!backup || !existsSync(backupFile(this.places, id)))
      throw new ProblemException(404, `There is no backup ${id}.`);
    return this.record(backup);
  }

  /** Makes one now. @throws ProblemException 507 where there is no room for it */
  make(why: BackupReason): Promise<BackupRecord> {
    return this.one.run(async () => {
      const { database, photos, backupPhotos } = this.places;
      const id = await this.freeId(why);
      try {
        await this.thread.copyDatabase({
          file: database,
          into: backupFile(this.places, id),
          photos,
          photosInto: backupPhotos,
        });
      } catch (error) {
        if (error instanceof ProblemException || troubleOf(error)) throw error;
        throw new ProblemException(507, `The backup could not be made: ${(error as Error).message}`);
      }
      await this.thin(id);
      return this.find(id);
    });
  }

  /** The folder of backups is there. */
  async ready(): Promise<void> {
    await mkdir(this.places.backups, { recursive: true, mode: 0o700 });
  }

  /**
   * Keeps a file that was brought, where it is a backup that can be restored; one after the other, so that none takes the
   * name of another. @throws ProblemException 400 saying what is wrong with it
   */
  bring(file: string): Promise<BackupRecord> {
    return this.one.run(async () => {
      const id = await this.freeId('brought');
      const looked = await this.thread.unpack({
        file,
        into: backupFile(this.places, id),
        photos: this.places.backupPhotos,
      });
      if (looked.problem)
        throw new ProblemException(400, `This file is no backup that can be restored: ${looked.problem}`);
      return this.find(id);
    });
  }

  /** A name that nothing has yet. */
  private async freeId(why: BackupReason): Promise<string> {
    return nextId(new Date(), why, await this.names());
  }

  /** Takes one away for good, with photographs that nothing names any more. @throws ProblemException 404 */
  async remove(id: string): Promise<void> {
    await this.find(id);
    await this.one.run(async () => {
      await rm(backupFile(this.places, id), { force: true });
      await this.sweepPhotos();
    });
  }

  /** What was set aside has been dealt with. */
  forgetAside(): void {
    dealtWith(this.places.data);
  }

  /** One a day, where anything is kept at all; also where the clock was set back behind the last one. */
  private async makeDaily(): Promise<void> {
    const newest = Math.max(0, ...(await this.names()).map((b) => b.at.getTime()));
    if (Math.abs(Date.now() - newest) < DAY_MS) return;
    const { dishes, cooks, problem } = await this.thread.look(this.places.database);
    if (problem) {
      this.log.error(problem);
      this.standing.isDamaged(DAMAGED);
      return;
    }
    if (dishes + cooks > 0) await this.make('daily');
  }

  /** Takes away what may go, but never the one that was just made, whatever the clock says. */
  private async thin(made: string): Promise<void> {
    for (const { id } of superfluous(await this.names()))
      if (id !== made) await rm(backupFile(this.places, id), { force: true });
    await this.sweepPhotos();
  }

  private async sweepPhotos(): Promise<void> {
    const wanted = new Set<string>();
    for (const backup of await this.names()) {
      const { problem, photos } = await this.look(backup.id);
      // One that cannot be read may be mended by somebody: its photographs are not known, and so all stay.
      if (problem) return;
      for (const { hash } of photos) wanted.add(hash);
    }
    const { backupPhotos } = this.places;
    for (const file of await readdir(backupPhotos).catch(() => []))
      if (!wanted.has(file.replace(/\..*$/, ''))) await rm(join(backupPhotos, file), { force: true });
  }

  /** Half a file that a kill has left is none. */
  private async clearUp(): Promise<void> {
    const { backups } = this.places;
    for (const file of await readdir(backups).catch(() => []))
      if (CLEARED_UP.test(file)) await rm(join(backups, file), { force: true });
  }

  private async names(): Promise<Named[]> {
    const files = await readdir(this.places.backups).catch(() => []);
    return files
      .filter((file) => file.endsWith(BACKUP_ENDING))
      .flatMap((file) => named(file.slice(0, -BACKUP_ENDING.length)) ?? []);
  }

  private async look(id: string): Promise<Looked> {
    const file = backupFile(this.places, id);
    const { size, mtimeMs } = await stat(file);
    const mark = `${size} ${mtimeMs}`;
    const known = this.looked.get(id);
    if (known?.mark === mark) return known.looked;
    const looked = await this.thread.look(file);
    this.looked.set(id, { mark, looked });
    return looked;
  }

  private async record({ id, at, why }: Named): Promise<BackupRecord> {
    const { problem, dishes, cooks, photos } = await this.look(id);
    const { size } = await stat(backupFile(this.places, id));
    const photoBytes = photos.reduce((sum, { bytes }) => sum + bytes, 0);
    return {
      id,
      at: at.toISOString(),
      why,
      bytes: size,
      photoBytes,
      dishes,
      cooks,
      photographs: photos.length,
      problem,
    };
  }
}
