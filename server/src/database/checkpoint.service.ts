import { Injectable, Logger, type BeforeApplicationShutdown } from '@nestjs/common';
import { DataSource } from 'typeorm';

/** Writes what stands in the write-ahead log into the file itself on stopping, so that the file copied alone is whole. */
@Injectable()
export class CheckpointService implements BeforeApplicationShutdown {
  private readonly log = new Logger('Database');

  constructor(private readonly database: DataSource) {}

  async beforeApplicationShutdown(): Promise<void> {
    try {
      await this.database.query('PRAGMA wal_checkpoint(TRUNCATE)');
    } catch (error) {
      // Nothing is lost: the log stays beside the file, and is read at the next start.
      this.log.warn(`The write-ahead log stays beside the database: ${String(error)}`);
    }
  }
}
