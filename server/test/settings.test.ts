import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readSettings } from '../src/settings.js';

/** What is said at the start: taken, or refused in one sentence that names the setting and what it may be. */

const folder = mkdtempSync(join(tmpdir(), 'yellowmist-settings-'));
afterAll(() => rmSync(folder, { recursive: true }));
const [key, certificate] = ['key.pem', 'certificate.pem'].map((name) => {
  const file = join(folder, name);
  writeFileSync(file, `what stands in ${name}`);
  return file;
});
const said = (env: NodeJS.ProcessEnv, ...args: string[]) =>
  readSettings({ YELLOWMIST_DATA: join(folder, 'data'), ...env }, args);

test('nothing has to be said', () => {
  expect(said({})).toMatchObject({
    host: '127.0.0.1',
    port: 4610,
    hostNames: [],
    demoData: false,
    home: { port: 4611, passphrase: null, certificate: null },
  });
});

test('from wherever it is started, its own pages are found', () => {
  const here = process.cwd();
  process.chdir(folder);
  try {
    expect(said({}).webFolder).toBe(join(here, 'web', 'dist'));
    expect(said({ YELLOWMIST_WEB: 'other' }).webFolder).toMatch(/yellowmist-settings-.*other$/);
  } finally {
    process.chdir(here);
  }
});

test('everything that is said is taken', () => {
  const env = {
    YELLOWMIST_HOST: '::1',
    YELLOWMIST_PORT: '65535',
    YELLOWMIST_HOSTNAMES: 'pantry.lan,larder',
    YELLOWMIST_PASSPHRASE: 'damson kettle thimble oats',
    YELLOWMIST_CERT: certificate,
    YELLOWMIST_KEY: key,
  };
  expect(said(env, '--demo-data')).toMatchObject({
    host: '::1',
    hostNames: ['pantry.lan', 'larder'],
    demoData: true,
    // There is no port after the last one.
    home: {
      port: 65534,
      passphrase: 'damson kettle thimble oats',
      certificate: { key: 'what stands in key.pem', certificate: 'what stands in certificate.pem' },
    },
  });
  expect(said({ YELLOWMIST_HOME_PORT: '8443' }).home.port).toBe(8443);
});

test.each<[string, NodeJS.ProcessEnv, RegExp]>([
  ['a port of no number', { YELLOWMIST_PORT: 'http' }, /^YELLOWMIST_PORT must be .* 1 to 65535, not "http"\.$/],
  ['a port of the house that is none', { YELLOWMIST_HOME_PORT: '0' }, /^YELLOWMIST_HOME_PORT must be .*, not "0"\.$/],
  [
    'an address that others reach, without a passphrase',
    { YELLOWMIST_HOST: '0.0.0.0' },
    /^YELLOWMIST_HOST must be an address of this machine alone.* not "0\.0\.0\.0"\. .*YELLOWMIST_PASSPHRASE\.$/,
  ],
  ['a name that only looks like this machine', { YELLOWMIST_HOST: '127.0.0.1.example' }, /^YELLOWMIST_HOST must be/],
  ['a short passphrase', { YELLOWMIST_PASSPHRASE: 'short' }, /^YELLOWMIST_PASSPHRASE cannot be used: .*at least 12 /],
  [
    'a passphrase that everybody tries',
    { YELLOWMIST_PASSPHRASE: 'password1234 etc' },
    /^YELLOWMIST_PASSPHRASE cannot be used: .*everybody tries first/,
  ],
  [
    'a certificate without its key',
    { YELLOWMIST_CERT: certificate },
    /^YELLOWMIST_CERT and YELLOWMIST_KEY go together/,
  ],
  ['a key without its certificate', { YELLOWMIST_KEY: key }, /^YELLOWMIST_CERT and YELLOWMIST_KEY go together/],
  [
    'a certificate that is not there',
    { YELLOWMIST_CERT: '/nowhere/c.pem', YELLOWMIST_KEY: key },
    /^YELLOWMIST_CERT must name a file that can be read, not "\/nowhere\/c\.pem"\.$/,
  ],
  ['a data folder in a file', { YELLOWMIST_DATA: join(key!, 'data') }, /^The data folder .* set YELLOWMIST_DATA to/],
])('%s is refused by name', (_, env, words) => {
  expect(() => said(env)).toThrow(words);
});
