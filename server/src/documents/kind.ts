import type { Format } from '@yellowmist/contract';
import type { ObjectSchema } from 'joi';

/** A kind of document of which the kitchen has one: all that has to be said of it. */
export interface SingleKind<Body extends object> {
  /** Where it is read and saved, below /api; also its name in the store. */
  path: string;
  /** The path below it, where the place itself lists something else. Default none. */
  below?: string;
  format: Format<Body>;
  /** What it is before anybody has saved it. */
  empty: Body;
  /** A save: the body, and the version that it changes. */
  saveSchema: ObjectSchema<Body & { version: number }>;
  /** What it holds, in words for the API's documentation. */
  summary: string;
}

/** What a kind of single document adds to being stored. */
export interface SingleRules<Body extends object> {
  /** The body as it is shown: without what is gone by now. */
  shown?(body: Body): Promise<Body>;
  /** @throws ProblemException when this body may not be stored in the place of that one */
  allows?(before: Body, after: Body): Promise<void>;
}
