import { ParseUUIDPipe } from '@nestjs/common';
import { ApiQuery } from '@nestjs/swagger';
import { badFields } from './problem.js';

/** A key that the sender gives what it sends: sent again under the same, it is kept once. Whoever got no answer may send it again. */
export const KEY = new ParseUUIDPipe({
  optional: true,
  exceptionFactory: () => badFields([{ field: 'key', message: 'key must be a UUID, or be left out' }]),
});

/** A route that takes such a key. */
export const ApiKey = () => ApiQuery({ name: 'key', required: false, schema: { type: 'string', format: 'uuid' } });
