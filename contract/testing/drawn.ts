import fc from 'fast-check';
import type { Schema } from 'joi';
import { KNOWN_INGREDIENTS } from '@yellowmist/core';
import { check } from '../src/index.js';

/**
 * Documents drawn from their own schemas: whatever a schema allows, at its limits, a hair inside of them and anywhere
 * between. What the schema refuses after all (an unknown unit, a hole wider than its ring) is not drawn.
 */

/** What Joi tells of a schema. */
interface Described {
  type: string;
  flags?: { presence?: string; only?: boolean };
  rules?: { name: string; args?: { limit?: unknown } }[];
  allow?: unknown[];
  keys?: Record<string, Described>;
  preferences?: { presence?: string };
}

/** Schemas inside of a schema, which Joi hands out of lists and alternatives by its terms alone. */
interface Terms {
  $_terms: { items?: Schema[]; matches?: Branch[] };
}
interface Branch {
  schema?: Schema;
  then?: Schema;
  otherwise?: Schema;
  switch?: Branch[];
}

const termsOf = (schema: Schema): Terms['$_terms'] => (schema as unknown as Terms).$_terms;

/** What a value of one of several kinds may be. */
const branchesOf = (branches: readonly Branch[]): Schema[] =>
  branches.flatMap(({ schema, then, otherwise, switch: cases = [] }) => [
    ...[schema, then, otherwise].filter((s) => s !== undefined),
    ...branchesOf(cases),
  ]);

/** Smallest number that is not nothing. */
const LEAST = 5e-324;
/** A hair's breadth inside of a limit, as a share of the range. */
const HAIR = 1e-9;
const LONGEST_TEXT = 12;
const WORDS = ['Pea fritter', 'x', 'Ω≈ç√∫', '‮txet', '<b>'];
/** No digits: a text that holds a number is looked at for its sense. */
const letters = fc.constantFrom(...'aZé -’"&\u0301');

const limitOf = (described: Described, name: string): number | undefined => {
  const limit = described.rules?.find((rule) => rule.name === name)?.args?.limit;
  return typeof limit === 'number' ? limit : undefined;
};
const has = (described: Described, name: string): boolean => (described.rules ?? []).some((r) => r.name === name);

/** Steps of an even draw. */
const FINE = 1_000_000;
/** A share from 0 to 1, every part of it as likely. */
const even = fc.integer({ min: 0, max: FINE }).map((n) => n / FINE);

/** Numbers from `min` to `max`: the limits, a hair inside of them, evenly between and by their magnitude. */
function numbers(described: Described): fc.Arbitrary<number> {
  const [min, max] = [limitOf(described, 'min') ?? 0, limitOf(described, 'max') ?? 1e6];
  if (has(described, 'integer')) {
    return fc.oneof(fc.constantFrom(min, max), { weight: 3, arbitrary: fc.integer({ min, max }) });
  }
  const span = max - min;
  const least = Math.max(min, 1e-3);
  return fc.oneof(
    fc.constantFrom(min, max, min + HAIR * span, max - HAIR * span, ...(min === 0 ? [LEAST, 1e-12] : [])),
    { weight: 2, arbitrary: even.map((share) => min + share * span) },
    { weight: 2, arbitrary: even.map((share) => Math.min(max, least * (max / least) ** share)) },
  );
}

/** Pantry ids that a field takes, found by asking it; none of one that leans on what stands beside it. */
function idsFor(schema: Schema): string[] {
  try {
    return KNOWN_INGREDIENTS.map((item) => item.id).filter((id) => check(schema, id).ok);
  } catch {
    return [];
  }
}

export interface Drawing {
  /** Fields, by name, that are left out wherever they are optional. */
  without?: readonly string[];
  /** What is refused after all may be drawn as well. Default not. */
  roughly?: boolean;
}

/** Values that `schema` allows. */
export function drawn<T>(schema: Schema<T>, drawing: Drawing = {}): fc.Arbitrary<T> {
  return (valuesOf(schema, drawing) as fc.Arbitrary<T>).filter((value) => check(schema, value).ok);
}

/** Values that look as `schema` wants them, and that it may refuse all the same. */
export const roughly = (schema: Schema, drawing: Drawing = {}): fc.Arbitrary<unknown> =>
  valuesOf(schema, { ...drawing, roughly: true });

function valuesOf(schema: Schema, drawing: Drawing): fc.Arbitrary<unknown> {
  const described = schema.describe() as unknown as Described;
  const allowed = (described.allow ?? []).filter((value) => value === null || typeof value !== 'object');
  if (described.flags?.only) return fc.constantFrom(...allowed);
  const plain = plainly(schema, described, drawing);
  return allowed.length > 0 ? fc.oneof(fc.constantFrom(...allowed), { weight: 3, arbitrary: plain }) : plain;
}

function plainly(schema: Schema, described: Described, drawing: Drawing): fc.Arbitrary<unknown> {
  switch (described.type) {
    case 'number':
      return numbers(described);
    case 'boolean':
      return fc.boolean();
    case 'string':
      return texts(schema, described);
    case 'array':
      return lists(schema, described, drawing);
    case 'object':
      return objects(schema, described, drawing);
    case 'alternatives':
      return fc
        .oneof(...branchesOf(termsOf(schema).matches ?? []).map((branch) => valuesOf(branch, drawing)))
        .filter((value) => drawing.roughly === true || check(schema, value).ok);
    default:
      if (drawing.roughly) return fc.constant(null);
      throw new Error(`Nothing is drawn of a ${described.type} yet.`);
  }
}

function texts(schema: Schema, described: Described): fc.Arbitrary<string> {
  if (has(described, 'custom')) {
    const ids = idsFor(schema);
    if (ids.length > 0) return fc.constantFrom(...ids);
  }
  const max = Math.min(limitOf(described, 'max') ?? LONGEST_TEXT, LONGEST_TEXT);
  return fc.oneof(
    fc.constantFrom(...WORDS),
    fc.string({ unit: letters, minLength: limitOf(described, 'min') ?? 0, maxLength: max }),
  );
}

function lists(schema: Schema, described: Described, drawing: Drawing): fc.Arbitrary<unknown[]> {
  const [item] = termsOf(schema).items ?? [];
  const length = limitOf(described, 'length');
  const min = length ?? limitOf(described, 'min') ?? 0;
  const max = length ?? limitOf(described, 'max') ?? 4;
  const values = item ? valuesOf(item, drawing) : fc.constant(null);
  const unique = described.rules?.some((rule) => rule.name === 'unique');
  const make = (most: number): fc.Arbitrary<unknown[]> =>
    unique
      ? fc.uniqueArray(values, { minLength: min, maxLength: most })
      : fc.array(values, { minLength: min, maxLength: most });
  // Mostly short ones, as cooks write them; now and then as long as may be.
  return fc.oneof({ weight: 6, arbitrary: make(Math.min(max, Math.max(min, 3))) }, make(Math.min(max, 40)));
}

function objects(schema: Schema, described: Described, drawing: Drawing): fc.Arbitrary<object> {
  const usual = described.preferences?.presence ?? 'optional';
  const optional = ({ flags }: Described): boolean => (flags?.presence ?? usual) === 'optional';
  const keys = Object.entries(described.keys ?? {}).filter(
    ([key, of]) => !(drawing.without?.includes(key) && optional(of)),
  );
  return fc.record(Object.fromEntries(keys.map(([key]) => [key, valuesOf(schema.extract(key), drawing)])), {
    requiredKeys: keys.filter(([, of]) => !optional(of)).map(([key]) => key),
  });
}
