import { copyFileSync, existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { exampleConversion, type Backups, type ConversionDocument, type KitchenDocument } from '@yellowmist/contract';
import { DataSource } from 'typeorm';
import { lookInto } from '../src/backup/sqlite.js';
import { databaseOptions } from '../src/database/options.js';
import { MIGRATIONS } from '../src/database/schema.js';
import { converted } from './converted.js';
import { RunningServer } from './running.js';

/** The plug is pulled at any moment, and nothing that was answered is lost or half. `npm run hammer -- kill` pulls it oftener. */

const KILLS = Number(process.env.YELLOWMIST_HAMMER ?? 8);
const SEED = Number(process.env.YELLOWMIST_HAMMER_SEED ?? 1);
const LONG_MS = 3 * 3600_000;

/** The same moments every time: a kill at any of them is as likely (Lehmer's generator, from memory). */
function moments(seed: number): (least: number, most: number) => number {
  let state = 1 + (Math.abs(seed) % 2_147_483_645);
  return (least, most) => {
    state = (state * 48_271) % 2_147_483_647;
    return least + ((most - least) * state) / 2_147_483_647;
  };
}

let copies = 0;

/** What the kill left is a whole database. A copy is looked into: the driver lets go of a file only by and by. */
function isWhole(server: RunningServer): void {
  const copy = join(server.folder, `copy-${(copies += 1)}`);
  for (const end of ['', '-wal'])
    if (existsSync(`${server.file}${end}`)) copyFileSync(`${server.file}${end}`, `${copy}${end}`);
  expect(lookInto(copy).problem).toBeNull();
}

test(
  'in the middle of saves of dishes and of the kitchen',
  async () => {
    const server = new RunningServer();
    const at = moments(SEED);
    const versions = new Map<string, number>();
    await server.start();
    for (let k = 0; k < 4; k++) {
      const { body } = await server.ask<ConversionDocument>('POST', '/conversions', converted(`Dish ${k}, save 1`));
      versions.set(body.id, 1);
    }
    const kitchen = (await server.ask<KitchenDocument>('GET', '/kitchen')).body;
    const fryer = exampleConversion().fryer;
    let saves = 0;
    for (let kill = 0; kill < KILLS; kill++) {
      let killed = false;
      const saving = [...versions.keys()].map(async (id, k) => {
        while (!killed) {
          const version = versions.get(id)!;
          const body = { ...converted(`Dish ${k}, save ${version + 1}`), version };
          const answer = await server.ask<ConversionDocument>('PUT', `/conversions/${id}`, body).catch(() => null);
          if (answer?.status === 200) {
            versions.set(id, answer.body.version);
            saves += 1;
          }
        }
      });
      const cooking = (async () => {
        while (!killed) {
          const fryers = [{ ...fryer, name: `Fryer ${kitchen.version + 1}` }];
          const body = { ...kitchen, fryers };
          const answer = await server.ask<KitchenDocument>('PUT', '/kitchen', body).catch(() => null);
          if (answer?.status === 200) kitchen.version = answer.body.version;
        }
      })();
      await new Promise((resolve) => setTimeout(resolve, at(20, 300)));
      killed = true;
      await server.kill();
      await Promise.all([...saving, cooking]);
      isWhole(server);
      await server.start();
      for (const [id, version] of versions) {
        const { body } = await server.ask<ConversionDocument>('GET', `/conversions/${id}`);
        // A save may have come through whose answer did not.
        expect(body.version - version).toBeGreaterThanOrEqual(0);
        expect(body.version - version).toBeLessThanOrEqual(1);
        expect(body.name).toMatch(new RegExp(`^Dish \\d, save ${body.version}$`));
        versions.set(id, body.version);
      }
      const { body } = await server.ask<KitchenDocument>('GET', '/kitchen');
      expect([0, 1]).toContain(body.version - kitchen.version);
      if (body.version > 0) expect(body.fryers[0].name).toBe(`Fryer ${body.version}`);
      kitchen.version = body.version;
    }
    await server.end();
    expect(saves).toBeGreaterThan(KILLS);
  },
  LONG_MS,
);

test(
  'in the middle of the very first start, again and again over the same folder',
  async () => {
    const server = new RunningServer();
    const at = moments(SEED + 1);
    for (let kill = 0; kill < KILLS; kill++) {
      if (kill % 2 === 0) for (const end of ['', '-wal', '-shm']) rmSync(`${server.file}${end}`, { force: true });
      await server.killedAfter(at(150, 1100));
    }
    await server.start();
    expect((await server.ask<Backups>('GET', '/backups')).body).toMatchObject({ backups: [], setAside: null });
    expect((await server.ask('POST', '/conversions', converted('The first'))).status).toBe(201);
    isWhole(server);
    await server.end();
  },
  LONG_MS,
);

test(
  'in the middle of a change of the schema',
  async () => {
    const server = new RunningServer();
    const at = moments(SEED + 2);
    const old = join(server.folder, 'old');
    const source = await new DataSource({ ...databaseOptions(old), migrations: MIGRATIONS.slice(0, 4) }).initialize();
    const time = '2024-01-01T12:00:00.000Z';
    for (let k = 0; k < 300; k++)
      await source.query('INSERT INTO conversion VALUES (?, ?, 1, 1, ?, ?, ?, NULL)', [
        `00000000-0000-4000-8000-000000000${String(k).padStart(3, '0')}`,
        `Old ${k}`,
        JSON.stringify({ ...exampleConversion(), name: `Old ${k}` }),
        time,
        time,
      ]);
    await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
    await source.destroy();
    const before = readFileSync(old);
    for (let kill = 0; kill < KILLS; kill++) {
      for (const end of ['-wal', '-shm']) rmSync(`${server.file}${end}`, { force: true });
      writeFileSync(server.file, before);
      await server.killedAfter(at(150, 1100));
      isWhole(server);
      if (kill % 4 > 0) continue;
      await server.start();
      expect((await server.ask<unknown[]>('GET', '/conversions')).body).toHaveLength(300);
      await server.kill();
    }
    await server.start();
    const { backups } = (await server.ask<Backups>('GET', '/backups')).body;
    expect(backups.every((b) => b.problem === null && b.dishes === 300)).toBe(true);
    await server.end();
  },
  LONG_MS,
);
