import { createRequire } from 'node:module';
import type { ApiBodyOptions } from '@nestjs/swagger';
import type Joi from 'joi';

type SchemaObject = Extract<ApiBodyOptions, { schema: unknown }>['schema'];

// A CommonJS package whose types and default export disagree under ES modules.
const { default: joiToSwagger } = createRequire(import.meta.url)('joi-to-swagger') as {
  default: (schema: Joi.Schema) => { swagger: SchemaObject };
};

/** The OpenAPI schema of a Joi schema: one source for what is checked and what is documented. */
export const openApi = (schema: Joi.Schema): SchemaObject => joiToSwagger(schema).swagger;
