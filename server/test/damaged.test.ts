import { copyFileSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { BackupRecord, Backups, ConversionDocument, Problem } from '@yellowmist/contract';
import { DataSource } from 'typeorm';
import { databaseOptions } from '../src/database/options.js';
import { MIGRATIONS } from '../src/database/schema.js';
import { converted } from './converted.js';
import { RunningServer } from './running.js';

const broken = new RunningServer();
afterAll(() => broken.end());

const backups = async (): Promise<Backups> => (await broken.ask<Backups>('GET', '/backups')).body;
const dish = (name: string) => broken.ask<ConversionDocument>('POST', '/conversions', converted(name));
const names = async (): Promise<string[]> =>
  (await broken.ask<ConversionDocument[]>('GET', '/conversions')).body.map((c) => c.name).sort();

describe('a damaged database', () => {
  test('is set aside by name, nothing of it is overwritten, and the newest backup brings everything back', async () => {
    await broken.start();
    for (let k = 0; k < 30; k++) await dish(`Dab ${k}`);
    const before = await names();
    const { id } = (await broken.ask<BackupRecord>('POST', '/backups')).body;
    await broken.stop();
    const spoiled = readFileSync(broken.file);
    spoiled.fill(0x5a, 4096 * 3, 4096 * 9);
    writeFileSync(broken.file, spoiled);
    await broken.start();
    expect(broken.said).toMatch(/set aside, untouched, in \S+damaged-/);
    expect((await broken.ask('GET', '/health')).body).toEqual({ status: 'ok', problem: null, setAside: true });
    const { setAside } = await backups();
    expect(readFileSync(join(setAside!.folder, 'yellowmist.sqlite'))).toEqual(spoiled);
    expect(await names()).toEqual([]);
    expect((await broken.ask('POST', `/backups/${id}/restore`)).status).toBe(200);
    expect(await names()).toEqual(before);
    expect((await backups()).setAside).toBeNull();
    expect(readFileSync(join(setAside!.folder, 'yellowmist.sqlite'))).toEqual(spoiled);
  });

  test('that is gone is missed as long as there are backups of it, until it is dealt with', async () => {
    await broken.stop();
    for (const ending of ['', '-wal', '-shm']) rmSync(`${broken.file}${ending}`, { force: true });
    await broken.start();
    expect((await backups()).setAside).toMatchObject({ problem: expect.stringMatching(/gone/) });
    expect((await broken.ask('DELETE', '/backups/aside')).status).toBe(204);
    expect((await broken.ask('GET', '/health')).body).toMatchObject({ setAside: false });
  });

  test('that is spoiled while it is used is said, in health and at every save', async () => {
    for (let k = 0; k < 40; k++) await dish(`Plaice ${k}`);
    await broken.stop();
    await broken.start();
    const pages = readFileSync(broken.file);
    pages.fill(0x5a, 4096);
    writeFileSync(broken.file, pages);
    const answers = [];
    for (let k = 0; k < 5; k++) answers.push(await broken.ask<Problem>('GET', '/conversions'));
    const said = answers.find((a) => a.status === 503)!;
    expect(said.body.detail).toMatch(/damaged on the disk\. Stop Yellowmist and start it again/);
    expect(await broken.ask('GET', '/health')).toMatchObject({ status: 503, body: { status: 'damaged' } });
    await broken.kill();
    await broken.start();
    expect((await backups()).setAside).not.toBeNull();
  });

  test('before the schema changes a backup is made by itself', async () => {
    await broken.stop();
    for (const ending of ['', '-wal', '-shm']) rmSync(`${broken.file}${ending}`, { force: true });
    const source = await new DataSource({
      ...databaseOptions(broken.file),
      migrations: MIGRATIONS.slice(0, -1),
    }).initialize();
    await source.destroy();
    copyFileSync(broken.file, join(broken.folder, 'as-it-was'));
    await broken.start();
    const [newest] = (await backups()).backups;
    expect(newest).toMatchObject({ why: 'before-update', problem: null });
  });
});
