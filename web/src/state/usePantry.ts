import { useMemo } from 'react';
import { KNOWN, pantryOf, type Pantry } from '@yellowmist/core';
import { usePantryDocument } from './pantryDocument';

/** The shelf: the known ingredients, and the kitchen's own. */
export function usePantry(): Pantry {
  const { own } = usePantryDocument();
  return useMemo(() => (own.length === 0 ? KNOWN : pantryOf(own)), [own]);
}
