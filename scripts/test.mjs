/** `npm test`: installs what it needs, checks everything, and ends with one line of counts. */
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { build, give, needNode, needPackages, ROOT, run, step } from './setup.mjs';

const CHROMIUM = '/usr/bin/chromium';

async function needChromium() {
  if (existsSync(process.env.CHROMIUM_PATH ?? CHROMIUM)) return;
  if (process.getuid?.() !== 0)
    give(`The browser tests need Chromium: apt-get install chromium (or set CHROMIUM_PATH).`);
  step("Installing Chromium from Debian's packages");
  await run('apt-get', ['update', '-qq']);
  if ((await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'])) !== 0) {
    give('Chromium could not be installed from Debian; install it and run again.');
  }
}

/** Runs a runner with its output shown and kept. */
function runKept(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['inherit', 'pipe', 'pipe'],
      env: { ...process.env, FORCE_COLOR: '0' },
    });
    let text = '';
    for (const [stream, out] of [
      [child.stdout, process.stdout],
      [child.stderr, process.stderr],
    ]) {
      stream.on('data', (chunk) => {
        text += chunk;
        out.write(chunk);
      });
    }
    child.on('close', (code) => resolve({ code: code ?? 1, text }));
  });
}

const count = (text, pattern) => [...text.matchAll(pattern)].reduce((sum, m) => sum + Number(m[1]), 0);

needNode();
await Promise.all([needPackages(), needChromium()]);

const failures = [];
const check = async (script) => {
  if ((await run('npm', ['run', script, '--silent'])) !== 0) failures.push(script);
};
await Promise.all([build(), check('lint')]);
step('Types and arrows');
await Promise.all([check('types'), check('arrows')]);

step('Unit, truth and API tests');
const jest = await runKept('npm', ['run', 'unit', '--silent']);
const summary = jest.text.match(/^Tests: .*$/m)?.[0] ?? '';
step('Journeys in the browser');
const browser = await runKept('npm', ['run', 'journeys', '--silent']);

const second = count(browser.text, /^\s+(\d+) flaky/gm);
const passed = count(summary, /(\d+) passed/g) + count(browser.text, /^\s+(\d+) passed/gm) + second;
let failed = count(summary, /(\d+) failed/g) + count(browser.text, /^\s+(\d+) failed/gm);
if (failed === 0) failed = [jest, browser].filter((r) => r.code !== 0).length;
if (failures.length > 0) process.stdout.write(`\nNot clean: ${failures.join(', ')}\n`);
if (second > 0) process.stdout.write(`\nPassed only when tried again: ${second}\n`);
process.stdout.write(`\n${passed} passed, ${failed + failures.length} failed\n`);
process.exit(failed + failures.length === 0 && passed > 0 ? 0 : 1);
