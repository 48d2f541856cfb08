import { EVENING_OF_SUPPER, eveningOfSupper, type EveningBody, type OldSupper } from '@yellowmist/contract';
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The table of a kind of document of which there is one, as it was up to the table of all such kinds. */
async function createSingle(runner: QueryRunner, table: string): Promise<void> {
  await runner.query(`CREATE TABLE ${table} (
    id INTEGER PRIMARY KEY NOT NULL,
    version INTEGER NOT NULL,
    body TEXT NOT NULL
  )`);
}

/** The table of a kind of document of which there are many. */
async function createListed(runner: QueryRunner, table: string): Promise<void> {
  await runner.query(`CREATE TABLE ${table} (
    id TEXT PRIMARY KEY NOT NULL,
    name TEXT NOT NULL,
    version INTEGER NOT NULL,
    format INTEGER NOT NULL,
    body TEXT NOT NULL,
    created_at TEXT NOT NULL,
    updated_at TEXT NOT NULL,
    deleted_at TEXT
  )`);
  await runner.query(`CREATE INDEX ${table}_updated ON ${table} (deleted_at, updated_at)`);
}

async function drop(runner: QueryRunner, table: string): Promise<void> {
  await runner.query(`DROP TABLE ${table}`);
}

export class Conversions1764000000000 implements MigrationInterface {
  name = 'Conversions1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await createListed(runner, 'conversion');
  }

  down = (runner: QueryRunner): Promise<void> => drop(runner, 'conversion');
}

export class Pantry1764100000000 implements MigrationInterface {
  name = 'Pantry1764100000000';

  up = (runner: QueryRunner): Promise<void> => createSingle(runner, 'pantry');
  down = (runner: QueryRunner): Promise<void> => drop(runner, 'pantry');
}

export class Kitchen1764200000000 implements MigrationInterface {
  name = 'Kitchen1764200000000';

  up = (runner: QueryRunner): Promise<void> => createSingle(runner, 'kitchen');
  down = (runner: QueryRunner): Promise<void> => drop(runner, 'kitchen');
}

export class Supper1764300000000 implements MigrationInterface {
  name = 'Supper1764300000000';

  up = (runner: QueryRunner): Promise<void> => createSingle(runner, 'supper');
  down = (runner: QueryRunner): Promise<void> => drop(runner, 'supper');
}

const SINGLES = ['pantry', 'kitchen', 'supper'] as const;

/** One table for every kind of document of which there is one, each with its format. */
export class Singles1764400000000 implements MigrationInterface {
  name = 'Singles1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE single (
      kind TEXT PRIMARY KEY NOT NULL,
      version INTEGER NOT NULL,
      format INTEGER NOT NULL,
      body TEXT NOT NULL
    )`);
    for (const kind of SINGLES) {
      await runner.query(`INSERT INTO single SELECT '${kind}', version, 1, body FROM ${kind}`);
      await drop(runner, kind);
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const kind of SINGLES) {
      await createSingle(runner, kind);
      await runner.query(`INSERT INTO ${kind} SELECT 1, version, body FROM single WHERE kind = '${kind}'`);
    }
    await drop(runner, 'single');
  }
}

/** What was found for a dish, kept with it. */
export class Answers1764500000000 implements MigrationInterface {
  name = 'Answers1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE answer (
      conversion_id TEXT PRIMARY KEY NOT NULL REFERENCES conversion (id) ON DELETE CASCADE,
      body TEXT NOT NULL
    )`);
  }

  down = (runner: QueryRunner): Promise<void> => drop(runner, 'answer');
}

/** Several evenings in the place of the one supper, which becomes the first of them where it had dishes. */
export class Evenings1764600000000 implements MigrationInterface {
  name = 'Evenings1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await createListed(runner, 'evening');
    const [supper] = (await runner.query(`SELECT body FROM single WHERE kind = 'supper'`)) as { body: string }[];
    const old = supper && (JSON.parse(supper.body) as OldSupper);
    if (old && old.dishIds.length > 0) {
      const at = new Date().toISOString();
      await runner.query('INSERT INTO evening VALUES (?, ?, 1, 1, ?, ?, ?, NULL)', [
        EVENING_OF_SUPPER,
        old.name,
        JSON.stringify(eveningOfSupper(old)),
        at,
        at,
      ]);
    }
    await runner.query(`DELETE FROM single WHERE kind = 'supper'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    const [first] = (await runner.query(
      'SELECT body FROM evening WHERE deleted_at IS NULL ORDER BY updated_at DESC LIMIT 1',
    )) as { body: string }[];
    if (first) {
      const { name, dishes, guests } = JSON.parse(first.body) as EveningBody;
      const body = JSON.stringify({ name, dishIds: dishes.map(({ id }) => id), guests });
      await runner.query(`INSERT INTO single VALUES ('supper', 1, 1, ?)`, [body]);
    }
    await drop(runner, 'evening');
  }
}

/** Cooks at the counter, and every event of them in the order in which it was heard. */
export class Cooks1764700000000 implements MigrationInterface {
  name = 'Cooks1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE cook (
      id TEXT PRIMARY KEY NOT NULL,
      name TEXT NOT NULL,
      format INTEGER NOT NULL,
      body TEXT NOT NULL,
      started_at TEXT NOT NULL,
      ended_at TEXT
    )`);
    await runner.query('CREATE INDEX cook_started ON cook (started_at)');
    await runner.query(`CREATE TABLE cook_event (
      seq INTEGER PRIMARY KEY AUTOINCREMENT,
      cook_id TEXT NOT NULL REFERENCES cook (id) ON DELETE CASCADE,
      id TEXT NOT NULL,
      body TEXT NOT NULL,
      UNIQUE (cook_id, id)
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await drop(runner, 'cook_event');
    await drop(runner, 'cook');
  }
}

/** How each dish of a cook came out. */
export class CookSeen1764800000000 implements MigrationInterface {
  name = 'CookSeen1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE cook_seen (
      cook_id TEXT NOT NULL REFERENCES cook (id) ON DELETE CASCADE,
      dish_id TEXT NOT NULL,
      version INTEGER NOT NULL,
      body TEXT NOT NULL,
      saved_at TEXT NOT NULL,
      PRIMARY KEY (cook_id, dish_id)
    )`);
  }

  down = (runner: QueryRunner): Promise<void> => drop(runner, 'cook_seen');
}

/** Photographs of cooks, and cooks that are put aside. */
export class CookPhotos1764900000000 implements MigrationInterface {
  name = 'CookPhotos1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE cook ADD COLUMN deleted_at TEXT');
    await runner.query(`CREATE TABLE cook_photo (
      id TEXT PRIMARY KEY NOT NULL,
      cook_id TEXT NOT NULL REFERENCES cook (id) ON DELETE CASCADE,
      dish_id TEXT,
      hash TEXT NOT NULL,
      width_px INTEGER NOT NULL,
      height_px INTEGER NOT NULL,
      bytes INTEGER NOT NULL,
      added_at TEXT NOT NULL,
      deleted_at TEXT
    )`);
    await runner.query('CREATE INDEX cook_photo_cook ON cook_photo (cook_id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await drop(runner, 'cook_photo');
    await runner.query('DELETE FROM cook WHERE deleted_at IS NOT NULL');
    await runner.query('ALTER TABLE cook DROP COLUMN deleted_at');
  }
}

/** Comparisons in one batch. */
export class Experiments1765000000000 implements MigrationInterface {
  name = 'Experiments1765000000000';

  up = (runner: QueryRunner): Promise<void> => createListed(runner, 'experiment');
  down = (runner: QueryRunner): Promise<void> => drop(runner, 'experiment');
}

const LISTED = ['conversion', 'evening', 'experiment'] as const;

/** Documents are in the order in which they were touched, and not in that of a clock that may have been set back. */
export class Touched1765100000000 implements MigrationInterface {
  name = 'Touched1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of LISTED) {
      await runner.query(`ALTER TABLE ${table} ADD COLUMN touched INTEGER NOT NULL DEFAULT 0`);
      await runner.query(
        `UPDATE ${table} SET touched = (SELECT count(*) FROM ${table} AS other
          WHERE other.updated_at < ${table}.updated_at OR (other.updated_at = ${table}.updated_at AND other.id <= ${table}.id))`,
      );
      await runner.query(`DROP INDEX ${table}_updated`);
      await runner.query(`CREATE INDEX ${table}_touched ON ${table} (deleted_at, touched)`);
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of LISTED) {
      await runner.query(`DROP INDEX ${table}_touched`);
      await runner.query(`CREATE INDEX ${table}_updated ON ${table} (deleted_at, updated_at)`);
      await runner.query(`ALTER TABLE ${table} DROP COLUMN touched`);
    }
  }
}

/** All migrations, in the order in which they are run. */
export const MIGRATIONS = [
  Conversions1764000000000,
  Pantry1764100000000,
  Kitchen1764200000000,
  Supper1764300000000,
  Singles1764400000000,
  Answers1764500000000,
  Evenings1764600000000,
  Cooks1764700000000,
  CookSeen1764800000000,
  CookPhotos1764900000000,
  Experiments1765000000000,
  Touched1765100000000,
];
