import { readFileSync } from 'node:fs';

/** What is built on: licences that let anybody run it at home, from no address but the registry's own. */

interface Locked {
  license?: string;
  dev?: boolean;
  link?: boolean;
  resolved?: string;
  hasInstallScript?: boolean;
}
const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8')) as { packages: Record<string, Locked> };
const used = Object.entries(packages).filter(([path, p]) => path.includes('node_modules/') && !p.dev && !p.link);
const nameOf = (path: string): string => path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);

const FREE = new Set([
  'MIT',
  'ISC',
  '0BSD',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'Apache-2.0',
  'Python-2.0',
  'Unlicense',
  'OFL-1.1',
  '(MIT OR CC0-1.0)',
  // The codec of photographs: used as it comes, beside the program.
  'LGPL-3.0-or-later',
  'Apache-2.0 AND LGPL-3.0-or-later',
  'Apache-2.0 AND LGPL-3.0-or-later AND MIT',
]);
/** Their licence, MIT, is a file of its own. */
const BY_FILE = new Set(['busboy', 'streamsearch']);

test('every package that is shipped may be', () => {
  expect(used.length).toBeGreaterThan(100);
  const others = used.filter(([path, { license }]) => !FREE.has(license ?? '') && !BY_FILE.has(nameOf(path)));
  expect(others.map(([path, { license }]) => `${nameOf(path)}: ${license}`)).toEqual([]);
  for (const name of BY_FILE)
    expect(readFileSync(`node_modules/${name}/LICENSE`, 'utf8')).toMatch(
      /Permission is hereby granted, free of charge/,
    );
});

test('the lock holds no address of a download', () => {
  const told = Object.entries(packages).filter(([, { resolved }]) => /^https?:/.test(resolved ?? ''));
  expect(told.map(([path]) => path)).toEqual([]);
});

test('no package runs a script of its own when it is installed, and none needs to', () => {
  expect(readFileSync('.npmrc', 'utf8')).toMatch(/^ignore-scripts=true$/m);
  // What it would do is tell somebody that it was installed.
  expect(used.filter(([, p]) => p.hasInstallScript).map(([path]) => nameOf(path))).toEqual(['@scarf/scarf']);
});
