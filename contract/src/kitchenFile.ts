import { pantryOf, Refusal, type Label, type Pantry } from '@yellowmist/core';
import { check } from './check.js';
import { conversionBodySchema } from './schemas/conversion.js';
import { filedCookBodySchema } from './schemas/cook.js';
import { kitchenFileSchema } from './schemas/files.js';
import { saveKitchenSchema } from './schemas/kitchen.js';
import { savePantrySchema } from './schemas/pantry.js';
import { eveningBodySchema } from './schemas/evening.js';
import { experimentBodySchema } from './schemas/experiment.js';
import type {
  ConversionBody,
  CookBody,
  EveningBody,
  ExperimentBody,
  FiledCook,
  FiledDocument,
  KitchenBody,
  KitchenFile,
  PantryBody,
} from './types.js';
import { EVENING_OF_SUPPER, eveningOfSupper } from './supper.js';
import { FORMATS, formatNumber, upgrade, type Format } from './upgrade.js';
import type { Schema } from 'joi';

/** Today's format of the file of a whole kitchen. */
export const KITCHEN_FILE_FORMAT = 4;

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

/** An experiment with its identity. */
export interface KeptExperiment {
  id: string;
  createdAt: string;
  updatedAt: string;
  body: ExperimentBody;
}

/** A cook that is over, with all that was noted of it. */
export interface KeptCook {
  id: string;
  /** When it ended. */
  updatedAt: string;
  body: Pick<FiledCook, 'startedAt' | 'events' | 'records' | 'photos'> & { name: string; cook: CookBody };
}

/** All that a kitchen has written down. */
export interface WholeKitchen {
  dishes: KeptDish[];
  kitchen: KitchenBody;
  pantry: PantryBody;
  evenings: KeptEvening[];
  cooks: KeptCook[];
  experiments: KeptExperiment[];
}

/** Photographs that go with a kitchen's file, and how many of its cooks' do not. */
export type FilesPhotos = Pick<KitchenFile, 'photographs' | 'photographsLeftOut'>;

/** A whole kitchen as one file. */
export const kitchenFileOf = (
  { dishes, kitchen, pantry, evenings, cooks, experiments }: WholeKitchen,
  exportedAt: string,
  photos: FilesPhotos = { photographs: [], photographsLeftOut: 0 },
): KitchenFile => ({
  yellowmist: 'kitchen',
  format: KITCHEN_FILE_FORMAT,
  exportedAt,
  dishes: dishes.map((dish) => ({ ...dish, format: formatNumber(FORMATS.conversion) })),
  kitchen: { format: formatNumber(FORMATS.kitchen), body: kitchen },
  pantry: { format: formatNumber(FORMATS.pantry), body: pantry },
  evenings: evenings.map((evening) => ({ ...evening, format: formatNumber(FORMATS.evening) })),
  experiments: experiments.map((experiment) => ({ ...experiment, format: formatNumber(FORMATS.experiment) })),
  cooks: cooks.map(({ id, updatedAt, body: { name: _, cook, ...rest } }) => ({
    id,
    endedAt: updatedAt,
    format: formatNumber(FORMATS.cook),
    body: cook,
    ...rest,
  })),
  ...photos,
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

/** One of many documents of the file, under its own identity. */
function openedOne<Body extends { name: string }, Filed extends FiledDocument<Body> & { id: string }>(
  word: string,
  format: Format<Body>,
  { format: number, body, ...identity }: Filed,
  schema: Schema,
  shelf: Pantry,
): Omit<Filed, 'format' | 'body'> & { body: Body } {
  const what = `The ${word} “${String((body as Partial<Body>).name ?? identity.id)}”`;
  return { ...identity, body: opened(what, format, { format: number, body }, schema, shelf) };
}

/** A file of format 1, which knew one supper and no evenings. */
interface FirstFile {
  exportedAt: string;
  supper: { body: { name: string; dishIds: string[]; guests: EveningBody['guests'] } };
}

/** Such a file as the next one: its supper is an evening, where there was one. */
function withEvenings({ supper, ...rest }: FirstFile): object {
  const at = rest.exportedAt;
  const body = supper?.body;
  const evenings =
    body && body.dishIds?.length > 0
      ? [{ id: EVENING_OF_SUPPER, createdAt: at, updatedAt: at, format: 1, body: eveningOfSupper(body) }]
      : [];
  return { ...rest, format: 2, evenings };
}

/** Format 2 had no cooks. */
const withCooks = (file: object): object => ({ ...file, format: 3, cooks: [], photographs: [], photographsLeftOut: 0 });

/** Format 3 had no experiments. */
const withExperiments = (file: object): object => ({ ...file, format: 4, experiments: [] });

const STEPS: readonly ((file: never) => object)[] = [withEvenings, withCooks, withExperiments];

/** A file of any format up to today's as today's. */
function asToday(json: object): object {
  const { format } = json as Partial<KitchenFile>;
  if (typeof format !== 'number' || !Number.isInteger(format) || format < 1) return json;
  return STEPS.slice(format - 1).reduce((file, step) => step(file as never), json);
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
export function openKitchenFile(json: unknown, here: readonly Label[]): WholeKitchen & FilesPhotos {
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
  const checked = check<KitchenFile>(kitchenFileSchema, asToday(kind));
  if (!checked.ok) throw new Refusal(`The file is not whole: ${said(checked.errors)}`);
  const { dishes, kitchen, pantry, evenings, cooks, experiments, photographs, photographsLeftOut } = checked.value;
  const version = { version: 0 };
  const pantryBody = opened('Its pantry', FORMATS.pantry, pantry, savePantrySchema, undefined, version);
  const shelf = pantryOf(ownOf(here, pantryBody.own));
  return {
    dishes: dishes.map((one) => openedOne('dish', FORMATS.conversion, one, conversionBodySchema, shelf)),
    kitchen: opened('Its kitchen', FORMATS.kitchen, kitchen, saveKitchenSchema, shelf, version),
    pantry: pantryBody,
    evenings: evenings.map((one) => openedOne('evening', FORMATS.evening, one, eveningBodySchema, shelf)),
    experiments: experiments.map((one) =>
      openedOne('experiment', FORMATS.experiment, one, experimentBodySchema, shelf),
    ),
    cooks: cooks.map(({ id, startedAt, endedAt, format, body, events, records, photos }) => {
      const what = `The cook “${String((body as Partial<CookBody>).name ?? id)}”`;
      const cook = opened(what, FORMATS.cook, { format, body }, filedCookBodySchema, shelf);
      return { id, updatedAt: endedAt, body: { name: cook.name, cook, startedAt, events, records, photos } };
    }),
    photographs,
    photographsLeftOut,
  };
}
