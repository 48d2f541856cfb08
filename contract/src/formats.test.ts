import { readdirSync, readFileSync } from 'node:fs';
import { evaluateAir, evaluateFried, KNOWN } from '@yellowmist/core';
import type { Schema } from 'joi';
import { check } from './check.js';
import {
  conversionBodySchema,
  cookBodySchema,
  eveningBodySchema,
  experimentBodySchema,
  saveKitchenSchema,
  saveLearningSchema,
  savePantrySchema,
} from './schemas/index.js';
import { eveningOfSupper, type OldSupper } from './supper.js';
import type { ConversionBody } from './types.js';
import { FORMATS, formatNumber, upgrade } from './upgrade.js';

/**
 * Documents as every version of Yellowmist has stored them, written by that very version: they open for ever. A new
 * format gets a file of its own here, and none is ever changed.
 */

const FOLDER = 'contract/testing/kept';

interface Kept {
  kind: keyof typeof FORMATS | 'supper';
  format: number;
  body: object;
}
const files = readdirSync(FOLDER).sort();
const kept = files.flatMap((file) =>
  (JSON.parse(readFileSync(`${FOLDER}/${file}`, 'utf8')) as Kept[]).map((row, at) => ({
    ...row,
    where: `${file} ${at}`,
  })),
);

const SCHEMAS: Record<keyof typeof FORMATS, Schema> = {
  conversion: conversionBodySchema,
  kitchen: saveKitchenSchema,
  pantry: savePantrySchema,
  evening: eveningBodySchema,
  cook: cookBodySchema,
  experiment: experimentBodySchema,
  learning: saveLearningSchema,
};
/** Documents of which there is one are saved with the version that they change. */
const SINGLES = ['kitchen', 'pantry', 'learning'];

test('there is one of every format that there ever was', () => {
  const formats = new Set(kept.map(({ kind, format }) => `${kind} ${format}`));
  for (const [kind, format] of Object.entries(FORMATS))
    for (let number = 1; number <= formatNumber(format as typeof FORMATS.conversion); number++)
      // Nothing of a pantry was ever stored by the demo.
      if (kind !== 'pantry') expect(formats).toContain(`${kind} ${number}`);
  expect(formats).toContain('supper 1');
});

test.each(kept.map((row) => [`${row.where}, ${row.kind} of format ${row.format}`, row] as const))(
  '%s opens as it is today',
  (_, { kind, format, body }) => {
    const [as, now] =
      kind === 'supper'
        ? (['evening', eveningOfSupper(body as OldSupper)] as const)
        : ([kind, upgrade<object>(FORMATS[kind], format, body)] as const);
    const saved = SINGLES.includes(as) ? { ...now, version: 1 } : now;
    expect(check(SCHEMAS[as], saved)).toMatchObject({ ok: true });
    if (as !== 'conversion') return;
    // And it is cooked as well.
    const { chosen, ...dish } = now as ConversionBody;
    const asked = { pantry: KNOWN, ...dish };
    const fried = evaluateFried(asked);
    const air = chosen && evaluateAir(asked, chosen.plan, fried);
    for (const result of [fried, air]) if (result) expect(Object.values(result.outcomes).every(Boolean)).toBe(true);
  },
);
