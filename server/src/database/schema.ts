import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The table of a kind of document of which there is one. */
async function createSingle(runner: QueryRunner, table: string): Promise<void> {
  await runner.query(`CREATE TABLE ${table} (
    id INTEGER PRIMARY KEY NOT NULL,
    version INTEGER NOT NULL,
    body TEXT NOT NULL
  )`);
}

async function drop(runner: QueryRunner, table: string): Promise<void> {
  await runner.query(`DROP TABLE ${table}`);
}

export class Conversions1764000000000 implements MigrationInterface {
  name = 'Conversions1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE conversion (
      id TEXT PRIMARY KEY NOT NULL,
      name TEXT NOT NULL,
      version INTEGER NOT NULL,
      format INTEGER NOT NULL,
      body TEXT NOT NULL,
      created_at TEXT NOT NULL,
      updated_at TEXT NOT NULL,
      deleted_at TEXT
    )`);
    await runner.query('CREATE INDEX conversion_updated ON conversion (deleted_at, updated_at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE conversion');
  }
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
