import { copyFileSync } from 'node:fs';
import { join } from 'node:path';
import Libsql from 'libsql';
import {
  EMPTY_EVENING,
  exampleConversion,
  type ConversionDocument,
  type EveningDocument,
  type ListedConversion,
  type ListedEvening,
  type Problem,
} from '@yellowmist/contract';
import { DataSource } from 'typeorm';
import { databaseOptions } from '../src/database/options.js';
import { MIGRATIONS } from '../src/database/schema.js';
import { RunningServer } from './running.js';

/** Writes into a database file behind the server's back. */
function write(file: string, sql: string, ...values: unknown[]): void {
  const db = new Libsql(file);
  db.prepare(sql).run(...values);
  db.close();
}

describe('each dish and each evening stands or falls alone', () => {
  const server = new RunningServer();
  afterAll(() => server.end());
  const ids: Record<string, string> = {};

  beforeAll(async () => {
    await server.start();
    for (const name of ['Whole', 'Newer', 'Torn', 'Unknown food']) {
      const made = await server.ask<ConversionDocument>('POST', '/conversions', { ...exampleConversion(), name });
      ids[name] = made.body.id;
    }
    for (const name of ['Thursday', 'Of next year', 'Torn night']) {
      const evening = { ...EMPTY_EVENING, name, dishes: [{ id: ids['Whole'] }] };
      ids[name] = (await server.ask<EveningDocument>('POST', '/evenings', evening)).body.id;
    }
    await server.stop();
    write(server.file, 'UPDATE evening SET format = 99 WHERE id = ?', ids['Of next year']);
    write(server.file, 'UPDATE evening SET body = substr(body, 1, 40) WHERE id = ?', ids['Torn night']);
    write(server.file, 'UPDATE conversion SET format = 99 WHERE id = ?', ids['Newer']);
    write(server.file, 'UPDATE conversion SET body = substr(body, 1, 40) WHERE id = ?', ids['Torn']);
    write(
      server.file,
      'UPDATE conversion SET body = replace(body, \'"foodId":"\', \'"foodId":"no-\') WHERE id = ?',
      ids['Unknown food'],
    );
    await server.start();
  });

  test('the list names all four, and says of three why they cannot be opened', async () => {
    const { status, body: listed } = await server.ask<ListedConversion[]>('GET', '/conversions');
    expect(status).toBe(200);
    const problems = Object.fromEntries(listed.map((d) => [d.name, 'problem' in d ? d.problem : null]));
    expect(Object.keys(problems).sort()).toEqual(['Newer', 'Torn', 'Unknown food', 'Whole']);
    expect(problems['Whole']).toBeNull();
    expect(problems['Newer']).toMatch(/newer/i);
    expect(problems['Torn']).toMatch(/JSON/);
    expect(problems['Unknown food']).toMatch(/dish\.foodId must be the id of a food in the pantry/);
  });

  test.each(['Newer', 'Torn', 'Unknown food'])('%s by itself is a 422 that says why', async (name) => {
    const { status, body } = await server.ask<Problem>('GET', `/conversions/${ids[name]}`);
    expect(status).toBe(422);
    expect(body.detail).toContain(`“${name}” cannot be opened here`);
  });

  test('one that cannot be opened can be put aside and brought back; nothing of it is touched', async () => {
    expect((await server.ask('DELETE', `/conversions/${ids['Torn']}`)).status).toBe(204);
    expect((await server.ask('POST', `/conversions/${ids['Torn']}/restore`)).status).toBe(422);
    const { body: listed } = await server.ask<ListedConversion[]>('GET', '/conversions');
    expect(listed.map((d) => d.name)).toContain('Torn');
  });

  test('the evenings beside one that cannot be opened are listed, and it says why', async () => {
    const { status, body: listed } = await server.ask<ListedEvening[]>('GET', '/evenings');
    expect(status).toBe(200);
    const problems = Object.fromEntries(listed.map((e) => [e.name, 'problem' in e ? e.problem : null]));
    expect(problems).toEqual({
      Thursday: null,
      'Of next year': expect.stringMatching(/newer/i),
      'Torn night': expect.stringMatching(/JSON/),
    });
  });

  test.each(['Of next year', 'Torn night'])('%s by itself, its calendar and a copy of it are 422s', async (name) => {
    for (const [method, path] of [
      ['GET', ''],
      ['GET', '?as=ics'],
      ['POST', '/copy'],
    ]) {
      const { status, body } = await server.ask<Problem>(
        method,
        `/evenings/${ids[name]}${path}`,
        method === 'POST' ? { serveAt: null } : undefined,
      );
      expect([path, status]).toEqual([path, 422]);
      expect(body.detail).toContain(`“${name}” cannot be opened here`);
    }
  });

  test('an evening that cannot be opened can be put aside, and is there again after it', async () => {
    expect((await server.ask('DELETE', `/evenings/${ids['Torn night']}`)).status).toBe(204);
    const names = async (): Promise<string[]> =>
      (await server.ask<ListedEvening[]>('GET', '/evenings')).body.map((e) => e.name);
    expect(await names()).not.toContain('Torn night');
    expect((await server.ask('POST', `/evenings/${ids['Torn night']}/restore`)).status).toBe(422);
    expect(await names()).toContain('Torn night');
  });
});

test('after a clean stop the file alone holds everything', async () => {
  const [server, other] = [new RunningServer(), new RunningServer()];
  try {
    await server.start();
    await server.ask('POST', '/conversions', { ...exampleConversion(), name: 'Carried away' });
    await server.stop();
    copyFileSync(server.file, join(other.folder, 'yellowmist.sqlite'));
    await other.start();
    const { body: listed } = await other.ask<ListedConversion[]>('GET', '/conversions');
    expect(listed.map((d) => d.name)).toEqual(['Carried away']);
  } finally {
    await server.end();
    await other.end();
  }
});

test('documents of the time before there was one table for them are read', async () => {
  const server = new RunningServer();
  try {
    const old = new DataSource({ ...databaseOptions(server.file), migrations: MIGRATIONS.slice(0, 4) });
    await old.initialize();
    const pantry = JSON.stringify({ have: ['corn-starch'], never: [], own: [] });
    await old.query('INSERT INTO pantry (id, version, body) VALUES (1, 7, ?)', [pantry]);
    await old.destroy();
    await server.start();
    const { body } = await server.ask('GET', '/pantry/kitchen');
    expect(body).toMatchObject({ version: 7, have: ['corn-starch'], never: [] });
  } finally {
    await server.end();
  }
});

test('the supper of the time before there were evenings is the first of them', async () => {
  const server = new RunningServer();
  try {
    const old = new DataSource({ ...databaseOptions(server.file), migrations: MIGRATIONS.slice(0, 6) });
    await old.initialize();
    const guests = [{ name: 'Mara', avoidAllergens: ['egg'], diets: [] }];
    const supper = JSON.stringify({ name: 'Sunday', dishIds: ['5f0d3c1e-6f0a-4d3e-9a51-2f4f0a7c1b2d'], guests });
    await old.query("INSERT INTO single (kind, version, format, body) VALUES ('supper', 4, 1, ?)", [supper]);
    await old.destroy();
    await server.start();
    const { body } = await server.ask<{ name: string; guests: unknown; serveAt: string | null }[]>('GET', '/evenings');
    // Its dish is not there any more, and so it stands without it.
    expect(body).toMatchObject([{ name: 'Sunday', guests, serveAt: null, dishes: [], state: 'planned' }]);
  } finally {
    await server.end();
  }
});
