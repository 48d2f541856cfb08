import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';

/** The homes of the core's constants. */
export const CONSTANT_FILES = [
  'units/constants.ts',
  'cut/constants.ts',
  'coat/constants/batter.ts',
  'coat/constants/layers.ts',
  'heat/constants/matter.ts',
  'heat/constants/grid.ts',
  'heat/constants/kinetics.ts',
  'heat/constants/crust.ts',
  'heat/appliances.ts',
  'prep/constants.ts',
  'entry/constants.ts',
  'beside/constants.ts',
  'recipe/constants.ts',
  'oil/constants.ts',
  'outcome/constants/weighing.ts',
  'outcome/constants/judging.ts',
  'outcome/constants/inside.ts',
  'photo/constants.ts',
  'plan/constants.ts',
  'card/constants.ts',
  'search/constants.ts',
  'advice/constants.ts',
  'evening/constants/paces.ts',
  'evening/constants/planning.ts',
  'evidence/constants.ts',
  'counter/constants.ts',
  'practice/constants.ts',
  'diagnose/constants.ts',
  'learn/constants.ts',
  'experiment/constants.ts',
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

const CONSTANT_NAME = /^[A-Z][A-Z0-9]*(_[A-Z0-9]+)*$/;
/** Half of a thing, and the time and a half that a rounding to halves needs, are no constants. */
const HALVES = ['0.5', '1.5'];

const codeFiles = (): string[] =>
  readdirSync('core/src', { recursive: true, encoding: 'utf8' }).filter(
    (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
  );

const isConstant = (node: ts.Node): node is ts.VariableDeclaration =>
  ts.isVariableDeclaration(node) &&
  CONSTANT_NAME.test(node.name.getText()) &&
  ts.isSourceFile(node.parent.parent.parent);

/** Numbers with a fraction in code that belong to no named constant, and names that stand for two constants. */
export function loose(): { bare: string[]; twice: string[] } {
  const bare: string[] = [];
  const homes = new Map<string, string[]>();
  for (const file of codeFiles()) {
    const source = ts.createSourceFile(file, readFileSync(`core/src/${file}`, 'utf8'), ts.ScriptTarget.ES2022, true);
    const visit = (node: ts.Node): void => {
      if (isConstant(node)) {
        const name = node.name.getText();
        homes.set(name, [...(homes.get(name) ?? []), file]);
        return;
      }
      const fraction = ts.isNumericLiteral(node) && /[.e]/.test(node.getText()) && !HALVES.includes(node.getText());
      if (fraction && Number(node.text) % 1 !== 0) {
        bare.push(`${file}:${source.getLineAndCharacterOfPosition(node.pos).line + 1} ${node.getText()}`);
      }
      node.forEachChild(visit);
    };
    visit(source);
  }
  return { bare, twice: [...homes].filter(([, files]) => files.length > 1).map(([name]) => name) };
}
