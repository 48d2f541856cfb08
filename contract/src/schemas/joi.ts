import JoiRoot from 'joi';

/** More fields than any object of a document has. */
const MOST_FIELDS = 64;

interface LengthRule {
  args: { limit: number };
}

/**
 * Joi, bounded: a list or object that is larger than it may be is refused before anything in it is looked at, so that no
 * body keeps the server busy with its errors.
 */
export const Joi: typeof JoiRoot = JoiRoot.extend(
  {
    type: 'array',
    base: JoiRoot.array(),
    prepare(value: unknown, { schema, error }: JoiRoot.CustomHelpers) {
      if (!Array.isArray(value)) return;
      const rule = schema.$_getRule('max') as LengthRule | undefined;
      if (rule && value.length > rule.args.limit) {
        return { value, errors: [error('array.max', { limit: rule.args.limit })] };
      }
      return;
    },
  },
  {
    type: 'object',
    base: JoiRoot.object(),
    messages: { 'object.bounded': `{{#label}} must have no more than ${MOST_FIELDS} fields` },
    prepare(value: unknown, { error }: JoiRoot.CustomHelpers) {
      if (value === null || typeof value !== 'object') return;
      return Object.keys(value).length > MOST_FIELDS ? { value, errors: [error('object.bounded')] } : undefined;
    },
  },
);

export type { CustomHelpers, ObjectSchema, Schema, SchemaMap } from 'joi';
