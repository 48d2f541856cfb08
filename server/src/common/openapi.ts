import { createRequire } from 'node:module';
import { applyDecorators } from '@nestjs/common';
import { ApiResponse, type ApiBodyOptions } from '@nestjs/swagger';
import { problemSchema } from '@yellowmist/contract';
import type Joi from 'joi';
import { TITLES } from './problem.js';

type SchemaObject = Extract<ApiBodyOptions, { schema: unknown }>['schema'];

// A CommonJS package whose types and default export disagree under ES modules.
const { default: joiToSwagger } = createRequire(import.meta.url)('joi-to-swagger') as {
  default: (schema: Joi.Schema) => { swagger: SchemaObject };
};

/** The OpenAPI schema of a Joi schema: one source for what is checked and what is documented. */
export const openApi = (schema: Joi.Schema): SchemaObject => joiToSwagger(schema).swagger;

/** Documents that a route may answer with these problem details (RFC 9457). */
export const problems = (...statuses: number[]): MethodDecorator & ClassDecorator =>
  applyDecorators(
    ...statuses.map((status) =>
      ApiResponse({
        status,
        description: TITLES[status],
        content: { 'application/problem+json': { schema: openApi(problemSchema) as never } },
      }),
    ),
  );
