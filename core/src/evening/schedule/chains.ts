import type { Network } from '../tasks/network.js';
import { STAYS_HOT_MIN } from '../constants/index.js';
import type { Compiled } from './compile.js';
import type { Schedule } from './decode.js';

/** The order in which a fryer takes its blocks. */

/** Blocks that come after a pause in which their fryer has cooled down. */
export function cooledDown(
  { compiled: { blocks }, schedule: { begins } }: { compiled: Compiled; schedule: Schedule },
  chains: readonly number[][],
): number[] {
  return chains.flatMap((chain) =>
    chain.slice(1).filter((b, k) => {
      const a = chain[k];
      return begins[b] + blocks[b].fryerMin[0] - begins[a] - blocks[a].fryerMin[1] > STAYS_HOT_MIN;
    }),
  );
}

/** What of one fryer keeps its order: a dish's own work, and what allergens ask for. */
export function mustFollow({ blocks, order }: Network): [number, number][] {
  const found: [number, number][] = [];
  const ordered = new Set(order.filter((o) => o.inFryer).map((o) => `${o.first.id}>${o.then.id}`));
  blocks.forEach((a, i) =>
    blocks.forEach((b, k) => {
      if (a.fryer === null || a.fryer !== b.fryer || i === k) return;
      if (a.dishId === b.dishId ? i < k : ordered.has(`${a.dishId}>${b.dishId}`)) found.push([i, k]);
    }),
  );
  return found;
}
