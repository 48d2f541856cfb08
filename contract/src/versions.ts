import { RANGES } from './ranges.js';
import type { Chosen, NamedVersion } from './types.js';

/** The versions of a dish with one more, under a name, with an id that none of them has. */
export const withVersion = (versions: readonly NamedVersion[], name: string, chosen: Chosen): NamedVersion[] => [
  ...versions,
  { id: Math.max(0, ...versions.map(({ id }) => id)) + 1, name: name.slice(0, RANGES.nameLength.max), chosen },
];
