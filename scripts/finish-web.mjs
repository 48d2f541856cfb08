/** After the web application is built: holds it to the budget of its first page, and compresses what is sent. */
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { FIRST_PAGE_BUDGET_B, firstPageBytes } from './first-page.mjs';

const DIST = fileURLToPath(new URL('../web/dist', import.meta.url));
const COMPRESSES = /\.(js|css|html|svg|json)$/;
/** Shorter than this it gains nothing, bytes. */
const WORTH_B = 512;

const bytes = firstPageBytes(DIST);
const kb = (n) => `${(n / 1000).toFixed(0)} kB`;
if (bytes > FIRST_PAGE_BUDGET_B) {
  process.stderr.write(
    `The first page loads ${kb(bytes)} of script (gzip); its budget is ${kb(FIRST_PAGE_BUDGET_B)}. Load later what it does not show.\n`,
  );
  process.exit(1);
}
for (const name of readdirSync(DIST, { recursive: true, encoding: 'utf8' })) {
  const path = join(DIST, name);
  if (!COMPRESSES.test(name) || statSync(path).size < WORTH_B) continue;
  const content = readFileSync(path);
  writeFileSync(`${path}.gz`, gzipSync(content, { level: 9 }));
  writeFileSync(`${path}.br`, brotliCompressSync(content));
}
process.stdout.write(`First page: ${kb(bytes)} of script (gzip), within ${kb(FIRST_PAGE_BUDGET_B)}\n`);
