import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

const DOCUMENT = 'docs/model.md';
const writes = Boolean(process.env.WRITE_DOCS);

interface Stored {
  stored: string;
  current: string;
}

/** The document as it is stored, and as it reads with `text` between the marks `<!-- name -->` and `<!-- /name -->`; written when asked. */
export function currentIn(name: string, text: string): Stored {
  const document = readFileSync(DOCUMENT, 'utf8');
  const [begin, end] = [`<!-- ${name} -->`, `<!-- /${name} -->`];
  const from = document.indexOf(begin);
  const to = document.indexOf(end);
  if (from < 0 || to < 0) throw new Error(`${DOCUMENT} has no marks for "${name}".`);
  const current = `${document.slice(0, from)}${begin}\n\n${text}\n\n${document.slice(to)}`;
  if (writes) writeFileSync(DOCUMENT, current);
  return { stored: readFileSync(DOCUMENT, 'utf8'), current };
}

/** A whole file as it is stored, and as it should be; written when asked. */
export function fileIs(path: string, current: string): Stored {
  if (writes) {
    mkdirSync(dirname(path), { recursive: true });
    writeFileSync(path, current);
  }
  return { stored: existsSync(path) ? readFileSync(path, 'utf8') : '', current };
}
