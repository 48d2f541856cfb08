/**
 * How soon saves and the state of health are answered while sixteen conversions are wanted at once, against an idle
 * server: medians, 99th percentiles and the longest, ms.
 */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { exampleConversion } from '@yellowmist/contract';
import { ROOT } from './setup.mjs';

const PORT = 4897;
const AT = `http://127.0.0.1:${PORT}/api`;
const WANTED = 16;
const [IDLE_MS, BUSY_MS, BETWEEN_MS] = [4000, 20_000, 15];

const folder = mkdtempSync(join(tmpdir(), 'yellowmist-load-'));
const server = spawn('node', ['server/dist/bundle/main.js'], {
  cwd: ROOT,
  env: { ...process.env, YELLOWMIST_DATA: folder, YELLOWMIST_PORT: String(PORT) },
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve) => server.stdout.on('data', (chunk) => /ready/.test(String(chunk)) && resolve()));

const ask = (method, path, body) =>
  fetch(`${AT}${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body && JSON.stringify(body),
  });
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const { versions: _v, chosen: _c, note: _n, name: _m, tags: _t, ...toConvert } = exampleConversion();

const made = await (await ask('POST', '/conversions', exampleConversion())).json();
let { version } = made;

/** Health and saves in turn for so long. @returns times of both, ms */
async function timed(forMs) {
  const times = { health: [], save: [] };
  for (const end = performance.now() + forMs; performance.now() < end; await wait(BETWEEN_MS)) {
    for (const [what, go] of [
      ['health', () => ask('GET', '/health')],
      [
        'save',
        () => ask('PUT', `/conversions/${made.id}`, { ...exampleConversion(), name: `Save ${version}`, version }),
      ],
    ]) {
      const from = performance.now();
      const answer = await go();
      const body = await answer.json();
      times[what].push(performance.now() - from);
      if (what === 'save') version = body.version;
    }
  }
  return times;
}

const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
function tell(name, times) {
  for (const [what, list] of Object.entries(times)) {
    const sorted = [...list].sort((a, b) => a - b);
    const [median, most, longest] = [at(sorted, 0.5), at(sorted, 0.99), sorted.at(-1)].map((ms) => ms.toFixed(1));
    process.stdout.write(
      `${name}, ${what}: median ${median} ms, 99 % within ${most} ms, longest ${longest} ms (${list.length})\n`,
    );
  }
}

await timed(1000);
tell('idle', await timed(IDLE_MS));
let stop = false;
let done = 0;
let full = 0;
const converting = Array.from({ length: WANTED }, async () => {
  while (!stop) {
    const answer = await ask('POST', '/convert', toConvert);
    await answer.arrayBuffer();
    if (answer.status === 200) done += 1;
    else {
      full += 1;
      await wait(500);
    }
  }
});
await wait(1500);
tell(`${WANTED} conversions`, await timed(BUSY_MS));
stop = true;
await Promise.all(converting);
process.stdout.write(`${done} conversions done meanwhile, ${full} told to come again\n`);
server.kill('SIGTERM');
await new Promise((resolve) => server.once('exit', resolve));
rmSync(folder, { recursive: true, force: true });
