import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { exampleConversion, type CookDocument, type ConversionDocument } from '@yellowmist/contract';
import { converted } from './converted.js';
import { RunningServer } from './running.js';

/** Nothing is asked of any other machine, whatever is done: a server that has no network is missing nothing. */

const folder = mkdtempSync(join(tmpdir(), 'yellowmist-alone-'));
const asked = join(folder, 'asked.txt');
const watcher = join(folder, 'watcher.mjs');

/** Loaded before everything else: writes down whom anybody wants to reach, and lets nobody out. */
writeFileSync(
  watcher,
  `import net from 'node:net';
import dgram from 'node:dgram';
import dns from 'node:dns';
import { appendFileSync } from 'node:fs';
import { syncBuiltinESMExports } from 'node:module';
const HERE = /^(127\\.|::1$|::ffff:127\\.|localhost$)/;
const tell = (what) => appendFileSync(${JSON.stringify(asked)}, what + '\\n');
const connect = net.Socket.prototype.connect;
net.Socket.prototype.connect = function (...all) {
  const [first] = Array.isArray(all[0]) ? all[0] : all;
  const host = first?.host ?? (typeof all[1] === 'string' ? all[1] : '127.0.0.1');
  if (first?.path || HERE.test(host)) return connect.apply(this, all);
  tell('tcp ' + host);
  process.nextTick(() => this.destroy(new Error('nobody is out there')));
  return this;
};
dgram.Socket.prototype.send = () => tell('udp');
for (const name of ['lookup', 'resolve', 'resolve4', 'resolve6']) {
  const real = dns[name];
  dns[name] = (host, ...rest) => {
    if (HERE.test(host)) return real(host, ...rest);
    tell('dns ' + host);
    rest.at(-1)(new Error('nobody is out there'));
  };
}
syncBuiltinESMExports();
`,
);
const NODE_OPTIONS = `--import ${pathToFileURL(watcher).href}`;
const told = (): string => {
  try {
    return readFileSync(asked, 'utf8');
  } catch {
    return '';
  }
};

const server = new RunningServer();
afterAll(async () => {
  await server.end();
  rmSync(folder, { recursive: true, force: true });
});

test('the watcher hears of whoever would go out', () => {
  const out = `fetch('http://192.0.2.1/').catch(() => 0).then(() => fetch('https://elsewhere.example/').catch(() => 0))`;
  execFileSync('node', ['--input-type=module', '-e', `await ${out}`], { env: { ...process.env, NODE_OPTIONS } });
  expect(told()).toMatch(/tcp 192\.0\.2\.1/);
  expect(told()).toMatch(/elsewhere\.example/);
  writeFileSync(asked, '');
});

test('start, conversion, a recipe with links, cooks, calendar, backups and the home network ask nobody', async () => {
  await server.start({ NODE_OPTIONS, YELLOWMIST_PASSPHRASE: 'damson kettle thimble oats' });
  const post = <T>(path: string, body?: unknown) => server.ask<T>('POST', path, body);
  const { dish, fried, fryer, limits } = exampleConversion();
  expect((await post('/convert', { dish, fried, fryer, limits })).status).toBe(200);
  const page = `<html><head><link rel="stylesheet" href="https://elsewhere.example/a.css"></head><body>
    <img src="https://elsewhere.example/fish.jpg"><script src="https://elsewhere.example/a.js"></script>
    <h1>Hake</h1><ul><li>400 g hake</li><li>80 g panko</li><li>1 egg</li></ul></body></html>`;
  expect((await post('/recipes/read', { html: page, url: 'https://elsewhere.example/hake' })).status).toBeLessThan(500);
  expect((await post('/recipes/read', { html: page })).status).toBe(200);
  const { body: made } = await post<ConversionDocument>('/conversions', converted('Alone'));
  const { body: cook } = await post<CookDocument>('/cooks', {
    conversionId: made.id,
    afterwards: { by: { what: 'plan' } },
  });
  expect((await server.ask('GET', `/cooks/${cook.id}/diagnosis`)).status).toBeLessThan(500);
  expect((await post('/backups')).status).toBe(201);
  const { body: kept } = await server.ask<{ backups: { id: string }[] }>('GET', '/backups');
  expect((await post(`/backups/${kept.backups[0].id}/restore`)).status).toBe(200);
  expect((await server.ask<{ on: boolean }>('GET', '/access')).body.on).toBe(true);
  expect(told()).toBe('');
});
