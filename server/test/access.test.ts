import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { Access, Problem } from '@yellowmist/contract';
import { HomeBrowser, homePortOf, type HomeAnswer } from './home.js';
import { RunningServer } from './running.js';

/** Use from the home network: shut until it is wanted, and then for those alone who know the passphrase. */

const PASSPHRASE = 'damson kettle thimble oats';
const OTHER = 'chimney walnut apron mint';

const server = new RunningServer();
beforeAll(() => server.start());
afterAll(() => server.end());

const here = (): Promise<Access> => server.ask<Access>('GET', '/access').then(({ body }) => body);
const turn = (change: object) => server.ask<Access & Problem>('PUT', '/access', change);
const browser = (): HomeBrowser => new HomeBrowser(homePortOf(server));
const detail = ({ text }: HomeAnswer): string => (JSON.parse(text) as Problem).detail;
const kept = (name: string): string => readFileSync(join(server.folder, name), 'utf8');

describe('the home network', () => {
  test('is off: nobody answers there, and what is asked for is told', async () => {
    expect(await here()).toMatchObject({ on: false, addresses: [], hasPassphrase: false, atMachine: true });
    await expect(browser().ask('GET', '/')).rejects.toThrow(/ECONNREFUSED/);
  });

  test('is not turned on without a passphrase, nor with one that everybody tries', async () => {
    for (const [passphrase, said] of [
      [undefined, /passphrase must be set/],
      ['short', /at least 12 letters/],
      ['aaaaaaaaaaaaaaaa', /different letters/],
      ['password1234 etc', /everybody tries first/],
      ['x'.repeat(129), /at most 128 letters/],
    ] as const) {
      const { status, body } = await turn({ on: true, ...(passphrase ? { passphrase } : {}) });
      expect([status, body.errors?.[0]?.field]).toEqual([400, 'passphrase']);
      expect(body.detail).toMatch(said);
    }
    expect((await here()).on).toBe(false);
  });

  test('is turned on at the machine, and keeps nothing from which the passphrase could be read', async () => {
    const { status, body } = await turn({ on: true, passphrase: PASSPHRASE });
    expect(status).toBe(200);
    expect(body).toMatchObject({ on: true, hasPassphrase: true, transport: 'https', signedIn: [] });
    expect(body.certificate).toMatchObject({ kind: 'made', fingerprint: expect.stringMatching(/^([0-9A-F]{2}:){31}/) });
    expect(kept('access.json')).not.toContain('damson');
    for (const file of ['access.json', 'certificates.json'])
      expect(statSync(join(server.folder, file)).mode & 0o777).toBe(0o600);
  });
});

describe('who is not signed in', () => {
  test('is shown the pages, that ask for the passphrase, and nothing else', async () => {
    const stranger = browser();
    const page = await stranger.ask('GET', '/kitchen');
    expect([page.status, page.text.includes('id="root"')]).toEqual([200, true]);
    for (const path of [
      '/api/kitchen',
      '/api/health',
      '/api/conversions',
      '/api/backups',
      '/api/access',
      '/api/docs.json',
      '/api/access/session/',
      '/api//kitchen',
    ])
      expect([path, (await stranger.ask('GET', path)).status]).toEqual([path, 401]);
    // Names that another layer might take for the same.
    for (const path of ['/API/kitchen', '/./api/kitchen', '/%61pi/kitchen', '//api/kitchen', '/x/../api/kitchen'])
      expect((await stranger.ask('GET', path)).text).not.toContain('fryers');
    for (const [method, path] of [
      ['PUT', '/api/kitchen'],
      ['POST', '/api/convert'],
      ['PUT', '/api/access'],
      ['DELETE', '/api/access/sessions'],
      ['POST', '/'],
    ] as const)
      expect((await stranger.ask(method, path, {})).status).toBe(401);
    expect(kept('refusals.log')).toMatch(/asked GET "\/api\/kitchen" .*Nobody is signed in with this browser/);
  });

  test('sends nothing large: a body is refused before it is read', async () => {
    const answer = await browser().ask('POST', '/api/import', { much: 'x'.repeat(1_000_000) });
    expect(answer.status).toBe(401);
  });

  test('is refused under a name that is not this machine’s, whatever else is right', async () => {
    const answer = await browser().ask('GET', '/', undefined, { host: 'elsewhere.example' });
    expect([answer.status, detail(answer)]).toEqual([403, 'This server is not known by that host name.']);
  });
});

describe('signed in', () => {
  test('by the passphrase, with cookies that no other site and no script gets, and from a page of this house alone', async () => {
    const tablet = browser();
    const wrong = await tablet.signIn('damson kettle thimble oat');
    expect([wrong.status, detail(wrong)]).toEqual([401, 'That is not the passphrase of this house.']);
    // That somebody tried can be read; what was tried cannot.
    expect(kept('refusals.log')).toMatch(/127\.0\.0\.1 asked POST "\/api\/access\/session" .*A wrong passphrase\./);
    expect(kept('refusals.log')).not.toContain('thimble');
    expect(wrong.headers['set-cookie']).toBeUndefined();
    const right = await tablet.signIn(PASSPHRASE, 'Tablet at the stove');
    expect(right.status).toBe(204);
    const [session, page] = right.headers['set-cookie'] as string[];
    expect(session).toMatch(
      /^__Host-yellowmist=[\w-]{43}; Max-Age=2592000; Path=\/; .*HttpOnly; Secure; SameSite=Strict$/,
    );
    expect(page).toMatch(/^__Host-yellowmist-page=.*Secure; SameSite=Strict$/);
    expect(page).not.toMatch(/HttpOnly/);
    const token = /=([\w-]{43})/.exec(session!)![1]!;
    expect(kept('access.json')).not.toContain(token);

    expect((await tablet.ask('GET', '/api/kitchen')).status).toBe(200);
    const kitchen = JSON.parse((await tablet.ask('GET', '/api/kitchen')).text) as { version: number };
    const save = (headers?: Record<string, string>) => tablet.ask('PUT', '/api/kitchen', kitchen, headers);
    expect((await save()).status).not.toBe(403);
    for (const headers of [
      {},
      { 'x-yellowmist-page': 'guessed' },
      { 'x-yellowmist-page': tablet.pageToken, origin: 'https://elsewhere.example' },
      { 'x-yellowmist-page': tablet.pageToken, 'sec-fetch-site': 'cross-site' },
    ] as Record<string, string>[])
      expect((await save(headers)).status).toBe(403);
  });

  test('does everything but turn the network on and off; sees who is in, and signs out', async () => {
    const phone = browser();
    await phone.signIn(PASSPHRASE, 'Telephone');
    expect((await phone.ask('PUT', '/api/access', { on: false })).status).toBe(403);
    const shown = JSON.parse((await phone.ask('GET', '/api/access')).text) as Access;
    expect(shown.atMachine).toBe(false);
    expect(shown.signedIn.map(({ name, current }) => [name, current])).toEqual([
      ['Telephone', true],
      ['Tablet at the stove', false],
    ]);
    const thief = phone.stolen();
    expect((await thief.ask('GET', '/api/kitchen')).status).toBe(200);
    const out = await phone.ask('DELETE', '/api/access/session');
    expect([out.status, out.headers['clear-site-data']]).toEqual([204, '"cache", "storage"']);
    expect((await phone.ask('GET', '/api/kitchen')).status).toBe(401);
    // What was stolen before opens nothing afterwards.
    expect((await thief.ask('GET', '/api/kitchen')).status).toBe(401);
  });

  test('is ended from elsewhere, also for what still goes on', async () => {
    const phone = browser();
    await phone.signIn(PASSPHRASE, 'Left in the bus');
    const listening = phone.ask('GET', '/api/devices/scale');
    await new Promise((resolve) => setTimeout(resolve, 300));
    const { signedIn } = await here();
    const { id } = signedIn.find(({ name }) => name === 'Left in the bus')!;
    expect((await server.ask('DELETE', `/access/sessions/${id}`)).status).toBe(204);
    await expect(listening).rejects.toThrow();
    expect((await phone.ask('GET', '/api/kitchen')).status).toBe(401);
    expect((await server.ask('DELETE', `/access/sessions/${id}`)).status).toBe(404);
  });

  test('outlives the server; another passphrase ends all but the browser that set it', async () => {
    const [one, two] = [browser(), browser()];
    await one.signIn(PASSPHRASE);
    await two.signIn(PASSPHRASE);
    const set = (current: string, next: string) => one.ask('PUT', '/api/access/passphrase', { current, next });
    const wrong = await set('something else entirely', OTHER);
    expect([wrong.status, detail(wrong)]).toEqual([400, 'current must be the passphrase that is set now']);
    expect((await set(PASSPHRASE, OTHER)).status).toBe(204);
    expect((await one.ask('GET', '/api/kitchen')).status).toBe(200);
    expect((await two.ask('GET', '/api/kitchen')).status).toBe(401);
    expect((await two.signIn(PASSPHRASE)).status).toBe(401);
    expect((await two.signIn(OTHER)).status).toBe(204);
  });
});

test('turned off, the door is shut for those as well who were in', async () => {
  const tablet = browser();
  await tablet.signIn(OTHER);
  await turn({ on: false });
  await expect(tablet.ask('GET', '/api/kitchen')).rejects.toThrow(/ECONNREFUSED|ECONNRESET|hang up/);
  await turn({ on: true });
  expect((await tablet.ask('GET', '/api/kitchen')).status).toBe(200);
});

describe('guesses', () => {
  test('five are free; then each waits longer, right or wrong, one at a time however many come at once', async () => {
    await turn({ on: true, passphrase: PASSPHRASE });
    const guesser = browser();
    const all = await Promise.all(Array.from({ length: 12 }, (_, k) => guesser.signIn(`a guess of some length ${k}`)));
    const count = (status: number): number => all.filter((a) => a.status === status).length;
    expect([count(401), count(429)]).toEqual([5, 7]);
    const waits = all.find((a) => a.status === 429)!;
    expect(detail(waits)).toMatch(/Too many wrong passphrases. The next one is looked at in \d seconds?\./);
    expect(Number(waits.headers['retry-after'])).toBeGreaterThanOrEqual(1);
    // The right one waits as well: nobody learns from the wait that it was right.
    expect((await guesser.signIn(PASSPHRASE)).status).toBe(429);
    await new Promise((resolve) => setTimeout(resolve, 2100));
    expect((await guesser.signIn(PASSPHRASE)).status).toBe(204);
    expect((await guesser.signIn('and five are free again')).status).toBe(401);
  }, 20_000);
});
