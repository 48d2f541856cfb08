import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { exampleConversion, type ConversionDocument } from '@yellowmist/contract';
import Libsql from 'libsql';
import { RunningServer } from './running.js';

describe('what is saved stays saved', () => {
  const server = new RunningServer();
  afterAll(() => server.end());

  test('a server that is killed between and during saves has every save that it answered', async () => {
    await server.start();
    const { body: made } = await server.ask<ConversionDocument>('POST', '/conversions', exampleConversion());
    let answered = 1;
    let killed = false;
    const saving = (async () => {
      while (!killed) {
        const save = await server
          .ask<ConversionDocument>('PUT', `/conversions/${made.id}`, {
            ...exampleConversion(),
            name: `Save ${answered}`,
            version: answered,
          })
          .catch(() => null);
        if (save?.status === 200) answered = save.body.version;
      }
    })();
    while (answered < 12) await new Promise((resolve) => setTimeout(resolve, 5));
    killed = true;
    await server.kill();
    await saving;
    await server.start();
    const { body: found } = await server.ask<ConversionDocument>('GET', `/conversions/${made.id}`);
    expect(found.version).toBeGreaterThanOrEqual(answered);
    expect(found.name).toBe(`Save ${found.version - 1}`);
    expect(existsSync(join(server.folder, 'yellowmist.sqlite'))).toBe(true);
  });
});

describe('a start that cannot be is said in one sentence', () => {
  const attempt = async (env: NodeJS.ProcessEnv): Promise<string> => {
    const server = new RunningServer();
    const message = await server.start(env).then(
      () => 'started',
      (error: Error) => error.message,
    );
    await server.end();
    return message;
  };

  test('a data folder that cannot be written', async () => {
    expect(await attempt({ YELLOWMIST_DATA: join('package.json', 'data') })).toMatch(
      /data folder .* cannot be written; set YELLOWMIST_DATA/,
    );
  });

  test('a folder that another server has', async () => {
    const first = new RunningServer();
    await first.start();
    expect(await attempt({ YELLOWMIST_DATA: first.folder })).toMatch(
      /Another Yellowmist runs over .* already\. Stop it first/,
    );
    expect((await first.ask('GET', '/health')).status).toBe(200);
    await first.kill();
    // Whatever ended the first, the second may have it now.
    const second = new RunningServer();
    await second.start({ YELLOWMIST_DATA: first.folder });
    await second.end();
    await first.end();
  });

  test('a database of a newer Yellowmist, which is left alone', async () => {
    const server = new RunningServer();
    const db = new Libsql(server.file);
    db.exec(`CREATE TABLE migrations (id INTEGER, timestamp INTEGER, name TEXT);
      INSERT INTO migrations VALUES (1, 1, 'Teleports4000000000000')`);
    db.close();
    const before = readFileSync(server.file);
    await expect(server.start()).rejects.toThrow(/newer Yellowmist\. Update this one first/);
    expect(readFileSync(server.file)).toEqual(before);
    await server.end();
  });

  test('a port in use', async () => {
    const first = new RunningServer();
    await first.start();
    const port = new URL(first.address()).port;
    expect(await attempt({ YELLOWMIST_PORT: port })).toMatch(`Port ${port} is in use`);
    await first.end();
  });

  test('a port that is none', async () => {
    expect(await attempt({ YELLOWMIST_PORT: 'soup' })).toMatch(/YELLOWMIST_PORT must be a whole number/);
  });
});

describe('a row that cannot be read', () => {
  const server = new RunningServer();
  afterAll(() => server.end());

  test.each(['kitchen', 'pantry', 'learning'])(
    'of the %s does not prevent a start, and is not written over',
    async (kind) => {
      await server.start();
      await server.ask('POST', '/conversions', exampleConversion());
      await server.stop();
      const db = new Libsql(server.file);
      db.prepare('INSERT OR REPLACE INTO single VALUES (?, 3, 1, ?)').run(kind, '{"half');
      db.close();
      await server.start();
      expect((await server.ask('GET', '/health')).status).toBe(200);
      const path = kind === 'pantry' ? '/pantry/kitchen' : `/${kind}`;
      const { status, body } = await server.ask<{ detail: string }>('GET', path);
      expect(status).toBe(422);
      expect(body.detail).toMatch(/cannot be read/);
      await server.stop();
      const again = new Libsql(server.file);
      const rows = again.prepare('SELECT body FROM single WHERE kind = ?').all(kind) as { body: string }[];
      expect(rows).toEqual([{ body: '{"half' }]);
      again.prepare('DELETE FROM single').run();
      again.close();
    },
  );
});

test('a clock that was set back does not change what was touched last', async () => {
  const server = new RunningServer();
  await server.start();
  const ids: string[] = [];
  for (const name of ['First', 'Second', 'Third'])
    ids.push((await server.ask<ConversionDocument>('POST', '/conversions', { ...exampleConversion(), name })).body.id);
  await server.stop();
  // All of it was written while the clock was five years ahead.
  const db = new Libsql(server.file);
  db.prepare(`UPDATE conversion SET created_at = '2031-12-01T00:00:00Z', updated_at = '2031-12-01T00:00:00Z'`).run();
  db.close();
  await server.start();
  const order = async (): Promise<string[]> =>
    (await server.ask<ConversionDocument[]>('GET', '/conversions')).body.map((c) => c.name);
  expect(await order()).toEqual(['Third', 'Second', 'First']);
  await server.ask('PUT', `/conversions/${ids[0]}`, { ...exampleConversion(), name: 'First, again', version: 1 });
  await server.ask('POST', '/conversions', { ...exampleConversion(), name: 'Fourth' });
  expect(await order()).toEqual(['Fourth', 'First, again', 'Third', 'Second']);
  await server.end();
});
