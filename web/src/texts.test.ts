import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const WEB = dirname(fileURLToPath(import.meta.url));
const FILES = readdirSync(WEB, { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file))
  .sort();

/** What a page says stands here, and nowhere else. */
const PLACES = /(^|\/)(texts|words)\.ts$/;
const SAYING = FILES.filter((file) => !PLACES.test(file));

/** Attributes that a person reads or hears. */
const HEARD = new Set([
  'label',
  'title',
  'alt',
  'placeholder',
  'hint',
  'aria-label',
  'aria-description',
  'aria-valuetext',
]);

const WORD = /\p{L}{2}/u;
/** A capital and a second word, or words with what parts or ends sentences. */
const SENTENCE = /^ ?\p{Lu}\p{Ll}+ \p{Ll}{2}|\p{Ll}{2}[.!?;:,] \p{L}| \p{Ll}{2,}[.!?]$/u;

const MEDIA_QUERY = /^\([\w-]+: [\w-]+\)$/;

const parsed = (file: string) => {
  const text = readFileSync(join(WEB, file), 'utf8');
  return ts.createSourceFile(
    file,
    text,
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
};

const said = (node: ts.Node): string | null => {
  if (ts.isJsxText(node)) return WORD.test(node.text.replace(/&\w+;/g, '')) ? node.text.trim() : null;
  if (ts.isJsxAttribute(node)) {
    const value = node.initializer;
    return HEARD.has(node.name.getText()) && value && ts.isStringLiteral(value) && WORD.test(value.text)
      ? value.text
      : null;
  }
  if (ts.isStringLiteralLike(node) && MEDIA_QUERY.test(node.text)) return null;
  if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)) {
    return SENTENCE.test(node.text) ? node.text : null;
  }
  return null;
};

/** Names of keys, and selectors. */
const isFirstOf = (node: ts.Node, call: RegExp): boolean =>
  ts.isCallExpression(node.parent) && node.parent.arguments[0] === node && call.test(node.parent.expression.getText());

/** Words that are nobody's to read, or only for who reads the code's own errors. */
const isForUs = (node: ts.Node): boolean =>
  ts.isImportDeclaration(node) ||
  isFirstOf(node, /^useHotkeys$|\.closest$/) ||
  (ts.isNewExpression(node) && node.expression.getText().endsWith('Error')) ||
  (ts.isJsxAttribute(node) && /^(className|d|style|transform)$/.test(node.name.getText()));

function saidIn(node: ts.Node): string[] {
  if (node.parent && isForUs(node)) return [];
  const here = said(node);
  const below: string[] = [];
  ts.forEachChild(node, (child) => void below.push(...saidIn(child)));
  return here === null ? below : [here, ...below];
}

test('what a page says stands in the texts of its room', () => {
  const elsewhere = SAYING.flatMap((file) => saidIn(parsed(file)).map((text) => `${file}: ${text}`));
  expect(elsewhere).toEqual([]);
});

test('every text is said by its room, and only by it', () => {
  const unsaid = FILES.filter((file) => /(^|\/)texts\.ts$/.test(file)).flatMap((file) => {
    const room = dirname(file);
    const readers = SAYING.filter((other) => !relative(room, other).startsWith('..'));
    const read = readers.map((other) => readFileSync(join(WEB, other), 'utf8')).join('\n');
    const names = [...readFileSync(join(WEB, file), 'utf8').matchAll(/^export const (\w+)/gm)].map(([, name]) => name);
    return names.filter((name) => !new RegExp(`\\btexts\\.${name}\\b`).test(read)).map((name) => `${file}: ${name}`);
  });
  expect(unsaid).toEqual([]);
});

test('a room reads no other room’s texts', () => {
  const strangers = SAYING.filter((file) => {
    const from = /import \* as texts from '([^']+)'/.exec(readFileSync(join(WEB, file), 'utf8'))?.[1];
    return (
      from !== undefined && from !== './texts' && relative(WEB, join(WEB, dirname(file), from)).split('/').length < 2
    );
  });
  expect(strangers).toEqual([]);
});
