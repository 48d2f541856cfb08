import type Joi from 'joi';
import { KNOWN, type Pantry } from '@yellowmist/core';
import type { FieldError } from './types.js';

export type Checked<T> = { ok: true; value: T } | { ok: false; errors: FieldError[] };

/** More wrong fields than these are not told at once. */
export const MOST_ERRORS = 20;

/** More fields than any object of a document has. */
const MOST_FIELDS = 64;
/** Deeper than any document is nested. */
const DEEPEST = 40;

/** Where an object has more fields than any has here, or is nested deeper than any; told before its fields are looked at. */
function tooMuch(input: unknown, path: string[] = []): FieldError | null {
  if (input === null || typeof input !== 'object') return null;
  const field = path.join('.');
  const named = field || 'The document';
  if (path.length > DEEPEST) return { field, message: `${named} must not be nested deeper than ${DEEPEST} times` };
  const isList = Array.isArray(input);
  const keys = Object.keys(input);
  if (!isList && keys.length > MOST_FIELDS)
    return { field, message: `${named} must have no more than ${MOST_FIELDS} fields` };
  // Lists know their own bounds; what is in the first of them tells of the others.
  const looked = isList ? keys.slice(0, MOST_FIELDS) : keys;
  for (const key of looked) {
    const found = tooMuch((input as Record<string, unknown>)[key], [...path, key]);
    if (found) return found;
  }
  return null;
}

/** What is said where a rule has no words of its own: what is allowed, in a reader's words. */
const WORDS = {
  'array.min': '{{#label}} must hold at least {{#limit}}',
  'array.max': '{{#label}} must hold at most {{#limit}}',
  'number.integer': '{{#label}} must be a whole number',
  'number.min': '{{#label}} must be {{#limit}} at least',
  'number.max': '{{#label}} must be {{#limit}} at most',
  'string.empty': '{{#label}} must not be empty',
  'string.min': '{{#label}} must have at least {{#limit}} letters',
  'string.max': '{{#label}} must have at most {{#limit}} letters',
};

/**
 * Parses unknown input at the door: the typed value, or the fields that are wrong with what is allowed there. Unknown
 * fields are errors as well, so that a typing mistake is not silently lost. What is larger than it may be is refused
 * before its items are looked at.
 * @param pantry what the ids of ingredients stand in
 */
export function check<T>(schema: Joi.Schema<T>, input: unknown, pantry: Pantry = KNOWN): Checked<T> {
  const much = tooMuch(input);
  if (much) return { ok: false, errors: [much] };
  const { value, error } = schema.validate(input, {
    abortEarly: false,
    convert: false,
    context: { pantry },
    messages: WORDS,
  });
  if (!error) return { ok: true, value: value as T };
  const errors = error.details
    .slice(0, MOST_ERRORS)
    .map((d) => ({ field: d.path.join('.'), message: d.message.replaceAll('"', '') }));
  return { ok: false, errors };
}
