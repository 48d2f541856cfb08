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

/** An object that is made when somebody looks into it, and not before. */
function whenAsked<T extends object>(make: () => T): T {
  let made: T | undefined;
  const it = (): T => (made ??= make());
  return new Proxy({} as T, {
    get: (_, key) => Reflect.get(it(), key) as unknown,
    has: (_, key) => Reflect.has(it(), key),
    ownKeys: () => Reflect.ownKeys(it()),
    getOwnPropertyDescriptor: (_, key) => {
      const own = Reflect.getOwnPropertyDescriptor(it(), key);
      return own && { ...own, configurable: true };
    },
  });
}

/**
 * The OpenAPI schema of a Joi schema: one source for what is checked and what is documented. It is worked out when the
 * documentation is opened: all of them together would be half of the work of a start.
 */
export const openApi = (schema: Joi.Schema): SchemaObject => whenAsked(() => joiToSwagger(schema).swagger);

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
