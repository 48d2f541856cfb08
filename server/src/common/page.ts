import { applyDecorators } from '@nestjs/common';
import { ApiQuery } from '@nestjs/swagger';
import Joi from 'joi';
import { badFields } from './problem.js';

/** A part of a list: so many of it, from after one that is known. */
export interface PageAsked {
  limit?: number;
  after?: string;
}

const schema = Joi.object<PageAsked>({
  limit: Joi.number()
    .integer()
    .min(1)
    .max(500)
    .messages({ 'number.base': '{{#label}} must be a whole number from 1 to 500' }),
  after: Joi.string().guid(),
}).unknown(true);

/** Documents that a list can be had in parts. */
export const ApiPage = (): MethodDecorator =>
  applyDecorators(
    ApiQuery({ name: 'limit', required: false, type: Number, description: 'at most so many, 1 to 500; all without' }),
    ApiQuery({ name: 'after', required: false, description: 'those that follow this id in the list' }),
  );

/** What part of a list a query asks for; all of it where it says nothing. @throws ProblemException 400 naming the field */
export function pageAsked(query: unknown): PageAsked {
  const { value, error } = schema.validate(query, { abortEarly: false });
  if (!error) return { limit: value.limit, after: value.after };
  throw badFields(
    error.details.map(({ path, message }) => ({ field: path.join('.'), message: message.replaceAll('"', '') })),
  );
}
