import type { Rule } from './decode.js';

/** What a search may choose. */
export interface Genes {
  /** By dish: crisped again, sauced in rounds, on the table as early as it may be. */
  again: boolean[];
  inRounds: boolean[];
  early: boolean[];
  /** Ids of what takes a fryer, all fryers together, in the order in which each takes its own. */
  chain: string[];
  rule: Rule;
  /** Minutes by which single blocks come sooner or later in the choice. */
  bias: ReadonlyMap<string, number>;
}

/** By what the next block is chosen: its latest end, its length, the longest chain before it. */
export const RULES: readonly Rule[] = [
  { byLimit: 1, byLength: 0, byChain: 0 },
  { byLimit: 1, byLength: 1, byChain: 0 },
  { byLimit: 0.5, byLength: 0, byChain: 1 },
  { byLimit: 0, byLength: 0, byChain: 1 },
];
