/**
 * `npm run bench`: how fast it is, as medians and ratios within one run, here and in the browser; writes the tables of
 * docs/performance.md. With the names of parts only those.
 */
import { fork } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build, give, needNode, needPackages, ROOT, step } from './setup.mjs';

const PARTS = ['heat', 'search', 'kitchen', 'server', 'browser'];
const REPORT = join(ROOT, 'docs/performance.md');

/** Runs one part in a process of its own, so that none warms or slows another. @returns what it measured */
function measured(part) {
  return new Promise((resolve) => {
    let answer = null;
    const child = fork(join(ROOT, 'scripts/bench', `${part}.mjs`), { cwd: ROOT });
    child.on('message', (told) => (answer = told));
    child.on('close', (code) => (code === 0 && answer ? resolve(answer) : give(`${part} could not be measured.`)));
  });
}

const tableOf = ({ title, rows }) =>
  [
    `### ${title}`,
    '',
    '| what | measured | bound | |',
    '| --- | --- | --- | --- |',
    ...rows.map(({ what, took, bound, note }) => `| ${what} | ${took} | ${bound} | ${note} |`),
  ].join('\n');

needNode();
await needPackages();
await build();
const chosen = process.argv.slice(2).filter((part) => PARTS.includes(part));
let report = readFileSync(REPORT, 'utf8');
for (const part of chosen.length > 0 ? chosen : PARTS) {
  step(part);
  const [begin, end] = [`<!-- ${part} -->`, `<!-- /${part} -->`];
  const table = tableOf(await measured(part));
  report = `${report.slice(0, report.indexOf(begin) + begin.length)}\n\n${table}\n\n${report.slice(report.indexOf(end))}`;
}
writeFileSync(REPORT, report);
