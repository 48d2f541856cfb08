import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { Injectable } from '@nestjs/common';
import type { Restored } from '@yellowmist/contract';
import { DataSource } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import { Serial } from '../common/serial.js';
import { CooksStore } from '../cooks/cooks.store.js';
import { EventsStore } from '../cooks/events.store.js';
import { PhotosService } from '../cooks/photos.service.js';
import { SinglesService } from '../documents/singles.service.js';
import { BackupsService } from './backups.service.js';
import { backupFile } from './places.js';
import { replaceAll } from './replace.js';
import type { Handle } from './sqlite.js';

/** The raw connection of the driver. */
interface Driver {
  databaseConnection: Handle;
}

/** Brings a backup back: what was there before is a backup itself, and nothing is half. */
@Injectable()
export class RestoringService {
  private readonly one = new Serial();

  constructor(
    private readonly backups: BackupsService,
    private readonly database: DataSource,
    private readonly singles: SinglesService,
    private readonly cooks: CooksStore,
    private readonly events: EventsStore,
    private readonly photos: PhotosService,
  ) {}

  /** @throws ProblemException 404 where there is none, 422 where it cannot be restored, 507 where there is no room */
  restore(id: string): Promise<Restored> {
    return this.one.run(async () => {
      const { problem } = await this.backups.find(id);
      if (problem) throw new ProblemException(422, `This backup cannot be restored: ${problem}`);
      const { places, thread } = this.backups;
      const ready = join(places.backups, 'restoring.sqlite');
      try {
        const looked = await thread.bringUp({ file: backupFile(places, id), into: ready });
        if (looked.problem) throw new ProblemException(422, `This backup cannot be restored: ${looked.problem}`);
        const { photos } = looked;
        // Its photographs are here before anything of it can go to make room, and none is swept away before it is named.
        const { before, photographsGone } = await this.photos.alone(async () => {
          const gone = await thread.bringPhotos({ photos, from: places.backupPhotos, into: places.photos });
          const now = await this.backups.make('before-restore');
          await replaceAll((this.database.driver as unknown as Driver).databaseConnection, ready);
          return { before: now, photographsGone: gone };
        });
        this.backups.forgetAside();
        await this.singles.announceAll();
        this.cooks.changed();
        this.events.replace();
        const { dishes, cooks } = looked;
        return { from: id, before, dishes, cooks, photographs: photos.length, photographsGone };
      } finally {
        for (const ending of ['', '-wal', '-shm']) rmSync(`${ready}${ending}`, { force: true });
      }
    });
  }
}
