/** A built server with a house of its own, for what is timed over it. */
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { exampleConversion, exampleVersion } from '@yellowmist/contract';
import Libsql from 'libsql';
import { ROOT } from '../setup.mjs';

/** Starts a server on `port` over an empty folder. @returns its address, its database, how to ask it, and how to end it */
export async function house(port, ...args) {
  const folder = mkdtempSync(join(tmpdir(), 'yellowmist-bench-'));
  const server = spawn('node', ['server/dist/bundle/main.js', ...args], {
    cwd: ROOT,
    env: { ...process.env, YELLOWMIST_DATA: folder, YELLOWMIST_PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) => server.stdout.on('data', (chunk) => /ready/.test(String(chunk)) && resolve()));
  process.once('exit', () => server.kill());
  const at = `http://127.0.0.1:${port}`;
  return {
    at,
    file: join(folder, 'yellowmist.sqlite'),
    ask: (method, path, body) =>
      fetch(`${at}/api${path}`, {
        method,
        headers: { 'content-type': 'application/json' },
        body: body && JSON.stringify(body),
      }),
    async end() {
      server.kill('SIGTERM');
      await new Promise((resolve) => server.once('exit', resolve));
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** A dish with an air version, so that nothing has to be searched. */
export const dishCalled = (name) => ({ ...exampleConversion(), name, chosen: exampleVersion() });

/** Dishes and cooks that are made as they are in use; all others are copies of them. */
const MADE = 12;

/** Copies what is stored in a table until there are `count`, each with an id of its own, from day to day. */
function copied(database, table, count, ...days) {
  const rows = database.prepare(`SELECT * FROM ${table}`).all();
  const names = Object.keys(rows[0]);
  const insert = database.prepare(`INSERT INTO ${table} (${names}) VALUES (${names.map(() => '?')})`);
  for (let k = rows.length; k < count; k++) {
    const row = { ...rows[k % rows.length], id: randomUUID() };
    for (const day of days) row[day] = new Date(Date.parse(row[day]) - k * 8 * 3_600_000).toISOString();
    insert.run(...names.map((name) => row[name]));
  }
}

/** Fills a house with so many dishes, and cooks of them. @returns the ids of the last cooks */
export async function fill({ ask, file }, dishes, cooks) {
  const ids = [];
  for (let k = 0; k < MADE; k++) {
    const made = await (await ask('POST', '/conversions', dishCalled(`Dish ${k} of a long logbook`))).json();
    const afterwards = { by: { what: 'plan' } };
    const { id } = await (await ask('POST', '/cooks', { conversionId: made.id, afterwards })).json();
    ids.push(id);
  }
  const database = new Libsql(file);
  database.exec('BEGIN');
  copied(database, 'conversion', dishes);
  copied(database, 'cook', cooks, 'started_at', 'ended_at');
  database.exec('COMMIT');
  database.close();
  return ids;
}
