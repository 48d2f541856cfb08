import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Piscina } from 'piscina';
import { ProblemException } from '../common/problem.js';
import { troubleOf } from '../common/troubles.js';
import type { Looked } from './sqlite.js';
import type * as tasks from './thread.js';
import { arrived, type Came } from './work.js';

const IDLE_MS = 5_000;

/** A thread for the files of databases: a large one holds nobody up. */
@Injectable()
export class BackupThread implements OnApplicationShutdown {
  private readonly pool = new Piscina({
    filename: new URL('./backup.js', import.meta.url).href,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: IDLE_MS,
  });

  /** @throws ProblemException 507 where the disk has no room or cannot be written; else the Error that it failed with */
  private async run<T>(name: keyof typeof tasks, task: unknown): Promise<T> {
    const came = (await this.pool.run(task, { name })) as Came<T>;
    const trouble = 'failed' in came ? troubleOf(came.failed) : null;
    if (trouble && !trouble.damaged)
      throw new ProblemException(
        trouble.status,
        `${trouble.what} Nothing was changed: see to the disk, and do it again.`,
      );
    return arrived(came);
  }

  copyDatabase(task: tasks.ToCopy): Promise<Looked> {
    return this.run('copyDatabase', task);
  }

  look(file: string): Promise<Looked> {
    return this.run('look', file);
  }

  bringUp(task: { file: string; into: string }): Promise<Looked> {
    return this.run('bringUp', task);
  }

  bringPhotos(task: { photos: Looked['photos']; from: string; into: string }): Promise<number> {
    return this.run('bringPhotos', task);
  }

  pack(task: { file: string; photos: string; into: string }): Promise<void> {
    return this.run('pack', task);
  }

  unpack(task: { file: string; into: string; photos: string }): Promise<Looked> {
    return this.run('unpack', task);
  }

  onApplicationShutdown(): Promise<void> {
    return this.pool.destroy();
  }
}
