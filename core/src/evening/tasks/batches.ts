import { isRawFlesh } from '../../supper/index.js';
import type { Cooked, EveningDish } from '../types.js';
import type { Batch } from './block.js';

/** So many pieces in even batches of what lies side by side. */
function evenly(pieces: number, mostPerBatch: number): number[] {
  const n = Math.ceil(pieces / mostPerBatch);
  return Array.from({ length: n }, (_, k) => Math.floor(pieces / n) + (k < pieces % n ? 1 : 0));
}

const cookMin = ({ plan }: Cooked): number =>
  plan.settings.minutes + (plan.second ? plan.second.minutes + plan.second.coolMin : 0);

/** Raw flesh under its coat, or raw egg in it. */
export const coatedRaw = (d: EveningDish): boolean => isRawFlesh(d) || d.eaten.some((i) => i.origin === 'egg');

/** All pieces of a dish in one fryer. */
export function batchesIn(dish: EveningDish, cooked: Cooked, pieces: number): Batch[] {
  const { load } = cooked;
  const all = load.perBatch.reduce((sum, n) => sum + n, 0);
  const perBatch = pieces === all ? load.perBatch : evenly(pieces, load.piecesPerBatch);
  return perBatch.map((n, k) => ({
    dish,
    number: k + 1,
    of: perBatch.length,
    pieces: n,
    cooked,
    raw: coatedRaw(dish),
  }));
}

/** One dish over two machines: dealt out so that both are done as early as can be, in as few batches. */
export function splitOver(dish: EveningDish, a: Cooked, b: Cooked): Batch[] {
  const all = a.load.perBatch.reduce((sum, n) => sum + n, 0);
  const cost = (inB: number): number => {
    const na = Math.ceil((all - inB) / a.load.piecesPerBatch);
    const nb = Math.ceil(inB / b.load.piecesPerBatch);
    return Math.max(na * cookMin(a), nb * cookMin(b)) * 100 + na + nb;
  };
  const inB = Array.from({ length: all + 1 }, (_, n) => n).reduce((best, n) => (cost(n) < cost(best) ? n : best), 0);
  const both = [...batchesIn(dish, a, all - inB), ...(inB > 0 ? batchesIn(dish, b, inB) : [])].filter(
    (batch) => batch.pieces > 0,
  );
  return both.map((batch, k) => ({ ...batch, number: k + 1, of: both.length }));
}
