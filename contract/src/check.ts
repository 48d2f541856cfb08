import type Joi from 'joi';
import type { FieldError } from './types.js';

export type Checked<T> = { ok: true; value: T } | { ok: false; errors: FieldError[] };

/**
 * Parses unknown input at the door: the typed value, or every field that is wrong with what is allowed there. Unknown
 * fields are errors as well, so that a typing mistake is not silently lost.
 */
export function check<T>(schema: Joi.Schema, input: unknown): Checked<T> {
  const { value, error } = schema.validate(input, { abortEarly: false, convert: false });
  if (!error) return { ok: true, value: value as T };
  const errors = error.details.map((d) => ({ field: d.path.join('.'), message: d.message.replaceAll('"', '') }));
  return { ok: false, errors };
}
