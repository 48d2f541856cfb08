import type { MigrationInterface, QueryRunner } from 'typeorm';

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

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE pantry (
      id INTEGER PRIMARY KEY NOT NULL,
      version INTEGER NOT NULL,
      body TEXT NOT NULL
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE pantry');
  }
}

export class Kitchen1764200000000 implements MigrationInterface {
  name = 'Kitchen1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE kitchen (
      id INTEGER PRIMARY KEY NOT NULL,
      version INTEGER NOT NULL,
      body TEXT NOT NULL
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE kitchen');
  }
}
