import {
  chmodSync,
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { request } from 'node:http';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RunningServer } from './running.js';

/** What every answer carries, and what is served to whom. */

const server = new RunningServer();
/** The built pages in a folder under a dot-folder, with links in it that lead out. */
const house = mkdtempSync(join(tmpdir(), 'yellowmist-house-'));
const web = join(house, '.hidden', 'web');

beforeAll(async () => {
  mkdirSync(join(house, '.hidden'));
  cpSync('web/dist', web, { recursive: true });
  mkdirSync(join(house, 'else'));
  writeFileSync(join(house, 'else', 'secret.txt'), 'nobody reads this');
  symlinkSync(join(house, 'else', 'secret.txt'), join(web, 'link.txt'));
  symlinkSync(join(house, 'else'), join(web, 'up'));
  await server.start({ YELLOWMIST_WEB: web });
});
afterAll(async () => {
  await server.end();
  rmSync(house, { recursive: true, force: true });
});

const get = (path: string, headers: Record<string, string> = {}, method = 'GET') =>
  fetch(`${server.address()}${path}`, { method, headers });

describe('pages', () => {
  test('are there under a dot-folder, and answer HEAD as GET without a body', async () => {
    for (const path of ['/', '/kitchen', '/experiment/new']) {
      const [whole, head] = [await get(path), await get(path, {}, 'HEAD')];
      expect([whole.status, head.status]).toEqual([200, 200]);
      expect(whole.headers.get('content-type')).toMatch(/text\/html/);
      expect(await head.text()).toBe('');
    }
    expect((await get('/api/health', {}, 'HEAD')).status).toBe(200);
  });

  test('a page that is taken away under the running server stops nothing else', async () => {
    const [style] = readdirSync(join(web, 'assets')).filter((name) => name.endsWith('.css'));
    const path = `/assets/${style}`;
    expect((await get(path)).status).toBe(200);
    for (const kind of ['', '.br', '.gz']) rmSync(join(web, 'assets', style + kind));
    await expect(get(path).then((answer) => answer.text())).rejects.toThrow();
    expect((await get('/api/health')).status).toBe(200);
    expect((await get('/')).status).toBe(200);
  });

  test('a file that is missing is 404, and not the page', async () => {
    for (const path of ['/assets/nothing-0a1b2c3d.js', '/favicon.ico', '/robots.txt']) {
      const answer = await get(path);
      expect(answer.status).toBe(404);
      expect(await answer.text()).not.toContain('id="root"');
    }
  });

  test('links that lead out of the folder are not followed, nor are names that climb', async () => {
    for (const path of [
      '/link.txt',
      '/up/secret.txt',
      '/%2e%2e/%2e%2e/secret.txt',
      '/..%2f..%2fsecret.txt',
      '/%00',
      '/%',
    ])
      expect(await (await get(path)).text()).not.toContain('nobody reads this');
    expect([(await get('/link.txt')).status, (await get('/up/secret.txt')).status]).toEqual([404, 404]);
  });
});

describe('headers', () => {
  test('answers of the API are kept by nobody; hashed files for ever; the page is asked for anew', async () => {
    expect((await get('/api/kitchen')).headers.get('cache-control')).toBe('no-store');
    expect((await get('/api/nothing')).headers.get('cache-control')).toBe('no-store');
    const page = await (await get('/')).text();
    const [asset] = /\/assets\/[^"]+\.js/.exec(page)!;
    expect((await get(asset)).headers.get('cache-control')).toMatch(/immutable/);
    expect((await get('/')).headers.get('cache-control')).toBe('no-cache');
  });

  test('say what a page may do, and nothing of what runs here', async () => {
    for (const path of ['/', '/api/health', '/api/nothing']) {
      const { headers } = await get(path);
      expect(headers.get('permissions-policy')).toMatch(/camera=\(\), microphone=\(\), geolocation=\(\)/);
      expect(headers.get('content-security-policy')).toMatch(/default-src 'self'.*frame-ancestors 'none'/);
      expect(headers.get('x-content-type-options')).toBe('nosniff');
      expect(headers.get('referrer-policy')).toBe('no-referrer');
      expect(headers.get('x-powered-by')).toBeNull();
    }
  });
});

describe('whose page asks', () => {
  /** A request with the very headers that a browser sends: `fetch` here sets some of them itself. */
  const asked = (path: string, site: string, mode: string, method = 'GET'): Promise<number> =>
    new Promise((resolve, reject) => {
      const headers = { 'sec-fetch-site': site, 'sec-fetch-mode': mode };
      request(`${server.address()}${path}`, { method, headers }, (answer) => {
        answer.resume();
        resolve(answer.statusCode!);
      })
        .on('error', reject)
        .end();
    });

  test.each(['cross-site', 'same-site'])('a page of another house (%s) reads and writes nothing', async (site) => {
    const all = [
      asked('/api/conversions', site, 'cors'),
      asked('/api/conversions', site, 'no-cors'),
      asked('/api/conversions', site, 'cors', 'POST'),
      asked('/api/conversions', site, 'navigate', 'POST'),
    ];
    expect(await Promise.all(all)).toEqual([403, 403, 403, 403]);
    // It can be read afterwards.
    expect(readFileSync(join(server.folder, 'refusals.log'), 'utf8')).toMatch(
      /127\.0\.0\.1 asked POST "\/api\/conversions" of "127\.0\.0\.1:\d+": Answers are for Yellowmist’s own pages only\./,
    );
  });

  test('a link to here is followed; own pages and the address bar are served, and programs that are no browsers', async () => {
    expect(await asked('/', 'cross-site', 'navigate')).toBe(200);
    expect(await asked('/api/conversions', 'same-origin', 'cors')).toBe(200);
    expect(await asked('/api/conversions', 'none', 'navigate')).toBe(200);
    expect((await get('/api/conversions')).status).toBe(200);
  });
});

describe('data files', () => {
  const modes = (): number[] =>
    readdirSync(server.folder)
      .filter((name) => name.startsWith('yellowmist.sqlite'))
      .map((name) => statSync(join(server.folder, name)).mode & 0o777);

  test('belong to their owner alone, also those that others could read before', async () => {
    expect(modes().length).toBeGreaterThan(0);
    expect(new Set(modes())).toEqual(new Set([0o600]));
    await server.stop();
    chmodSync(server.file, 0o644);
    await server.start({ YELLOWMIST_WEB: web });
    expect(new Set(modes())).toEqual(new Set([0o600]));
  });
});

test('a request that says nothing of what it wants holds nobody up', async () => {
  const port = Number(new URL(server.address()).port);
  const idle = Array.from({ length: 50 }, () => connect(port, '127.0.0.1'));
  idle.forEach((socket) => socket.write('GET /api/health HTTP/1.1\r\nHost: localhost\r\nX-Slow: '));
  try {
    expect((await get('/api/health')).status).toBe(200);
  } finally {
    idle.forEach((socket) => socket.destroy());
  }
});
