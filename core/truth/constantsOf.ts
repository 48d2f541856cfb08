import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** The homes of the core's constants. */
export const CONSTANT_FILES = [
  'units/constants.ts',
  'coat/constants.ts',
  'heat/constants/matter.ts',
  'heat/constants/grid.ts',
  'heat/constants/kinetics.ts',
  'heat/constants/crust.ts',
  'heat/appliances.ts',
  'prep/constants.ts',
  'oil/constants.ts',
  'outcome/constants.ts',
  'plan/constants.ts',
  'search/constants.ts',
  'advice/constants.ts',
] as const;

export interface Constant {
  name: string;
  value: string;
  meaning: string;
  unit: string;
  range: string;
  source: string;
}

const tagText = (tag: ts.JSDocTag | undefined): string =>
  (ts.getTextOfJSDocComment(tag?.comment) ?? '').replace(/\s+/g, ' ').trim();

function readDocs(node: ts.Node): Pick<Constant, 'meaning' | 'unit' | 'range' | 'source'> {
  const doc = ts.getJSDocCommentsAndTags(node).filter(ts.isJSDoc).at(-1);
  const tag = (name: string): string => tagText(doc?.tags?.find((t) => t.tagName.text === name));
  const meaning = (ts.getTextOfJSDocComment(doc?.comment) ?? '').replace(/\s+/g, ' ').trim();
  return { meaning, unit: tag('unit'), range: tag('range'), source: tag('source') };
}

const plain = (initializer: string): string =>
  initializer
    .replace(/\s+as const$/, '')
    .replace(/(\d)_(\d)/g, '$1$2')
    .replace(/\s+/g, ' ')
    .replace(/, }/g, ' }')
    .replace(/[{}]/g, '')
    .trim();

/** Every exported constant of a file of the core with what its docblock says, in order. */
export function constantsIn(file: string): Constant[] {
  const source = ts.createSourceFile(file, readFileSync(`core/src/${file}`, 'utf8'), ts.ScriptTarget.ES2022, true);
  return source.statements.filter(ts.isVariableStatement).flatMap((statement) => {
    if (!statement.modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword)) return [];
    const [declaration] = statement.declarationList.declarations;
    return [
      {
        name: declaration.name.getText(),
        value: plain(declaration.initializer?.getText() ?? ''),
        ...readDocs(statement),
      },
    ];
  });
}

const cell = (text: string): string => text.replace(/\|/g, '\\|');

/** The constants of a file as a table in Markdown. */
export function constantsTable(file: string): string {
  const rows = constantsIn(file).map(
    (c) => `| \`${c.name}\` | ${[c.meaning, c.value, c.unit, c.range, c.source].map(cell).join(' | ')} |`,
  );
  return [
    '| constant | what it is | value | unit | range | source |',
    '| --- | --- | --- | --- | --- | --- |',
    ...rows,
  ].join('\n');
}
