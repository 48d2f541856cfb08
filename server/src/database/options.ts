import Libsql from 'libsql';
import type { DataSourceOptions } from 'typeorm';
import { AnswerEntity } from '../conversions/answer.entity.js';
import { ConversionEntity } from '../conversions/conversion.entity.js';
import { CookEntity, CookEventEntity, CookPhotoEntity, CookSeenEntity } from '../cooks/cook.entity.js';
import { SingleEntity } from '../documents/single.entity.js';
import { EveningEntity } from '../evenings/evening.entity.js';
import { ExperimentEntity } from '../experiments/experiment.entity.js';
import { MIGRATIONS } from './schema.js';

interface Pragmas {
  pragma(statement: string): unknown;
}

/** One SQLite 3 file; written through to the disk before a save is answered, so that a kill loses nothing saved. */
export const databaseOptions = (file: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  driver: Libsql,
  database: file,
  entities: [
    ConversionEntity,
    AnswerEntity,
    SingleEntity,
    EveningEntity,
    ExperimentEntity,
    CookEntity,
    CookEventEntity,
    CookSeenEntity,
    CookPhotoEntity,
  ],
  migrations: MIGRATIONS,
  migrationsRun: true,
  synchronize: false,
  prepareDatabase: (db: Pragmas) => {
    db.pragma('journal_mode = WAL');
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
  },
});
