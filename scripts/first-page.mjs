/** What the first page of the built application loads. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

/** The most script that the first page may load, bytes as gzip has them. */
export const FIRST_PAGE_BUDGET_B = 200_000;

const AT_ONCE = /(?:\bfrom|\bimport)\s*["']\.\/([\w.-]+\.js)["']/g;
const IN_PAGE = /assets\/([\w.-]+\.js)/g;
const names = (text, pattern) => [...text.matchAll(pattern)].map((m) => m[1]);

/** Bytes of script, gzip, that the built page in `folder` loads before it shows: its scripts and all that they import. */
export function firstPageBytes(folder) {
  const waiting = names(readFileSync(join(folder, 'index.html'), 'utf8'), IN_PAGE);
  const seen = new Set();
  let bytes = 0;
  for (let name = waiting.pop(); name; name = waiting.pop()) {
    if (seen.has(name)) continue;
    seen.add(name);
    const script = readFileSync(join(folder, 'assets', name));
    bytes += gzipSync(script, { level: 9 }).length;
    waiting.push(...names(script.toString(), AT_ONCE));
  }
  return bytes;
}
