import type { PipeTransform } from '@nestjs/common';
import { check } from '@yellowmist/contract';
import type Joi from 'joi';
import { badFields } from './problem.js';

/** Parses a body at the door by a schema of the contract; inside, its type is trusted. */
export class JoiPipe<T> implements PipeTransform<unknown, T> {
  constructor(private readonly schema: Joi.Schema) {}

  transform(input: unknown): T {
    const checked = check<T>(this.schema, input ?? {});
    if (!checked.ok) throw badFields(checked.errors);
    return checked.value;
  }
}
