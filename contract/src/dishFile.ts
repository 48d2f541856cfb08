import { pantryOf, type Label, type Pantry } from '@yellowmist/core';
import { check, type Checked } from './check.js';
import { dishFileSchema } from './schemas/files.js';
import type { ConversionBody, DishFile } from './types.js';
import { FORMATS, formatNumber, upgrade } from './upgrade.js';

/** What says that a JSON is a dish of Yellowmist. */
export const DISH_FILE = 'dish';

/** Whether an unknown document says of itself that it is a dish of Yellowmist. */
export const isDishFile = (json: unknown): boolean =>
  typeof json === 'object' &&
  json !== null &&
  Object.hasOwn(json, 'yellowmist') &&
  (json as DishFile).yellowmist === DISH_FILE;

/** Whether a document names an id anywhere. */
export const names = (document: unknown, id: string): boolean => JSON.stringify(document).includes(JSON.stringify(id));

/** A dish as a file of its own, with the labels of those of the kitchen's own ingredients that it names. */
export const dishFileOf = (body: ConversionBody, own: readonly Label[]): DishFile => ({
  yellowmist: DISH_FILE,
  format: formatNumber(FORMATS.conversion),
  own: own.filter(({ id }) => names(body, id)),
  ...body,
});

/**
 * A dish from its file: today's format, every field checked, its own ingredients known.
 * @param kitchen labels of this kitchen, which stand for those of the file where both have one
 */
export function readDishFile(
  json: unknown,
  kitchen: readonly Label[] = [],
): Checked<{ body: ConversionBody; own: Label[] }> {
  const { yellowmist: _, format, own = [], ...rest } = (json ?? {}) as Partial<DishFile>;
  const today = formatNumber(FORMATS.conversion);
  if (typeof format !== 'number' || !Number.isInteger(format) || format < 1 || format > today) {
    return {
      ok: false,
      errors: [
        {
          field: 'format',
          message: `format must be a whole number from 1 to ${today}; a higher one was written by a newer Yellowmist`,
        },
      ],
    };
  }
  const labels = [...kitchen, ...own.filter((label) => !kitchen.some((known) => known.id === label?.id))];
  let pantry: Pantry;
  try {
    pantry = pantryOf(labels);
  } catch {
    return {
      ok: false,
      errors: [{ field: 'own', message: 'own must hold labels of ingredients as this kitchen knows them' }],
    };
  }
  const upgraded = upgrade(FORMATS.conversion, format, rest as ConversionBody);
  const checked = check(dishFileSchema, { ...upgraded, yellowmist: DISH_FILE, format: today, own }, pantry);
  if (!checked.ok) return checked;
  const { yellowmist: _kind, format: _format, own: itsOwn, ...body } = checked.value;
  return { ok: true, value: { body, own: itsOwn } };
}
