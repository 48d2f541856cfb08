import { KNOWN } from '@yellowmist/core';

/** The name of a known food; empty for one that is unknown. */
export const foodName = (id: string): string => KNOWN.byId.get(id)?.name ?? '';
