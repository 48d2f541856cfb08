import Libsql from 'libsql';
import type { DataSourceOptions } from 'typeorm';
import { ConversionEntity } from '../conversions/conversion.entity.js';
import { KitchenEntity } from '../kitchen/kitchen.entity.js';
import { PantryEntity } from '../pantry/pantry.entity.js';
import { SupperEntity } from '../supper/supper.entity.js';
import { Conversions1764000000000, Kitchen1764200000000, Pantry1764100000000, Supper1764300000000 } from './schema.js';

interface Pragmas {
  pragma(statement: string): unknown;
}

/** One SQLite 3 file; written through to the disk before a save is answered, so that a kill loses nothing saved. */
export const databaseOptions = (file: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  driver: Libsql,
  database: file,
  entities: [ConversionEntity, PantryEntity, KitchenEntity, SupperEntity],
  migrations: [Conversions1764000000000, Pantry1764100000000, Kitchen1764200000000, Supper1764300000000],
  migrationsRun: true,
  synchronize: false,
  prepareDatabase: (db: Pragmas) => {
    db.pragma('journal_mode = WAL');
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
  },
});
