import { readdirSync, readFileSync } from 'node:fs';
import Libsql from 'libsql';
import { RunningServer } from './running.js';

/** Rows as every version of Yellowmist has written them, in the database of today: all of them are read. */

const FOLDER = 'contract/testing/kept';
interface Row {
  kind: string;
  format: number;
  body: { name?: string };
}
const rows = readdirSync(FOLDER)
  .sort()
  .flatMap((file) => JSON.parse(readFileSync(`${FOLDER}/${file}`, 'utf8')) as Row[]);
const LISTED = ['conversion', 'evening', 'experiment'];

const server = new RunningServer();
afterAll(() => server.end());

test('documents of all formats are listed and read by a server of today, and none is said to be broken', async () => {
  await server.start();
  await server.stop();
  const db = new Libsql(server.file);
  const at = '2024-01-01T12:00:00.000Z';
  const idOf = (k: number): string => `00000000-0000-4000-8000-${String(k).padStart(12, '0')}`;
  rows.forEach(({ kind, format, body }, k) => {
    const text = JSON.stringify(body);
    if (LISTED.includes(kind))
      db.prepare(`INSERT INTO ${kind} VALUES (?, ?, 1, ?, ?, ?, ?, NULL, ?)`).run(
        idOf(k),
        body.name ?? 'Old',
        format,
        text,
        at,
        at,
        k + 1,
      );
    else if (kind === 'cook')
      db.prepare('INSERT INTO cook VALUES (?, ?, ?, ?, ?, ?, NULL)').run(idOf(k), 'Old', format, text, at, at);
    else db.prepare('INSERT OR REPLACE INTO single VALUES (?, 1, ?, ?)').run(kind, format, text);
  });
  db.close();
  await server.start();
  const count = (kind: string): number => rows.filter((row) => row.kind === kind).length;
  for (const [path, kind] of [
    ['conversions', 'conversion'],
    ['evenings', 'evening'],
    ['experiments', 'experiment'],
    ['cooks', 'cook'],
  ]) {
    const { body: all } = await server.ask<{ id: string; problem?: string }[]>('GET', `/${path}`);
    expect([path, all.length]).toEqual([path, count(kind)]);
    expect(all.filter(({ problem }) => problem)).toEqual([]);
    for (const { id } of all) expect((await server.ask('GET', `/${path}/${id}`)).status).toBe(200);
  }
  for (const path of ['/kitchen', '/pantry/kitchen', '/learning'])
    expect((await server.ask('GET', path)).status).toBe(200);
});
