import { createHash } from 'node:crypto';
import { practiceTruth, rehearsalTruth, type CounterBatch, type Truth } from '@yellowmist/core';
import type { StoredCook } from './stored.js';

/** What is really so of a batch in a simulated fryer. Nobody is told before a rehearsal is over. */
export function truthOf({ id, body }: StoredCook, batch: CounterBatch): Truth {
  const named = `${id}/${batch.key}`;
  const surprises = body.rehearsal?.surprises ?? [];
  return batch.fryer.practice ? practiceTruth(batch.fryer.name, named, surprises) : rehearsalTruth(named, surprises);
}

/** The id of an event that a machine tells: the same for the same, however often it is told. */
export function eventIdOf(...of: readonly (string | number)[]): string {
  const hex = createHash('sha256').update(of.join('|')).digest('hex');
  // In the form of an id of version 8: made from what it names.
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
