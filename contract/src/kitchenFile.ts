import { pantryOf, Refusal, type Label } from '@yellowmist/core';
import { check } from './check.js';
import { conversionBodySchema } from './schemas/conversion.js';
import { kitchenFileSchema } from './schemas/files.js';
import { saveKitchenSchema } from './schemas/kitchen.js';
import { savePantrySchema } from './schemas/pantry.js';
import { eveningBodySchema } from './schemas/evening.js';
import type { ConversionBody, EveningBody, FiledDocument, KitchenBody, KitchenFile, PantryBody } from './types.js';
import { EVENING_OF_SUPPER, eveningOfSupper } from './supper.js';
import { FORMATS, formatNumber, upgrade, type Format } from './upgrade.js';
import type { Schema } from 'joi';

/** Today's format of the file of a whole kitchen. */
export const KITCHEN_FILE_FORMAT = 2;

/** A dish with its identity. */
export interface KeptDish {
  id: string;
  createdAt: string;
  updatedAt: string;
  body: ConversionBody;
}

/** An evening with its identity. */
export interface KeptEvening {
  id: string;
  createdAt: string;
  updatedAt: string;
  body: EveningBody;
}

/** All that a kitchen has written down. */
export interface WholeKitchen {
  dishes: KeptDish[];
  kitchen: KitchenBody;
  pantry: PantryBody;
  evenings: KeptEvening[];
}

/** A whole kitchen as one file. */
export const kitchenFileOf = (
  { dishes, kitchen, pantry, evenings }: WholeKitchen,
  exportedAt: string,
): KitchenFile => ({
  yellowmist: 'kitchen',
  format: KITCHEN_FILE_FORMAT,
  exportedAt,
  dishes: dishes.map((dish) => ({ ...dish, format: formatNumber(FORMATS.conversion) })),
  kitchen: { format: formatNumber(FORMATS.kitchen), body: kitchen },
  pantry: { format: formatNumber(FORMATS.pantry), body: pantry },
  evenings: evenings.map((evening) => ({ ...evening, format: formatNumber(FORMATS.evening) })),
});

const said = (errors: { message: string }[]): string => errors.map((e) => e.message).join('; ');

/** A document of the file, brought up to today and checked. */
function opened<Body extends object>(
  what: string,
  format: Format<Body>,
  filed: FiledDocument<Body>,
  schema: Schema,
  pantry = pantryOf([]),
  more: object = {},
): Body {
  let body: Body;
  try {
    body = upgrade(format, filed.format, filed.body);
  } catch (error) {
    throw new Refusal(`${what}: ${(error as Error).message}`);
  }
  const checked = check<Body & { version?: number }>(schema, { ...body, ...more }, pantry);
  if (!checked.ok) throw new Refusal(`${what}: ${said(checked.errors)}`);
  const { version: _, ...rest } = checked.value;
  return rest as unknown as Body;
}

/** A file of format 1, which knew one supper and no evenings. */
interface FirstFile {
  exportedAt: string;
  supper: { body: { name: string; dishIds: string[]; guests: EveningBody['guests'] } };
}

/** Such a file as today's: its supper is an evening, where there was one. */
function withEvenings({ supper, ...rest }: FirstFile): object {
  const at = rest.exportedAt;
  const body = supper?.body;
  const evenings =
    body && body.dishIds?.length > 0
      ? [{ id: EVENING_OF_SUPPER, createdAt: at, updatedAt: at, format: 1, body: eveningOfSupper(body) }]
      : [];
  return { ...rest, format: KITCHEN_FILE_FORMAT, evenings };
}

/** Own ingredients of both kitchens: this one's first. */
const ownOf = (here: readonly Label[], there: readonly Label[]): Label[] => [
  ...here,
  ...there.filter(({ id }) => !here.some((label) => label.id === id)),
];

/**
 * A whole kitchen from its file: every document brought up to today and checked; whole, or not at all.
 * @param here labels of this kitchen's own ingredients
 * @throws Refusal with the reason: another kind of file, a newer one, a document that cannot be read
 */
export function openKitchenFile(json: unknown, here: readonly Label[]): WholeKitchen {
  const kind = typeof json === 'object' && json !== null ? (json as Partial<KitchenFile>) : {};
  if (kind.yellowmist !== 'kitchen') {
    throw new Refusal(
      'This is no file of a whole kitchen: it must say "yellowmist": "kitchen". A single dish is opened where recipes are read.',
    );
  }
  if (typeof kind.format === 'number' && kind.format > KITCHEN_FILE_FORMAT) {
    throw new Refusal(
      `This file was written by a newer Yellowmist (format ${kind.format}; this one reads ${KITCHEN_FILE_FORMAT}).`,
    );
  }
  const checked = check<KitchenFile>(kitchenFileSchema, kind.format === 1 ? withEvenings(json as FirstFile) : json);
  if (!checked.ok) throw new Refusal(`The file is not whole: ${said(checked.errors)}`);
  const { dishes, kitchen, pantry, evenings } = checked.value;
  const version = { version: 0 };
  const pantryBody = opened('Its pantry', FORMATS.pantry, pantry, savePantrySchema, undefined, version);
  const shelf = pantryOf(ownOf(here, pantryBody.own));
  return {
    dishes: dishes.map(({ format, body, ...dish }) => ({
      ...dish,
      body: opened(
        `The dish “${String((body as Partial<ConversionBody>).name ?? dish.id)}”`,
        FORMATS.conversion,
        { format, body },
        conversionBodySchema,
        shelf,
      ),
    })),
    kitchen: opened('Its kitchen', FORMATS.kitchen, kitchen, saveKitchenSchema, shelf, version),
    pantry: pantryBody,
    evenings: evenings.map(({ format, body, ...evening }) => ({
      ...evening,
      body: opened(
        `The evening “${String((body as Partial<EveningBody>).name ?? evening.id)}”`,
        FORMATS.evening,
        { format, body },
        eveningBodySchema,
        shelf,
      ),
    })),
  };
}
