/** Set-up that both commands share: Node, packages, and one clear sentence when something is missing. */
import { spawn } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
/** The first release of each major of Node.js that the packages run on; any later major will do. */
const LEAST_NODE = { 20: 19, 22: 13, 24: 11 };
const LAST_KNOWN = 24;

/** Ends the process with one sentence. */
export function give(sentence) {
  process.stderr.write(`\n${sentence}\n`);
  process.exit(1);
}

/** Runs a command with its output shown; resolves to its exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
    child.on('error', () => resolve(127));
    child.on('close', (code) => resolve(code ?? 1));
  });
}

export function step(name) {
  process.stdout.write(`\n── ${name}\n`);
}

export function needNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  const fits = major > LAST_KNOWN || minor >= (LEAST_NODE[major] ?? Infinity);
  const known = Object.entries(LEAST_NODE).map(([first, second]) => `${first} (from ${first}.${second})`);
  if (!fits) give(`Yellowmist needs Node.js ${known.join(', ')} or newer; this is ${process.versions.node}.`);
}

const changed = (path) => statSync(join(ROOT, path)).mtimeMs;

/** Installs the packages when there are none, or the lock file is newer than they are. */
export async function needPackages() {
  const stamp = 'node_modules/.package-lock.json';
  if (existsSync(join(ROOT, stamp)) && changed(stamp) >= changed('package-lock.json')) return;
  step('Installing the packages of the lock file');
  // Not `npm ci`: it refuses a lock file without the binaries of platforms that a registry does not carry.
  if ((await run('npm', ['install', '--no-save', '--no-audit', '--no-fund'])) !== 0) {
    give('The packages could not be installed; npm said why above. Is the package registry reachable?');
  }
}

export async function build() {
  step('Building');
  if ((await run('npx', ['tsc', '-b'])) !== 0) give('The TypeScript build failed; the errors are above.');
  const [web, server] = await Promise.all([
    run('npm', ['run', 'build', '-w', 'web', '--silent']),
    run('node', ['scripts/bundle-server.mjs']),
  ]);
  if (web !== 0) give('The web build failed; the errors are above.');
  if (server !== 0) give('The server could not be bundled; the errors are above.');
}
