import type Joi from 'joi';
import { KNOWN, type Pantry } from '@yellowmist/core';
import type { FieldError } from './types.js';

export type Checked<T> = { ok: true; value: T } | { ok: false; errors: FieldError[] };

/** More wrong fields than these are not told at once. */
export const MOST_ERRORS = 20;

/**
 * Parses unknown input at the door: the typed value, or the fields that are wrong with what is allowed there. Unknown
 * fields are errors as well, so that a typing mistake is not silently lost. What is larger than it may be is refused
 * before its items are looked at.
 * @param pantry what the ids of ingredients stand in
 */
export function check<T>(schema: Joi.Schema<T>, input: unknown, pantry: Pantry = KNOWN): Checked<T> {
  const { value, error } = schema.validate(input, { abortEarly: false, convert: false, context: { pantry } });
  if (!error) return { ok: true, value: value as T };
  const errors = error.details
    .slice(0, MOST_ERRORS)
    .map((d) => ({ field: d.path.join('.'), message: d.message.replaceAll('"', '') }));
  return { ok: false, errors };
}
