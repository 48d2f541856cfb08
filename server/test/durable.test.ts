import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { exampleConversion, type ConversionDocument } from '@yellowmist/contract';
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
