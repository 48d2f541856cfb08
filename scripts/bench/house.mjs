/** A built server with a house of its own, for what is timed over it. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { exampleConversion } from '@yellowmist/contract';
import { PLAIN_AIR } from '@yellowmist/core';
import { ROOT } from '../setup.mjs';

/** Starts a server on `port` over an empty folder. @returns its address, how to ask it, and how to end it */
export async function house(port, ...args) {
  const folder = mkdtempSync(join(tmpdir(), 'yellowmist-bench-'));
  const server = spawn('node', ['server/dist/bundle/main.js', ...args], {
    cwd: ROOT,
    env: { ...process.env, YELLOWMIST_DATA: folder, YELLOWMIST_PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) => server.stdout.on('data', (chunk) => /ready/.test(String(chunk)) && resolve()));
  const at = `http://127.0.0.1:${port}`;
  return {
    at,
    ask: (method, path, body) =>
      fetch(`${at}/api${path}`, {
        method,
        headers: { 'content-type': 'application/json' },
        body: body && JSON.stringify(body),
      }),
    async end() {
      server.kill('SIGTERM');
      await new Promise((resolve) => server.once('exit', resolve));
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

const example = exampleConversion();

/** A dish with an air version, so that nothing has to be searched. */
export const dishCalled = (name) => ({
  ...example,
  name,
  chosen: {
    family: 'own',
    by: 'cook',
    plan: {
      layers: example.fried.layers,
      restMin: 7,
      oilGm2: 18,
      second: null,
      settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: true, turnAtMin: 6, under: 'basket' },
    },
  },
});

/** Fills a house with so many dishes, and cooks of them that are noted. @returns the ids of the cooks */
export async function fill({ ask }, dishes, cooks) {
  const ids = [];
  for (let k = 0; k < dishes; k++) {
    const made = await (await ask('POST', '/conversions', dishCalled(`Dish ${k} of a long logbook`))).json();
    ids.push(made.id);
  }
  const noted = [];
  for (let k = 0; k < cooks; k++) {
    const afterwards = { by: { what: 'plan' } };
    const { id } = await (await ask('POST', '/cooks', { conversionId: ids[k % ids.length], afterwards })).json();
    noted.push(id);
  }
  return noted;
}
