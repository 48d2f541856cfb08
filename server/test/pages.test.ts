import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import { pagesOf } from '../src/common/pages.js';

/** Pages that are built anew under a running server: who asks for them meanwhile is told at once, and does not wait. */

let folder: string;
let server: Server;
let url: string;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'yellowmist-pages-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), 'the page');
  for (const name of ['same', 'shorter', 'gone']) writeFileSync(join(folder, 'assets', `${name}.js`), 'x'.repeat(5000));
  server = createServer(express().use(pagesOf(folder)));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  writeFileSync(join(folder, 'assets', 'shorter.js'), 'y'.repeat(100));
  rmSync(join(folder, 'assets', 'gone.js'));
});

afterAll(async () => {
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  rmSync(folder, { recursive: true });
});

const read = async (path: string, init?: RequestInit): Promise<string> => (await fetch(url + path, init)).text();

test('what is as it was is served whole, and a part of it by its range', async () => {
  expect(await read('/')).toBe('the page');
  expect(await read('/assets/same.js')).toBe('x'.repeat(5000));
  expect(await read('/assets/same.js', { headers: { Range: 'bytes=10-19' } })).toBe('x'.repeat(10));
  expect((await fetch(`${url}/assets/same.js`, { method: 'HEAD' })).status).toBe(200);
});

test.each(['shorter', 'gone'])('what is %s by now breaks its answer off', async (name) => {
  await expect(read(`/assets/${name}.js`)).rejects.toThrow();
  // And no more than that answer.
  expect(await read('/')).toBe('the page');
});
