import type { Schema } from 'joi';
import {
  check,
  COMMON_FRYERS,
  conversionBodySchema,
  exampleConversion,
  saveEveningSchema,
  saveKitchenSchema,
  savePantrySchema,
} from './index.js';

/** Every field of every document, one at a time: what is wrong is refused at that very field, in words. */

const example = exampleConversion();
const plan = {
  layers: example.fried.layers,
  restMin: 5,
  oilGm2: 12,
  settings: {
    tempC: 190,
    minutes: 12,
    preheated: false,
    turnAtMin: 6,
    under: 'basket',
    waterTray: false,
    looks: 1,
    swapEveryMin: 5,
    basketTurned: true,
  },
  second: { sauce: null, sauceGm2: 50, coolMin: 1, tempC: 180, minutes: 5 },
  oiling: { oilId: 'rapeseed-oil', tool: 'pump', rubGm2: 2, basketG: 1, touchUpGm2: 3 },
  laying: { gapMm: 6, laid: [[{ piece: 0, xMm: 10, yMm: -5, turn: 0.5 }]], nest: true },
};
const full = {
  ...COMMON_FRYERS[0],
  powerW: 1500,
  timeLimitMin: 30,
  preheats: true,
  presets: [{ name: 'Chips', tempC: 200, minutes: 20 }],
  readings: [{ setC: 180, readC: 187 }],
  hotSpots: [2, 3, 3, 2, 2, 3, 1, 2, 2],
  browning: 1.1,
  learned: { cooks: 6, offK: 4, page: { offsetC: 2, airFactor: 1 } },
};

const DOCUMENTS: [string, Schema, object][] = [
  [
    'a dish',
    conversionBodySchema,
    {
      ...example,
      dish: {
        ...example.dish,
        smaller: { count: 2, scale: 0.5 },
        prepMin: 15,
        servings: 4,
        bareShare: 0.1,
        also: { foodId: 'cauliflower', shape: { kind: 'ball', diameterMm: 30 }, count: 10 },
        beside: [{ name: 'Dip', use: 'dip', portions: [{ ingredientId: 'yoghurt', grams: 120 }], wantedG: 150 }],
        bought: { unit: 'cluster', amount: 3, cut: 'torn', sizeMm: 60 },
      },
      fried: {
        ...example.fried,
        layers: example.fried.layers.map((l) => ({
          ...l,
          written: { portions: l.portions, pieces: 20 },
          divided: { share: 0.5, portions: [{ ingredientId: 'cayenne', grams: 2 }] },
        })),
      },
      fryer: full,
      chosen: { family: 'own', by: 'cook', plan },
    },
  ],
  [
    'the kitchen',
    saveKitchenSchema,
    {
      version: 3,
      fryers: [full],
      sprayers: [{ name: 'Pump', kind: 'pump', gPerStroke: 0.2 }],
      bowls: [{ name: 'Blue bowl', diameterMm: 180, ml: 900 }],
      trays: [{ name: 'Tray', widthMm: 400, depthMm: 280 }],
      thermometer: true,
      paces: { coatPieceS: 12, washAllMin: 8 },
    },
  ],
  [
    'the pantry',
    savePantrySchema,
    {
      version: 1,
      have: ['egg'],
      never: ['beer'],
      own: [
        {
          id: 'own-crumbs',
          name: 'Crumbs',
          likeId: 'coarse-crumbs',
          fatG: 2,
          carbohydrateG: 58,
          sugarG: 2,
          fibreG: 8,
          proteinG: 12,
          saltG: 1,
          allergens: ['wheat'],
          origin: 'none',
          cupG: 40,
        },
      ],
      weights: [{ foodId: 'onion', unit: 'medium-onion', grams: 140 }],
    },
  ],
  [
    'an evening',
    saveEveningSchema,
    {
      version: 2,
      name: 'Thursday',
      state: 'planned',
      serveAt: '2026-11-26T19:00:00+00:00',
      startAt: null,
      timeZone: 'Europe/Oslo',
      cooks: [{ name: 'Ines', leaves: ['cut'] }],
      dishes: [{ id: 'a', fryer: 'Loft', ahead: ['sauces'], buns: true, again: false, with: 'b' }],
      guests: [{ name: 'Mara', avoidAllergens: ['egg'], diets: ['vegetarian'] }],
      togetherMin: 5,
      roomC: 21,
      pins: [{ id: 'a:cut', beforeMin: 90 }],
    },
  ],
];

type Path = (string | number)[];

/** Every value that is no list and no object, with its way from the document. */
function leaves(value: unknown, path: Path = []): [Path, unknown][] {
  if (value === null || typeof value !== 'object') return [[path, value]];
  return Object.entries(value).flatMap(([key, inner]) =>
    leaves(inner, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}

/** The document with one value set, and all else as it was. */
function changed(document: object, path: Path, value: unknown): object {
  const copy = structuredClone(document) as Record<string | number, unknown>;
  let at = copy;
  for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
  at[path.at(-1)!] = value;
  return copy;
}

const fieldsOf = (schema: Schema, document: object): string[] => {
  const checked = check(schema, document);
  return checked.ok ? [] : checked.errors.map((e) => e.field);
};

describe.each(DOCUMENTS)('%s', (_, schema, document) => {
  const all = leaves(document);
  // A version may be any: it is compared with what is stored.
  const numbers = all.filter(([path, value]) => typeof value === 'number' && path.at(-1) !== 'version');
  const names = all.map(([path]) => path.join('.'));

  test('is allowed as it stands', () => expect(fieldsOf(schema, document)).toEqual([]));

  test('far too much, no number and a number in quotes are refused where they stand', () => {
    for (const [path] of numbers) {
      for (const wrong of [1e9, -1e9, Number.NaN, Infinity, '12', true]) {
        const name = path.join('.');
        const fields = fieldsOf(schema, changed(document, path, wrong));
        expect({ name, wrong, fields }).toMatchObject({ fields: expect.arrayContaining([name]) });
      }
    }
  });

  test('words that are too long, or no words, are refused where they stand', () => {
    for (const [path, value] of all.filter(([, v]) => typeof v === 'string')) {
      for (const wrong of [7, 'x'.repeat(5000)]) {
        const fields = fieldsOf(schema, changed(document, path, wrong));
        expect({ path, value, fields }).toMatchObject({ fields: expect.arrayContaining([path.join('.')]) });
      }
    }
  });

  test('a field that nobody knows is refused by its name, on every level', () => {
    const levels = new Set(names.map((n) => n.split('.').slice(0, -1).join('.')));
    for (const level of levels) {
      const path: Path = [...(level ? level.split('.').map((k) => (/^\d+$/.test(k) ? Number(k) : k)) : []), 'tasty'];
      if (Array.isArray(path.slice(0, -1).reduce<unknown>((at, k) => (at as never)[k], document))) continue;
      const name = path.join('.');
      expect(fieldsOf(schema, changed(document, path, 1))).toEqual(expect.arrayContaining([name]));
    }
  });
});
