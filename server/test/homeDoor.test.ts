import { writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import type { Access } from '@yellowmist/contract';
import { certificatesFor, fingerprintOf, type MadeCertificates } from '../src/access/certificate.js';
import { HomeBrowser, homePortOf } from './home.js';
import { RunningServer } from './running.js';

/** The door to the home network as it is set at the start: the house's own certificate, its port, its passphrase. */

const PASSPHRASE = 'damson kettle thimble oats';

const server = new RunningServer();
let given: MadeCertificates;
const set: NodeJS.ProcessEnv = { YELLOWMIST_PASSPHRASE: PASSPHRASE };
beforeAll(async () => {
  given = await certificatesFor(['pantry.lan', '127.0.0.1'], null, Date.now());
  set.YELLOWMIST_CERT = join(server.folder, 'given.pem');
  set.YELLOWMIST_KEY = join(server.folder, 'given-key.pem');
  writeFileSync(set.YELLOWMIST_CERT, given.server.certificate);
  writeFileSync(set.YELLOWMIST_KEY, given.server.key);
});
afterAll(() => server.end());

const here = async (): Promise<Access> => (await server.ask<Access>('GET', '/access')).body;
const trusting = (): HomeBrowser => new HomeBrowser(homePortOf(server), given.authority.certificate);

test('a passphrase at the start turns it on, with the certificate that the house has already', async () => {
  await server.start(set);
  const said = await here();
  expect(said).toMatchObject({ on: true, hasPassphrase: true, problem: null, certificate: { kind: 'given' } });
  expect(said.certificate!.fingerprint).toBe(fingerprintOf(given.server.certificate));
  const browser = trusting();
  expect((await browser.signIn(PASSPHRASE)).status).toBe(204);
  expect((await browser.ask('GET', '/api/kitchen')).status).toBe(200);
  // There is no authority of this house to be trusted.
  expect((await browser.ask('GET', '/api/access/certificate')).status).toBe(404);
});

test('the same passphrase at the next start signs nobody out; another one does', async () => {
  const browser = trusting();
  await browser.signIn(PASSPHRASE, 'Tablet');
  await server.stop();
  await server.start(set);
  const again = (await here()).signedIn.map(({ name }) => name);
  expect(again).toContain('Tablet');
  await server.stop();
  await server.start({ ...set, YELLOWMIST_PASSPHRASE: 'chimney walnut apron mint' });
  expect((await here()).signedIn).toEqual([]);
});

test('a port that another program has is said, everything else goes on, and it is tried again when it is asked for', async () => {
  await server.stop();
  const other = createServer();
  await new Promise<void>((resolve) => other.listen(0, () => resolve()));
  const { port } = other.address() as { port: number };
  await server.start({ ...set, YELLOWMIST_HOME_PORT: String(port) });
  const said = await here();
  expect(said).toMatchObject({ on: true, addresses: [], certificate: null });
  expect(said.problem).toBe(
    `Port ${port} is in use by another program; stop that, or set YELLOWMIST_HOME_PORT to another.`,
  );
  expect((await server.ask('GET', '/kitchen')).status).toBe(200);
  await new Promise((resolve) => other.close(resolve));
  expect((await server.ask<Access>('PUT', '/access', { on: true })).body).toMatchObject({ problem: null });
  const browser = new HomeBrowser(port, given.authority.certificate);
  expect((await browser.ask('GET', '/api/access/session')).status).toBe(200);
});

test('files that are no certificate are said, and nothing is served without one', async () => {
  await server.stop();
  writeFileSync(set.YELLOWMIST_CERT!, 'a shopping list');
  await server.start(set);
  const { on, addresses, problem } = await here();
  expect([on, addresses, problem === null]).toEqual([true, [], false]);
  await expect(trusting().ask('GET', '/')).rejects.toThrow(/ECONNREFUSED/);
});

test('over plain http who signed in is known by cookies of other names, and gone when it leaves', async () => {
  await server.stop();
  await server.start({ YELLOWMIST_PASSPHRASE: PASSPHRASE });
  await server.ask('PUT', '/access', { on: true, transport: 'http' });
  const at = `http://127.0.0.1:${homePortOf(server)}/api`;
  const answer = await fetch(`${at}/access/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ passphrase: PASSPHRASE }),
  });
  expect(answer.status).toBe(204);
  const lines = answer.headers.getSetCookie();
  expect(lines).toHaveLength(2);
  expect(lines.every((line) => /SameSite=Strict/.test(line) && !/Secure|__Host-/.test(line))).toBe(true);
  const cookie = lines.map((line) => line.split(';')[0]).join('; ');
  const page = /yellowmist-page=([^;]+)/.exec(cookie)![1]!;
  const ask = (method: string, path: string) =>
    fetch(`${at}${path}`, { method, headers: { cookie, 'x-yellowmist-page': decodeURIComponent(page) } });
  expect((await ask('GET', '/kitchen')).status).toBe(200);
  const left = await ask('DELETE', '/access/session');
  expect(left.status).toBe(204);
  expect(left.headers.getSetCookie().every((line) => /Expires=Thu, 01 Jan 1970/.test(line))).toBe(true);
  expect((await ask('GET', '/kitchen')).status).toBe(401);
});
