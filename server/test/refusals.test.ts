import { existsSync, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RefusalLog, type Refused } from '../src/common/refusals.js';

const folder = mkdtempSync(join(tmpdir(), 'yellowmist-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const refused: Refused = {
  from: '192.0.2.7',
  method: 'POST',
  path: '/api/conversions',
  host: 'kitchen.example',
  origin: 'http://elsewhere.example',
  why: 'Writes are accepted from Yellowmist itself only.',
};
const lines = (): string[] => readFileSync(join(folder, 'refusals.log'), 'utf8').trim().split('\n');
const start = Date.UTC(2026, 10, 27, 18);
let nowMs = start;
const log = new RefusalLog(folder, () => nowMs);

test('a line says when, who, what, of whom, from where and why, for its owner alone', () => {
  log.refused(refused);
  expect(lines()).toEqual([
    '2026-11-27T18:00:00.000Z 192.0.2.7 asked POST "/api/conversions" of "kitchen.example", from a page of "http://elsewhere.example": Writes are accepted from Yellowmist itself only.',
  ]);
  expect(statSync(join(folder, 'refusals.log')).mode & 0o777).toBe(0o600);
});

test('what was sent cannot write lines of its own, colour a terminal or run on', () => {
  nowMs += 60_000;
  log.refused({ ...refused, path: `/x"\r\n2026 all is well\u001b[31m${'y'.repeat(5000)}`, origin: '' });
  const [, line] = lines();
  expect(lines()).toHaveLength(2);
  expect(line).toMatch(/"\/x'\?\?2026 all is well\?\[31my+" of/);
  expect(line.length).toBeLessThan(400);
});

test('a flood is counted and not written', () => {
  nowMs += 60_000;
  for (let k = 0; k < 5000; k++) log.refused(refused);
  expect(lines()).toHaveLength(62);
  nowMs += 60_000;
  log.refused(refused);
  expect(lines().at(-2)).toMatch(/and 4940 more within that minute$/);
});

test('a file that has grown large is put aside for a new one, and there are never more than two', () => {
  for (let minute = 0; minute < 200; minute++) {
    nowMs += 60_000;
    for (let k = 0; k < 60; k++) log.refused(refused);
  }
  expect(existsSync(join(folder, 'refusals.earlier.log'))).toBe(true);
  expect(statSync(join(folder, 'refusals.log')).size).toBeLessThan(520_000);
});

test('a folder that is gone lets nobody in, and throws nothing', () => {
  expect(() => new RefusalLog(join(folder, 'gone')).refused(refused)).not.toThrow();
});
