import { Injectable } from '@nestjs/common';
import { check, EMPTY_PANTRY, FORMATS, savePantrySchema, type PantryBody } from '@yellowmist/contract';
import { pantryOf, type Label, type Pantry } from '@yellowmist/core';
import type { Schema } from 'joi';
import { badFields, ProblemException } from '../common/problem.js';
import type { SingleKind } from '../documents/kind.js';
import { SinglesService } from '../documents/singles.service.js';

/** What the kitchen has, never uses and brings itself. */
export const PANTRY_KIND: SingleKind<PantryBody> = {
  path: 'pantry',
  below: 'kitchen',
  format: FORMATS.pantry,
  empty: EMPTY_PANTRY,
  saveSchema: savePantrySchema,
  summary: 'What this kitchen has, never uses, and its own ingredients by their labels',
};

const UNREADABLE = 422;

/** The door: resolves ids against the known ingredients and the kitchen's own, and checks bodies that name them. */
@Injectable()
export class ShelfService {
  constructor(private readonly singles: SinglesService) {}

  /** The labels of the kitchen's own ingredients; none where the pantry's row cannot be read, so that all else can. */
  async own(): Promise<Label[]> {
    try {
      return (await this.singles.read(PANTRY_KIND)).own;
    } catch (error) {
      if (error instanceof ProblemException && error.getStatus() === UNREADABLE) return [];
      throw error;
    }
  }

  /** What stands on the shelf now. */
  async pantry(): Promise<Pantry> {
    return pantryOf(await this.own());
  }

  /** A body by its schema, its ids among what is on the shelf. @throws ProblemException 400 naming the fields */
  async parse<T>(schema: Schema<T>, input: unknown): Promise<T> {
    const checked = check<T>(schema, input ?? {}, await this.pantry());
    if (!checked.ok) throw badFields(checked.errors);
    return checked.value;
  }
}
