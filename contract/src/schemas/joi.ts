import JoiRoot from 'joi';

interface LengthRule {
  args: { limit: number };
}

/**
 * Joi, bounded: a list that is longer than it may be is refused before anything in it is looked at, so that no body keeps
 * the server busy with its errors. (What stands in a list is looked at by its rules, and those come after `validate`.)
 */
export const Joi: typeof JoiRoot = JoiRoot.extend({
  type: 'array',
  base: JoiRoot.array(),
  validate(value: unknown[], { schema, error }: JoiRoot.CustomHelpers) {
    const rule = schema.$_getRule('max') as LengthRule | undefined;
    return rule && value.length > rule.args.limit
      ? { value, errors: error('array.max', { limit: rule.args.limit }) }
      : undefined;
  },
});

export type { CustomHelpers, ObjectSchema, Schema, SchemaMap } from 'joi';
