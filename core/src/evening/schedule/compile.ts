import type { Block, Link } from '../tasks/block.js';
import type { Cook, Pin } from '../types.js';

/** A stretch of a block for which hands, the hob or the oven are needed. */
export interface Demand {
  /** Number of the part; −1 for the wait that follows the block. */
  part: number;
  lane: 'hands' | 'hob' | 'oven';
  fromMin: number;
  min: number;
  /** Pairs of hands that may do it. */
  cooks: readonly number[];
}

/** Blocks by their numbers, as a schedule is built of them. */
export interface Compiled {
  blocks: readonly Block[];
  number: ReadonlyMap<string, number>;
  demands: readonly Demand[][];
  /** Blocks that follow, and come before, with the least wait between. */
  next: readonly { to: number; leastMin: number }[][];
  before: readonly { from: number; leastMin: number }[][];
  /** Minutes before the table at which a pinned block begins; NaN where it is free. */
  pinned: readonly number[];
  /** Cooks of the evening. */
  cooks: number;
}

function demandsOf(block: Block, cooks: readonly Cook[]): Demand[] {
  const found: Demand[] = [];
  block.parts.forEach((part, k) => {
    const may = cooks.flatMap((cook, c) => (cook.leaves?.includes(part.kind) ? [] : [c]));
    const span = { part: k, fromMin: part.atMin, min: part.min };
    // What nobody wants to do is done by all.
    if (part.hands) found.push({ ...span, lane: 'hands', cooks: may.length > 0 ? may : cooks.map((_, c) => c) });
    if (part.place === 'hob' || part.place === 'oven') found.push({ ...span, lane: part.place, cooks: [] });
  });
  const { wait } = block;
  if (wait?.place === 'oven' || wait?.place === 'hob') {
    found.push({ part: -1, lane: wait.place, fromMin: block.min, min: wait.min, cooks: [] });
  }
  return found;
}

/** How a part is told among those of its block: by its kind, and the how manieth of it. Heating a fryer first changes none. */
export const partId = ({ parts }: Block, k: number): string =>
  `${parts[k].kind}${parts.slice(0, k + 1).filter((p) => p.kind === parts[k].kind).length}`;

/** The block that a pin means. */
export function pinnedIn(blocks: readonly Block[], id: string): number {
  const [blockId] = id.split('#');
  return blocks.findIndex((b) => b.group === blockId || b.id === blockId);
}

/** Minutes of a block at which its pinned part begins. */
function pinnedPartMin(block: Block, id: string): number {
  const [, part] = id.split('#');
  const k = part === undefined ? 0 : block.parts.findIndex((_, i) => partId(block, i) === part);
  return block.parts[Math.max(0, k)].atMin;
}

/** Blocks and what is known of them whatever the fryers' order. */
export interface Prepared {
  blocks: readonly Block[];
  number: ReadonlyMap<string, number>;
  next: Compiled['next'];
  before: Compiled['before'];
  demands: Demand[][];
  /** Demands of a block that is heated first. */
  heated: (Demand[] | null)[];
  /** Pins by the number of their block. */
  pinOf: ReadonlyMap<number, Pin>;
  cooks: number;
  /** Numbers of the blocks of each fryer. */
  jobs: readonly { fryer: string; ids: readonly number[] }[];
  /** Minutes of all that comes before each block, along the longest way. */
  chain: Float64Array;
}

/** Looks blocks through once, for all orders that are tried. */
export function prepareBlocks(blocks: readonly Block[], cooks: readonly Cook[], pins: readonly Pin[]): Prepared {
  const number = new Map(blocks.map((b, k) => [b.id, k]));
  const next: { to: number; leastMin: number }[][] = blocks.map(() => []);
  const before: { from: number; leastMin: number }[][] = blocks.map(() => []);
  blocks.forEach((block, to) =>
    block.after.forEach(({ id, leastMin }: Link) => {
      const from = number.get(id);
      if (from === undefined) return;
      next[from].push({ to, leastMin });
      before[to].push({ from, leastMin });
    }),
  );
  const pinOf = new Map(pins.map((pin) => [pinnedIn(blocks, pin.id), pin]));
  const fryers = [...new Set(blocks.flatMap((b) => b.fryer ?? []))];
  return {
    blocks,
    number,
    next,
    before,
    demands: blocks.map((b) => demandsOf(b, cooks)),
    heated: blocks.map((b) => b.heated && demandsOf(b.heated, cooks)),
    pinOf,
    cooks: cooks.length,
    jobs: fryers.map((fryer) => ({ fryer, ids: blocks.flatMap((b, k) => (b.fryer === fryer ? [k] : [])) })),
    chain: chainLengths(blocks, before),
  };
}

function chainLengths(blocks: readonly Block[], before: Prepared['before']): Float64Array {
  const lengths = new Float64Array(blocks.length).fill(-1);
  const of = (at: number, deep: number): number => {
    if (lengths[at] >= 0 || deep > blocks.length) return lengths[at];
    lengths[at] = before[at].reduce((most, { from }) => Math.max(most, of(from, deep + 1) + blocks[from].min), 0);
    return lengths[at];
  };
  blocks.forEach((_, at) => of(at, 0));
  return lengths;
}

/**
 * Blocks with the order in which each fryer takes its own.
 * @param chains numbers of the blocks of each fryer, in their order
 * @param heated numbers of the blocks before which the fryer is heated
 */
export function compile(
  prepared: Prepared,
  chains: readonly (readonly number[])[],
  heated: ReadonlySet<number>,
  reloadMin: number,
): Compiled {
  const { blocks, demands, heated: hot } = prepared;
  const next = [...prepared.next];
  const before = [...prepared.before];
  const chosen = blocks.map((b, k) => (b.heated && heated.has(k) ? b.heated : b));
  for (const chain of chains) {
    for (let k = 1; k < chain.length; k++) {
      const [from, to] = [chain[k - 1], chain[k]];
      const [a, b] = [chosen[from], chosen[to]];
      // The fryer is wiped between two blocks; what hands do before or after it may overlap.
      const leastMin = a.fryerMin[1] - a.min + reloadMin - b.fryerMin[0];
      next[from] = [...next[from], { to, leastMin }];
      before[to] = [...before[to], { from, leastMin }];
    }
  }
  return {
    blocks: chosen,
    number: prepared.number,
    demands: demands.map((d, k) => (heated.has(k) ? (hot[k] ?? d) : d)),
    next,
    before,
    pinned: chosen.map((block, k) => {
      const pin = prepared.pinOf.get(k);
      return pin ? -pin.beforeMin - pinnedPartMin(block, pin.id) : NaN;
    }),
    cooks: prepared.cooks,
  };
}
