import { createRequire } from 'node:module';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { Ajv2019 } from 'ajv/dist/2019.js';
import type { Description, Schema } from 'joi';
import { dishFileOf, dishFileSchema, exampleConversion, readDishFile, type DishFile } from './index.js';

/** The published schema of a dish file: generated from what checks it here, and held to it by another validator. */

const parse = createRequire(import.meta.url)('joi-to-json') as (schema: Schema, as: string) => Json;
interface Json {
  properties?: Record<string, Json>;
  items?: Json;
  anyOf?: Json[];
  required?: string[];
  [key: string]: unknown;
}

/** Bounds that are another field cannot be said in JSON Schema. */
const withoutReferences = <T>(node: T): T => {
  if (Array.isArray(node)) return node.map(withoutReferences) as T;
  if (typeof node !== 'object' || node === null) return node;
  const bound = /^(exclusive)?(maximum|minimum)$/i;
  const entries = Object.entries(node).filter(([key, value]) => !(bound.test(key) && typeof value === 'object'));
  return Object.fromEntries(entries.map(([key, value]) => [key, withoutReferences(value as unknown)])) as T;
};

interface Described extends Description {
  flags?: { presence?: string };
  keys?: Record<string, Described>;
  items?: Described[];
  preferences?: { presence?: string };
}

/** Every field that has to be there, which the generator does not see where a whole object says so. */
function withRequired(json: Json, { keys, items, preferences, ...rest }: Described, presence = 'optional'): void {
  const inner = preferences?.presence ?? presence;
  for (const [name, child] of Object.entries(keys ?? {})) {
    if (json.properties?.[name]) withRequired(json.properties[name], child, inner);
  }
  if (keys) json.required = Object.keys(keys).filter((name) => (keys[name].flags?.presence ?? inner) === 'required');
  if (items?.[0] && json.items) withRequired(json.items, items[0], inner);
  const { matches = [] } = rest as { matches?: { switch?: { then: Described }[] }[] };
  (matches[0]?.switch ?? []).forEach(({ then }, at) => json.anyOf?.[at] && withRequired(json.anyOf[at], then, inner));
}

function published(): Json {
  const json = withoutReferences(parse(dishFileSchema, 'json-draft-2019-09'));
  withRequired(json, dishFileSchema.describe() as Described);
  return {
    $schema: 'https://json-schema.org/draft/2019-09/schema',
    title: 'A dish of Yellowmist',
    description:
      'A battered or breaded dish as it is fried and as it is cooked in an air fryer. Lengths in mm, masses in g, temperatures in °C, times in min.',
    ...json,
  };
}

const FILE = 'docs/yellowmist-dish.schema.json';
const valid = new Ajv2019({ strict: false }).compile(published());
const example = (): DishFile => JSON.parse(JSON.stringify(dishFileOf(exampleConversion(), []))) as DishFile;

test('docs hold today’s schema of a dish file', () => {
  const current = `${JSON.stringify(published(), null, 2)}\n`;
  if (process.env.WRITE_DOCS) writeFileSync(FILE, current);
  expect(existsSync(FILE) ? readFileSync(FILE, 'utf8') : '').toBe(current);
});

test('a dish that goes out is valid by it, and comes in again as it was', () => {
  const file = example();
  expect(valid(file)).toBe(true);
  const read = readDishFile(file);
  expect(read).toMatchObject({ ok: true, value: { body: exampleConversion(), own: [] } });
});

type Change = [string, (file: Record<string, never>) => void];
const at = (file: object): never => file as never;
const WRONG: Change[] = [
  ['no name', (f) => delete at(f)['name']],
  ['no piece', (f) => void Object.assign(at(f)['dish'], { count: 0 })],
  ['a shape that is none', (f) => void Object.assign(at(f)['dish'], { shape: { kind: 'star' } })],
  ['no coat', (f) => void Object.assign(at(f)['fried'], { layers: [] })],
  ['a colour', (f) => void Object.assign(at(f), { colour: 'red' })],
  ['oil at 400 °C', (f) => void Object.assign(at(f)['fried'], { tempC: 400 })],
];

test.each(WRONG)('what is wrong is wrong by both: %s', (_what, change) => {
  const file = example();
  change(file as never);
  expect(valid(file)).toBe(false);
  expect(readDishFile(file).ok).toBe(false);
});

test('a file of a newer Yellowmist, and one of an own ingredient that the kitchen lacks', () => {
  expect(readDishFile({ ...example(), format: 99 })).toMatchObject({ ok: false, errors: [{ field: 'format' }] });
  const label = {
    id: 'own-island-crumbs',
    name: 'Island crumbs',
    likeId: 'coarse-crumbs',
    fatG: 2,
    carbohydrateG: 70,
    sugarG: 3,
    fibreG: 4,
    proteinG: 10,
    saltG: 1,
    allergens: ['wheat'],
    origin: 'none',
    cupG: null,
  };
  const body = exampleConversion();
  body.fried.layers[0].portions[0].ingredientId = label.id;
  const file = dishFileOf(body, [label as never]);
  expect(file.own).toHaveLength(1);
  expect(readDishFile(file)).toMatchObject({ ok: true, value: { own: [{ id: label.id }] } });
  expect(readDishFile({ ...file, own: [] })).toMatchObject({ ok: false });
});
