/**
 * `npm run hammer`: what the tests do for minutes, for an hour, from other seeds. `numbers` draws documents,
 * `requests` sends hostile requests, `kill` stops the server in the middle of saves; all of them without a word.
 */
import { spawn } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { build, give, needNode, needPackages, ROOT } from './setup.mjs';

/** How much of each, in all, and the tests that do it. */
const BLOWS = {
  kill: { count: 300, tests: 'server/test/kill' },
  requests: { count: 20_000, tests: 'server/test/hostile' },
  numbers: { count: 100_000, tests: 'contract/src/sense', apart: true },
};

const [what = 'all', count, seed] = process.argv.slice(2);
const chosen = what === 'all' ? Object.keys(BLOWS) : [what];
if (chosen.some((name) => !BLOWS[name])) give(`Say one of ${Object.keys(BLOWS).join(', ')}, or nothing for all.`);

const hit = (tests, times, from) =>
  new Promise((resolve) => {
    const env = { ...process.env, YELLOWMIST_HAMMER: String(times), YELLOWMIST_HAMMER_SEED: String(from) };
    const args = ['run', 'unit', '--silent', '--', '--runInBand', tests];
    spawn('npm', args, { cwd: ROOT, stdio: 'inherit', env }).on('close', (code) => resolve(code ?? 1));
  });

needNode();
await needPackages();
await build();
let bad = 0;
for (const name of chosen) {
  const { count: usual, tests, apart } = BLOWS[name];
  const times = Number(count ?? usual);
  const first = Number(seed ?? Date.now() % 1_000_000);
  const parts = apart ? availableParallelism() : 1;
  process.stdout.write(`\n${name}: ${times}, from seed ${first}\n`);
  const runs = Array.from({ length: parts }, (_, k) => hit(tests, Math.ceil(times / parts), first + k));
  bad += (await Promise.all(runs)).filter((code) => code !== 0).length;
}
process.exit(bad === 0 ? 0 : 1);
