/** The built application over an empty database of its own, for the journeys. */
import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const folder = mkdtempSync(join(tmpdir(), 'yellowmist-journey-'));
const child = spawn('node', ['server/dist/bundle/main.js'], {
  stdio: 'inherit',
  env: { ...process.env, YELLOWMIST_DATA: folder },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => process.exit(code ?? 0));
